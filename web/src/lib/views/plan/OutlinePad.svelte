<script lang="ts">
  import {
    drawingBounds,
    drawPlan,
    formatLength,
    isInchUnit,
    roundingSteps,
    svgMarks,
    type Design,
    type LengthStyle,
  } from 'goodreach';
  import { PIXELS_PER_PAPER_MM } from '../camera';

  interface Props {
    /** The room so far, or a sketch of it while too little is typed; null for nothing to show. */
    design: Design | null;
    sketched: boolean;
    style: LengthStyle;
    /** Takes the lengths of faces A and B of a dragged rectangle, mm. */
    ondraw: (a: number, b: number) => void;
  }
  let { design, sketched, style, ondraw }: Props = $props();

  let width = $state(800);
  let height = $state(600);
  let start: { x: number; y: number } | null = $state.raw(null);
  let end: { x: number; y: number } | null = $state.raw(null);

  /** While dragging, a pixel is 10 mm or half an inch: a room of 6 m or 20 ft fits the pad. */
  const dragScale = $derived(isInchUnit(style.unit) ? 12.7 : 10);
  const grain = $derived(isInchUnit(style.unit) ? 25.4 : Math.max(10, roundingSteps[style.unit][0]!));
  const dragged = $derived.by(() => {
    if (!start || !end) return null;
    const round = (pixels: number) => Math.round((Math.abs(pixels) * dragScale) / grain) * grain;
    return { a: round(end.x - start.x), b: round(end.y - start.y) };
  });

  const picture = $derived.by(() => {
    if (!design || width === 0) return null;
    const flat = drawingBounds(drawPlan(design, 1), 1);
    const room = { wide: flat.right - flat.left, high: flat.top - flat.bottom };
    const mmPerPixel = Math.max(
      room.wide / Math.max(80, width - 160),
      room.high / Math.max(80, height - 160),
    );
    const scale = mmPerPixel * PIXELS_PER_PAPER_MM;
    const marks = drawPlan(design, scale, {
      without: sketched ? ['dimensions', 'labels'] : [],
      medium: 'screen',
    });
    const box = drawingBounds(marks, scale);
    const [w, h] = [width * mmPerPixel, height * mmPerPixel];
    const left = (box.left + box.right) / 2 - w / 2;
    const top = -(box.top + box.bottom) / 2 - h / 2;
    return { marks: svgMarks(marks, scale), box: `${left} ${top} ${w} ${h}` };
  });

  function at(event: PointerEvent & { currentTarget: Element }) {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }

  function press(event: PointerEvent & { currentTarget: Element }) {
    event.currentTarget.setPointerCapture(event.pointerId);
    start = end = at(event);
  }

  function move(event: PointerEvent & { currentTarget: Element }) {
    if (start) end = at(event);
  }

  function release() {
    if (dragged && dragged.a >= 300 && dragged.b >= 300) ondraw(dragged.a, dragged.b);
    start = end = null;
  }
</script>

<!-- A pointer way to what the fields beside it take from the keyboard. -->
<div
  class="pad"
  role="img"
  aria-label="The outline of the room"
  bind:clientWidth={width}
  bind:clientHeight={height}
  onpointerdown={press}
  onpointermove={move}
  onpointerup={release}
  onpointercancel={() => (start = end = null)}
>
  {#if dragged && start && end}
    <svg {width} {height} class="drag">
      <rect
        x={Math.min(start.x, end.x)}
        y={Math.min(start.y, end.y)}
        width={Math.abs(end.x - start.x)}
        height={Math.abs(end.y - start.y)}
      />
      <text x={(start.x + end.x) / 2} y={Math.min(start.y, end.y) - 10}
        >A {formatLength(dragged.a, style)}</text
      >
      <text class="side" x={Math.max(start.x, end.x) + 12} y={(start.y + end.y) / 2}
        >B {formatLength(dragged.b, style)}</text
      >
    </svg>
  {:else if picture}
    <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
    <svg class="drawing" class:sketched viewBox={picture.box}>{@html picture.marks}</svg>
  {/if}
  {#if sketched && !dragged}<p>Type the lengths, or drag a rectangle here and correct its numbers.</p>{/if}
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
    width: 100%;
    height: 100%;
  }
  rect {
    fill: color-mix(in srgb, var(--clay) 7%, transparent);
    stroke: var(--clay);
    stroke-width: 2;
  }
  text {
    fill: var(--tide);
    font-size: 15px;
    font-weight: 500;
    text-anchor: middle;
  }
  .side {
    text-anchor: start;
  }
  .sketched {
    opacity: 0.35;
  }
  p {
    position: absolute;
    right: 2rem;
    bottom: 2rem;
    left: 2rem;
    text-align: center;
    color: var(--soft);
  }
</style>
