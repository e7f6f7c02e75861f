<script lang="ts">
  import {
    boundsOf,
    boxOf,
    drawingBounds,
    drawPlan,
    itemBoxes,
    markGroups,
    middleOf,
    roomShape,
    sharedShift,
    WHILE_MOVING,
    type Layer,
    type Point,
  } from 'goodreach';
  import { select as pick } from 'd3-selection';
  import { zoomIdentity, type ZoomBehavior } from 'd3-zoom';
  import { onMount, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import type { AlongDrag } from '../../tools/drag-along';
  import type { FaceDrag } from '../../tools/drag-face.svelte';
  import { SNAP_PIXELS, type ItemDrag } from '../../tools/drag-item';
  import { actOnKey, groupOf } from '../../tools/item-actions';
  import { chooseOnKey, nudge, nudgeStep } from '../../tools/item-keys';
  import { annotationScale, fitCamera, keptInSight, toRoom, toScreen, type Camera } from '../camera';
  import { drawingZoom, SPARE, sourceOf } from '../drawing-zoom';
  import FaceMoved from './FaceMoved.svelte';
  import FindingPlace from './FindingPlace.svelte';
  import GapChips from './GapChips.svelte';
  import ItemMenu from './ItemMenu.svelte';
  import PickedPlaces from './PickedPlaces.svelte';
  import PlanShows from './PlanShows.svelte';
  import SelectionMark from './SelectionMark.svelte';
  import SnapMark from './SnapMark.svelte';
  import SurveyMarks from './SurveyMarks.svelte';
  import TieChips from './TieChips.svelte';
  import Underlays from './Underlays.svelte';
  import { pieces } from '../pieces';
  import type { Spot } from '../spread';
  import type { PlanPort } from '$lib/tools/plan-port';

  interface Props {
    drag: ItemDrag;
    faceDrag: FaceDrag;
    alongDrag: AlongDrag;
    port: PlanPort;
  }
  let { drag, faceDrag, alongDrag, port }: Props = $props();
  const { session, screen, pick: placePick, roomId } = useWorkspace();

  let view: HTMLDivElement;
  let width = $state(0);
  let height = $state(0);
  let camera: Camera = $state.raw({ k: 0.1, x: 0, y: 0 });
  let spaceHeld = $state(false);
  let pressed: string | null = null;
  let behaviour: ZoomBehavior<HTMLDivElement, unknown>;
  /** The whole plan is shown, and stays shown as it grows, until a person zooms or pans. */
  let framed = true;
  /** The size of the view it was last fitted to. */
  let fittedTo = '';

  const scale = $derived(annotationScale(camera));
  /** What may be left away, less and more of it, and how long the plan last took to draw so, ms: where that is more than a frame can spare, a drag draws less until it rests. */
  const lighter: { without: readonly Layer[]; cost: number }[] = [
    { without: [], cost: 0 },
    { without: ['labels'], cost: 0 },
    { without: WHILE_MOVING, cost: 0 },
  ];
  const groups = $derived.by(() => {
    const start = performance.now();
    const level = session.resting
      ? lighter[0]!
      : (lighter.find(({ cost }) => cost <= SPARE) ?? lighter.at(-1)!);
    const without = [...screen.plan.without, ...level.without];
    const drawn = markGroups(drawPlan(session.document, scale, { ...screen.plan, without }));
    level.cost = performance.now() - start;
    return drawn;
  });
  /** The room's first corner is its origin: where that is what moves, the view moves instead, and the rest stays where it was. */
  const shift = $derived(
    session.previewing
      ? sharedShift(roomShape(session.committed), roomShape(session.document))
      : { x: 0, y: 0 },
  );
  const viewBox = $derived(
    `${-camera.x / camera.k + shift.x} ${-camera.y / camera.k - shift.y} ${width / camera.k} ${height / camera.k}`,
  );

  onMount(() => {
    behaviour = drawingZoom({
      takesHold: (target) => sourceOf(target) !== null,
      panning: () => spaceHeld,
      onmove(next, byHand) {
        camera = next;
        if (byHand) framed = false;
      },
    });
    pick(view).call(behaviour);
    fit();
    port.locate = (clientX, clientY) => {
      const { left, top, right, bottom } = view.getBoundingClientRect();
      if (clientX < left || clientX > right || clientY < top || clientY > bottom) return null;
      return { at: toRoom(camera, { x: clientX - left, y: clientY - top }), snap: SNAP_PIXELS / camera.k };
    };
    port.fit = fit;
    return () => {
      port.locate = () => null;
    };
  });

  /** Shows the whole plan with its chains. Their room size depends on the zoom, so the bounds are taken again at the zoom found. */
  function fit() {
    const { clientWidth, clientHeight } = view;
    let next = fitCamera(drawingBounds(drawPlan(session.document, 1), 1), clientWidth, clientHeight, 100);
    for (let round = 0; round < 3; round++) {
      const at = annotationScale(next);
      next = fitCamera(drawingBounds(drawPlan(session.document, at), at), clientWidth, clientHeight, 20);
    }
    next = keptInSight(next, boundsOf(roomShape(session.document).outline), clientWidth, clientHeight);
    framed = true;
    fittedTo = `${clientWidth} ${clientHeight}`;
    pick(view).call(behaviour.transform, zoomIdentity.translate(next.x, next.y).scale(next.k));
  }

  let seen = untrack(() => roomShape(session.committed));
  $effect(() => {
    const shape = roomShape(session.committed);
    untrack(() => {
      const { x, y } = sharedShift(seen, shape);
      seen = shape;
      if ((x !== 0 || y !== 0) && behaviour) {
        const wasFramed = framed;
        pick(view).call(
          behaviour.transform,
          zoomIdentity.translate(camera.x - x * camera.k, camera.y + y * camera.k).scale(camera.k),
        );
        framed = wasFramed;
      }
    });
  });

  $effect(() => {
    const size = `${width} ${height}`;
    void session.committed;
    untrack(() => {
      if (framed && height > 0 && (size !== fittedTo || outgrown())) fit();
    });
  });

  /** Whether a chain or wall runs off the view. */
  function outgrown(): boolean {
    const { left, right, bottom, top } = drawingBounds(drawPlan(session.committed, scale), scale);
    const [a, b] = [toScreen(camera, { x: left, y: top }), toScreen(camera, { x: right, y: bottom })];
    return a.x < 0 || a.y < 0 || b.x > view.clientWidth || b.y > view.clientHeight;
  }

  /** Where the view lies on screen, taken when the pointer comes or presses: asking in every move would lay the page out anew each time. */
  let corner = { left: 0, top: 0 };

  function takeCorner() {
    corner = view.getBoundingClientRect();
  }

  function pixelOf(event: PointerEvent): Point {
    return { x: event.clientX - corner.left, y: event.clientY - corner.top };
  }

  function press(event: PointerEvent) {
    pressed = null;
    takeCorner();
    if (event.button !== 0 || spaceHeld) return;
    if (event.target instanceof Element && event.target.closest('button, input, .chip-card, .menu')) return;
    if (placePick.wants) {
      pressed = placePick.now!.id;
      placePick.click(toRoom(camera, pixelOf(event)), SNAP_PIXELS / camera.k);
      view.focus({ preventScroll: true });
      return;
    }
    if (drag.carrying) {
      const pixel = pixelOf(event);
      drag.move(pixel, toRoom(camera, pixel), SNAP_PIXELS / camera.k, event.altKey);
      pressed = drag.release() ?? 'carried';
      view.focus({ preventScroll: true });
      return;
    }
    const source = sourceOf(event.target);
    pressed = source ?? 'paper';
    const kind = session.committed.records[source ?? '']?.kind;
    if (source && event.shiftKey && (kind === 'face' || kind === 'item')) {
      screen.toggle(
        kind === 'item' ? groupOf(session.committed, source) : [source],
        (id) => session.committed.records[id]?.kind === kind,
      );
    } else if (source && kind === 'item') {
      const pixel = pixelOf(event);
      // In a group, one of it is reached by pressing it with Alt, or by its number in the facts.
      if (event.altKey) screen.select(source);
      else if (!screen.isSelected(source)) screen.choose(groupOf(session.committed, source));
      drag.pressItem(source, pixel, toRoom(camera, pixel), screen.chosen);
      view.setPointerCapture(event.pointerId);
    } else if (source) {
      screen.select(source);
      const pixel = pixelOf(event);
      if (screen.step === 'survey') faceDrag.press(source, pixel, toRoom(camera, pixel));
      if (screen.step === 'survey' || kind === 'section') {
        alongDrag.press(source, pixel, toRoom(camera, pixel));
        view.setPointerCapture(event.pointerId);
      }
    }
    view.focus({ preventScroll: true });
  }

  function closeMenu() {
    menu = null;
    view.focus({ preventScroll: true });
  }

  /** Where the ties of the chosen item stand. */
  let tied: readonly Spot[] = $state.raw([]);
  /** Where the menu of the chosen items is open, in pixels of the view. */
  let menu: Point | null = $state.raw(null);

  function openMenu(event: MouseEvent) {
    event.preventDefault();
    takeCorner();
    const source = sourceOf(event.target);
    const onItem = source !== null && session.committed.records[source]?.kind === 'item';
    if (onItem && !screen.isSelected(source)) screen.choose(groupOf(session.committed, source));
    menu = { x: event.clientX - corner.left, y: event.clientY - corner.top };
  }

  function move(event: PointerEvent) {
    const pixel = pixelOf(event);
    const at = toRoom(camera, pixel);
    screen.pointer = at;
    screen.hovered = drag.active ? null : sourceOf(event.target);
    drag.move(pixel, at, SNAP_PIXELS / camera.k, event.altKey);
    faceDrag.move(pixel, at, SNAP_PIXELS / camera.k);
    alongDrag.move(pixel, at, SNAP_PIXELS / camera.k);
    placePick.point(at, SNAP_PIXELS / camera.k);
  }

  /** A click on bare paper lets go of the selection; capture moves a click's target, so what was pressed decides. */
  function click() {
    if (pressed === 'paper') screen.select(null);
  }

  function keys(event: KeyboardEvent) {
    if (event.target !== view) return;
    if (event.key === ' ') {
      spaceHeld = true;
      event.preventDefault();
    } else if (event.key === 'Escape') {
      if (drag.active) drag.cancel();
      else if (faceDrag.active) faceDrag.cancel();
      else if (alongDrag.active) alongDrag.cancel();
      else if (placePick.now) placePick.stop();
      else screen.select(null);
    } else if (screen.selected && event.key.startsWith('Arrow') && !event.altKey) {
      if (nudge(session, screen.chosen, event.key, nudgeStep(session, event))) event.preventDefault();
    } else if (placePick.now?.purpose === 'outline' && (event.key === 'Enter' || event.key === 'Backspace')) {
      if (event.key === 'Enter') placePick.close();
      else placePick.takeBack();
      event.stopPropagation();
      event.preventDefault();
    } else if (event.key === 'a' && (event.ctrlKey || event.metaKey)) {
      screen.choose(itemBoxes(session.committed).map(({ id }) => id));
      event.preventDefault();
    } else if (event.key === 'ContextMenu' || (event.shiftKey && event.key === 'F10')) {
      const first = session.committed.records[screen.selected ?? ''];
      if (first?.kind === 'item')
        menu = toScreen(camera, middleOf(boxOf(first, roomShape(session.committed))));
      event.preventDefault();
    } else if (chooseOnKey(session, screen, event) || actOnKey({ session, screen, roomId }, event)) {
      event.preventDefault();
      event.stopPropagation();
    }
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (a drawing that takes keys: its things are also reached through the panels) -->
<div
  class="plan"
  class:panning={spaceHeld}
  role="application"
  aria-label="Plan. N goes to the next item, F to the next face, arrow keys nudge it, Tab reaches its ties."
  tabindex="0"
  bind:this={view}
  bind:clientWidth={width}
  bind:clientHeight={height}
  onpointerdown={press}
  onpointerenter={takeCorner}
  onpointermove={move}
  onpointerup={() => {
    drag.release();
    faceDrag.release();
    alongDrag.release();
  }}
  onpointercancel={() => {
    drag.cancel();
    faceDrag.cancel();
    alongDrag.cancel();
  }}
  onpointerleave={() => {
    screen.pointer = null;
    placePick.point(null, 0);
  }}
  onclick={click}
  oncontextmenu={openMenu}
  onkeydown={keys}
  onkeyup={(event) => event.key === ' ' && (spaceHeld = false)}
  onblur={() => (spaceHeld = false)}
>
  {#if width > 0}
    <svg class="drawing" {viewBox} {width} {height} aria-hidden="true">
      <Underlays />
      <g use:pieces={{ groups, scale }}></g>
      {#if screen.step === 'survey'}<SurveyMarks {scale} />{/if}
      <FindingPlace {scale} />
      <SelectionMark {scale} />
      <SnapMark {scale} />
      <PickedPlaces {scale} />
    </svg>
    {#if !faceDrag.active && (!drag.active || session.previewing)}<TieChips
        {camera}
        dragging={session.previewing}
        bind:taken={tied}
      />{/if}
    <PlanShows />
    {#if !session.previewing && screen.plan.mode !== 'ceiling'}<GapChips {camera} taken={tied} />{/if}
    {#if menu}<ItemMenu at={menu} onclose={closeMenu} />{/if}
    {#if faceDrag.by !== null}<FaceMoved by={faceDrag.by} onLine={faceDrag.onLine} {camera} />{/if}
  {/if}
</div>

<style>
  .plan {
    position: relative;
    width: 100%;
    height: 100%;
    overflow: hidden;
    background: var(--paper);
    touch-action: none;
    user-select: none;
    outline-offset: -3px;
  }
  .plan.panning {
    cursor: grab;
  }
  svg {
    position: absolute;
    inset: 0;
  }
  .drawing :global([data-layer='items'][data-source]),
  .drawing :global([data-layer='numbers'][data-source]) {
    cursor: grab;
  }
  .drawing :global([data-layer='openings'][data-source]),
  .drawing :global([data-layer='labels'][data-source]) {
    cursor: pointer;
  }
</style>
