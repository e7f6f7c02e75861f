<script lang="ts">
  import {
    editItems,
    formatDegrees,
    formatLength,
    goesInCorner,
    isCabinetRange,
    isHanded,
    findRange,
    findBox,
    itemNumbers,
    kindOf,
    moveItem,
    priceOf,
    rangeName,
    roomOf,
    roughInsOf,
    kindName,
    serviceNames,
    setTie,
    specialText,
    tiesOf,
    type ItemChange,
    type ItemRecord,
    type Placement,
    type Side,
    type TieSide,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import TextField from '$ui/TextField.svelte';
  import FindingsAbout from '../FindingsAbout.svelte';
  import PlacementFields from '../PlacementFields.svelte';
  import OutlineFields from '../OutlineFields.svelte';
  import FillerFacts from './FillerFacts.svelte';
  import ItemActions from './ItemActions.svelte';
  import ItemArrange from './ItemArrange.svelte';
  import ItemBuild from './ItemBuild.svelte';
  import ItemFit from './ItemFit.svelte';
  import ItemKnown from './ItemKnown.svelte';
  import ItemSizes from './ItemSizes.svelte';

  let { item }: { item: ItemRecord } = $props();
  const { session, screen, shelf } = useWorkspace();

  const kind = $derived(kindOf(item.type));
  const known = $derived(shelf.known(session.document));
  const number = $derived(itemNumbers(session.document).get(item.id));
  const special = $derived(specialText(item, known));
  const price = $derived(priceOf(item, known));
  const box = $derived(findBox(session.document, item.id));
  const settledBox = $derived(findBox(session.settled, item.id));
  const rough = $derived(settledBox ? roughInsOf(session.settled, settledBox) : []);
  const ties = $derived(box ? tiesOf(session.document, box) : []);
  /** Whether it can be had with its hinges, or its corner, on either side. */
  const handed = $derived(isHanded(kind, item.width));
  const cornered = $derived(goesInCorner(kind));
  const range = $derived(findRange(item.range, known));
  const other = $derived(range && isCabinetRange(range) && item.range !== roomOf(session.document).range);
  const sideNames: Record<TieSide, string> = {
    left: 'To the left',
    right: 'To the right',
    behind: 'Behind',
    front: 'In front',
    below: 'Below it',
    above: 'Above it',
  };

  function change(part: ItemChange): string {
    return session.run(editItems, { ids: [item.id], change: part }) ? '' : session.message;
  }

  function stand(placement: Placement): string {
    return session.run(moveItem, { id: item.id, placement, keepTurned: true }) ? '' : session.message;
  }

  function tie(side: TieSide, distance: number): string {
    return session.run(setTie, { id: item.id, side, distance }) ? '' : session.message;
  }
</script>

<h2>{number}. {item.code}</h2>
<p class="about">
  {item.name ?? kindName(item.type)}, {rangeName(item.range, known)}
  {#if special}<strong>· {special}</strong>{/if}
  {#if other}<strong>· not the room’s range</strong>{/if}
  {#if item.locked}<strong>· locked</strong>{/if}
</p>
<ItemSizes items={[item]} />
{#if kind.symbol === 'filler' && kind.group === 'panels'}<FillerFacts {item} />{/if}
<ItemBuild items={[item]} />
<ItemFit items={[item]} />
{#if item.type === 'block-counter'}
  <div>
    <Button
      onclick={() =>
        screen.propose({
          ...(box?.against ? { faces: [box.against.face.id] } : { faces: [], island: item.id }),
          band: 'base',
        })}>Propose cabinets for it</Button
    >
  </div>
{/if}
{#if kind.group === 'shapes'}
  <TextField label="Called" value={item.name ?? ''} onset={(name) => change({ name })} />
{/if}
{#if (kind.plan === 'any' && !item.model) || kind.upright}
  <OutlineFields thing={item} />
{/if}
{#if handed}
  <label class="row">
    {cornered ? 'Corner at' : kind.sided ? 'Drain at' : kind.opens ? 'Hinges' : 'Cut at'}
    <select
      value={item.hand}
      disabled={item.locked}
      onchange={(event) => change({ hand: event.currentTarget.value as Side })}
    >
      <option value="left">Left</option>
      <option value="right">Right</option>
    </select>
  </label>
{/if}

<h3>Ties</h3>
{#each ties as { side, distance } (side)}
  <LengthField
    label={sideNames[side]}
    value={distance}
    style={session.style}
    least={-30_000}
    disabled={item.locked ?? false}
    onset={(mm) => tie(side, mm)}
  />
{:else}
  <p class="about">Nothing stands beside it.</p>
{/each}

<h3>Place</h3>
<More title="Where it stands">
  <PlacementFields placement={item.placement} width={item.width} onchange={stand} />
  {#if item.turned}
    <p class="about">Turned about its middle by {formatDegrees(-item.turned)} against that.</p>
  {/if}
</More>
<ItemArrange items={[item]} />
<ItemActions />
{#if rough.length > 0}
  <h3>Rough-in</h3>
  <ul class="about">
    {#each rough as { type, up, against, supply }, index (index)}
      <li>
        {serviceNames[type]}, {formatLength(up, session.style)} above the floor{#if against}, {formatLength(
            against.along,
            session.style,
          )} from the left end of {against.letter}{#if against.out > 0.5}, {formatLength(
              against.out,
              session.style,
            )} off it{/if}{/if}{#if supply}; the one that is there is {formatLength(
            supply.off,
            session.style,
          )} away{/if}
      </li>
    {/each}
  </ul>
{/if}
{#if price !== null}<p class="about">Price in the range: {price}</p>{/if}
<ItemKnown {item} />
<FindingsAbout id={item.id} />

<style>
  strong {
    color: var(--clay-strong);
    font-weight: 500;
  }
  ul {
    margin: 0;
    padding-left: 1.1rem;
  }
</style>
