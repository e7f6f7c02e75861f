<script lang="ts">
  import {
    frontFinishNames,
    floorFinishNames,
    roomOf,
    setRoom,
    topFinishNames,
    wallFinishNames,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import TextField from '$ui/TextField.svelte';

  /** What the room is finished with, wherever a thing has no finish of its own. */
  const { session } = useWorkspace();
  const room = $derived(roomOf(session.document));
  const kinds = [
    ['Front finish', 'frontFinish', frontFinishNames],
    ['Top finish', 'topFinish', topFinishNames],
    ['Floor finish', 'floorFinish', floorFinishNames],
    ['Wall finish', 'wallFinish', wallFinishNames],
  ] as const;
</script>

<h3>Finishes</h3>
{#each kinds as [label, key, offers] (key)}
  <TextField
    {label}
    value={room[key] ?? ''}
    placeholder="not chosen"
    most={40}
    {offers}
    onset={(finish) => session.run(setRoom, { [key]: finish })}
  />
{/each}
