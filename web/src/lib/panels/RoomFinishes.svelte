<script lang="ts">
  import { finishKey, roomOf } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import FinishField from './FinishField.svelte';

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
  <FinishField {label} {part} to={{ room: 'usual' }} value={room[finishKey(part)]} placeholder="not chosen" />
{/each}
