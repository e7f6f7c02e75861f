<script lang="ts">
  import {
    formatLength,
    lostOf,
    MOST_KERF,
    putZone,
    reuseOf,
    tileTurns,
    type PlannedTile,
    type TileTurns,
    type ZoneRecord,
    type ZoneReuse,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import LengthField from '$ui/LengthField.svelte';

  /** The tiles that are cut for a zone, each with what is cut from it; whether offcuts are used again, and which tiles are cut once only. */
  let { zone, onclose }: { zone: ZoneRecord; onclose: () => void } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);

  const length = (mm: number) => formatLength(mm, session.style);
  const tiles = $derived(work.order?.tilesCut ?? []);
  const unit = $derived(zone.sheet ? 'sheet' : 'tile');
  const reuse = $derived(reuseOf(zone));
  const turnNames: Record<TileTurns, string> = {
    none: 'never turned',
    halves: 'turned by halves',
    quarters: 'turned any way',
  };
  const run = (change: ZoneReuse) =>
    session.run(putZone, { ...zone, reuse: { ...zone.reuse, ...change } }) ? '' : session.message;
  const apart = $derived(zone.reuse?.apart ?? []);
  /** Gives every piece but the first of these tiles a tile of its own. */
  function part({ alike }: PlannedTile) {
    run({ apart: [...apart, ...alike.flatMap((pieces) => pieces.slice(1).map(({ middle }) => middle))] });
  }
  /** A drawing of a tile fits in so many pixels. */
  const [WIDE, HIGH] = [150, 90];
  const largest = $derived(Math.max(1, ...tiles.map(({ tile }) => Math.max(tile.w / WIDE, tile.h / HIGH))));
  const path = (rings: PlannedTile['outline'][]) =>
    rings.map((ring) => `M${ring.map(({ x, y }) => `${x / largest} ${-y / largest}`).join('L')}Z`).join('');
</script>

<Dialog title="Cutting plan of {work.area?.letter ?? 'the zone'}" wide="60rem" {onclose}>
  <div class="ways">
    <label
      ><input
        type="checkbox"
        checked={reuse !== null}
        onchange={({ currentTarget: { checked } }) => run({ off: !checked })}
      /> Use offcuts again</label
    >
    {#if reuse}
      <LengthField
        label="Saw"
        value={reuse.kerf}
        style={session.style}
        most={MOST_KERF}
        onset={(kerf) => run({ kerf })}
      />
      <label
        >Offcuts
        <select
          value={zone.reuse?.turned ?? 'halves'}
          onchange={({ currentTarget: { value } }) => run({ turned: value as TileTurns })}
        >
          {#each tileTurns as turned (turned)}<option value={turned}>{turnNames[turned]}</option>{/each}
        </select></label
      >
      {#if apart.length > 0}
        <button class="plain" onclick={() => run({ apart: [] })}>Let all offcuts be used again</button>
      {/if}
    {/if}
  </div>
  {#if work.order}
    <p>
      {work.order.tiles}
      {unit}s, of them {tiles.reduce((sum, { alike }) => sum + alike.length, 0)} cut;
      {work.order.withoutReuse} without using offcuts again. Numbers are those of the setter’s sheet.
    </p>
    <ul>
      {#each tiles as planned, index (index)}
        <li>
          <svg
            width={planned.tile.w / largest + 2}
            height={planned.tile.h / largest + 2}
            viewBox="-1 {-planned.tile.h / largest - 1} {planned.tile.w / largest + 2} {planned.tile.h /
              largest +
              2}"
            aria-hidden="true"
          >
            <path class="tile" d={path([planned.outline])} />
            {#each planned.pieces as piece, at (at)}
              <path class="piece" d={path(piece.outline)} />
              <text x={piece.label.x / largest} y={-piece.label.y / largest}>{piece.number}</text>
            {/each}
          </svg>
          <p>
            <b>{planned.alike.length} ×</b>
            {#each planned.pieces as { number, w, h }, at (at)}
              <span>No. {number}: {length(w)} × {length(h)}</span>
            {/each}
            <small>{Math.round(Math.max(0, lostOf(planned)) * 100)} % offcut</small>
          </p>
          {#if planned.pieces.length > 1}
            <label class="one"
              ><input
                type="checkbox"
                checked
                onchange={(event) => {
                  event.currentTarget.checked = true;
                  part(planned);
                }}
              />
              {planned.pieces.length} from one {planned.of === 'border' ? 'tile' : unit}</label
            >
          {/if}
        </li>
      {/each}
    </ul>
    {#if tiles.length === 0}<p>Nothing is cut.</p>{/if}
  {:else}
    <p>Being worked out…</p>
  {/if}
</Dialog>

<style>
  .ways {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 1.4rem;
    margin-bottom: 0.6rem;
  }
  select {
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .plain {
    border: 0;
    background: none;
    color: var(--tide);
    cursor: pointer;
    text-decoration: underline;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
    gap: 0.8rem;
    margin: 0.6rem 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    align-content: start;
    gap: 0.2rem;
  }
  li p,
  .one {
    font-size: 13px;
  }
  li span {
    display: block;
  }
  small {
    color: var(--soft);
  }
  .tile {
    fill: none;
    stroke: var(--rule-strong);
    stroke-dasharray: 3 2;
  }
  .piece {
    fill: var(--chrome);
    stroke: var(--text);
  }
  text {
    fill: var(--text);
    font-size: 12px;
    font-weight: 500;
    text-anchor: middle;
    dominant-baseline: central;
  }
</style>
