<script lang="ts">
  import { finishesFor, finishKey, roomOf, setRoom } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import TextField from '$ui/TextField.svelte';

  /** What the room is finished with, wherever a thing has no finish of its own. */
  const { session } = useWorkspace();
  const room = $derived(roomOf(session.document));
  /** Those that are asked for first; all of them are in the Surface step. */
  const parts = [
    ['front', 'Front finish'],
    ['top', 'Top finish'],
    ['floor', 'Floor finish'],
    ['wall', 'Wall finish'],
  ] as const;
</script>

<h3>Finishes</h3>
{#each parts as [part, label] (part)}
  <TextField
    {label}
    value={room[finishKey(part)] ?? ''}
    placeholder="not chosen"
    most={40}
    offers={finishesFor(part).map(({ name }) => name)}
    onset={(finish) => session.run(setRoom, { [finishKey(part)]: finish })}
  />
{/each}
