<script lang="ts">
  import {
    borderCornerNames,
    borderCorners,
    borderOf,
    LEAST_REPEAT,
    MOST_INSET,
    MOST_TILE,
    putZone,
    type BorderCorner,
    type Finish,
    type ZoneBorder,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import TileChoice from './TileChoice.svelte';

  /** The border of a zone: whether it has one, how it goes round corners, its tile, and how far in it lies. */
  let { zone, tiles }: { zone: ZoneRecord; tiles: readonly Finish[] } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);

  const border = $derived(zone.border ?? null);
  const hasRoom = $derived(!work.area || borderOf(work.area.record, work.area.rings)?.stretches.length !== 0);
  /** A border is as wide as a third of its tile until a width is typed. */
  const usual = (): ZoneBorder => ({
    ...{ inset: 0, corners: 'mitre' },
    tile: { w: zone.tile.w, h: Math.round(Math.max(LEAST_REPEAT, Math.min(100, zone.tile.h / 3))) },
    finish: tiles.find(({ name }) => name !== zone.finish)!.name,
  });

  function choose(corners: string) {
    const { border: _, ...bare } = zone;
    if (corners === '') session.run(putZone, bare);
    else work.lay({ ...zone, border: { ...(border ?? usual()), corners: corners as BorderCorner } });
  }
  /** Whether it goes round islands. */
  function goRound(islands: boolean) {
    if (!border) return;
    const { islands: _, ...along } = border;
    work.lay({ ...zone, border: islands ? { ...along, islands } : along });
  }
  const run = (change: Partial<ZoneBorder>) =>
    border && work.lay({ ...zone, border: { ...border, ...change } }) ? '' : session.message;
</script>

<SelectField label="Border" value={border?.corners ?? ''} onchoose={choose}>
  <option value="">None</option>
  {#each borderCorners as corners (corners)}<option value={corners}>{borderCornerNames[corners]}</option
    >{/each}
</SelectField>
{#if border}
  {#if !hasRoom}<p class="bad" role="status">There is no room for it now, so none is laid.</p>{/if}
  <LengthField
    label="Its width"
    value={border.tile.h}
    style={session.style}
    least={LEAST_REPEAT}
    most={MOST_TILE}
    onset={(h) => run({ tile: { ...border.tile, h } })}
  />
  <LengthField
    label="Tile length"
    value={border.tile.w}
    style={session.style}
    least={LEAST_REPEAT}
    most={MOST_TILE}
    onset={(w) => run({ tile: { ...border.tile, w } })}
  />
  <LengthField
    label="From edge"
    value={border.inset}
    style={session.style}
    most={MOST_INSET}
    onset={(inset) => run({ inset })}
  />
  <label>
    <input
      type="checkbox"
      checked={border.islands ?? false}
      onchange={({ currentTarget: { checked } }) => goRound(checked)}
    /> Round islands and inlays too
  </label>
  <TileChoice
    label="Tile of the border"
    {tiles}
    chosen={border.finish ?? zone.finish}
    onchoose={(finish) => run({ finish })}
  />
{/if}

<style>
  label {
    color: var(--soft);
  }
  .bad {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
