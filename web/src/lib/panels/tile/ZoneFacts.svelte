<script lang="ts">
  import {
    buildUpOf,
    cutByFalls,
    formatAmount,
    formatArea,
    formatLength,
    levelSteps,
    isOfFloor,
    patternNames,
    putZone,
    roomOf,
    serviceNames,
    surfaceName,
    tileFinish,
    trimLengths,
    zonePrice,
    finishNamed,
    MOST_BOX,
    type TileOf,
    usualSpares,
    type MovementJoint,
    type ServiceType,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import TextField from '$ui/TextField.svelte';
  import CutPlan from './CutPlan.svelte';
  import MaterialFields from './MaterialFields.svelte';

  /** A zone of tile: what is counted, and what is ordered for it. */
  let { zone }: { zone: ZoneRecord } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);

  const unit = $derived(roomOf(session.document).unit);
  const length = (mm: number) => formatLength(mm, session.style);
  const laid = $derived(work.tiled?.ok ? work.tiled.value : null);
  const order = $derived(work.order);
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const kg = (value: number) => `${formatAmount(value)} kg`;
  const change = (part: Partial<ZoneRecord>) =>
    session.run(putZone, { ...zone, ...part }) ? '' : session.message;
  /** Takes back what was said of it: it is as usual again. */
  function drop(what: 'perBox' | 'spares') {
    const { [what]: _, ...rest } = zone;
    return session.run(putZone, rest as ZoneRecord) ? '' : session.message;
  }
  function rename(text: string) {
    const { name: _, ...rest } = zone;
    session.run(putZone, text.trim() ? { ...rest, name: text.trim() } : rest);
  }
  /** The holes of services, by what comes through them. */
  const bored = $derived.by(() => {
    const counts = new Map<ServiceType, number>();
    for (const { type } of work.area?.holes ?? []) counts.set(type, (counts.get(type) ?? 0) + 1);
    return [...counts].map(([type, count]) => `${serviceNames[type].toLowerCase()} ${count}`).join(', ');
  });
  /** A joint is wide enough for tiles that differ if it is so many times that. */
  const JOINT_OF_VARIES = 3;
  /** What is ordered of a size, before how large it is. */
  const ordered = ({ of }: { of: TileOf }) =>
    of !== 'first' ? `${tileFinish(zone, of) ?? 'Border'}, ` : zone.sheet ? 'Sheets, ' : '';
  const price = $derived(order && zonePrice(session.settled, zone, order));
  const tile = $derived(finishNamed(session.settled, zone.finish)?.tile);
  let planning = $state(false);
  const onFloor = $derived(isOfFloor(zone));
  const trim = $derived((work.area && trimLengths(session.settled).get(work.area.id)) ?? 0);
  const metres = (mm: number) => `${(mm / 1000).toFixed(1)} m`;
  const sum = (joints: readonly MovementJoint[]) =>
    joints.reduce((long, { a, b }) => long + Math.hypot(b.x - a.x, b.y - a.y), 0);
  const steps = $derived(work.area ? levelSteps(session.settled, work.area) : []);
  const slots = $derived(Object.entries(laid?.count.bySlot ?? {}));
</script>

<h2>
  {work.area?.letter}
  {zone.name ?? (work.area ? surfaceName(work.area.surface) : '')}
</h2>
<p class="about">
  {patternNames[zone.pattern.type]}, {length(zone.tile.w)} × {length(zone.tile.h)}, joint {length(zone.joint)}
</p>
<TextField label="Name" value={zone.name ?? ''} most={60} onset={rename} />
{#if laid}
  <h3>Counted</h3>
  <p class="row"><span>Area</span><output>{formatArea(laid.laid.zoneArea, unit)}</output></p>
  {#if slots.length > 1}
    {#each slots as [slot, count] (slot)}
      <p class="row"><span class="slot">{slot}</span><output>{count.whole} whole, {count.cut} cut</output></p>
    {/each}
  {:else}
    <p class="row"><span>Tiles</span><output>{laid.count.whole} whole, {laid.count.cut} cut</output></p>
  {/if}
  {#if laid.count.splitPieces > 0}
    <p class="row"><span>In parts</span><output>{laid.count.splitPieces} of them</output></p>
  {/if}
  {#if bored}<p class="row"><span>Bored</span><output>{bored}</output></p>{/if}
{/if}
<h3>To order</h3>
{#if order}
  {#each order.sizes as size, index (index)}
    <p class="row">
      <span>{ordered(size)}{length(size.tile.w)} × {length(size.tile.h)}</span>
      <output>{size.bought}{size.boxes === null ? '' : `, ${size.boxes} boxes`}</output>
    </p>
  {/each}
  <p class="row">
    <span>Cut from</span><output>{order.tiles} with offcuts used again, {order.withoutReuse} without</output>
  </p>
  <Button look="quiet" onclick={() => (planning = true)}>Cutting plan…</Button>
  <p class="row">
    <span>Waste</span><output
      >{percent(Math.max(0, ...order.sizes.map(({ waste }) => waste)))} of what is bought</output
    >
  </p>
  {#if price !== null}
    <p class="row"><span>Price</span><output>{price.toFixed(2)}</output></p>
  {/if}
  <p class="row"><span>Joints</span><output>{(order.jointLength / 1000).toFixed(1)} m</output></p>
  {#if tile?.varies && zone.joint < JOINT_OF_VARIES * tile.varies}
    <p class="about">
      Its tiles differ by up to {length(tile.varies)}: a joint of {length(JOINT_OF_VARIES * tile.varies)} hides
      that.
    </p>
  {/if}
  <p class="row"><span>Grout</span><output>{kg(order.grout.kg)}</output></p>
  <p class="row">
    <span>Adhesive</span><output
      >{order.adhesive.kg === null ? '' : `${kg(order.adhesive.kg)}, `}{order.adhesive.bags}
      {order.adhesive.bags === 1 ? 'bag' : 'bags'}{order.adhesive.kg === null
        ? ''
        : ` of ${order.adhesive.bagKg} kg`}</output
    >
  </p>
  {#if trim > 0}<p class="row"><span>Trim</span><output>{metres(trim)}</output></p>{/if}
{:else if !work.problem}
  <p class="about">Being worked out…</p>
{/if}
<h3>As it is laid</h3>
<p class="row">
  <span>{onFloor ? 'Raises the floor' : 'Stands out'}</span><output>{length(buildUpOf(zone))}</output>
</p>
{#each steps as { at, by } (JSON.stringify(at))}
  <p class="row">
    {#if 'doorway' in at}
      <span>At {at.doorway}</span><output>{length(by)} over bare floor</output>
    {:else}
      <span>Beside {at.zone}</span><output>{length(Math.abs(by))} {by > 0 ? 'higher' : 'lower'}</output>
    {/if}
  </p>
{/each}
<p class="row">
  <span>Movement joints</span><output
    >{work.movement.length === 0 ? 'none needed' : metres(sum(work.movement))}{work.movement.some(
      ({ cut }) => cut,
    )
      ? ', cut through tiles'
      : ''}</output
  >
</p>
{#if work.falls === 'no-drain'}
  <p class="about">It can’t fall: no drain comes out of its floor. Place one on the Survey step.</p>
{:else if work.falls === 'out-of-sight'}
  <p class="about">
    It can’t fall to one drain: some of its corners are out of the drain’s sight. A linear drain along an edge
    would do.
  </p>
{:else if work.falls === 'behind-drain'}
  <p class="about">It can’t fall to a drain along that edge: some of it lies behind. Choose another edge.</p>
{:else if work.falls && laid}
  <p class="row">
    <span>Falls</span><output
      >{work.falls.channel ? 'up to' : 'edges'} {length(work.falls.rise)} over the drain</output
    >
  </p>
  <p class="row">
    <span>Steepest</span><output
      >{(Math.max(...work.falls.planes.map(({ share }) => share)) * 100).toFixed(1)} %</output
    >
  </p>
  {#if work.falls.cuts.length > 0}
    <p class="row">
      <span>Cut for falls</span><output
        >{cutByFalls(work.falls, zone.tile, laid.laid.pieces).length} tiles, to the corners</output
      >
    </p>
  {/if}
{/if}
<More title="Laid in, and filled with"><MaterialFields {zone} /></More>
<NumberField
  label={zone.sheet ? 'Sheets in a box' : 'Tiles in a box'}
  value={zone.perBox ?? null}
  least={1}
  most={MOST_BOX}
  onset={(perBox) => change({ perBox })}
  onclear={() => drop('perBox')}
/>
<NumberField
  label="Spares"
  value={Math.round((zone.spares ?? usualSpares(zone)) * 100)}
  most={100}
  unit="%"
  onset={(spares) => change({ spares: spares / 100 })}
  onclear={() => drop('spares')}
/>

{#if planning}<CutPlan {zone} onclose={() => (planning = false)} />{/if}

<style>
  .slot::first-letter {
    text-transform: uppercase;
  }
  .slot {
    display: inline-block;
  }
</style>
