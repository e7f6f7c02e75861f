<script lang="ts">
  import {
    contains,
    firstStand,
    itemBoxes,
    leftJamb,
    modelsIn,
    openShares,
    roomLight,
    roomShape,
    sceneOf,
    softRoom,
    type DayTime,
    walk,
    wayThere,
    withModels,
    type Point,
  } from 'goodreach';
  import { onMount, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import type { OnFace } from '../../tools/drag-item';
  import { nudge } from '../../tools/item-keys';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { verdictInks } from '$ui/verdict-inks';
  import HostedView from '../HostedView.svelte';
  import { hungOn } from './hung-on';
  import RoomTools from './RoomTools.svelte';
  import { RoomStage, type Hit, type RoomViewKind } from './room-stage';

  /** The room in three dimensions: from outside as a model, or from within at eye height. Chosen, moved and changed as in the plan. */
  let { kind }: { kind: RoomViewKind } = $props();
  const workspace = useWorkspace();
  const { session, screen, models, findings } = workspace;

  /** A key turns by so much, radians, and walks so far, mm. */
  const TURN = 0.14;
  const STRIDE = 260;
  /** Pictures of a walk to a place that was pointed at. */
  const STEPS = 14;
  /** What lies so low is stepped on, mm. */
  const UNDERFOOT = 30;
  /** How far a snap reaches where pixels are no measure, mm. */
  const SNAP = 120;

  let view: HTMLElement | undefined = $state();
  let canvas: HTMLCanvasElement;
  let width = $state(0);
  let height = $state(0);
  let stage: RoomStage | null = $state.raw(null);
  let problem = $state('');
  let eye = $state(1_600);
  let cut: number | null = $state(null);
  let time: DayTime = $state('noon');
  let soft = $state(false);

  const host: ViewHost = new ViewHost(workspace, {
    kind: 'room',
    sourceAt: (_, pixel) => sourceOf(stage?.hit(pixel.x, pixel.y) ?? null),
    placeAt: ({ x, y }) => stage?.placeAt(x, y, 0) ?? null,
    near: () => SNAP,
    wayOf,
    nudge: (key, by) => nudge(session, screen.chosen, key, by),
    menuAt: () => (screen.selected ? { x: width / 2, y: height / 2 } : null),
    key: ownKey,
    turning: { turn, zoom },
  });

  const groups = $derived(withModels(session.document, sceneOf(session.document), models.of));
  $effect(() => models.fetch(modelsIn(session.document)));
  const paper = () => getComputedStyle(canvas).getPropertyValue('--paper').trim() || '#F6F2E9';

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
    return () => stage?.dispose();
  });

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
      getComputedStyle(canvas).getPropertyValue('--clay').trim() || '#b8492a',
    );
  });
  $effect(() => {
    const style = getComputedStyle(canvas);
    stage?.shade(
      findings.shown.map(({ place, verdict, key }) => ({
        place,
        colour: style.getPropertyValue(verdictInks[verdict]).trim() || '#a12b3c',
        isShown: key === screen.finding,
      })),
    );
  });
  /** What the study of doors has opened: it is closed with it. */
  let studied: readonly string[] = [];
  $effect(() => {
    const { opened, step } = screen;
    if (!stage) return;
    const shares =
      opened && step === 'reach'
        ? openShares(session.settled, opened.share, opened.only)
        : new Map<string, number>();
    if (shares.size === 0 && studied.length === 0) return;
    for (const source of studied) if (!shares.has(source)) stage.batches.open(source, 0);
    for (const [source, share] of shares) stage.batches.open(source, share);
    studied = [...shares.keys()];
    stage.update(untrack(() => groups));
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

  /** Items are moved over the floor, at the height they were taken hold of; openings, while the room is surveyed, on their face. */
  function wayOf(id: string, { x, y }: Point): ((pixel: Point) => Point | OnFace | null) | null {
    const record = session.committed.records[id];
    const up = stage?.hit(x, y)?.up ?? 0;
    if (record?.kind === 'item') return (at) => stage?.placeAt(at.x, at.y, up) ?? null;
    if (record?.kind !== 'opening') return null;
    const face = roomShape(session.committed).byId.get(record.face)!;
    const middle = leftJamb(record, face) + record.width / 2;
    return (at) => stage?.placeOnFace(at.x, at.y, face, middle) ?? null;
  }

  /** Goes round the model, or with another button or Shift past it; looks about from within. */
  function turn({ x, y }: Point, { shiftKey, buttons }: PointerEvent) {
    if (!stage) return;
    const [dx, dy] = [x / height, y / height];
    if (kind === 'stand') stage.stand.look(dx * 1.6, dy * 1.4);
    else if (shiftKey || !(buttons & 1)) stage.model.pan(dx, dy);
    else stage.model.orbit(dx * 4, dy * 3);
    stage.request();
  }

  /** Opens or closes what is under the pointer; on the floor one walks there. */
  function openAt(event: MouseEvent) {
    const { x, y } = host.pixelOf(event);
    const hit = stage?.hit(x, y);
    if (!hit) return;
    // A rug is walked on as the floor is.
    if (kind === 'stand' && (hit.group.of === 'floor' || hit.up < UNDERFOOT)) void walkTo(hit.at);
    else if (hit.group.source) openOrClose([hit.group.source]);
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

  /** Keys of the camera, and of what opens. */
  function ownKey(event: KeyboardEvent): boolean {
    if (!stage) return false;
    const across = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    const along = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if ((across || along) && !event.altKey) {
      if (kind === 'model') stage.model.orbit(across * TURN, along * TURN);
      else if (event.shiftKey) go(0, across * STRIDE);
      else if (across) stage.stand.look(-across * TURN, 0);
      else go(along * STRIDE, 0);
      stage.request();
    } else if (event.key === '+' || event.key === '-') zoom(event.key === '+' ? 0.88 : 1.14);
    else if (event.key.toLowerCase() === 'o' && !event.ctrlKey && !event.metaKey) openOrClose(screen.chosen);
    else return false;
    return true;
  }
</script>

<HostedView
  {host}
  class="room"
  label={kind === 'model'
    ? 'Model: the room from outside. Arrow keys go round it, plus and minus nearer and farther; N goes to the next item, O opens it.'
    : 'Stand: the room from within. Arrow keys walk and turn, Shift with them goes aside; N goes to the next item, O opens it.'}
  bind:element={view}
  bind:width
  bind:height
  ondblclick={openAt}
  onwheel={wheel}
>
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
  {#if problem}
    <p class="problem" role="alert">{problem}</p>
  {:else if stage}
    <RoomTools {kind} {stage} bind:eye bind:cut bind:time bind:soft />
  {/if}
</HostedView>

<style>
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
