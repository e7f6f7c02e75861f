<script lang="ts">
  import {
    drawStrip,
    frameOf,
    dot,
    findBox,
    markGroups,
    roomShape,
    scale as scaled,
    unfoldedPlaces,
    unfoldedViews,
    wallHeightAt,
    type PlacedFace,
    type Point,
    type UnfoldedPlace,
    type UnfoldedView,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { SNAP_PIXELS, type OnFace } from '../../tools/drag-item';
  import { nudgeUpright } from '../../tools/item-keys';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { LEAST_ZOOM, toScreen } from '../camera';
  import { DrawingCamera, sourceOf } from '../drawing-camera.svelte';
  import { Cost } from '../cost';
  import HostedView from '../HostedView.svelte';
  import { pieceRow } from '../pieces';
  import UnfoldFindings from './UnfoldFindings.svelte';
  import UnfoldTies from './UnfoldTies.svelte';

  // All faces of the room side by side, under the plan: chosen, moved along and up, and set into, as in the plan.
  const workspace = useWorkspace();
  const { session, screen, tools } = workspace;

  /** Milliseconds of a frame of a drag that the strip can take, with the tops and bodies it shows. */
  const SPARE = 6;
  /** What is within this of square to a view (the cosine) can be moved along it. */
  const SQUARE = 0.999;
  /** Room for the level markers left of the first face, pixels. */
  const LEVELS = 172;

  let view: HTMLElement | undefined = $state();
  let width = $state(0);
  let height = $state(0);
  /** The way in plan along the view something was last pressed in, where it is moved along that rather than its face. */
  let way: Point | null = null;

  const eye: DrawingCamera = new DrawingCamera({
    start: { k: 0.06, x: 90, y: 150 },
    takesHold: (target) => isItem(target) || isAlong(target),
    panning: () => host.panning,
    penned: () => host.penned,
    // It is as high as the strip, until a person zooms.
    leavesFrame: (now, before) => now.k !== before.k,
  });
  const host: ViewHost = new ViewHost(workspace, {
    kind: 'unfold',
    sourceAt({ target, type }) {
      const source = sourceOf(target);
      if (type === 'pointerdown') chosenHere = source;
      return source;
    },
    placeAt,
    near: () => SNAP_PIXELS / eye.now.k,
    wayOf,
    nudge: (key, by) => nudgeUpright(session, screen.chosen, key, by, way ?? undefined),
    menuAt() {
      const place = ownPlace(screen.selected ?? '');
      return (
        place && toScreen(camera, { x: (place.left + place.right) / 2, y: (place.low + place.high) / 2 })
      );
    },
    key: (event) => eye.key(event),
    pointed: (_, within) => (inside = within),
    fit,
  });
  const camera = $derived(eye.now);
  const scale = $derived(eye.scale);
  /** The design the strip was last drawn of, and what that takes: where a frame can't spare it, the strip follows a drag when it rests. */
  let drawn = session.committed;
  const cost = new Cost(SPARE);
  const shown = $derived(session.resting || cost.fits() ? session.document : drawn);
  /** The strip is drawn as far as it is seen and at least a quarter as much on either side, in steps of so much. */
  const quarter = $derived(width / camera.k / 4);
  const from = $derived((Math.floor(-camera.x / camera.k / quarter) - 1) * quarter);
  const strip = $derived.by(() => {
    drawn = shown;
    const part = { from, to: from + 7 * quarter };
    const draw = () =>
      drawStrip(shown, scale, part).map(({ key, x, marks }) => ({ key, x, groups: markGroups(marks) }));
    // At rest there is time; a drag is measured by its own frames.
    if (!session.resting) return cost.of(draw);
    cost.forget();
    return draw();
  });
  const viewBox = $derived(eye.viewBox(width, height));
  const chosen = $derived(screen.chosen.flatMap((id) => unfoldedPlaces(shown, id)));
  const hovered = $derived(
    screen.hovered && !screen.isSelected(screen.hovered) ? unfoldedPlaces(shown, screen.hovered) : [],
  );

  $effect(() => {
    if (view) eye.attach(view);
  });

  $effect(() => {
    void [width, height];
    untrack(() => {
      if (!eye.framed || width === 0) return;
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
    eye.frame({ k, x: LEVELS, y: height - 40 });
  }

  /** Brings what is chosen or pointed at elsewhere into view. */
  function reveal(place: UnfoldedPlace | null | undefined) {
    if (!place) return;
    const [left, right] = [camera.x + place.left * camera.k, camera.x + place.right * camera.k];
    if (left >= 20 && right <= width - 20) return;
    const wanted = right - left > width - 120 ? 40 : (width - (right - left)) / 2;
    eye.move({ ...camera, x: camera.x + wanted - left });
  }

  let inside = false;
  /** What was last chosen in the strip itself, where it is seen already. */
  let chosenHere: string | null = null;
  $effect(() => {
    const id = screen.hovered;
    if (id && !inside && !tools.active) untrack(() => reveal(unfoldedPlaces(shown, id)[0]));
  });
  $effect(() => {
    const id = screen.selected;
    if (id !== chosenHere) {
      way = null;
      if (id && !tools.active) untrack(() => reveal(ownPlace(id)));
    }
    chosenHere = null;
  });

  /** Where something shows on the face it stands against, or from its front; else where it shows first. */
  function ownPlace(id: string): UnfoldedPlace | null {
    const places = unfoldedPlaces(shown, id);
    const face = findBox(shown, id)?.against?.face.id;
    const own = places.find(({ view }) => (face ? view.id === face : view.of === 'side'));
    return own ?? places[0] ?? null;
  }

  /** The view of the strip under a pixel. */
  function viewAt(pixel: Point): UnfoldedView | undefined {
    const { x } = eye.toRoom(pixel);
    const views = unfoldedViews(session.committed);
    return views.findLast((one) => x >= one.x) ?? views[0];
  }

  /** The place of the unfolded room under a pixel: the face, how far along it and how high; null beside the faces. */
  function placeAt(pixel: Point): OnFace | null {
    const at = viewAt(pixel);
    if (at?.view.of !== 'face') return null;
    const { x, y } = eye.toRoom(pixel);
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
    return scaled(way, eye.toRoom(pixel).x);
  }

  function isItem(target: EventTarget | null): boolean {
    return session.committed.records[sourceOf(target) ?? '']?.kind === 'item';
  }

  /** Whether something can be dragged along its face: what is surveyed, while it is. */
  function isAlong(target: EventTarget | null): boolean {
    const kind = session.committed.records[sourceOf(target) ?? '']?.kind;
    return screen.step === 'survey' && (kind === 'opening' || kind === 'fixed' || kind === 'service');
  }

  /** An item is moved on the face it stands against, or along the view where it is square to it: what is seen here from its end is moved in the plan or on its own face. What else can be moved is moved along its face. */
  function wayOf(id: string, pixel: Point): ((pixel: Point) => Point | OnFace | null) | null {
    const here = viewAt(pixel);
    way = null;
    if (!here) return null;
    const { view } = here;
    if (session.committed.records[id]?.kind !== 'item')
      return view.of === 'face' ? (at) => placeAlong(view.face, at) : null;
    const square = (way = wayFor(id, here));
    if (view.of === 'face' && findBox(session.committed, id)?.against?.face.id === view.id) return placeAt;
    return square && ((at) => placeOn(square, at));
  }

  /** The place under a pixel on the face that something is dragged along, which the pointer may leave. */
  function placeAlong(face: PlacedFace, pixel: Point): OnFace {
    const { x, y } = eye.toRoom(pixel);
    const of = unfoldedViews(session.committed).find(({ view }) => view.of === 'face' && view.id === face.id);
    return { face, along: x - (of?.x ?? 0), up: y };
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

<HostedView
  {host}
  class="unfold"
  label="Unfold: every face side by side. N goes to the next item, F to the next face, arrow keys move it along and up, Tab reaches its ties."
  bind:element={view}
  bind:width
  bind:height
>
  {#if width > 0}
    <svg class="drawing" {viewBox} {width} {height} aria-hidden="true">
      <g use:pieceRow={{ drawings: strip, scale }}></g>
      {#each hovered as place (place.view.id)}
        <path
          class="mark"
          d={box(place)}
          stroke-width={0.3 * scale}
          stroke-dasharray="{0.4 * scale} {0.8 * scale}"
        />
      {/each}
      <UnfoldFindings design={shown} {scale} />
      {#each chosen as place, index (index)}
        <path class="mark chosen" d={box(place)} stroke-width={0.45 * scale} />
        <path class="mark" d={ticks(place)} stroke-width={0.45 * scale} />
      {/each}
    </svg>
    <UnfoldTies design={shown} {camera} dragging={session.previewing} />
  {/if}
</HostedView>

<style>
  .mark {
    fill: none;
    stroke: var(--clay);
    pointer-events: none;
  }
  .chosen {
    fill: color-mix(in srgb, var(--clay) 8%, transparent);
  }
</style>
