<script lang="ts">
  import { filmOf, putStandpoint, recordsOf } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import { save } from '$ui/save-file';
  import { GraphicsLost } from './painter';
  import type { RoomStage } from './room-stage';
  import { Taking } from './taking.svelte';

  /** The standpoints kept of the room: gone to, kept, and walked from one to the next on film. */
  let { stage, eye = $bindable() }: { stage: RoomStage; eye: number } = $props();
  const { session, screen } = useWorkspace();
  const points = $derived(recordsOf(session.document, 'standpoint'));
  const taking = new Taking();

  $effect(() => {
    const record = session.document.records[screen.selected ?? ''];
    if (record?.kind !== 'standpoint') return;
    eye = record.eye;
    stage.stand.stand(record, record.turn, record.nod);
    stage.request();
  });

  function keep() {
    const { at, turn, nod } = stage.stand;
    const id = `standpoint-${nanoid(8)}`;
    const name = `Standpoint ${points.length + 1}`;
    if (session.run(putStandpoint, { kind: 'standpoint', id, name, ...at, eye, turn, nod }))
      screen.select(id);
  }

  async function record() {
    const { film, FILM_RATE } = await import('./film');
    const frames = filmOf(session.committed, points, FILM_RATE);
    if (!frames) {
      session.message =
        'There is no way on foot from one standpoint to the next. Move or remove one of them.';
      return;
    }
    try {
      const made = await taking.start((told) => film(stage, frames, told));
      if (made) save(made, 'walk.webm');
    } catch (fault) {
      session.message =
        fault instanceof GraphicsLost
          ? fault.message
          : 'This browser can’t write films (WebM). Take pictures from the standpoints instead.';
    }
  }
</script>

{#if taking.done === null}
  {#if points.length > 0}
    <select
      aria-label="Standpoint"
      value={points.some(({ id }) => id === screen.selected) ? screen.selected : ''}
      onchange={(event) => screen.select(event.currentTarget.value)}
    >
      <option value="" disabled>Standpoints</option>
      {#each points as { id, name } (id)}<option value={id}>{name}</option>{/each}
    </select>
  {/if}
  <button onclick={keep} title="Keeps this place and view as a standpoint">Keep</button>
  {#if points.length > 1}<button onclick={record} title="A film of a walk through all standpoints"
      >Film</button
    >{/if}
{:else}
  <progress max="1" value={taking.done} aria-label="The walk is being filmed"></progress>
  <button onclick={() => taking.stop()}>Stop</button>
{/if}
