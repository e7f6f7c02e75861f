<script lang="ts">
  import { formatLength, putZone, sliverOf, type Point, type ZoneArea, type ZoneEdgeCut } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import { toScreen, type Camera } from '../camera';
  import { bendsOf, chipPlaces } from './chip-places';

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
  /** What is left at a bend is said once for all its chords, which stay as they are while the field moves over them. */
  const bends = $derived(bendsOf(work.still?.edges ?? []));
  const chips = $derived.by(() => {
    const shown = bends.flatMap((chords) => {
      const lines = chords.map((index) => {
        const { a, b } = edges[index]!;
        return [toScreen(camera, onDrawing(a)), toScreen(camera, onDrawing(b))] as const;
      });
      const long = lines.reduce((sum, [a, b]) => sum + Math.hypot(b.x - a.x, b.y - a.y), 0);
      if (long < LEAST) return [];
      const [a, b] = lines[Math.floor(lines.length / 2)]!;
      const edge = together(chords.map((index) => edges[index]!));
      const text = said(edge);
      const isSight = chords.every((index) => work.sight.has(index));
      return [{ chords, lines, a, b, edge, text, wide: text.length * LETTER + AROUND, isSight }];
    });
    const places = chipPlaces(shown);
    return shown.map((chip, at) => ({ ...chip, at: places[at]! }));
  });

  function together(all: readonly ZoneEdgeCut[]): Pick<ZoneEdgeCut, 'size' | 'widest'> {
    const cut = all.filter(({ size }) => size !== null);
    if (cut.length === 0) return { size: null, widest: null };
    return {
      size: Math.min(...cut.map(({ size }) => size!)),
      widest: Math.max(...cut.map(({ widest }) => widest!)),
    };
  }

  /** The places of the edges the eye meets first, with one edge or bend more or less. */
  function turn(chords: readonly number[], isSight: boolean) {
    const now = new Set(work.sight);
    for (const index of chords)
      if (isSight) now.delete(index);
      else now.add(index);
    const sight = [...now].flatMap((one) => {
      const edge = work.still?.edges[one];
      return edge ? [{ x: (edge.a.x + edge.b.x) / 2, y: (edge.a.y + edge.b.y) / 2 }] : [];
    });
    session.run(putZone, { ...zone.record, sight });
  }
  function said({ size, widest }: Pick<ZoneEdgeCut, 'size' | 'widest'>): string {
    if (size === null) return 'whole';
    const least = formatLength(size, session.style);
    return widest !== null && widest - size > 1 ? `from ${least}` : least;
  }
</script>

<svg class="drawing" aria-hidden="true">
  {#each chips as { chords, lines, isSight } (chords[0])}
    {#if isSight}
      <polyline
        points={[lines[0]![0], ...lines.map(([, b]) => b)].map(({ x, y }) => `${x},${y}`).join(' ')}
      />
    {/if}
  {/each}
</svg>
{#each chips as { chords, at, edge, text, isSight } (chords[0])}
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
    onclick={() => turn(chords, isSight)}
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
  polyline {
    fill: none;
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
