<script lang="ts">
  import { refusalText } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { DrawingCamera } from '../drawing-camera.svelte';
  import HostedView from '../HostedView.svelte';
  import DimensionCard from './DimensionCard.svelte';
  import DimensionMarks from './DimensionMarks.svelte';
  import NoteCard from './NoteCard.svelte';
  import SheetFrames from './SheetFrames.svelte';
  import SheetLabels from './SheetLabels.svelte';
  import { dimensionDraw } from '$lib/tools/dimension-draw.svelte';
  import type { Point } from 'goodreach';
  import { DeskWalk, moveLabel } from './desk-walk.svelte';
  import { drawnSheets } from './drawn-sheets.svelte';
  import type { SheetChoice } from './sheet-choice.svelte';
  import type { ShownFigure } from './sheets.worker';

  /** The sheets on a desk, one under the other: seen whole, looked at closely, gone through by keys. */
  let { choice }: { choice: SheetChoice } = $props();
  const workspace = useWorkspace();
  const draw = dimensionDraw(workspace);
  const { session, screen } = workspace;

  /** Between sheets, and round the one that is shown whole: paper millimetres, and pixels. */
  const BETWEEN = 24;
  const MARGIN = 22;
  /** An arrow key moves the desk by so many pixels. */
  const STEP = 60;
  /** How far places catch, pixels. */
  const CATCH = 14;
  /** Sheets are drawn so many heights of the desk before they come in sight. */
  const NEAR = 1;
  /** The size of a card over it, pixels. */
  const CARD = { width: 272, height: 250 };

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

  /** Where the pointer is on the desk. */
  let pointer: Point | null = $state.raw(null);
  const eye: DrawingCamera = new DrawingCamera({
    reach: [0.1, 40],
    // What was put on paper is dragged; all else moves the desk.
    takesHold: (target) => draw.wish !== null || isOwn(sourceOf(target)) || isFrame(target),
    panning: () => host.panning,
  });
  const sourceOf = (target: EventTarget | null): string | null =>
    target instanceof Element ? (target.closest('[data-source]')?.getAttribute('data-source') ?? null) : null;
  const isOwn = (id: string | null): boolean => session.committed.records[id ?? '']?.kind === 'dimension';
  const isFrame = (target: EventTarget | null): boolean =>
    target instanceof Element && target.closest('.frame, .label') !== null;
  const onDesk = ({ x, y }: Point): Point => ({
    x: (x - eye.now.x) / eye.now.k,
    y: (y - eye.now.y) / eye.now.k,
  });
  const host: ViewHost = new ViewHost(workspace, {
    kind: 'sheet',
    sourceAt: ({ target }) => sourceOf(target),
    placeAt: onDesk,
    near: () => CATCH / eye.now.k,
    wayOf: (id) => (isOwn(id) ? onDesk : null),
    key: ownKey,
    fit: () => show(0),
    pointed: (at, inside) => (pointer = inside && at && !('face' in at) ? at : null),
  });

  $effect(() => {
    if (view) eye.attach(view);
  });
  // A press beside a drawing whose frame is changed leaves it.
  $effect(() => {
    const element = view;
    const leave = ({ target }: PointerEvent) => {
      if (!isFrame(target)) choice.framed = null;
    };
    element?.addEventListener('pointerdown', leave);
    return () => element?.removeEventListener('pointerdown', leave);
  });
  // Which sheet is shown whole, until a person zooms or pans, is told to the list of the sheets.
  $effect(() => {
    choice.show = show;
    return () => (choice.show = () => {});
  });
  $effect(() => {
    void [width, height, places.map(({ top, sheet }) => `${top} ${sheet.page.id}`).join()];
    untrack(() => {
      if (eye.framed && width > 0) show(Math.min(choice.shown, places.length - 1));
    });
  });

  /** Shows a sheet whole. */
  function show(index: number) {
    const place = places[index];
    if (!place) return;
    choice.shown = index;
    const { page } = place.sheet;
    const k = Math.min((width - 2 * MARGIN) / page.width, (height - 2 * MARGIN) / page.height);
    eye.frame({ k, x: (width - page.width * k) / 2, y: (height - page.height * k) / 2 - place.top * k });
  }

  // What is chosen is seen on every sheet it is drawn on.
  $effect(() => {
    void near;
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
  $effect(() => {
    draw.frames = () =>
      places.flatMap(({ sheet, top }) =>
        sheet.frames.map((frame) => ({ frame, bottom: top + sheet.page.height })),
      );
    draw.start = () => {
      const place = places[choice.shown];
      const box = place?.sheet.frames.find(({ view: of }) => of !== null)?.box;
      if (!place || !box) return null;
      const bottom = place.top + place.sheet.page.height;
      return { x: (box.left + box.right) / 2, y: bottom - (box.bottom + box.top) / 2 };
    };
    draw.focus = () => host.focus();
    return () => {
      draw.cancel();
      draw.focus = () => {};
      draw.frames = () => [];
    };
  });
  const toPixel = ({ x, y }: Point): Point => ({
    x: eye.now.x + x * eye.now.k,
    y: eye.now.y + y * eye.now.k,
  });
  const note = $derived.by(() => {
    if (!draw.writing) return null;
    const { end, off } = draw.writing;
    return inside(toPixel({ x: end.at.x + off.x, y: end.at.y - off.y }), 0);
  });
  /** Where a card stands under a place, or over it where there is no room, within the desk. */
  function inside(at: Point, clear: number): Point {
    const below = at.y + clear + 6;
    const y = below + CARD.height > height ? at.y - clear - CARD.height - 6 : below;
    return {
      x: Math.max(8, Math.min(at.x - CARD.width / 2, width - CARD.width - 8)),
      y: Math.max(8, Math.min(y, height - CARD.height - 8)),
    };
  }
  /** Whether a sheet is in sight, or no more than so much of a height away: only what is near is on the page. */
  function isSeen({ top, sheet: { page } }: (typeof places)[number], near = 0): boolean {
    const { k, y } = eye.now;
    return y + (top + page.height) * k > -near * height && y + top * k < height * (1 + near);
  }
  const near = $derived(places.filter((place) => isSeen(place, NEAR)));
  let sheetsOnDesk: HTMLElement | undefined = $state();
  const groupOf = (top: number, index: number): SVGGElement | null =>
    sheetsOnDesk?.querySelector(`figure[data-top="${top}"] g[data-frame="${index}"]`) ?? null;
  // Sheets drawn anew have the same number again, as after a save; what is drawn no more can't be typed any more.
  $effect(() => {
    const drawn = places.flatMap(({ top, sheet }) => sheet.figures.map((figure) => ({ top, figure })));
    untrack(() => {
      if (!opened || drawn.some(({ figure }) => figure === opened!.figure)) return;
      const before = JSON.stringify(opened.figure);
      opened = drawn.find(({ figure }) => JSON.stringify(figure) === before) ?? null;
    });
  });
  function close() {
    opened = null;
    host.focus();
  }
  const card = $derived.by(() => {
    if (!opened) return null;
    const { top, figure } = opened;
    const high = (figure.height / 2) * eye.now.k;
    return inside(
      toPixel({ x: figure.left + figure.width / 2, y: top + figure.top + figure.height / 2 }),
      high,
    );
  });

  const walk = new DeskWalk(() => places[choice.shown]?.sheet);
  $effect(() => {
    const all = places.flatMap(({ sheet }) => sheet.labels);
    untrack(() => walk.renew(all));
  });
  /** N goes from number to number, Enter opens one. L goes from label to label, Alt and arrow keys move one. Arrow keys move the desk, Page Up and Page Down show the sheet before and after. */
  function ownKey(event: KeyboardEvent): boolean {
    const by = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (by && event.altKey && walk.label) {
      moveLabel(session, walk.label, { x: -by[0]!, y: by[1]! });
    } else if (by && !event.altKey) {
      const { k, x, y } = eye.now;
      eye.move({ k, x: x + by[0]! * STEP, y: y + by[1]! * STEP });
      eye.framed = false;
    } else if (event.key === 'PageDown') show(Math.min(places.length - 1, choice.shown + 1));
    else if (event.key === 'PageUp') show(Math.max(0, choice.shown - 1));
    else if (event.key.toLowerCase() === 'n') walk.figures(event.shiftKey ? -1 : 1);
    else if (event.key.toLowerCase() === 'l') walk.labels(event.shiftKey ? -1 : 1);
    else if (event.key === 'Enter' && walk.figure)
      opened = { top: places[choice.shown]!.top, figure: walk.figure };
    else return eye.key(event);
    return true;
  }
</script>

<HostedView
  {host}
  class="desk"
  label="Sheets. Arrow keys move the desk, plus and minus zoom, Page Up and Page Down go to the sheet before and after, N goes to the next number on the sheet and Enter changes it, L goes to the next label and Alt with arrow keys moves it."
  bind:element={view}
  bind:width
  bind:height
>
  {#if sheets.problem || sheets.refusal}
    <p>{sheets.problem || refusalText(sheets.refusal!, session.style)}</p>
  {:else if places.length === 0}
    <p role="status">Drawing the sheets…</p>
  {:else}
    <div
      class="sheets"
      bind:this={sheetsOnDesk}
      style:transform="translate({eye.now.x}px, {eye.now.y}px) scale({eye.now.k})"
    >
      {#each places as place, index (index)}
        {@const {
          sheet: { page, title, svg, figures },
          top,
        } = place}
        <figure
          data-top={top}
          style:top="{top}px"
          style:width="{page.width}px"
          style:height="{page.height}px"
        >
          <svg
            class="drawing"
            viewBox="0 {-page.height} {page.width} {page.height}"
            role="img"
            aria-label="{title}, {page.id}"
          >
            {#if near.includes(place)}
              <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
              {@html svg}
            {/if}
          </svg>
          {#if isSeen(place)}
            <!-- What was put on paper is taken hold of along its line, which itself is a hair. -->
            <svg class="grips" viewBox="0 0 {page.width} {page.height}" aria-hidden="true">
              {#each figures.filter(({ own }) => own) as { own, line: [a, b] }, grip (grip)}
                <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} data-source={own} />
              {/each}
            </svg>
            {#if !draw.wish}<SheetLabels labels={place.sheet.labels} k={eye.now.k} walked={walk.label} />{/if}
            {#each figures as figure, number (number)}
              <!-- svelte-ignore a11y_no_static_element_interactions, a11y_click_events_have_key_events (part of a drawing, as small as it is drawn; by keys the desk walks them) -->
              <span
                class="number"
                class:off={draw.wish !== null}
                class:open={opened?.figure === figure || walk.figure === figure}
                data-number={figure.text}
                style="left: {figure.left}px; top: {figure.top}px; width: {figure.width}px; height: {figure.height}px"
                onpointerdown={(event) => event.stopPropagation()}
                onclick={(event) => {
                  event.stopPropagation();
                  opened = { top, figure };
                }}
              ></span>
            {/each}
          {/if}
        </figure>
      {/each}
    </div>
    <p class="visually-hidden" role="status">
      {walk.figure ? `${walk.figure.text}. Enter changes it.` : ''}
      {walk.label ? `Label ${walk.label.text}. Alt with arrow keys moves it.` : ''}
    </p>
    {#if !draw.wish}
      {#each places.filter((place) => isSeen(place)) as { top, sheet } (top)}
        <SheetFrames
          {sheet}
          of={sheets.of}
          {choice}
          pointer={pointer && { x: pointer.x, y: pointer.y - top }}
          k={eye.now.k}
          toPixel={({ x, y }) => toPixel({ x, y: y + top })}
          groupOf={(index) => groupOf(top, index)}
          onclose={() => host.focus()}
        />
      {/each}
    {/if}
    {#if draw.wish}<DimensionMarks {draw} {toPixel} />{/if}
    {#if note}
      <div class="over" style="left: {note.x}px; top: {note.y}px">
        <NoteCard {draw} onclose={() => host.focus()} />
      </div>
    {/if}
    {#if opened && card}
      <div class="over" style="left: {card.x}px; top: {card.y}px">
        {#key JSON.stringify(opened.figure)}
          <DimensionCard figure={opened.figure} isCurrent={sheets.of === session.document} onclose={close} />
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
  .grips {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }
  .grips line {
    cursor: move;
    pointer-events: stroke;
    stroke: transparent;
    stroke-width: 4px;
  }
  .number {
    position: absolute;
    padding: 0;
    border: 0;
    border-radius: 0.4px;
    background: none;
    cursor: text;
  }
  .off {
    pointer-events: none;
  }
  .number:hover,
  .number.open {
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
