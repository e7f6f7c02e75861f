<script lang="ts">
  import { isQuad, type Quad } from 'goodreach/textures';

  /** A photograph with the four corners of what is to be seen from straight before it; corners are drawn along, or moved by arrow keys. */
  interface Props {
    url: string;
    /** Pixels of the photograph. */
    width: number;
    height: number;
    quad: Quad;
    onmove: (quad: Quad) => void;
  }
  let { url, width, height, quad, onmove }: Props = $props();

  const MOST = 330;
  const scale = $derived(Math.min(MOST / width, MOST / height));
  const names = ['Top left corner', 'Top right corner', 'Bottom right corner', 'Bottom left corner'];
  let stage: HTMLDivElement;
  let held: number | null = $state(null);
  let refused = $state(false);

  function moveTo(index: number, x: number, y: number) {
    const at = { x: Math.min(width, Math.max(0, x)), y: Math.min(height, Math.max(0, y)) };
    const after = quad.map((corner, one) => (one === index ? at : corner)) as unknown as Quad;
    refused = !isQuad(after);
    if (!refused) onmove(after);
  }
  function drag(event: PointerEvent, index: number) {
    if (held !== index) return;
    const { left, top } = stage.getBoundingClientRect();
    moveTo(index, (event.clientX - left) / scale, (event.clientY - top) / scale);
  }
  function nudge(event: KeyboardEvent, index: number) {
    const step = (event.shiftKey ? 10 : 1) / scale;
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    moveTo(index, quad[index]!.x + by[0]! * step, quad[index]!.y + by[1]! * step);
  }
</script>

<div
  class="stage"
  bind:this={stage}
  style="width: {width * scale}px; height: {height * scale}px; background-image: url({url})"
>
  <svg viewBox="0 0 {width} {height}" aria-hidden="true">
    <path
      d="M0 0H{width}V{height}H0ZM{quad.map(({ x, y }) => `${x} ${y}`).join('L')}Z"
      fill="rgb(29 38 37 / 45%)"
      fill-rule="evenodd"
    />
    <polygon points={quad.map(({ x, y }) => `${x},${y}`).join(' ')} />
  </svg>
  {#each quad as { x, y }, index (index)}
    <button
      class="corner"
      aria-label="{names[index]}: arrow keys move it"
      style="left: {x * scale}px; top: {y * scale}px"
      onpointerdown={(event) => {
        event.preventDefault();
        event.currentTarget.setPointerCapture(event.pointerId);
        event.currentTarget.focus();
        held = index;
      }}
      onpointermove={(event) => drag(event, index)}
      onpointerup={() => (held = null)}
      onpointercancel={() => (held = null)}
      onkeydown={(event) => nudge(event, index)}
    ></button>
  {/each}
</div>
{#if refused}<p class="refused" role="status">
    The four corners have to go round the piece, without two sides in line.
  </p>{/if}

<style>
  .stage {
    position: relative;
    background-size: 100% 100%;
    touch-action: none;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
  polygon {
    fill: none;
    stroke: #fffaf3;
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .corner {
    position: absolute;
    width: 26px;
    height: 26px;
    margin: -13px;
    padding: 0;
    border: 2px solid #fffaf3;
    border-radius: 50%;
    background: rgb(184 73 42 / 35%);
    box-shadow: 0 0 0 1px rgb(29 38 37 / 70%);
    cursor: grab;
    touch-action: none;
  }
  .corner:focus-visible {
    outline: 3px solid var(--tide);
    outline-offset: 2px;
  }
  .refused {
    color: var(--tight);
    font-size: 12.5px;
  }
</style>
