<script lang="ts">
  import {
    boundsOf,
    boxOf,
    drawingBounds,
    drawPlanWith,
    middleOf,
    roomShape,
    sharedShift,
    WITHIN,
    type Bounds,
    type Design,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { SNAP_PIXELS } from '../../tools/drag-item';
  import { nudge } from '../../tools/item-keys';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { annotationScale, fitCamera, fitUnder, keptInSight, loweredUnder, toScreen } from '../camera';
  import { DrawingCamera, sourceOf } from '../drawing-camera.svelte';
  import HostedView from '../HostedView.svelte';
  import { DrawnPlan } from './drawn-plan.svelte';
  import FindingPlace from './FindingPlace.svelte';
  import GapChips from './GapChips.svelte';
  import PlanShows from './PlanShows.svelte';
  import SnapMark from './SnapMark.svelte';
  import Later from '$ui/Later.svelte';
  import { laterViews } from '../later-views';
  import TieChips from './TieChips.svelte';
  import Underlays from './Underlays.svelte';
  import { pieces } from '../pieces';
  import type { Spot } from '../spread';

  const workspace = useWorkspace();
  const { session, screen, drag, faceDrag, findings } = workspace;

  let view: HTMLElement | undefined = $state();
  let width = $state(0);
  let height = $state(0);
  /** The size of the view it was last fitted to. */
  let fittedTo = '';

  const eye: DrawingCamera = new DrawingCamera({
    takesHold: (target) => sourceOf(target) !== null,
    panning: () => host.panning,
    penned: () => host.penned,
  });
  const host: ViewHost = new ViewHost(workspace, {
    kind: 'plan',
    sourceAt: ({ target }) => sourceOf(target),
    placeAt: (pixel) => eye.toRoom(pixel),
    near: () => SNAP_PIXELS / eye.now.k,
    wayOf: () => (pixel) => eye.toRoom(pixel),
    nudge: (key, by) => nudge(session, screen.chosen, key, by),
    menuAt() {
      const first = session.committed.records[screen.selected ?? ''];
      if (first?.kind !== 'item') return null;
      return toScreen(camera, middleOf(boxOf(first, roomShape(session.committed))));
    },
    key: (event) => eye.key(event),
    pointed: (at) => (screen.pointer = at && !('face' in at) ? at : null),
    fit,
  });
  const camera = $derived(eye.now);
  const scale = $derived(eye.scale);
  const drawn = new DrawnPlan(session, screen, () => eye.scale);
  /** The room's first corner is its origin: where that is what moves, the view moves instead, and the rest stays where it was. */
  const shift = $derived(
    session.previewing
      ? sharedShift(roomShape(session.committed), roomShape(session.document))
      : { x: 0, y: 0 },
  );
  const viewBox = $derived(eye.viewBox(width, height, { x: shift.x, y: -shift.y }));

  $effect(() => {
    if (!view) return;
    eye.attach(view);
    untrack(fit);
  });

  /** What the plan was last measured of, by the scale it was drawn at. */
  let measured: { of: Design; extents: Map<number, Extent> } | null = null;
  interface Extent {
    bounds: Bounds;
    parts: Bounds[];
  }

  /** The extent of the plan at a scale, and of each of its marks that is not within others. */
  function extentOf(design: Design, scale: number): Extent {
    if (measured?.of !== design) measured = { of: design, extents: new Map() };
    const known = measured.extents.get(scale);
    if (known) return known;
    const marks = drawPlanWith(null, design, scale, { without: WITHIN, medium: 'screen' });
    const extent = {
      bounds: drawingBounds(marks, scale),
      parts: marks.map((mark) => drawingBounds([mark], scale)),
    };
    measured.extents.set(scale, extent);
    return extent;
  }

  /** Shows the whole plan with its chains. Their room size depends on the zoom, so the extent is taken again at the zoom found. */
  function fit() {
    if (!view) return;
    const { clientWidth, clientHeight } = view;
    const { left, top } = view.getBoundingClientRect();
    const shows = view.querySelector('.shows > button')?.getBoundingClientRect();
    const corner = { right: (shows?.right ?? left) - left, bottom: (shows?.bottom ?? top) - top };
    const outline = boundsOf(roomShape(session.document).outline);
    let next = fitCamera(outline, clientWidth, clientHeight, 100);
    for (let round = 0; round < 3; round++) {
      const { bounds, parts } = extentOf(session.document, annotationScale(next));
      next = fitUnder(bounds, parts, clientWidth, clientHeight, 20, corner);
    }
    next = keptInSight(next, outline, clientWidth, clientHeight);
    const { bounds, parts } = extentOf(session.document, annotationScale(next));
    next = loweredUnder(next, bounds, parts, clientHeight, corner);
    // What stands in the corner is there once the view has its size: then it is fitted again.
    fittedTo = `${width} ${height}`;
    eye.frame(next);
  }

  let seen = untrack(() => roomShape(session.committed));
  $effect(() => {
    const shape = roomShape(session.committed);
    untrack(() => {
      const { x, y } = sharedShift(seen, shape);
      seen = shape;
      if (x !== 0 || y !== 0) eye.move({ ...camera, x: camera.x - x * camera.k, y: camera.y + y * camera.k });
    });
  });

  $effect(() => {
    const size = `${width} ${height}`;
    void session.committed;
    untrack(() => {
      if (eye.framed && height > 0 && (size !== fittedTo || outgrown())) fit();
    });
  });

  /** Whether a chain or wall runs off the view. */
  function outgrown(): boolean {
    const { left, right, bottom, top } = extentOf(session.committed, scale).bounds;
    const [a, b] = [toScreen(camera, { x: left, y: top }), toScreen(camera, { x: right, y: bottom })];
    return a.x < 0 || a.y < 0 || b.x > width || b.y > height;
  }

  /** Whether the tops are brought forward, and the rest goes back. */
  const surfacing = $derived(screen.step === 'surface');
  /** Where the ties of the chosen item stand. */
  let tied: readonly Spot[] = $state.raw([]);
</script>

<HostedView
  {host}
  class="plan"
  label="Plan. N goes to the next item, F to the next face, arrow keys nudge it, Tab reaches its ties."
  bind:element={view}
  bind:width
  bind:height
>
  {#if width > 0}
    <svg class="drawing" {viewBox} {width} {height} aria-hidden="true">
      <Underlays />
      <g class:back={surfacing} use:pieces={{ groups: drawn.still, scale }}></g>
      <g class:back={surfacing} use:pieces={{ groups: drawn.moving, scale }}></g>
      {#if screen.step === 'survey'}<Later
          part={laterViews.surveyMarks}
          props={{ scale }}
          coming={null}
        />{/if}
      {#if screen.step === 'reach'}<Later part={laterViews.roomToMove} props={{ scale }} coming={null} />{/if}
      <FindingPlace {scale} />
      {#if screen.step === 'reach' && screen.opened}<Later
          part={laterViews.openLeaves}
          props={{ scale }}
          coming={null}
        />{/if}
      {#if findings.trial}<Later part={laterViews.easeGhost} props={{ scale }} coming={null} />{/if}
      {#if screen.selected || screen.hovered || workspace.live.colleagues.length > 0}<Later
          part={laterViews.selectionMark}
          props={{ scale }}
          coming={null}
        />{/if}
      <SnapMark {scale} />
      {#if workspace.pick.now}<Later part={laterViews.pickedPlaces} props={{ scale }} coming={null} />{/if}
    </svg>
    {#if !faceDrag.active && (!drag.active || session.previewing)}<TieChips
        {camera}
        dragging={session.previewing}
        written={drawn.written}
        bind:taken={tied}
      />{/if}
    {#if findings.shown.length > 0}<Later
        part={laterViews.findingChips}
        props={{ camera, width, height, taken: tied, written: drawn.written }}
        coming={null}
      />{/if}
    <PlanShows />
    {#if surfacing}<!-- While places are picked, the clicks are theirs. -->
      <div class="marks" inert={workspace.pick.now !== null}>
        <Later part={laterViews.surfaceMarks} props={{ camera }} coming={null} />
      </div>
    {:else if !session.previewing && screen.plan.mode !== 'ceiling'}<GapChips
        {camera}
        taken={tied}
        written={drawn.written}
      />{/if}
    {#if faceDrag.by !== null}<Later
        part={laterViews.faceMoved}
        props={{ by: faceDrag.by, onLine: faceDrag.onLine, camera }}
        coming={null}
      />{/if}
  {/if}
</HostedView>

<style>
  .marks {
    display: contents;
  }
  .back {
    opacity: 0.4;
  }
</style>
