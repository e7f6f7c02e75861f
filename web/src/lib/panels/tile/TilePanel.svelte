<script lang="ts" module>
  import { later } from '$ui/later';

  const ownFinishes = later(() => import('../surface/OwnFinishes.svelte'), { isAhead: false });
</script>

<script lang="ts">
  import {
    laidWith,
    linedUp,
    LEAST_REPEAT,
    MOST_JOINT,
    MOST_TILE,
    patternNames,
    finishNamed,
    groutOf,
    isOfFloor,
    putZone,
    surfaceName,
    removeThings,
    tileColourings,
    colouringNames,
    tiledZones,
    wellSetOut,
    type TileColouring,
    type TiledZone,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import AngleField from '$ui/AngleField.svelte';
  import Button from '$ui/Button.svelte';
  import Later from '$ui/Later.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import LinkButton from '$ui/LinkButton.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import More from '$ui/More.svelte';
  import BorderFields from './BorderFields.svelte';
  import PatternFields from './PatternFields.svelte';
  import PatternPicker from './PatternPicker.svelte';
  import SheetFields from './SheetFields.svelte';
  import SplitFields from './SplitFields.svelte';
  import TileChoice from './TileChoice.svelte';
  import TiledRound from './TiledRound.svelte';
  import ZoneChoice from './ZoneChoice.svelte';

  /** The zones of tile of the room; how the one in hand is laid. */
  const workspace = useWorkspace();
  const { session, screen } = workspace;
  const work = tileWork(workspace);

  const design = $derived(session.document);
  const all = $derived(tiledZones(design));
  let keeping = $state(false);
  const zone = $derived(work.area?.record ?? null);
  const tiles = $derived(work.tiles);

  const run = (change: Partial<ZoneRecord>) =>
    zone && session.run(putZone, { ...zone, ...change }) ? '' : session.message;

  /** The colour of the joints, as said of the zone, else as that of its tile. */
  const grout = $derived(zone ? groutOf(zone, finishNamed(design, zone.finish)) : '');
  function ofTile() {
    if (!zone) return;
    const { grout: _, ...rest } = zone;
    session.run(putZone, rest);
  }
  function remove() {
    const { area, key } = work;
    if (!area) return;
    work.bare = key;
    if (session.run(removeThings, [area.id])) screen.select(null);
  }
  function choose(name: string) {
    const chosen = tiles.find((one) => one.name === name);
    const laid = chosen && zone && laidWith(zone, chosen);
    if (!laid) return;
    work.lay(wellSetOut(session.committed, laid));
  }
  /** Lays a second colour among the first, or one alone. */
  function colour(way: string, other = zone?.colouring?.finish ?? usualOther()) {
    if (!zone) return;
    const { colouring: _, ...one } = zone;
    const two = { way: way as TileColouring, finish: other };
    work.lay(way === '' ? one : { ...one, colouring: two });
  }
  const usualOther = () => tiles.find(({ name }) => name !== zone?.finish)!.name;
  /** The zones this one can go on from: those of the same tile and joint, and where its pattern would begin then. */
  const others = $derived.by(() => {
    const { area } = work;
    if (!area) return [];
    const same = ({ record: { tile, joint } }: TiledZone) =>
      joint === area.record.joint && tile.w === area.record.tile.w && tile.h === area.record.tile.h;
    return all.flatMap((one) => {
      const origin = one.id === area.id || !same(one) ? null : linedUp(design, area, one);
      const label = one.record.name ?? surfaceName(one.surface);
      return origin ? [{ id: one.id, letter: one.letter, origin, label }] : [];
    });
  });
  function lineUp(id: string) {
    const other = others.find((one) => one.id === id);
    if (other) work.setOut(other.origin);
  }
</script>

<div class="panel">
  <ZoneChoice />
  {#if zone}
    {#if !zone.inside && !zone.upon}<TiledRound {zone} />{/if}
    <h3>Tile</h3>
    <TileChoice label="Tile" {tiles} chosen={zone.finish} onchoose={choose} />
    <div><LinkButton onclick={() => (keeping = true)}>Tiles of the studio</LinkButton></div>
    {#key zone.id}
      <LengthField
        label="Along"
        value={zone.tile.w}
        style={session.style}
        least={LEAST_REPEAT}
        most={MOST_TILE}
        onset={(w) => run({ tile: { ...zone.tile, w } })}
      />
      <LengthField
        label="Across"
        value={zone.tile.h}
        style={session.style}
        least={LEAST_REPEAT}
        most={MOST_TILE}
        onset={(h) => run({ tile: { ...zone.tile, h } })}
      />
      <LengthField
        label="Joint"
        value={zone.joint}
        style={session.style}
        most={MOST_JOINT}
        onset={(joint) => run({ joint })}
      />
      <label class="grout">
        Joint colour
        <input
          type="color"
          value={grout}
          onchange={({ currentTarget: { value } }) => run({ grout: value })}
        />
        {#if zone.grout !== undefined}<LinkButton onclick={ofTile}>As the tile’s</LinkButton>{/if}
      </label>
      <SheetFields {zone} />
    {/key}
    <h3>Colours</h3>
    <SelectField label="Two" value={zone.colouring?.way ?? ''} onchoose={(way) => colour(way)}>
      <option value="">One colour</option>
      {#each tileColourings as way (way)}<option value={way}>{colouringNames[way]}</option>{/each}
    </SelectField>
    {#if zone.colouring}
      <TileChoice
        label="Second tile"
        {tiles}
        chosen={zone.colouring.finish}
        onchoose={(name) => colour(zone.colouring!.way, name)}
      />
    {/if}
    {#key zone.id}<BorderFields {zone} {tiles} />{/key}
    <h3>Pattern: {patternNames[zone.pattern.type]}</h3>
    <PatternPicker {zone} />
    {#key zone.id}
      <PatternFields {zone} />
      <AngleField
        label="Turned by"
        value={zone.angle}
        least={-180}
        most={180}
        onset={(angle) => run({ angle })}
      />
      {#if others.length > 0}
        <SelectField label="Line up" value="" onchoose={lineUp}>
          <option value="">with another zone…</option>
          {#each others as { id, letter, label } (id)}<option value={id}>{letter} {label}</option>{/each}
        </SelectField>
      {/if}
      <More title="Set-out by numbers">
        <LengthField
          label="Begins along"
          value={zone.origin.x}
          style={session.style}
          least={-30_000}
          onset={(x) => run({ origin: { ...zone.origin, x } })}
        />
        <LengthField
          label="Begins across"
          value={zone.origin.y}
          style={session.style}
          least={-30_000}
          onset={(y) => run({ origin: { ...zone.origin, y } })}
        />
        {#if isOfFloor(zone)}
          <LengthField
            label="Into doorways"
            value={zone.threshold ?? 0}
            style={session.style}
            most={1_500}
            onset={(threshold) => run({ threshold })}
          />
        {/if}
        <LengthField
          label="Sliver below"
          value={zone.sliver ?? Math.min(50, zone.tile.w / 2, zone.tile.h / 2)}
          style={session.style}
          least={1}
          most={MOST_TILE}
          onset={(sliver) => run({ sliver })}
        />
      </More>
    {/key}
    {#key zone.id}<More title="Split it"><SplitFields {zone} /></More>{/key}
    <Button look="quiet" onclick={remove}>Remove the zone</Button>
  {/if}
</div>

{#if keeping}
  <Later part={ownFinishes} props={{ onclose: () => (keeping = false) }} coming={null} />
{/if}

<style>
  .panel {
    display: grid;
    align-content: start;
    gap: 0.5rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  .grout {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  h3 {
    margin-top: 0.4rem;
    padding-top: 0.5rem;
    border-top: 1px solid var(--rule);
    color: var(--soft);
    font-size: 13px;
  }
</style>
