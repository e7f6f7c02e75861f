<script lang="ts">
  import { formatLength, putZone, sliverOf, type Point, type ZoneArea, type ZoneEdgeCut } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import { toScreen, type Camera } from '../camera';
  import { chipPlaces } from './chip-places';

  /** What is left of the tiles at each edge of a zone, beside the edge: from tide to clay as it nears the limit. Pressed, an edge is one the eye meets first, or no more. */
  interface Props {
    camera: Camera;
    edges: readonly ZoneEdgeCut[];
    zone: ZoneArea;
    onDrawing: (at: Point) => Point;
  }
  let { camera, edges, zone, onDrawing }: Props = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);

  /** Edges shorter than this have no figure, pixels; a letter is so wide about, and what is round it. */
  const LEAST = 30;
  const [LETTER, AROUND] = [6.6, 14];
  const limit = $derived(sliverOf(zone.record));
  /** How near to the limit: 0 at it, 1 where it is half a tile or more. */
  const ease = (size: number) => {
    const half = Math.max(limit * 1.5, Math.min(zone.record.tile.w, zone.record.tile.h) / 2);
    return Math.round(100 * Math.max(0, Math.min(1, (size - limit) / (half - limit))));
  };
  const chips = $derived.by(() => {
    const shown = edges.flatMap((edge, index) => {
      const [a, b] = [edge.a, edge.b].map((at) => toScreen(camera, onDrawing(at))) as [Point, Point];
      if (Math.hypot(b.x - a.x, b.y - a.y) < LEAST) return [];
      const text = said(edge);
      return [
        { index, a, b, edge, text, wide: text.length * LETTER + AROUND, isSight: work.sight.has(index) },
      ];
    });
    const places = chipPlaces(shown);
    return shown.map((chip, at) => ({ ...chip, at: places[at]! }));
  });

  /** The places of the edges the eye meets first, with one more or less. */
  function turn(index: number) {
    const now = new Set(work.sight);
    if (!now.delete(index)) now.add(index);
    const sight = [...now].flatMap((one) => {
      const edge = work.still?.edges[one];
      return edge ? [{ x: (edge.a.x + edge.b.x) / 2, y: (edge.a.y + edge.b.y) / 2 }] : [];
    });
    session.run(putZone, { ...zone.record, sight });
  }
  function said({ size, widest }: ZoneEdgeCut): string {
    if (size === null) return 'whole';
    const least = formatLength(size, session.style);
    return widest !== null && widest - size > 1 ? `from ${least}` : least;
  }
</script>

<svg class="drawing" aria-hidden="true">
  {#each chips as { index, a, b, isSight } (index)}
    {#if isSight}<line x1={a.x} y1={a.y} x2={b.x} y2={b.y} />{/if}
  {/each}
</svg>
{#each chips as { index, at, edge, text, isSight } (index)}
  <button
    class="chip"
    class:sliver={edge.size !== null && edge.size < limit}
    class:whole={edge.size === null}
    aria-pressed={isSight}
    title={isSight
      ? 'The eye meets this edge first. Press to take that back.'
      : 'Press where the eye meets this edge first'}
    style:left="{at.x}px"
    style:top="{at.y}px"
    style:--ease="{edge.size === null ? 100 : ease(edge.size)}%"
    onclick={() => turn(index)}
  >
    {text}
  </button>
{/each}

<style>
  svg {
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  line {
    stroke: var(--tide);
    stroke-width: 4;
  }
  .chip {
    position: absolute;
    translate: -50% -50%;
    min-width: 1.6rem;
    min-height: 20px;
    padding: 0 0.3rem;
    border: 1px solid color-mix(in srgb, var(--tide) var(--ease), var(--clay));
    border-radius: 3px;
    background: var(--sheet);
    color: color-mix(in srgb, var(--tide) var(--ease), var(--clay-strong));
    cursor: pointer;
    font-size: 12px;
    font-variant-numeric: tabular-nums;
    font-weight: 500;
    line-height: 1.3;
    white-space: nowrap;
  }
  .whole {
    border-color: transparent;
    background: color-mix(in srgb, var(--sheet) 80%, transparent);
    color: var(--soft);
    font-weight: 400;
  }
  .sliver {
    border-width: 2px;
    font-weight: 600;
  }
  .chip[aria-pressed='true'] {
    box-shadow: 0 2px 0 var(--tide);
  }
  .chip:hover {
    background: var(--chrome);
  }
</style>
