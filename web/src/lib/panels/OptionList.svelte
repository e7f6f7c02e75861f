<script lang="ts">
  import { sendJson } from '$session/send-json';
  import { useWorkspace } from '$lib/tools/context';
  import type { RoomOption } from '$session/room-option';

  /** What can be done with the options of the room. */
  let { options }: { options: readonly RoomOption[] } = $props();
  const { saving, roomId } = useWorkspace();
  const own = $derived(options.find(({ id }) => id === roomId));
  const others = $derived(options.filter(({ id }) => id !== roomId));
  let problem = $state('');

  /** Does something with the options once all is saved, and goes where it leads. */
  async function act(ask: () => ReturnType<typeof sendJson<{ id?: string }>>, to: (id: string) => string) {
    problem = '';
    if (!(await saving.whenSaved())) {
      problem = 'Not everything is saved yet. Try again when it is.';
      return;
    }
    const answer = await ask();
    if (answer.ok) location.assign(to(answer.value?.id ?? roomId));
    else problem = answer.message;
  }

  const here = `/api/rooms/${roomId}`;
  const room = (id: string) => `/rooms/${id}`;
  const add = () => act(() => sendJson('POST', `${here}/options`), room);
  const choose = () => act(() => sendJson('PATCH', here, { chosen: true }), room);
  const remove = () => act(() => sendJson('DELETE', here), room);
</script>

<div class="menu dropped" role="group" aria-label="Options">
  {#each others as { id, option, chosen } (id)}
    <a href="/rooms/{id}" data-sveltekit-reload
      >Go to option {option}{#if chosen}<span class="chosen">, chosen</span>{/if}</a
    >
    <a href="/rooms/{roomId}/compare/{id}" data-sveltekit-reload>Compare with {option}</a>
  {/each}
  <button onclick={add}>New option from this</button>
  {#if options.length > 1 && !own?.chosen}
    <button onclick={choose}>Choose this option</button>
    <button onclick={remove}>Remove this option</button>
  {/if}
  <a href="/rooms/{roomId}/history" data-sveltekit-reload>History of the room</a>
  {#if problem}<p role="alert">{problem}</p>{/if}
</div>

<style>
  .chosen {
    color: var(--text);
  }
  .menu {
    left: 0;
    min-width: 13rem;
  }
  p {
    padding: 0.3rem 0.5rem;
    color: var(--blocked);
    white-space: normal;
  }
</style>
