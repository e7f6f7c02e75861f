<script lang="ts">
  import {
    contains,
    firstStand,
    itemBoxes,
    leftJamb,
    roomLight,
    roomShape,
    sceneOf,
    softRoom,
    type DayTime,
    walk,
    wayThere,
    type Point,
  } from 'goodreach';
  import { onMount, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import type { AlongDrag } from '../../tools/drag-along';
  import type { ItemDrag } from '../../tools/drag-item';
  import { actOnKey, groupOf } from '../../tools/item-actions';
  import { chooseOnKey, nudge, nudgeStep } from '../../tools/item-keys';
  import ItemMenu from '../plan/ItemMenu.svelte';
  import { emptyPort, type PlanPort } from '$lib/tools/plan-port';
  import { hungOn } from './hung-on';
  import RoomTools from './RoomTools.svelte';
  import { RoomStage, type Hit, type RoomViewKind } from './room-stage';

  /** The room in three dimensions: from outside as a model, or from within at eye height. Chosen, moved and changed as in the plan. */
  interface Props {
    kind: RoomViewKind;
    drag: ItemDrag;
    alongDrag: AlongDrag;
    port?: PlanPort;
  }
  let { kind, drag, alongDrag, port = emptyPort() }: Props = $props();
  const { session, screen, roomId } = useWorkspace();

  /** A key turns by so much, radians, and walks so far, mm. */
  const TURN = 0.14;
  const STRIDE = 260;
  /** Pictures of a walk to a place that was pointed at. */
  const STEPS = 14;
  /** Pixels a pointer travels before a press is no click. */
  const CLICK = 4;

  let view: HTMLDivElement;
  let canvas: HTMLCanvasElement;
  let width = $state(0);
  let height = $state(0);
  let stage: RoomStage | null = $state.raw(null);
  let problem = $state('');
  let eye = $state(1_600);
  let cut: number | null = $state(null);
  let time: DayTime = $state('noon');
  let soft = $state(false);
  let menu: Point | null = $state.raw(null);
  let press: { from: Point; last: Point; button: number; moved: boolean; up: number; way: boolean } | null =
    null;
  const touches = new Map<number, Point>();

  const groups = $derived(sceneOf(session.document));
  const paper = () => getComputedStyle(view).getPropertyValue('--paper').trim() || '#F6F2E9';

  onMount(() => {
    try {
      stage = new RoomStage(canvas);
    } catch {
      problem =
        'This browser can’t draw in three dimensions: WebGL is switched off or missing. Plan and unfold show the same room; switch on hardware acceleration to see it here.';
      return;
    }
    soft = stage.softness === 'quick';
    const { at, turn } = firstStand(session.committed);
    stage.stand.stand(at, turn);
    port.locate = (clientX, clientY) => {
      const { left, top, right, bottom } = view.getBoundingClientRect();
      if (!stage || clientX < left || clientX > right || clientY < top || clientY > bottom) return null;
      const place = stage.placeAt(clientX - left, clientY - top, 0);
      return place && { at: place, snap: SNAP };
    };
    return () => {
      port.locate = () => null;
      stage?.dispose();
    };
  });

  /** How far a snap reaches where pixels are no measure, mm. */
  const SNAP = 120;

  $effect(() => {
    if (!stage || width === 0 || height === 0) return;
    stage.resize(width, height, Math.min(window.devicePixelRatio, 2));
    untrack(() => fitOnce());
  });
  $effect(() => {
    if (!stage) return;
    const { faces } = roomShape(session.document);
    stage.setWalls(
      faces.map((face) => [face.id, { at: face.start, n: face.n }]),
      (group) => hungOn(session.document, group),
    );
    stage.update(groups);
    untrack(() => fitOnce());
  });
  $effect(() => {
    void groups;
    const [design, within] = [session.document, kind === 'stand'];
    stage?.shine(roomLight(design, time, within), (count) => softRoom(design, time, within, count));
  });
  $effect(() => {
    stage?.view(kind, paper());
  });
  $effect(() => {
    const chosen = new Set(screen.chosen);
    stage?.mark(
      groups.filter(({ source, of }) => source !== null && of !== 'top' && chosen.has(source)),
      getComputedStyle(view).getPropertyValue('--clay').trim() || '#b8492a',
    );
  });
  $effect(() => {
    stage?.setSoft(soft);
  });
  $effect(() => {
    stage?.cut(kind === 'model' ? cut : null);
  });
  $effect(() => {
    if (!stage) return;
    stage.stand.eye = eye;
    stage.request();
  });

  let fitted = false;
  function fitOnce() {
    if (fitted || !stage || width === 0) return;
    const box = stage.box();
    if (box.isEmpty()) return;
    stage.model.fit(box);
    fitted = true;
    stage.request();
  }

  /** The record something is chosen by; of a countertop the item it lies on there. */
  function sourceOf(hit: Hit | null): string | null {
    if (!hit) return null;
    const { group, at } = hit;
    if (group.of !== 'top') return group.source;
    const under = itemBoxes(session.document).find(
      ({ kind, footprint }) => kind.top === 'under' && contains(footprint, at),
    );
    return under?.id ?? group.source;
  }

  function pixelOf(event: PointerEvent | MouseEvent): Point {
    const { left, top } = view.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }

  function down(event: PointerEvent) {
    if (event.target instanceof Element && event.target.closest('button, input, .chip-card, .menu')) return;
    if (!stage) return;
    const pixel = pixelOf(event);
    touches.set(event.pointerId, pixel);
    if (drag.carrying) {
      const at = stage.placeAt(pixel.x, pixel.y, 0);
      drag.move(pixel, at, SNAP, event.altKey);
      drag.release();
      view.focus({ preventScroll: true });
      return;
    }
    const hit = event.button === 0 ? stage.hit(pixel.x, pixel.y) : null;
    const source = sourceOf(hit);
    const holds =
      source !== null && screen.isSelected(source) && session.committed.records[source]?.kind === 'item';
    press = { from: pixel, last: pixel, button: event.button, moved: false, up: hit?.up ?? 0, way: false };
    if (holds) {
      const at = stage.placeAt(pixel.x, pixel.y, press.up);
      if (at) {
        drag.pressItem(source, pixel, at, screen.chosen);
        press.way = true;
      }
    }
    const along = source === null ? null : alongOn(source, pixel);
    if (source !== null && along) {
      alongDrag.press(source, pixel, along);
      press.way = true;
    }
    view.setPointerCapture(event.pointerId);
    view.focus({ preventScroll: true });
  }

  /** Where the pointer is on the face that something chosen is let into, while the room is surveyed; null for what is not dragged so. */
  function alongOn(source: string, pixel: Point) {
    const record = session.committed.records[source];
    if (screen.step !== 'survey' || !screen.isSelected(source) || record?.kind !== 'opening') return null;
    const face = roomShape(session.committed).byId.get(record.face)!;
    return stage!.placeOnFace(pixel.x, pixel.y, face, leftJamb(record, face) + record.width / 2);
  }

  function move(event: PointerEvent) {
    const pixel = pixelOf(event);
    if (!stage) return;
    if (drag.carrying) {
      drag.move(pixel, stage.placeAt(pixel.x, pixel.y, 0), SNAP, event.altKey);
      return;
    }
    if (!press) return;
    if (Math.hypot(pixel.x - press.from.x, pixel.y - press.from.y) > CLICK) press.moved = true;
    const { seenOn } = alongDrag;
    if (press.way && seenOn) {
      alongDrag.move(pixel, alongOn(screen.selected ?? '', pixel), SNAP / 2);
      return;
    }
    if (press.way) {
      drag.move(pixel, stage.placeAt(pixel.x, pixel.y, press.up), SNAP, event.altKey);
      return;
    }
    const before = touches.get(event.pointerId);
    touches.set(event.pointerId, pixel);
    const [other] = [...touches].filter(([id]) => id !== event.pointerId).map(([, at]) => at);
    const [dx, dy] = [(pixel.x - press.last.x) / height, (pixel.y - press.last.y) / height];
    press.last = pixel;
    if (before && other) {
      const apart = (a: Point) => Math.hypot(a.x - other.x, a.y - other.y);
      zoom(apart(before) / Math.max(1, apart(pixel)));
    } else if (kind === 'model') {
      if (press.button !== 0 || event.shiftKey) stage.model.pan(dx, dy);
      else stage.model.orbit(dx * 4, dy * 3);
    } else stage.stand.look(dx * 1.6, dy * 1.4);
    stage.request();
  }

  function up(event: PointerEvent) {
    touches.delete(event.pointerId);
    if (press?.way) {
      drag.release();
      alongDrag.release();
    }
    const pressed = press;
    press = null;
    if (!pressed || pressed.moved || pressed.button !== 0 || !stage) return;
    const source = sourceOf(stage.hit(pressed.from.x, pressed.from.y));
    if (source === null) screen.select(null);
    else if (session.document.records[source]?.kind === 'item') {
      const ids = groupOf(session.committed, source);
      if (event.shiftKey) screen.toggle(ids, (id) => session.committed.records[id]?.kind === 'item');
      else screen.choose(ids);
    } else screen.select(source);
  }

  /** Opens or closes what is under the pointer; on the floor one walks there. */
  function openAt(event: MouseEvent) {
    const { x, y } = pixelOf(event);
    const hit = stage?.hit(x, y);
    if (hit?.group.source) openOrClose([hit.group.source]);
    else if (hit?.group.of === 'floor' && kind === 'stand') void walkTo(hit.at);
  }

  async function walkTo(at: Point) {
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    for (const place of wayThere(session.committed, stage!.stand.at, at, still ? 1 : STEPS)) {
      if (!stage) return;
      stage.stand.stand(place);
      stage.request();
      await new Promise((next) => requestAnimationFrame(next));
    }
  }

  function openOrClose(sources: readonly string[]) {
    if (!stage) return;
    for (const source of sources)
      if (stage.batches.opens(source)) stage.batches.open(source, stage.batches.isOpen(source) ? 0 : 1);
    stage.update(groups);
  }

  function zoom(by: number) {
    if (!stage) return;
    if (kind === 'model') stage.model.zoom(by);
    else go((1 - by) * 900, 0);
    stage.request();
  }

  /** Walks so far ahead and to the right, mm, as far as nothing is in the way. */
  function go(ahead: number, right: number) {
    if (!stage) return;
    stage.stand.stand(walk(session.committed, stage.stand.at, stage.stand.way(ahead, right)));
    stage.request();
  }

  function wheel(event: WheelEvent) {
    event.preventDefault();
    zoom(Math.exp(Math.max(-100, Math.min(100, event.deltaY)) * 0.0016));
  }

  function openMenu(event: MouseEvent) {
    event.preventDefault();
    if (press?.moved) return;
    const pixel = pixelOf(event);
    const source = sourceOf(stage?.hit(pixel.x, pixel.y) ?? null);
    if (source && session.document.records[source]?.kind === 'item' && !screen.isSelected(source))
      screen.choose(groupOf(session.committed, source));
    menu = pixel;
  }

  function keys(event: KeyboardEvent) {
    if (event.target !== view || !stage) return;
    const across = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    const along = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    const chosen = session.committed.records[screen.selected ?? '']?.kind === 'item';
    if (event.key === 'Escape') {
      if (drag.active) drag.cancel();
      else if (alongDrag.active) alongDrag.cancel();
      else screen.select(null);
    } else if ((across || along) && chosen && !event.altKey) {
      if (!nudge(session, screen.chosen, event.key, nudgeStep(session, event))) return;
    } else if ((across || along) && !event.altKey) {
      if (kind === 'model') stage.model.orbit(across * TURN, along * TURN);
      else if (event.shiftKey) go(0, across * STRIDE);
      else if (across) stage.stand.look(-across * TURN, 0);
      else go(along * STRIDE, 0);
      stage.request();
    } else if (event.key === '+' || event.key === '-') zoom(event.key === '+' ? 0.88 : 1.14);
    else if (event.key === 'o' || event.key === 'O') openOrClose(screen.chosen);
    else if (chooseOnKey(session, screen, event) || actOnKey({ session, screen, roomId }, event))
      event.stopPropagation();
    else return;
    event.preventDefault();
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (a picture that takes keys: its things are also reached through the panels) -->
<div
  class="room"
  role="application"
  aria-label={kind === 'model'
    ? 'Model: the room from outside. Arrow keys go round it, plus and minus nearer and farther; N goes to the next item, O opens it.'
    : 'Stand: the room from within. Arrow keys walk and turn, Shift with them goes aside; N goes to the next item, O opens it.'}
  tabindex="0"
  bind:this={view}
  bind:clientWidth={width}
  bind:clientHeight={height}
  onpointerdown={down}
  onpointermove={move}
  onpointerup={up}
  onpointercancel={() => {
    press = null;
    touches.clear();
    drag.cancel();
    alongDrag.cancel();
  }}
  ondblclick={openAt}
  onwheel={wheel}
  oncontextmenu={openMenu}
  onkeydown={keys}
>
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
  {#if problem}
    <p class="problem" role="alert">{problem}</p>
  {:else if stage}
    <RoomTools {kind} {stage} bind:eye bind:cut bind:time bind:soft />
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
  .room {
    position: relative;
    width: 100%;
    height: 100%;
    overflow: hidden;
    background: var(--paper);
    touch-action: none;
    user-select: none;
    outline-offset: -3px;
  }
  canvas {
    display: block;
    width: 100%;
    height: 100%;
  }
  .problem {
    position: absolute;
    inset: 0;
    display: grid;
    place-content: center;
    max-width: 34rem;
    margin: auto;
    padding: 1rem;
  }
</style>
