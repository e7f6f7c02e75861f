<script lang="ts">
  import { drawingBounds, svgMarks, type Point, type Primitive } from 'goodreach';

  /** A drawing as large as goes into its place: made again for the scale that comes to, so that its letters are always as large. */
  interface Props {
    label: string;
    draw: (scale: number) => readonly Primitive[];
    /** What is pressed or pulled on it. */
    onchoose?: (source: string) => void;
    onpull?: (pixels: number) => void;
    /** Something on it is dragged: where it was taken hold of, and where it is now, mm of the drawing; whether there is something there. It is let go with the pointer over what. */
    ontake?: (at: Point) => boolean;
    ondrag?: (at: Point) => void;
    ondrop?: (over: Element | null) => void;
  }
  let { label, draw, onchoose, onpull, ontake, ondrag, ondrop }: Props = $props();

  /** Pixels of a paper millimetre, and what stays free around, pixels. */
  const PAPER = 3.78;
  const EDGE = 14;
  let width = $state(0);
  let height = $state(0);

  /** The scale, room mm per paper mm, at which a drawing fits; its letters take room as well, so it is found by trying. */
  const fitted = $derived.by(() => {
    const edge = Math.min(EDGE, width / 20);
    const [wide, high] = [Math.max(40, width - 2 * edge), Math.max(40, height - 2 * edge)];
    let scale = 10;
    let marks = draw(scale);
    for (let i = 0; i < 4; i++) {
      const { left, right, bottom, top } = drawingBounds(marks, scale);
      const next = Math.max((right - left) / wide, (top - bottom) / high) * PAPER;
      if (!(next > 0) || Math.abs(next / scale - 1) < 0.01) break;
      scale = next;
      marks = draw(scale);
    }
    const { left, right, bottom, top } = drawingBounds(marks, scale);
    const per = scale / PAPER;
    const [across, up] = [(width * per - (right - left)) / 2, (height * per - (top - bottom)) / 2];
    return {
      svg: svgMarks(marks, scale),
      viewBox: [left - across, -top - up, width * per, height * per].join(' '),
    };
  });

  let from: number | null = null;
  let holds = false;
  /** Where a pointer is, mm of the drawing. */
  function placeOf({
    clientX,
    clientY,
    currentTarget,
  }: PointerEvent & { currentTarget: SVGSVGElement }): Point {
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(currentTarget.getScreenCTM()!.inverse());
    return { x, y: -y };
  }
  function press(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    const source = (event.target as Element).closest('[data-source]')?.getAttribute('data-source');
    if (source) onchoose?.(source);
    holds = event.button === 0 && (ontake?.(placeOf(event)) ?? false);
    if (holds) event.currentTarget.setPointerCapture(event.pointerId);
    if (!onpull || event.button !== 0) return;
    from = event.clientX;
    event.currentTarget.setPointerCapture(event.pointerId);
  }
  function pull(event: PointerEvent & { currentTarget: SVGSVGElement }) {
    if (holds) ondrag?.(placeOf(event));
    if (from === null) return;
    onpull?.(event.clientX - from);
    from = event.clientX;
  }
  function drop(over: Element | null) {
    if (holds) ondrop?.(over);
    [from, holds] = [null, false];
  }
</script>

<div class="place" bind:clientWidth={width} bind:clientHeight={height}>
  {#if width > 0 && height > 0}
    <svg
      class="drawing"
      class:pulled={onpull !== undefined}
      role="img"
      aria-label={label}
      {width}
      {height}
      viewBox={fitted.viewBox}
      onpointerdown={press}
      onpointermove={pull}
      onpointerup={({ clientX, clientY }) => drop(document.elementFromPoint(clientX, clientY))}
      onpointercancel={() => drop(null)}
    >
      <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
      {@html fitted.svg}
    </svg>
  {/if}
</div>

<style>
  .place {
    position: relative;
    min-width: 0;
    min-height: 0;
    overflow: hidden;
  }
  svg {
    position: absolute;
    inset: 0;
    touch-action: none;
    user-select: none;
  }
  .pulled {
    cursor: ew-resize;
  }
  svg :global([data-source]) {
    cursor: pointer;
  }
</style>
