<script lang="ts">
  import { isSameLaying, layingOf, onMap } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';

  /** The whole repeat as a map of how good each offset is: the darker the wider the narrowest cut. The dot is where the field begins now; the best found are ringed. */
  const workspace = useWorkspace();
  const work = tileWork(workspace);

  const HIGH = 116;
  const [LEAST, MOST] = [60, 190];
  const wide = $derived.by(() => {
    if (!work.map) return HIGH;
    const { a, b } = work.map;
    const ratio = Math.hypot(a.x, a.y) / Math.max(1, Math.hypot(b.x, b.y));
    return Math.round(Math.max(LEAST, Math.min(MOST, HIGH * ratio)));
  });

  function painted(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { map } = work;
      void workspace.screen.dark;
      const paper = canvas.getContext('2d')!;
      if (!map) return paper.clearRect(0, 0, canvas.width, canvas.height);
      const { columns, rows, values } = map;
      [canvas.width, canvas.height] = [columns, rows];
      const best = Math.max(...values, 1e-9);
      const ink = getComputedStyle(canvas).getPropertyValue('--tide').trim();
      const bare = getComputedStyle(canvas).getPropertyValue('--sheet').trim();
      paper.fillStyle = bare;
      paper.fillRect(0, 0, columns, rows);
      paper.fillStyle = ink;
      values.forEach((value, index) => {
        paper.globalAlpha = Math.max(0, value / best) ** 1.6;
        // Up the map is across the rows.
        paper.fillRect(index % columns, rows - 1 - Math.floor(index / columns), 1, 1);
      });
      paper.globalAlpha = 1;
    });
  }

  const rings = $derived.by(() => {
    const { map, zone, answers } = work;
    if (!map || !zone) return [];
    // The map is of the zone as it is laid: what was found laid otherwise has no place on it.
    return (answers?.answers ?? []).flatMap(({ origin, laying }, index) =>
      isSameLaying(laying, layingOf(zone)) ? [{ index, at: onMap(zone, map, origin) }] : [],
    );
  });

  /** Begins the field where the map is pressed. */
  function go(i: number, k: number) {
    const { map, zone, dot } = work;
    if (!map || !zone || !dot) return;
    const { a, b } = map;
    const [di, dk] = [i - dot[0], k - dot[1]];
    work.setOut({ x: zone.origin.x + di * a.x + dk * b.x, y: zone.origin.y + di * a.y + dk * b.y });
  }
  function press(event: PointerEvent) {
    const { left, top, width, height } = (event.currentTarget as HTMLElement).getBoundingClientRect();
    go((event.clientX - left) / width, 1 - (event.clientY - top) / height);
  }
  function key(event: KeyboardEvent) {
    const { map, dot } = work;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!way || !map || !dot) return;
    event.preventDefault();
    go(dot[0] + way[0]! / map.columns, dot[1] + way[1]! / map.rows);
  }
  const name = $derived(
    work.map
      ? 'Map of offsets: darker where the narrowest cut is wider. Press it, or use the arrow keys, to begin the field there.'
      : 'The map of offsets is being made.',
  );
</script>

<figure>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (a map that is pressed, and walked by arrow keys) -->
  <div
    class="map"
    role="application"
    aria-label={name}
    title="Darker: the narrowest cut is wider. Press to begin the field there."
    tabindex="0"
    style="width: {wide}px; height: {HIGH}px"
    onpointerdown={press}
    onkeydown={key}
  >
    <canvas {@attach painted} aria-hidden="true"></canvas>
    {#each rings as { index, at: [i, k] } (index)}
      <span class="ring" style:left="{i * 100}%" style:bottom="{k * 100}%">{index + 1}</span>
    {/each}
    {#if work.dot}
      <span class="dot" style:left="{work.dot[0] * 100}%" style:bottom="{work.dot[1] * 100}%"></span>
    {/if}
  </div>
</figure>

<style>
  figure {
    flex: 0 0 auto;
    margin: 0;
  }
  .map {
    position: relative;
    border: 1px solid var(--rule-strong);
    cursor: crosshair;
    touch-action: none;
  }
  canvas {
    width: 100%;
    height: 100%;
    image-rendering: pixelated;
  }
  .dot,
  .ring {
    position: absolute;
    translate: -50% 50%;
    border-radius: 50%;
    pointer-events: none;
  }
  .dot {
    width: 11px;
    height: 11px;
    border: 2px solid var(--sheet);
    background: var(--clay);
  }
  .ring {
    display: grid;
    place-content: center;
    width: 17px;
    height: 17px;
    border: 1.5px solid var(--clay);
    background: color-mix(in srgb, var(--sheet) 80%, transparent);
    font-size: 10.5px;
    font-weight: 600;
  }
</style>
