<script lang="ts">
  import {
    apartFrom,
    boxOf,
    itemNumbers,
    lineUpItems,
    lineUps,
    priceOf,
    roomShape,
    setApart,
    spaceItems,
    type Apart,
    type ItemRecord,
    type LineUp,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import ItemActions from './ItemActions.svelte';
  import ItemArrange from './ItemArrange.svelte';
  import ItemBuild from './ItemBuild.svelte';
  import ItemFit from './ItemFit.svelte';
  import ItemSizes from './ItemSizes.svelte';

  /** Facts of several items: what they share, and what arranges them to one another. The first chosen is what the others go by. */
  let { items }: { items: readonly [ItemRecord, ...ItemRecord[]] } = $props();
  const { session, screen, shelf } = useWorkspace();
  const ids = $derived(items.map(({ id }) => id));
  const numbers = $derived(itemNumbers(session.document));
  const known = $derived(shelf.known(session.document));
  const prices = $derived(items.map((item) => priceOf(item, known)));
  const total = $derived(prices.reduce((sum: number, price) => sum + (price ?? 0), 0));
  const asked = $derived(prices.filter((price) => price === null).length);

  const names: Record<LineUp, string> = {
    left: 'Left',
    centre: 'Centre',
    right: 'Right',
    back: 'Back',
    middle: 'Middle',
    front: 'Front',
    bottom: 'Bottom',
    halfway: 'Half height',
    top: 'Top',
  };
  const ways: { way: Apart['way']; label: string }[] = [
    { way: 'beside', label: 'Beside' },
    { way: 'before', label: 'In front, behind' },
  ];
  const apart = $derived.by(() => {
    const [first, second] = items;
    if (items.length !== 2 || !second) return [];
    const shape = roomShape(session.document);
    return ways.map(({ way, label }) => ({
      label,
      ...apartFrom(boxOf(second, shape), boxOf(first, shape), way),
    }));
  });
</script>

<h2>{items.length} items</h2>
<p class="chips">
  {#each items as { id, code }, index (id)}
    <button class:first={index === 0} onclick={() => screen.select(id)} title="Choose this one alone">
      {numbers.get(id)}. {code}
    </button>
  {/each}
</p>
<ItemSizes {items} />
<ItemBuild {items} />
<ItemFit {items} />

<h3>Line up with {numbers.get(items[0].id)}. {items[0].code}</h3>
<div class="grid">
  {#each lineUps as edge (edge)}
    <Button onclick={() => session.run(lineUpItems, { ids, to: items[0].id, edge })}>{names[edge]}</Button>
  {/each}
</div>
{#if items.length > 2}
  <div><Button onclick={() => session.run(spaceItems, { ids })}>Space equally</Button></div>
{/if}
{#each apart as { way, label, distance } (way)}
  <LengthField
    {label}
    value={distance}
    style={session.style}
    least={-30_000}
    onset={(mm) =>
      session.run(setApart, { id: items[1]!.id, from: items[0].id, way, distance: mm })
        ? ''
        : session.message}
  />
{/each}

<h3>Place</h3>
<ItemArrange {items} />
<ItemActions />
<p class="about">
  Price in the ranges: {total}{#if asked > 0}, and {asked} to be asked for{/if}
</p>

<style>
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem;
    max-height: 7rem;
    overflow-y: auto;
  }
  .chips button {
    min-height: max(24px, var(--touch));
    padding: 0 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 12px;
    background: none;
    cursor: pointer;
    font-size: 12.5px;
  }
  .chips .first {
    border-color: var(--clay);
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.25rem;
  }
  .grid :global(button) {
    min-height: max(28px, var(--touch));
    padding: 0.1rem 0.2rem;
    font-size: 12.5px;
  }
</style>
