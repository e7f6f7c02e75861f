<script lang="ts" module>
  import { later } from '$ui/later';

  const ownFinishes = later(() => import('../surface/OwnFinishes.svelte'), { isAhead: false });
</script>

<script lang="ts">
  import {
    formatArea,
    laidWith,
    linedUp,
    LEAST_REPEAT,
    MOST_JOINT,
    MOST_TILE,
    patternNames,
    FLOOR_KEY,
    openingNames,
    putZone,
    putZones,
    revealKey,
    revealsOf,
    surfaceName,
    type Reveal,
    removeThings,
    roomOf,
    roomShape,
    tileColourings,
    colouringNames,
    tiledZones,
    usualZone,
    wellSetOut,
    type TileColouring,
    type TiledZone,
    type ZoneRecord,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
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

  /** The zones of tile of the room; how the one in hand is laid. */
  const workspace = useWorkspace();
  const { session, screen } = workspace;
  const work = tileWork(workspace);

  const design = $derived(session.document);
  const faces = $derived(roomShape(design).faces);
  const unit = $derived(roomOf(design).unit);
  const all = $derived(tiledZones(design));
  const isWhole = $derived(all.some(({ record, surface }) => !record.corners && surface.key === work.key));
  let keeping = $state(false);
  const zone = $derived(work.area?.record ?? null);
  const tiles = $derived(work.tiles);

  const run = (change: Partial<ZoneRecord>) =>
    zone && session.run(putZone, { ...zone, ...change }) ? '' : session.message;

  /** Shows a surface without its zones in hand. */
  function show(key: string) {
    const first = all.find(({ surface }) => surface.key === key);
    work.bare = key;
    screen.select(first?.id ?? null);
  }
  function tileAll() {
    const id = `zone-${nanoid(8)}`;
    const made = usualZone(session.committed, { id, ...work.wish });
    if (session.run(putZone, made)) screen.select(id);
  }
  /** The holes in walls, each with its sides. */
  const holes = $derived.by(() => {
    const found: { opening: Reveal['opening']; sides: Reveal[] }[] = [];
    for (const one of revealsOf(design)) {
      const last = found.at(-1);
      if (last?.opening === one.opening) last.sides.push(one);
      else found.push({ opening: one.opening, sides: [one] });
    }
    return found;
  });
  /** The sides of the hole that is shown that have no tiles yet. */
  const bareSides = $derived.by(() => {
    const { reveal } = work;
    const hole = reveal && holes.find(({ opening }) => opening.record.id === reveal.opening.record.id);
    const tiledKeys = new Set(all.map(({ surface }) => surface.key));
    return (hole?.sides ?? []).flatMap(({ opening, side }) => {
      const inside = { opening: opening.record.id, side };
      return tiledKeys.has(revealKey(inside)) ? [] : [{ face: opening.face.id, inside }];
    });
  });
  /** Tiles what is bare of the hole that is shown, as its wall is. */
  function tileHole() {
    const made = bareSides.map((wish) => usualZone(session.committed, { id: `zone-${nanoid(8)}`, ...wish }));
    const now = made.find(({ inside }) => inside!.side === work.reveal?.side) ?? made[0]!;
    if (session.run(putZones, { zones: made })) screen.select(now.id);
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
  <SelectField label="Surface" value={work.key} onchoose={show}>
    <option value={FLOOR_KEY}>Floor</option>
    {#each faces as { id, letter } (id)}<option value={id}>Face {letter}</option>{/each}
    {#each holes as { opening, sides } (opening.record.id)}
      <optgroup label="{openingNames[opening.record.type]} {opening.name}">
        {#each sides as one (one.side)}
          <option value={revealKey({ opening: opening.record.id, side: one.side })}
            >{surfaceName({ face: null, reveal: one })}</option
          >
        {/each}
      </optgroup>
    {/each}
  </SelectField>
  <div class="acts">
    <Button
      look={all.length === 0 ? 'primary' : 'plain'}
      disabled={isWhole}
      title={isWhole ? 'All of it is tiled. Draw a zone to let one in.' : undefined}
      onclick={tileAll}
      >{work.reveal ? 'Tile it' : work.key === FLOOR_KEY ? 'Tile the floor' : 'Tile the face'}</Button
    >
    {#if work.reveal && bareSides.length > 1}
      <Button onclick={tileHole}>Tile all of {work.reveal.opening.name}</Button>
    {/if}
    <Button aria-pressed={work.draw.shape === 'rectangle'} onclick={() => work.draw.begin('rectangle')}
      >Rectangle</Button
    >
    <Button aria-pressed={work.draw.shape === 'outline'} onclick={() => work.draw.begin('outline')}
      >Outline</Button
    >
  </div>
  {#if all.length > 0}
    <ul aria-label="Zones">
      {#each all as one (one.id)}
        <li>
          <button aria-pressed={zone?.id === one.id} onclick={() => screen.select(one.id)}>
            <b>{one.letter}</b>
            <span>{one.record.name ?? surfaceName(one.surface)}</span>
            <small>{patternNames[one.record.pattern.type]}</small>
            <span class="area"
              >{one.tiled.ok ? formatArea(one.tiled.value.laid.zoneArea, unit) : 'can’t be laid'}</span
            >
          </button>
        </li>
      {/each}
    </ul>
  {/if}
  {#if zone}
    {#if !zone.inside}<TiledRound {zone} />{/if}
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
        {#if zone.placement.on === 'floor'}
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
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  .acts :global(button) {
    padding-inline: 0.6rem;
  }
  .acts :global(button[aria-pressed='true']) {
    border-color: var(--clay);
    box-shadow: inset 0 -2px var(--clay);
  }
  ul {
    display: grid;
    gap: 0.2rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li button {
    display: grid;
    grid-template-columns: 1.6rem minmax(0, 1fr) auto;
    gap: 0 0.4rem;
    width: 100%;
    padding: 0.2rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
    text-align: left;
  }
  li button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 3px 0 var(--clay);
  }
  li small {
    grid-column: 2;
    grid-row: 2;
    color: var(--soft);
    font-size: 12px;
  }
  .area {
    color: var(--tide);
    font-size: 13px;
  }
  h3 {
    margin-top: 0.4rem;
    padding-top: 0.5rem;
    border-top: 1px solid var(--rule);
    color: var(--soft);
    font-size: 13px;
  }
</style>
