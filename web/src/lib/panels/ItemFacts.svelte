<script lang="ts">
  import {
    editItem,
    findItem,
    isStandardWidth,
    itemBoxes,
    itemNumbers,
    kindOf,
    rangeName,
    removeThings,
    setTie,
    tiesOf,
    type ItemChange,
    type ItemRecord,
    type TieSide,
  } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import FindingsAbout from './FindingsAbout.svelte';

  let { item }: { item: ItemRecord } = $props();
  const { session, screen } = useWorkspace();

  const kind = $derived(kindOf(item.type));
  const number = $derived(itemNumbers(session.document).get(item.id));
  const special = $derived(!isStandardWidth(item.range, item.type, item.width));
  /** What the range asks for it as it is; a special one is asked for. */
  const shelfItem = $derived(findItem(item.range, item.code));
  const price = $derived(shelfItem.ok && !special ? shelfItem.value.price : null);
  const box = $derived(itemBoxes(session.document).find(({ id }) => id === item.id));
  const ties = $derived(box ? tiesOf(session.document, box) : []);
  const sideNames: Record<TieSide, string> = {
    left: 'To the left',
    right: 'To the right',
    behind: 'Behind',
    front: 'In front',
  };

  function change(part: ItemChange): string {
    return session.run(editItem, { id: item.id, change: part }) ? '' : session.message;
  }

  function tie(side: TieSide, distance: number): string {
    return session.run(setTie, { id: item.id, side, distance }) ? '' : session.message;
  }

  function remove() {
    if (session.run(removeThings, [item.id])) screen.select(null);
  }
</script>

<h2>{number}. {item.code}</h2>
<p class="about">
  {kind.name}, {rangeName(item.range)}{#if special}<strong>
      · {item.type === 'filler' ? 'cut to fit' : 'special width'}</strong
    >{/if}
</p>
<LengthField
  label="Width"
  value={item.width}
  style={session.style}
  least={1}
  most={4000}
  onset={(width) => change({ width })}
/>
<LengthField
  label="Depth"
  value={item.depth}
  style={session.style}
  least={1}
  most={4000}
  onset={(depth) => change({ depth })}
/>
<LengthField
  label="Height"
  value={item.height}
  style={session.style}
  least={1}
  most={6000}
  onset={(height) => change({ height })}
/>
<LengthField
  label="Above floor"
  value={item.up}
  style={session.style}
  most={6000}
  onset={(up) => change({ up })}
/>

<h3>Ties</h3>
{#each ties as { side, distance } (side)}
  <LengthField
    label={sideNames[side]}
    value={distance}
    style={session.style}
    least={-30_000}
    onset={(mm) => tie(side, mm)}
  />
{:else}
  <p class="about">Nothing stands beside it.</p>
{/each}

{#if price !== null}<p class="about">Price in the range: {price}</p>{/if}
<FindingsAbout id={item.id} />
<div><Button onclick={remove}>Remove</Button></div>

<style>
  strong {
    color: var(--clay-strong);
    font-weight: 500;
  }
</style>
