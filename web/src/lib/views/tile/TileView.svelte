<script lang="ts">
  import {
    boundsOf,
    drawElevation,
    drawPlanWith,
    originOf,
    roomShape,
    surfaceWithin,
    svgMarks,
    tiledZones,
    zoneRegion,
    type Point,
    type TiledZone,
  } from 'goodreach';
  import { onDestroy, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { FieldDrag } from '$lib/tools/drag-field';
  import { SNAP_PIXELS } from '$lib/tools/drag-item';
  import { nudgeStep } from '$lib/tools/item-keys';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import { ViewHost } from '$lib/tools/view-host.svelte';
  import { fitCamera, toScreen } from '../camera';
  import { DrawingCamera, sourceOf } from '../drawing-camera.svelte';
  import HostedView from '../HostedView.svelte';
  import EdgeCuts from './EdgeCuts.svelte';
  import FallMarks from './FallMarks.svelte';
  import TileStrip from './TileStrip.svelte';
  import { paintZones, paintedTiles, type PaintedZone } from './zone-painter';

  /** The surface that is tiled, seen square on: its zones laid, the rest of the room as lines. The field of the zone in hand is its own handle. */
  const workspace = useWorkspace();
  const { session, screen, tools } = workspace;
  const work = tileWork(workspace);

  let view: HTMLElement | undefined = $state();
  let canvas: HTMLCanvasElement | undefined = $state();
  let width = $state(0);
  let height = $state(0);

  const design = $derived(session.document);
  const { reveal, side, apart } = $derived(work);
  const face = $derived(apart ? null : (roomShape(design).byId.get(work.key) ?? null));
  const called = $derived(apart || face ? surfaceWithin({ face, reveal, side }) : 'the floor');
  const zones = $derived(tiledZones(design).filter(({ surface }) => surface.key === work.key));

  /** The corners of the surface and of its zones, in the places of the drawing. */
  const corners = $derived.by(() => {
    const own = apart || face ? surfaceCorners() : roomShape(design).corners;
    return [...own, ...zones.flatMap((zone) => zone.rings.flat().map((at) => onDrawing(zone, at)))];
  });
  const drag = new FieldDrag(work);
  const { draw } = work;
  draw.known = () => corners;
  tools.push(drag, draw);
  onDestroy(() => {
    drag.cancel();
    draw.cancel();
    tools.remove(drag, draw);
  });

  const eye: DrawingCamera = new DrawingCamera({
    takesHold: (target) => draw.active || sourceOf(target) !== null,
    panning: () => host.panning,
    penned: () => host.penned,
  });
  const host: ViewHost = new ViewHost(workspace, {
    kind: 'tile',
    sourceAt: ({ target }) => sourceOf(target),
    placeAt: (pixel) => eye.toRoom(pixel),
    near: () => SNAP_PIXELS / 2 / eye.now.k,
    wayOf: (id) => {
      const zone = zones.find((one) => one.id === id);
      return zone ? (pixel) => onZone(zone, eye.toRoom(pixel)) : null;
    },
    key: ownKey,
    fit,
  });

  const camera = $derived(eye.now);
  const ground = $derived.by(() => {
    const without = ['dimensions', 'labels', 'numbers', 'sections', 'tiles', 'levels'];
    if (apart) return '';
    const marks = face
      ? drawElevation(design, face, eye.scale, 'screen')
      : drawPlanWith(null, design, eye.scale, { medium: 'screen' });
    return svgMarks(
      marks
        .filter(({ layer }) => !without.includes(layer))
        .map(({ source: _, ...mark }) => mark as (typeof marks)[number]),
      eye.scale,
    );
  });

  $effect(() => {
    if (view) eye.attach(view);
  });
  /** What was framed last: another surface, or another size of the view, is framed anew. */
  let framed = '';
  $effect(() => {
    const what = `${work.key} ${width} ${height}`;
    if (height === 0) return;
    untrack(() => {
      if (!framed.startsWith(`${work.key} `) || (eye.framed && what !== framed)) fit();
      framed = what;
    });
  });

  function fit() {
    const extent = apart || face ? surfaceCorners() : roomShape(design).outline;
    eye.frame(fitCamera(boundsOf(extent), width, height, 62));
  }

  function surfaceCorners(): Point[] {
    if (apart) return apart.flat();
    const { length: wide, ceiling } = face!;
    const [left, right] = ceiling;
    return [
      { x: 0, y: 0 },
      { x: wide, y: 0 },
      { x: wide, y: right },
      { x: 0, y: left },
    ];
  }

  /** A place of a zone on the drawing, and back. */
  function onDrawing({ surface }: Pick<TiledZone, 'surface'>, at: Point): Point {
    return surface.toDrawing(at);
  }
  function onZone({ surface }: Pick<TiledZone, 'surface'>, at: Point): Point {
    return surface.fromDrawing(at);
  }

  const painted = $derived(
    zones.flatMap(({ id, record, rings, surface, tiled: stored }): PaintedZone[] => {
      const tiled = id === work.area?.id ? work.tiled! : stored;
      if (!tiled.ok) return [];
      return [
        {
          ...{ laid: tiled.value, rings: zoneRegion(rings) },
          origin: originOf(id === work.area?.id ? work.zone! : record),
          tiles: paintedTiles(design, record, tiled.value),
          turn: surface.apart ? 0 : (surface.turn ?? 0),
          by: surface.toDrawing({ x: 0, y: 0 }),
        },
      ];
    }),
  );
  /** The colour of slivers by this light: asked for once, not in every frame of a drag. */
  const sliver = $derived.by(() => {
    void screen.dark;
    return canvas ? getComputedStyle(canvas).getPropertyValue('--clay').trim() : '';
  });
  $effect(() => {
    if (!canvas || width === 0) return;
    paintZones(canvas, painted, camera, { width, height, sliver });
  });

  const pathOf = (zone: TiledZone) =>
    zoneRegion(zone.rings)
      .map((ring) => `M${ring.map((at) => pixelOf(onDrawing(zone, at))).join('L')}Z`)
      .join('');
  function pixelOf(at: Point): string {
    const { x, y } = toScreen(camera, at);
    return `${x.toFixed(1)} ${y.toFixed(1)}`;
  }

  /** The two crossed arrows at the origin, along and across the pattern. */
  const cross = $derived.by(() => {
    const { area, zone } = work;
    if (!area || !zone) return null;
    const [c, s] = [Math.cos(zone.angle), Math.sin(zone.angle)];
    const at = toScreen(camera, onDrawing(area, zone.origin));
    const tip = (x: number, y: number) => {
      const end = toScreen(camera, onDrawing(area, { x: zone.origin.x + x, y: zone.origin.y + y }));
      const far = Math.hypot(end.x - at.x, end.y - at.y) || 1;
      return { x: (end.x - at.x) / far, y: (end.y - at.y) / far };
    };
    return { at, along: tip(c, s), across: tip(-s, c) };
  });
  const ARROW = 46;
  const arrow = (at: Point, way: Point) => {
    const end = { x: at.x + way.x * ARROW, y: at.y + way.y * ARROW };
    const barb = (side: number) =>
      `${end.x - way.x * 9 - way.y * side * 4} ${end.y - way.y * 9 + way.x * side * 4}`;
    return `M${at.x - way.x * 10} ${at.y - way.y * 10}L${end.x} ${end.y}M${barb(1)}L${end.x} ${end.y}L${barb(-1)}`;
  };

  const draft = $derived.by(() => {
    const { corners: set, next, shape } = draw;
    if (!draw.active || (set.length === 0 && !next)) return '';
    const all = next ? [...set, next] : set;
    const [a, b] = all;
    const shown = shape === 'rectangle' && a && b ? [a, { x: b.x, y: a.y }, b, { x: a.x, y: b.y }] : all;
    return `M${shown.map(pixelOf).join('L')}${shape === 'rectangle' && b ? 'Z' : ''}`;
  });
  const nextAt = $derived(draw.active && draw.next ? toScreen(camera, draw.next) : null);

  /** Arrow keys nudge the field by the rounding, with Control by a tile and its joint. */
  function ownKey(event: KeyboardEvent): boolean {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const { zone } = work;
    if (!way || event.altKey || !zone) return eye.key(event);
    const tile = event.ctrlKey || event.metaKey;
    const by = nudgeStep(session, event);
    const [x, y] = tile ? [zone.tile.w + zone.joint, zone.tile.h + zone.joint] : [by, by];
    return work.setOut({ x: zone.origin.x + way[0]! * x, y: zone.origin.y + way[1]! * y });
  }
</script>

<div class="stage">
  <HostedView
    {host}
    class="tiling"
    label="Tiles of {called}. Drag the field, or nudge it with the arrow keys."
    bind:element={view}
    bind:width
    bind:height
  >
    <svg class="drawing" {width} {height} viewBox={eye.viewBox(width, height)} aria-hidden="true">
      <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
      {@html ground}
    </svg>
    <canvas bind:this={canvas} style="width: {width}px; height: {height}px" aria-hidden="true"></canvas>
    <svg class="drawing" class:drawing-zone={draw.active} {width} {height} aria-hidden="true">
      {#each zones as zone (zone.id)}
        <path class="zone" class:chosen={zone.id === work.area?.id} data-source={zone.id} d={pathOf(zone)} />
      {/each}
      {#if work.area && work.falls && typeof work.falls === 'object'}
        <FallMarks {camera} falls={work.falls} onDrawing={(at) => onDrawing(work.area!, at)} />
      {/if}
      {#each work.area ? work.movement : [] as { a, b }, index (index)}
        <path class="movement" d="M{pixelOf(onDrawing(work.area!, a))}L{pixelOf(onDrawing(work.area!, b))}" />
      {/each}
      {#if cross}
        <path class="arrow under" d={arrow(cross.at, cross.along)} />
        <path class="arrow under" d={arrow(cross.at, cross.across)} />
        <path class="arrow" d={arrow(cross.at, cross.along)} />
        <path class="arrow" d={arrow(cross.at, cross.across)} />
      {/if}
      {#if draft}<path class="draft" d={draft} />{/if}
      {#if nextAt}<circle class="next" cx={nextAt.x} cy={nextAt.y} r="4" />{/if}
    </svg>
    {#if work.area && work.tiled?.ok && !draw.active}
      <EdgeCuts
        {camera}
        edges={work.tiled.value.edges}
        zone={work.area}
        onDrawing={(at) => onDrawing(work.area!, at)}
      />
    {/if}
    {#if work.caught}<p class="caught" role="status">{work.caught}</p>{/if}
    {#if draw.active}
      <p class="caught" role="status">
        {draw.shape === 'rectangle'
          ? 'Press two opposite corners of the zone. Escape ends it.'
          : draw.shape === 'split'
            ? 'Press two places that the line goes through. Escape ends it.'
            : 'Press its corners one after the other; Enter, or the first corner again, closes it.'}
      </p>
    {:else if zones.length === 0}
      <p class="empty">
        Nothing is tiled here yet. {apart
          ? 'Tile it'
          : face
            ? `Tile all of face ${face.letter}`
            : 'Tile the whole floor'}, or draw a zone, at the left.
      </p>
    {/if}
  </HostedView>
  <TileStrip />
</div>

<style>
  .stage {
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    height: 100%;
  }
  canvas {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }
  .zone {
    fill: transparent;
    stroke: var(--ink-drawing);
    stroke-width: 1;
    cursor: pointer;
  }
  .zone.chosen {
    stroke-width: 1.6;
    cursor: grab;
  }
  .drawing-zone .zone {
    pointer-events: none;
  }
  .arrow,
  .draft {
    fill: none;
    stroke: var(--clay);
    stroke-width: 2;
    pointer-events: none;
  }
  .arrow.under {
    stroke: var(--sheet);
    stroke-width: 5;
  }
  .draft {
    stroke: var(--tide);
    stroke-dasharray: 6 4;
  }
  .movement {
    fill: none;
    stroke: var(--tide);
    stroke-width: 2.4;
    stroke-dasharray: 10 4 2 4;
    pointer-events: none;
  }
  .next {
    fill: var(--sheet);
    stroke: var(--tide);
    stroke-width: 2;
    pointer-events: none;
  }
  .caught,
  .empty {
    position: absolute;
    left: 50%;
    translate: -50% 0;
    max-width: 90%;
    padding: 0.2rem 0.7rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    font-size: 13px;
    pointer-events: none;
  }
  .caught {
    top: 0.5rem;
    color: var(--tide);
  }
  .empty {
    top: 45%;
    color: var(--soft);
  }
</style>
