<script lang="ts">
  import {
    FLOOR_KEY,
    formatArea,
    groupedBy,
    openingNames,
    patternNames,
    putZone,
    putZones,
    revealKey,
    revealsOf,
    roomOf,
    roomShape,
    sidedName,
    sideKey,
    surfaceName,
    thingSides,
    tiledZones,
    usualZone,
    type ZoneRecord,
    type ZoneWish,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Button from '$ui/Button.svelte';
  import SelectField from '$ui/SelectField.svelte';

  /** The surface that is shown, what can be tiled of it, and the zones of the room. */
  const workspace = useWorkspace();
  const { session, screen } = workspace;
  const work = tileWork(workspace);

  const design = $derived(session.document);
  const faces = $derived(roomShape(design).faces);
  const unit = $derived(roomOf(design).unit);
  const all = $derived(tiledZones(design));
  const isWhole = $derived(all.some(({ record, surface }) => !record.corners && surface.key === work.key));
  const zone = $derived(work.area?.record ?? null);

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
  const holes = $derived(
    [...groupedBy(revealsOf(design), ({ opening }) => opening)].map(([opening, sides]) => ({
      opening,
      sides,
    })),
  );
  /** The things with sides that can be tiled, and the one that is shown though nobody would be offered it. */
  const things = $derived.by(() => {
    const all = [...thingSides(design)];
    const { side } = work;
    if (side && !all.some(({ upon }) => sideKey(upon) === work.key)) all.push(side);
    return [...groupedBy(all, ({ called }) => sidedName(called))].map(([name, sides]) => ({ name, sides }));
  });
  /** Those sides of the thing that is shown that have no tiles yet. */
  const bareThing = $derived.by(() => {
    const { side } = work;
    const tiledKeys = new Set(all.map(({ surface }) => surface.key));
    const own = things.find(({ sides }) => side && sides.some(({ upon }) => upon.thing === side.upon.thing));
    return (own?.sides ?? []).flatMap(({ upon }) =>
      tiledKeys.has(sideKey(upon)) ? [] : [{ face: null, upon }],
    );
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
  /** Tiles what is bare of the hole or the thing that is shown. */
  function tileAllOf(wishes: readonly Omit<ZoneWish, 'id'>[]) {
    const made = wishes.map((wish) => usualZone(session.committed, { id: `zone-${nanoid(8)}`, ...wish }));
    const isShown = ({ inside, upon }: ZoneRecord) =>
      inside ? revealKey(inside) === work.key : upon && sideKey(upon) === work.key;
    const now = made.find(isShown) ?? made[0]!;
    if (session.run(putZones, { zones: made })) screen.select(now.id);
  }
</script>

<SelectField label="Surface" value={work.key} onchoose={show}>
  <option value={FLOOR_KEY}>Floor</option>
  {#each faces as { id, letter } (id)}<option value={id}>Face {letter}</option>{/each}
  {#each holes as { opening, sides } (opening.record.id)}
    <optgroup label="{openingNames[opening.record.type]} {opening.name}">
      {#each sides as one (one.side)}
        <option value={revealKey({ opening: opening.record.id, side: one.side })}
          >{surfaceName({ face: null, reveal: one, side: null })}</option
        >
      {/each}
    </optgroup>
  {/each}
  {#each things as { name, sides } (name)}
    <optgroup label={name}>
      {#each sides as one (sideKey(one.upon))}
        <option value={sideKey(one.upon)}>{surfaceName({ face: null, reveal: null, side: one })}</option>
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
    >{work.apart ? 'Tile it' : work.key === FLOOR_KEY ? 'Tile the floor' : 'Tile the face'}</Button
  >
  {#if work.reveal && bareSides.length > 1}
    <Button onclick={() => tileAllOf(bareSides)}>Tile all of {work.reveal.opening.name}</Button>
  {:else if work.side && bareThing.length > 1}
    <Button onclick={() => tileAllOf(bareThing)}>Tile all of it</Button>
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

<style>
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
</style>
