<script lang="ts">
  import { refusalText } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { DrawingCamera } from '../drawing-camera.svelte';
  import HostedView from '../HostedView.svelte';
  import { drawnSheets } from './drawn-sheets.svelte';
  import type { SheetChoice } from './sheet-choice.svelte';

  /** The sheets on a desk, one under the other: seen whole, looked at closely, gone through by keys. */
  let { choice }: { choice: SheetChoice } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;

  /** Between sheets, and round the one that is shown whole: paper millimetres, and pixels. */
  const BETWEEN = 24;
  const MARGIN = 22;
  /** An arrow key moves the desk by so many pixels. */
  const STEP = 60;

  let view: HTMLElement | undefined = $state();
  let width = $state(0);
  let height = $state(0);
  const sheets = untrack(() => drawnSheets(choice));
  $effect(() => sheets.follow());
  $effect(() => () => sheets.stop());
  const places = $derived.by(() => {
    let top = 0;
    return sheets.sheets.map((sheet) => {
      const place = { sheet, top };
      top += sheet.page.height + BETWEEN;
      return place;
    });
  });

  const eye: DrawingCamera = new DrawingCamera({ reach: [0.1, 40], panning: () => true });
  const host: ViewHost = new ViewHost(workspace, {
    kind: 'sheet',
    sourceAt: () => null,
    placeAt: () => null,
    near: () => 0,
    wayOf: () => null,
    key: ownKey,
    fit: () => show(0),
  });

  $effect(() => {
    if (view) eye.attach(view);
  });
  /** Which sheet is shown whole, until a person zooms or pans. */
  let shown = 0;
  $effect(() => {
    void [width, height, places.map(({ top, sheet }) => `${top} ${sheet.page.id}`).join()];
    untrack(() => {
      if (eye.framed && width > 0) show(Math.min(shown, places.length - 1));
    });
  });

  /** Shows a sheet whole. */
  function show(index: number) {
    const place = places[index];
    if (!place) return;
    shown = index;
    const { page } = place.sheet;
    const k = Math.min((width - 2 * MARGIN) / page.width, (height - 2 * MARGIN) / page.height);
    eye.frame({ k, x: (width - page.width * k) / 2, y: (height - page.height * k) / 2 - place.top * k });
  }

  /** Arrow keys move the desk, Page Up and Page Down show the sheet before and after. */
  function ownKey(event: KeyboardEvent): boolean {
    const by = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (by && !event.altKey) {
      const { k, x, y } = eye.now;
      eye.move({ k, x: x + by[0]! * STEP, y: y + by[1]! * STEP });
      eye.framed = false;
    } else if (event.key === 'PageDown') show(Math.min(places.length - 1, shown + 1));
    else if (event.key === 'PageUp') show(Math.max(0, shown - 1));
    else return eye.key(event);
    return true;
  }
</script>

<HostedView
  {host}
  class="desk"
  label="Sheets. Arrow keys move the desk, plus and minus zoom, Page Up and Page Down go to the sheet before and after."
  bind:element={view}
  bind:width
  bind:height
>
  {#if sheets.problem || sheets.refusal}
    <p>{sheets.problem || refusalText(sheets.refusal!, session.style)}</p>
  {:else if places.length === 0}
    <p role="status">Drawing the sheets…</p>
  {:else}
    <div class="sheets" style:transform="translate({eye.now.x}px, {eye.now.y}px) scale({eye.now.k})">
      {#each places as { sheet: { page, title, svg }, top }, index (index)}
        <figure style:top="{top}px" style:width="{page.width}px" style:height="{page.height}px">
          <svg
            class="drawing"
            viewBox="0 {-page.height} {page.width} {page.height}"
            role="img"
            aria-label="{title}, {page.id}"
          >
            <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
            {@html svg}
          </svg>
        </figure>
      {/each}
    </div>
  {/if}
</HostedView>

<style>
  :global(.hosted.desk) {
    background: color-mix(in srgb, var(--chrome) 70%, var(--rule));
    cursor: grab;
  }
  .sheets {
    position: absolute;
    top: 0;
    left: 0;
    transform-origin: 0 0;
  }
  figure {
    --ink-drawing: #1d2625;
    --ink-measure: #17606b;
    --ink-faint: #b9af9c;
    --ink-poche: #6b7674;
    --ink-paper: #fff;
    --ink-top: #7a6a4b;
    --ink-item: #fff;
    --ink-water: #e8efed;
    position: absolute;
    left: 0;
    margin: 0;
    background: #fff;
    box-shadow: 0 0.4px 1.6px rgb(29 38 37 / 0.3);
  }
  svg {
    display: block;
    width: 100%;
    height: 100%;
  }
  p {
    display: grid;
    place-content: center;
    max-width: 30rem;
    height: 100%;
    margin: auto;
  }
</style>
