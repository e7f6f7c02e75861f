<script lang="ts">
  import { direction, faceLetter, formatLength, isInchUnit, type LengthStyle, type Point } from 'goodreach';
  import type { RoomWalk } from '$lib/tools/room-walk.svelte';

  interface Props {
    walk: RoomWalk;
    style: LengthStyle;
    /** Called when the start is clicked: the walk is done. */
    onclose: () => void;
  }
  let { walk, style, onclose }: Props = $props();
  let width = $state(800);
  let height = $state(600);
  const SNAP = 14;

  /** Millimetres a pixel, and where the start lies: 10 mm (half an inch) until the walk needs more room. */
  const camera = $derived.by(() => {
    const [xs, ys] = [walk.path.map(({ x }) => x), walk.path.map(({ y }) => -y)];
    const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const usual = isInchUnit(style.unit) ? 12.7 : 10;
    const scale = Math.max(usual, (right - left) / (width * 0.55), (bottom - top) / (height * 0.55));
    return { scale, x: width * 0.22 - left / scale, y: height * 0.22 - top / scale };
  });
  const toPixel = ({ x, y }: Point): Point => ({
    x: camera.x + x / camera.scale,
    y: camera.y - y / camera.scale,
  });
  const grain = $derived(isInchUnit(style.unit) ? 25.4 : 10);
  /** The length of the pointed face: as caught, else to a round figure. */
  const pointed = $derived.by(() => {
    if (!walk.aimed) return null;
    const { length, caught } = walk.aimed;
    return caught.includes('level') || caught.includes('start') ? length : Math.round(length / grain) * grain;
  });
  const ghost = $derived.by(() => {
    if (pointed === null || walk.turn !== null) return null;
    const from = walk.places.at(-1)!;
    const way = direction(walk.heading);
    return { from: toPixel(from), to: toPixel({ x: from.x + way.x * pointed, y: from.y + way.y * pointed }) };
  });

  function place(event: PointerEvent & { currentTarget: Element }): Point {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return {
      x: (event.clientX - left - camera.x) * camera.scale,
      y: (camera.y - (event.clientY - top)) * camera.scale,
    };
  }

  function click() {
    if (walk.aimed?.caught.includes('start')) onclose();
    else if (pointed !== null && pointed >= 50) walk.add(pointed);
  }
  const caughtWords = {
    square: 'square',
    parallel: 'parallel',
    diagonal: '45°',
    level: 'level with the start',
    start: 'close here',
  };
</script>

<!-- A pointer way to what the fields beside it take from the keyboard. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<div
  class="pad"
  role="img"
  aria-label="The walk so far"
  bind:clientWidth={width}
  bind:clientHeight={height}
  onpointermove={(event) => walk.point(place(event), SNAP * camera.scale)}
  onpointerleave={() => walk.point(null, 0)}
  onclick={click}
>
  <svg {width} {height}>
    {#if walk.faces.length > 0}
      <polyline
        points={walk.path
          .map(toPixel)
          .map(({ x, y }) => `${x},${y}`)
          .join(' ')}
      />
    {/if}
    {#each walk.faces as { length }, index (index)}
      {@const [a, b] = [toPixel(walk.places[index]!), toPixel(walk.places[index + 1]!)]}
      <text x={(a.x + b.x) / 2} y={(a.y + b.y) / 2 - 8}
        >{faceLetter(index)} {formatLength(length, style)}</text
      >
    {/each}
    <circle cx={toPixel(walk.places[0]!).x} cy={toPixel(walk.places[0]!).y} r="5" />
    {#if ghost && pointed !== null}
      <line x1={ghost.from.x} y1={ghost.from.y} x2={ghost.to.x} y2={ghost.to.y} />
      <text class="ghost" x={ghost.to.x + 14} y={ghost.to.y - 10}
        >{formatLength(pointed, style)}{walk
          .aimed!.caught.map((one) => `, ${caughtWords[one]}`)
          .join('')}</text
      >
    {/if}
  </svg>
  {#if walk.faces.length === 0}
    <p>
      Type a length and press Enter, face after face. Point here for the direction, or click to place the end.
    </p>
  {/if}
</div>

<style>
  .pad {
    position: relative;
    min-width: 0;
    min-height: 0;
    overflow: hidden;
    background: var(--paper);
    cursor: crosshair;
    touch-action: none;
    user-select: none;
  }
  svg {
    position: absolute;
    inset: 0;
  }
  polyline {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
  }
  line {
    stroke: var(--clay);
    stroke-width: 2;
    stroke-dasharray: 6 4;
  }
  circle {
    fill: var(--paper);
    stroke: var(--clay);
    stroke-width: 2;
  }
  text {
    fill: var(--tide);
    font-size: 14px;
    font-weight: 500;
    text-anchor: middle;
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 4;
  }
  .ghost {
    text-anchor: start;
  }
  p {
    position: absolute;
    right: 2rem;
    bottom: 2rem;
    left: 2rem;
    color: var(--soft);
    text-align: center;
  }
</style>
