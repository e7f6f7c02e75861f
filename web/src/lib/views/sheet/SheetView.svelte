<script lang="ts">
  import { refusalText } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { DrawingCamera } from '../drawing-camera.svelte';
  import HostedView from '../HostedView.svelte';
  import DimensionCard from './DimensionCard.svelte';
  import { drawnSheets } from './drawn-sheets.svelte';
  import type { SheetChoice } from './sheet-choice.svelte';
  import type { ShownFigure } from './sheets.worker';

  /** The sheets on a desk, one under the other: seen whole, looked at closely, gone through by keys. */
  let { choice }: { choice: SheetChoice } = $props();
  const workspace = useWorkspace();
  const { session, screen } = workspace;

  /** Between sheets, and round the one that is shown whole: paper millimetres, and pixels. */
  const BETWEEN = 24;
  const MARGIN = 22;
  /** An arrow key moves the desk by so many pixels. */
  const STEP = 60;
  /** The size of a card over it, pixels. */
  const CARD = { width: 272, height: 200 };

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
    sourceAt: ({ target }) =>
      (target as Element).closest('[data-source]')?.getAttribute('data-source') ?? null,
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

  // What is chosen is seen on every sheet it is drawn on.
  $effect(() => {
    void places;
    const marked = screen.chosen.flatMap((id) => [
      ...(view?.querySelectorAll(`[data-source="${CSS.escape(id)}"]`) ?? []),
    ]);
    for (const element of marked) element.classList.add('chosen');
    return () => {
      for (const element of marked) element.classList.remove('chosen');
    };
  });
  /** The number on paper whose card is open: its sheet's place, and the number itself. */
  let opened: { top: number; figure: ShownFigure } | null = $state.raw(null);
  /** Whether a sheet is in sight, so that its numbers can be pressed. */
  function isSeen({ top, sheet: { page } }: (typeof places)[number]): boolean {
    const { k, y } = eye.now;
    return y + (top + page.height) * k > 0 && y + top * k < height;
  }
  // A number that is drawn no more, as after an edit elsewhere, can't be typed any more.
  $effect(() => {
    const there = sheets.sheets.some(({ figures }) => opened && figures.includes(opened.figure));
    if (opened && !there) opened = null;
  });
  function close() {
    opened = null;
    host.focus();
  }
  /** Where its card stands: under the number, within the desk. */
  const card = $derived.by(() => {
    if (!opened) return null;
    const { top, figure } = opened;
    const { k, x, y } = eye.now;
    const below = y + (top + figure.top + figure.height) * k + 6;
    const at = { x: x + (figure.left + figure.width / 2) * k - CARD.width / 2, y: below };
    if (below + CARD.height > height) at.y = y + (top + figure.top) * k - CARD.height - 6;
    return {
      x: Math.max(8, Math.min(at.x, width - CARD.width - 8)),
      y: Math.max(8, Math.min(at.y, height - CARD.height - 8)),
    };
  });

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
      {#each places as place, index (index)}
        {@const {
          sheet: { page, title, svg, figures },
          top,
        } = place}
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
          {#if isSeen(place)}
            {#each figures as figure, number (number)}
              <button
                class:open={opened?.figure === figure}
                style="left: {figure.left}px; top: {figure.top}px; width: {figure.width}px; height: {figure.height}px"
                aria-label="{figure.text}: change this length"
                onclick={() => (opened = { top, figure })}
              ></button>
            {/each}
          {/if}
        </figure>
      {/each}
    </div>
    {#if opened && card}
      <div class="over" style="left: {card.x}px; top: {card.y}px">
        {#key opened.figure}
          <DimensionCard
            of={opened.figure.of}
            paper={opened.figure.paper}
            isCurrent={sheets.of === session.document}
            onclose={close}
          />
        {/key}
      </div>
    {/if}
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
  .sheets :global(:is(path, circle).chosen) {
    stroke: var(--clay);
  }
  .sheets :global(g.chosen text) {
    fill: var(--clay-strong);
  }
  figure button {
    position: absolute;
    padding: 0;
    border: 0;
    border-radius: 0.4px;
    background: none;
    cursor: text;
  }
  figure button:hover,
  figure button:focus-visible,
  figure button.open {
    outline: 0.35px solid var(--tide);
    outline-offset: 0.3px;
    background: color-mix(in srgb, var(--tide) 12%, transparent);
  }
  .over {
    position: absolute;
    z-index: 3;
  }
  p {
    display: grid;
    place-content: center;
    max-width: 30rem;
    height: 100%;
    margin: auto;
  }
</style>
