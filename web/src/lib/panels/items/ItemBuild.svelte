<script lang="ts">
  import { findItem, swapItems, type ItemRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import { isSplit, joinInOne, sharedSwaps, splitInTwo } from '../../tools/item-actions';

  /** What makes other cabinets of the chosen ones in their place: splitting, joining, swapping the kind. */
  let { items }: { items: readonly [ItemRecord, ...ItemRecord[]] } = $props();
  const { session, screen, shelf, roomId } = useWorkspace();
  const ids = $derived(items.map(({ id }) => id));
  const locked = $derived(items.some((item) => item.locked));
  const known = $derived(shelf.known(session.document));
  const first = $derived(items[0]);
  const splits = $derived(items.length === 1 && isSplit(first));

  /** The families every chosen item can be swapped for. */
  const families = $derived(sharedSwaps(items, known).map(({ family }) => family));
  const own = $derived.by(() => {
    const found = findItem(first.range, first.code, known);
    return found.ok ? found.value.family : null;
  });

  function split(left?: number): string {
    return splitInTwo({ session, screen }, first.id, left);
  }
</script>

{#if families.length > 0 && own}
  <label class="row">
    Swap for
    <select
      value=""
      disabled={locked}
      onchange={(event) => {
        session.run(swapItems, { ids, family: event.currentTarget.value });
        event.currentTarget.value = '';
      }}
    >
      <option value="" disabled>another kind</option>
      {#each families as { code, name } (code)}<option value={code}>{name}</option>{/each}
    </select>
  </label>
{/if}
{#if splits}
  <More title="Split in two">
    <Button disabled={locked} onclick={() => split()}>In halves</Button>
    <LengthField
      label="Left one"
      value={null}
      placeholder="width"
      style={session.style}
      least={20}
      most={first.width}
      disabled={locked}
      onset={(mm) => split(mm)}
    />
  </More>
{/if}
{#if items.length === 2}
  <div>
    <Button disabled={locked} onclick={() => joinInOne({ session, screen, roomId })}
      >Join the two in one</Button
    >
  </div>
{/if}
