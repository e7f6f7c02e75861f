<script lang="ts">
  import { sendJson } from '$session/send-json';
  import RoomPlan from '../RoomPlan.svelte';
  import CardMenu from './CardMenu.svelte';
  import NameForm from './NameForm.svelte';
  import type { ListedThing, StudioActs } from './acts';

  /** A room of a job: its plan, and what can be done with it. */
  interface Props {
    room: ListedThing & { revision: number; option: string; options: number };
    acts: StudioActs;
  }
  let { room, acts }: Props = $props();
  let area = $state('');
  let renaming = $state(false);
  const about = $derived(
    [area, room.options > 1 ? `option ${room.option} of ${room.options}` : '', `revision ${room.revision}`]
      .filter(Boolean)
      .join(' · '),
  );

  async function rename(name: string) {
    const answer = await sendJson('PATCH', `/api/rooms/${room.id}`, { name });
    if (answer.ok) await acts.renew();
    return answer;
  }
</script>

<div class="card">
  <a class="room" href="/rooms/{room.id}">
    <RoomPlan id={room.id} revision={room.revision} onarea={(found) => (area = found)} />
    {#if !renaming}<span class="name">{room.name}</span>{/if}
    <span class="about">{about}</span>
  </a>
  {#if renaming}<NameForm name={room.name} of="room" save={rename} onclose={() => (renaming = false)} />{/if}
  <div class="corner">
    <CardMenu
      of={room.name}
      entries={[
        { label: 'Rename', run: () => (renaming = true) },
        { label: 'Duplicate', run: () => acts.copy('room', room) },
        { label: 'History', href: `/rooms/${room.id}/history` },
        { label: 'Remove', run: () => acts.remove('room', room) },
      ]}
    />
  </div>
</div>

<style>
  .card {
    position: relative;
    border: 1px solid var(--rule);
    background: var(--sheet);
  }
  .card:hover {
    border-color: var(--clay);
  }
  .card > :global(form) {
    padding: 0 1rem 0.9rem;
  }
  .room {
    display: grid;
    gap: 0.1rem;
    padding: 0.9rem 1rem;
    color: inherit;
    text-decoration: none;
  }
  .name {
    padding-right: 2rem;
    font-weight: 500;
    overflow-wrap: anywhere;
  }
  .about {
    color: var(--soft);
    font-size: 13px;
  }
  .corner {
    position: absolute;
    top: 0.3rem;
    right: 0.3rem;
  }
</style>
