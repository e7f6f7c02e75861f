<script lang="ts">
  import { builtInto, findBox, say, setCutRound, type ItemRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** Whether a cabinet is cut round the pipe boxes and columns where it stands; nothing where nothing is built in there. */
  let { item }: { item: ItemRecord } = $props();
  const { session } = useWorkspace();
  const there = $derived.by(() => {
    const box = findBox(session.settled, item.id);
    return box ? builtInto(session.settled, box) : [];
  });
  const names = $derived([...new Set(there.map(({ thing }) => say(thing.record.type)))].join(' and '));
</script>

{#if there.length > 0 || item.cutRound}
  <label>
    <input
      type="checkbox"
      checked={item.cutRound ?? false}
      disabled={item.locked}
      onchange={(event) =>
        session.run(setCutRound, { ids: [item.id], cutRound: event.currentTarget.checked })}
    />
    Cut it round {names || 'what is built in'}
  </label>
{/if}

<style>
  label {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(28px, var(--touch));
    color: var(--soft);
  }
</style>
