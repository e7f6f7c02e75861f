<script lang="ts">
  import {
    formatArea,
    formatLength,
    patternNames,
    putZone,
    roomOf,
    usualSpares,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import TextField from '$ui/TextField.svelte';

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
  const kg = (value: number) => `${value.toFixed(value < 10 ? 1 : 0)} kg`;
  const change = (part: Partial<ZoneRecord>) =>
    session.run(putZone, { ...zone, ...part }) ? '' : session.message;
  function rename(text: string) {
    const { name: _, ...rest } = zone;
    session.run(putZone, text.trim() ? { ...rest, name: text.trim() } : rest);
  }
  let problem = $state('');
  /** A whole number typed within limits; another is told, and the field shows what holds. */
  function counted(field: HTMLInputElement, least: number, most: number, take: (count: number) => string) {
    const typed = Number(field.value);
    const isCount = field.value !== '' && Number.isInteger(typed) && typed >= least && typed <= most;
    problem = isCount ? take(typed) : `Type a whole number from ${least} to ${most}.`;
  }
  const slots = $derived(Object.entries(laid?.count.bySlot ?? {}));
</script>

<h2>
  {work.area?.letter}
  {zone.name ?? (work.area?.surface.face ? `Face ${work.area.surface.face.letter}` : 'Floor')}
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
{/if}
<h3>To order</h3>
{#if order}
  {#each order.sizes as size, index (index)}
    <p class="row">
      <span
        >{size.second ? `${zone.colouring?.finish}, ` : ''}{length(size.tile.w)} × {length(size.tile.h)}</span
      >
      <output>{size.bought}{size.boxes === null ? '' : `, ${size.boxes} boxes`}</output>
    </p>
  {/each}
  <p class="row">
    <span>Cut from</span><output>{order.tiles} with offcuts used again, {order.withoutReuse} without</output>
  </p>
  <p class="row">
    <span>Waste</span><output
      >{percent(Math.max(0, ...order.sizes.map(({ waste }) => waste)))} of what is bought</output
    >
  </p>
  <p class="row"><span>Joints</span><output>{(order.jointLength / 1000).toFixed(1)} m</output></p>
  <p class="row"><span>Grout</span><output>{kg(order.grout.kg)}</output></p>
  <p class="row">
    <span>Adhesive</span><output
      >{kg(order.adhesive.kg)}, {order.adhesive.bags}
      {order.adhesive.bags === 1 ? 'bag' : 'bags'} of 25 kg</output
    >
  </p>
{:else if !work.problem}
  <p class="about">Being worked out…</p>
{/if}
<label class="row"
  >Tiles in a box
  <input
    type="number"
    min="1"
    max="10000"
    value={zone.perBox ?? ''}
    onchange={({ currentTarget }) => counted(currentTarget, 1, 10_000, (perBox) => change({ perBox }))}
  /></label
>
<label class="row"
  >Spares, percent
  <input
    type="number"
    min="0"
    max="100"
    value={Math.round((zone.spares ?? usualSpares(zone)) * 100)}
    onchange={({ currentTarget }) =>
      counted(currentTarget, 0, 100, (spares) => change({ spares: spares / 100 }))}
  /></label
>
{#if problem}<p class="bad" role="alert">{problem}</p>{/if}

<style>
  .slot::first-letter {
    text-transform: uppercase;
  }
  .slot {
    display: inline-block;
  }
  .bad {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
