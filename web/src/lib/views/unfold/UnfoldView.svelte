<script lang="ts">
  import {
    drawUnfold,
    frameOf,
    dot,
    findBox,
    markGroups,
    roomShape,
    scale as scaled,
    unfoldedPlaces,
    unfoldedViews,
    wallHeightAt,
    type MarkGroup,
    type PlacedFace,
    type Point,
    type UnfoldedPlace,
    type UnfoldedView,
  } from 'goodreach';
  import { select as pick } from 'd3-selection';
  import { zoomIdentity, type ZoomBehavior } from 'd3-zoom';
  import { onMount, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import type { AlongDrag } from '../../tools/drag-along';
  import { SNAP_PIXELS, type ItemDrag, type OnFace } from '../../tools/drag-item';
  import { actOnKey, groupOf } from '../../tools/item-actions';
  import { chooseOnKey, nudgeStep, nudgeUpright } from '../../tools/item-keys';
  import { annotationScale, LEAST_ZOOM, toRoom, toScreen, type Camera } from '../camera';
  import { drawingZoom, SPARE, sourceOf } from '../drawing-zoom';
  import ItemMenu from '../plan/ItemMenu.svelte';
  import { emptyPort, type PlanPort } from '$lib/tools/plan-port';
  import { pieces } from '../pieces';
  import UnfoldTies from './UnfoldTies.svelte';

  /** All faces of the room side by side, under the plan: chosen, moved along and up, and set into, as in the plan. */
  interface Props {
    drag: ItemDrag;
    alongDrag: AlongDrag;
    port?: PlanPort;
  }
  let { drag, alongDrag, port = emptyPort() }: Props = $props();
  const { session, screen, roomId } = useWorkspace();

  /** What is within this of square to a view (the cosine) can be moved along it. */
  const SQUARE = 0.999;
  /** Room for the level markers left of the first face, pixels. */
  const LEVELS = 172;

  let view: HTMLDivElement;
  let width = $state(0);
  let height = $state(0);
  let camera: Camera = $state.raw({ k: 0.06, x: 90, y: 150 });
  let menu: Point | null = $state.raw(null);
  let pressed: string | null = null;
  /** The way in plan along the view something was last pressed in, where it is moved along that rather than its face. */
  let way: Point | null = null;
  let spaceHeld = false;
  let behaviour: ZoomBehavior<HTMLDivElement, unknown>;
  /** It is as high as the strip, until a person zooms. */
  let framed = true;

  const scale = $derived(annotationScale(camera));
  /** What was drawn last, and how long it took, ms: where that is more than a frame can spare, the strip follows a drag when it rests. */
  let drawn = { groups: [] as readonly MarkGroup[], cost: 0 };
  const groups = $derived.by(() => {
    if (!session.resting && drawn.cost > SPARE) return drawn.groups;
    const start = performance.now();
    const next = markGroups(drawUnfold(session.document, scale));
    // At rest there is time; a drag is measured by its own frames.
    drawn = { groups: next, cost: session.resting ? 0 : performance.now() - start };
    return next;
  });
  const viewBox = $derived(
    `${-camera.x / camera.k} ${-camera.y / camera.k} ${width / camera.k} ${height / camera.k}`,
  );
  const chosen = $derived(screen.chosen.flatMap((id) => unfoldedPlaces(session.document, id)));
  const hovered = $derived(
    screen.hovered && !screen.isSelected(screen.hovered)
      ? unfoldedPlaces(session.document, screen.hovered)
      : [],
  );

  onMount(() => {
    behaviour = drawingZoom({
      takesHold: (target) => isItem(target) || isAlong(target),
      panning: () => spaceHeld,
      onmove(next, byHand) {
        if (byHand && next.k !== camera.k) framed = false;
        camera = next;
      },
    });
    pick(view).call(behaviour);
    port.locate = (clientX, clientY) => {
      const { left, top, right, bottom } = view.getBoundingClientRect();
      if (clientX < left || clientX > right || clientY < top || clientY > bottom) return null;
      const at = placeAt({ x: clientX - left, y: clientY - top });
      return at && { at, snap: SNAP_PIXELS / camera.k };
    };
    port.fit = fit;
    return () => {
      port.locate = () => null;
    };
  });

  $effect(() => {
    void [width, height];
    untrack(() => {
      if (!framed || width === 0) return;
      fit();
      reveal(ownPlace(screen.selected ?? ''));
    });
  });

  /** As high as the strip, from the left end of the first face with the levels before it. */
  function fit() {
    const { faces } = roomShape(session.document);
    const high = Math.max(
      ...faces.map((face) => Math.max(wallHeightAt(face, 0), wallHeightAt(face, face.length))),
    );
    const k = Math.max(LEAST_ZOOM, (height - 52) / high);
    framed = true;
    move({ k, x: LEVELS, y: height - 40 });
  }

  function move({ k, x, y }: Camera) {
    pick(view).call(behaviour.transform, zoomIdentity.translate(x, y).scale(k));
  }

  /** Brings what is chosen or pointed at elsewhere into view. */
  function reveal(place: UnfoldedPlace | undefined) {
    if (!place || !behaviour) return;
    const [left, right] = [camera.x + place.left * camera.k, camera.x + place.right * camera.k];
    if (left >= 20 && right <= width - 20) return;
    const wanted = right - left > width - 120 ? 40 : (width - (right - left)) / 2;
    move({ ...camera, x: camera.x + wanted - left });
  }

  let inside = false;
  /** What was last chosen in the strip itself, where it is seen already. */
  let chosenHere: string | null = null;
  $effect(() => {
    const id = screen.hovered;
    if (id && !inside && !drag.active) untrack(() => reveal(unfoldedPlaces(session.document, id)[0]));
  });
  $effect(() => {
    const id = screen.selected;
    if (id !== chosenHere) {
      way = null;
      if (id && !drag.active) untrack(() => reveal(ownPlace(id)));
    }
    chosenHere = null;
  });

  /** Where something shows on the face it stands against, or from its front; else where it shows first. */
  function ownPlace(id: string): UnfoldedPlace | undefined {
    const places = unfoldedPlaces(session.document, id);
    const face = findBox(session.document, id)?.against?.face.id;
    const own = places.find(({ view }) => (face ? view.id === face : view.of === 'side'));
    return own ?? places[0];
  }

  /** The view of the strip under a pixel. */
  function viewAt(pixel: Point): UnfoldedView | undefined {
    const { x } = toRoom(camera, pixel);
    const views = unfoldedViews(session.committed);
    return views.findLast((one) => x >= one.x) ?? views[0];
  }

  /** The place of the unfolded room under a pixel: the face, how far along it and how high; null beside the faces. */
  function placeAt(pixel: Point): OnFace | null {
    const at = viewAt(pixel);
    if (at?.view.of !== 'face') return null;
    const { x, y } = toRoom(camera, pixel);
    return { face: at.view.face, along: x - at.x, up: y };
  }

  /** The way in plan along a view that an item seen there can be moved: it stands free, or its back is square to the view. Null where it is only seen. */
  function wayFor(id: string, { view }: UnfoldedView): Point | null {
    const { u } = frameOf(session.committed, view);
    const box = findBox(session.committed, id);
    if (!u || !box) return null;
    const square = Math.abs(dot(u, box.u)) > SQUARE;
    return !box.against || (view.of !== 'face' && square) ? u : null;
  }

  /** Where the pointer is for something that is moved along a view of the strip: a place of the room on a line in its direction. */
  function placeOn(way: Point, pixel: Point): Point {
    return scaled(way, toRoom(camera, pixel).x);
  }

  function isItem(target: EventTarget | null): boolean {
    return session.committed.records[sourceOf(target) ?? '']?.kind === 'item';
  }

  /** Whether something can be dragged along its face: what is surveyed, while it is. */
  function isAlong(target: EventTarget | null): boolean {
    const kind = session.committed.records[sourceOf(target) ?? '']?.kind;
    return screen.step === 'survey' && (kind === 'opening' || kind === 'fixed' || kind === 'service');
  }

  function pixelOf(event: MouseEvent): Point {
    const { left, top } = view.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }

  function press(event: PointerEvent) {
    pressed = null;
    if (event.button !== 0 || spaceHeld) return;
    if (event.target instanceof Element && event.target.closest('button, input, .chip-card, .menu')) return;
    const pixel = pixelOf(event);
    const at = placeAt(pixel);
    way = null;
    if (drag.carrying) {
      drag.move(pixel, at, SNAP_PIXELS / camera.k, event.altKey);
      pressed = drag.release() ?? 'carried';
      view.focus({ preventScroll: true });
      return;
    }
    const source = sourceOf(event.target);
    pressed = source ?? 'paper';
    chosenHere = source;
    const kind = session.committed.records[source ?? '']?.kind;
    if (source && event.shiftKey && (kind === 'face' || kind === 'item')) {
      const ids = kind === 'item' ? groupOf(session.committed, source) : [source];
      screen.toggle(ids, (id) => session.committed.records[id]?.kind === kind);
    } else if (source && kind === 'item') {
      if (event.altKey) screen.select(source);
      else if (!screen.isSelected(source)) screen.choose(groupOf(session.committed, source));
      // What is seen here from its end is chosen, but moved in the plan or on its own face.
      const box = findBox(session.committed, source);
      const here = viewAt(pixel);
      way = here ? wayFor(source, here) : null;
      const from = at && box?.against?.face.id === at.face.id ? at : way && placeOn(way, pixel);
      if (from) {
        drag.pressItem(source, pixel, from, screen.chosen);
        view.setPointerCapture(event.pointerId);
      }
    } else if (source) {
      screen.select(source);
      if (at && isAlong(event.target)) {
        alongDrag.press(source, pixel, at);
        view.setPointerCapture(event.pointerId);
      }
    }
    view.focus({ preventScroll: true });
  }

  /** The place under a pixel on the face that something is dragged along, which the pointer may leave. */
  function placeAlong(face: PlacedFace, pixel: Point): OnFace {
    const { x, y } = toRoom(camera, pixel);
    const of = unfoldedViews(session.committed).find(({ view }) => view.of === 'face' && view.id === face.id);
    return { face, along: x - (of?.x ?? 0), up: y };
  }

  function point(event: PointerEvent) {
    const pixel = pixelOf(event);
    screen.hovered = drag.active || alongDrag.active ? null : sourceOf(event.target);
    const seenOn = alongDrag.seenOn;
    if (seenOn) alongDrag.move(pixel, placeAlong(seenOn, pixel), SNAP_PIXELS / camera.k);
    const at = way && !drag.carrying ? placeOn(way, pixel) : placeAt(pixel);
    drag.move(pixel, at, SNAP_PIXELS / camera.k, event.altKey);
  }

  function openMenu(event: MouseEvent) {
    event.preventDefault();
    const source = sourceOf(event.target);
    if (source && isItem(event.target) && !screen.isSelected(source))
      screen.choose(groupOf(session.committed, source));
    menu = pixelOf(event);
  }

  function keys(event: KeyboardEvent) {
    if (event.target !== view) return;
    if (event.key === ' ') spaceHeld = true;
    else if (event.key === 'Escape') {
      if (drag.active) drag.cancel();
      else if (alongDrag.active) alongDrag.cancel();
      else screen.select(null);
    } else if (screen.selected && event.key.startsWith('Arrow') && !event.altKey) {
      const step = nudgeStep(session, event);
      if (!nudgeUpright(session, screen.chosen, event.key, step, way ?? undefined)) return;
    } else if (event.key === 'ContextMenu' || (event.shiftKey && event.key === 'F10')) {
      const place = ownPlace(screen.selected ?? '');
      if (place)
        menu = toScreen(camera, { x: (place.left + place.right) / 2, y: (place.low + place.high) / 2 });
    } else if (chooseOnKey(session, screen, event) || actOnKey({ session, screen, roomId }, event))
      event.stopPropagation();
    else return;
    event.preventDefault();
  }

  const box = ({ left, right, low, high }: UnfoldedPlace) =>
    `M${left} ${-low}L${right} ${-low}L${right} ${-high}L${left} ${-high}Z`;

  /** Short ticks off each corner, as registration marks. */
  function ticks({ left, right, low, high }: UnfoldedPlace): string {
    const [gap, reach] = [0.9 * scale, 2.4 * scale];
    const corner = (x: number, y: number, dx: number, dy: number) =>
      `M${x + dx * gap} ${-y}L${x + dx * reach} ${-y}M${x} ${-(y + dy * gap)}L${x} ${-(y + dy * reach)}`;
    return (
      corner(left, low, -1, -1) +
      corner(right, low, 1, -1) +
      corner(right, high, 1, 1) +
      corner(left, high, -1, 1)
    );
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (a drawing that takes keys: its things are also reached through the panels) -->
<div
  class="unfold"
  role="application"
  aria-label="Unfold: every face side by side. N goes to the next item, F to the next face, arrow keys move it along and up, Tab reaches its ties."
  tabindex="0"
  bind:this={view}
  bind:clientWidth={width}
  bind:clientHeight={height}
  onpointerdown={press}
  onpointermove={point}
  onpointerenter={() => (inside = true)}
  onpointerleave={() => {
    inside = false;
    screen.hovered = null;
  }}
  onpointerup={() => {
    drag.release();
    alongDrag.release();
  }}
  onpointercancel={() => {
    drag.cancel();
    alongDrag.cancel();
  }}
  onclick={() => pressed === 'paper' && screen.select(null)}
  oncontextmenu={openMenu}
  onkeydown={keys}
  onkeyup={(event) => event.key === ' ' && (spaceHeld = false)}
  onblur={() => (spaceHeld = false)}
>
  {#if width > 0}
    <svg class="drawing" {viewBox} {width} {height} aria-hidden="true">
      <g use:pieces={{ groups, scale }}></g>
      {#each hovered as place (place.view.id)}
        <path
          class="mark"
          d={box(place)}
          stroke-width={0.3 * scale}
          stroke-dasharray="{0.4 * scale} {0.8 * scale}"
        />
      {/each}
      {#each chosen as place, index (index)}
        <path class="mark chosen" d={box(place)} stroke-width={0.45 * scale} />
        <path class="mark" d={ticks(place)} stroke-width={0.45 * scale} />
      {/each}
    </svg>
    <UnfoldTies {camera} dragging={session.previewing} />
    {#if menu}<ItemMenu
        at={menu}
        onclose={() => {
          menu = null;
          view.focus({ preventScroll: true });
        }}
      />{/if}
  {/if}
</div>

<style>
  .unfold {
    position: relative;
    width: 100%;
    height: 100%;
    overflow: hidden;
    background: var(--paper);
    touch-action: none;
    user-select: none;
    outline-offset: -3px;
  }
  svg.drawing {
    position: absolute;
    inset: 0;
  }
  .mark {
    fill: none;
    stroke: var(--clay);
    pointer-events: none;
  }
  .chosen {
    fill: color-mix(in srgb, var(--clay) 8%, transparent);
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
