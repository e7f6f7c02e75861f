<script lang="ts">
  import { roundedCorners, type Point, type ProfileCorner } from 'goodreach';

  /** A cross section on squared paper, its back to the left: its corners are drawn along, or moved by arrow keys. One that was read has none to be moved. */
  interface Props {
    corners: readonly ProfileCorner[];
    traced: readonly Point[] | null;
    /** The side of a square of the paper, and what a corner is moved by, mm. */
    square: number;
    step: number;
    onmove: (index: number, to: { out: number; up: number }) => void;
  }
  let { corners, traced, square, step, onmove }: Props = $props();

  const SIDE = 320;
  const MARGIN = 34;
  const shape = $derived(traced ?? roundedCorners(corners));
  let held: number | null = $state(null);
  /** How the paper lies: as it was when a corner was taken hold of. */
  let still: { scale: number; left: number; high: number } | null = $state.raw(null);
  const fitted = $derived.by(() => {
    const all = [...shape, ...(traced ? [] : corners.map(({ out, up }) => ({ x: out, y: up })))];
    const [outs, ups] = [all.map(({ x }) => x), all.map(({ y }) => y)];
    const [left, right] = [Math.min(...outs), Math.max(...outs)];
    const [low, high] = [Math.min(...ups), Math.max(...ups)];
    const scale = (SIDE - 2 * MARGIN) / Math.max(right - left, high - low, 10);
    const spare = (span: number) => (SIDE / scale - span) / 2;
    return { scale, left: left - spare(right - left), high: high + spare(high - low) };
  });
  const paper = $derived(still ?? fitted);
  const at = ({ x, y }: Point) => ({
    x: (x - paper.left) * paper.scale,
    y: (paper.high - y) * paper.scale,
  });
  const lines = $derived.by(() => {
    const first = Math.ceil(paper.left / square);
    const lowest = Math.ceil((paper.high - SIDE / paper.scale) / square);
    const count = Math.floor(SIDE / paper.scale / square);
    return Array.from({ length: Math.min(count, 200) + 1 }, (_, index) => ({
      x: at({ x: (first + index) * square, y: 0 }).x,
      y: at({ x: 0, y: (lowest + index) * square }).y,
    }));
  });
  const d = $derived(
    `M${shape
      .map((place) => {
        const { x, y } = at(place);
        return `${x.toFixed(1)} ${y.toFixed(1)}`;
      })
      .join('L')}Z`,
  );
  let stage: HTMLDivElement;

  function drag(event: PointerEvent, index: number) {
    if (held !== index) return;
    const { left, top } = stage.getBoundingClientRect();
    const whole = (mm: number) => Math.round(mm / step) * step;
    onmove(index, {
      out: whole(paper.left + (event.clientX - left) / paper.scale),
      up: whole(paper.high - (event.clientY - top) / paper.scale),
    });
  }
  function nudge(event: KeyboardEvent, index: number) {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!by) return;
    event.preventDefault();
    const far = event.shiftKey ? square : step;
    const { out, up } = corners[index]!;
    onmove(index, { out: out + by[0]! * far, up: up + by[1]! * far });
  }
  function letGo() {
    [held, still] = [null, null];
  }
</script>

<div class="stage" bind:this={stage} style="width: {SIDE}px; height: {SIDE}px">
  <svg viewBox="0 0 {SIDE} {SIDE}" aria-hidden="true">
    {#each lines as { x, y }, index (index)}
      <path class="line" d="M{x} 0V{SIDE}M0 {y}H{SIDE}" />
    {/each}
    <path class="shape" {d} />
  </svg>
  {#if !traced}
    {#each corners as { out, up }, index (index)}
      {@const { x, y } = at({ x: out, y: up })}
      <button
        type="button"
        class="corner"
        aria-label="Corner {index + 1}: arrow keys move it"
        style="left: {x}px; top: {y}px"
        onpointerdown={(event) => {
          event.preventDefault();
          event.currentTarget.setPointerCapture(event.pointerId);
          event.currentTarget.focus();
          [held, still] = [index, fitted];
        }}
        onpointermove={(event) => drag(event, index)}
        onpointerup={letGo}
        onpointercancel={letGo}
        onkeydown={(event) => nudge(event, index)}>{index + 1}</button
      >
    {/each}
  {/if}
</div>

<style>
  .stage {
    position: relative;
    overflow: hidden;
    border: 1px solid var(--rule);
    background: var(--paper);
    touch-action: none;
  }
  svg {
    position: absolute;
    inset: 0;
  }
  .line {
    stroke: color-mix(in srgb, var(--rule) 70%, transparent);
    stroke-width: 0.8;
  }
  .shape {
    fill: color-mix(in srgb, var(--tide) 14%, transparent);
    stroke: var(--ink);
    stroke-width: 1.8;
  }
  .corner {
    position: absolute;
    width: 24px;
    height: 24px;
    margin: -12px;
    padding: 0;
    border: 1.5px solid var(--clay);
    border-radius: 50%;
    background: var(--sheet);
    color: var(--text);
    cursor: grab;
    font-size: 11px;
    touch-action: none;
  }
</style>
