<script lang="ts">
  import { formatLength, type Falls, type Point } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { toScreen, type Camera } from '../camera';

  /** How a floor falls: the cuts to its corners, its linear drain, and how much higher each corner is. */
  interface Props {
    camera: Camera;
    falls: Falls;
    onDrawing: (at: Point) => Point;
  }
  let { camera, falls, onDrawing }: Props = $props();
  const { session } = useWorkspace();

  /** So far from a corner, towards the drain, stands how much higher it is, pixels. */
  const INWARD = 26;
  const at = (place: Point) => toScreen(camera, onDrawing(place));
  const path = (from: Point, to: Point) => {
    const [a, b] = [at(from), at(to)];
    return `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
  };
  const heights = $derived(
    falls.corners
      .filter(({ by }) => by > 0)
      .map(({ at: corner, by }) => {
        const [from, drain] = [at(corner), at(falls.drain)];
        const far = Math.hypot(drain.x - from.x, drain.y - from.y) || 1;
        const share = Math.min(0.4, INWARD / far);
        const [x, y] = [from.x + (drain.x - from.x) * share, from.y + (drain.y - from.y) * share];
        return { x, y, text: `+${formatLength(by, session.style)}` };
      }),
  );
</script>

{#each falls.cuts as { from, to }, index (index)}<path class="cut" d={path(from, to)} />{/each}
{#if falls.channel}
  {@const { a, b } = falls.channel}
  <path class="channel" d={path(a, b)} />
  <path class="slot" d={path(a, b)} />
{/if}
{#each heights as { x, y, text }, index (index)}<text {x} {y}>{text}</text>{/each}

<style>
  path {
    fill: none;
    pointer-events: none;
  }
  .cut {
    stroke: var(--ink-drawing);
    stroke-width: 1.2;
    stroke-dasharray: 2 3;
  }
  .channel {
    stroke: var(--ink-drawing);
    stroke-width: 7;
  }
  .slot {
    stroke: var(--sheet);
    stroke-width: 2.5;
    stroke-dasharray: 5 3;
  }
  text {
    fill: var(--ink);
    stroke: var(--sheet);
    stroke-width: 3.5;
    paint-order: stroke;
    font-size: 11px;
    text-anchor: middle;
    dominant-baseline: middle;
    pointer-events: none;
  }
</style>
