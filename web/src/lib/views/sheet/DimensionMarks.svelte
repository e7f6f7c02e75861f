<script lang="ts">
  import type { Point } from 'goodreach';
  import type { DimensionDraw } from '$lib/tools/dimension-draw.svelte';

  /** What is being put on paper: the places chosen, and the one a press would take. Pixels. */
  let { draw, toPixel }: { draw: DimensionDraw; toPixel: (at: Point) => Point } = $props();
  const chosen = $derived(draw.ends.map(({ at }) => toPixel(at)));
  const next = $derived(draw.next && toPixel(draw.next.at));
  const pointer = $derived(draw.at && toPixel(draw.at));
</script>

<svg aria-hidden="true">
  {#if chosen.length > 0}
    <polyline
      points={[...chosen, ...(pointer ? [next ?? pointer] : [])].map(({ x, y }) => `${x},${y}`).join(' ')}
    />
  {/if}
  {#each chosen as { x, y }, index (index)}<rect x={x - 4} y={y - 4} width="8" height="8" />{/each}
  {#if next}<circle cx={next.x} cy={next.y} r="7" />{/if}
</svg>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  polyline {
    fill: none;
    stroke: var(--tide);
    stroke-dasharray: 4 3;
    stroke-width: 1.2;
  }
  rect {
    fill: var(--tide);
  }
  circle {
    fill: none;
    stroke: var(--clay);
    stroke-width: 2;
  }
</style>
