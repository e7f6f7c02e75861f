import {
  finishNamed,
  groutOf,
  patternExtent,
  patternOver,
  remember,
  rememberOne,
  shaded,
  shadeOf,
  tileFinish,
  tileOrder,
  tilesOf,
  widened,
  zoneRegion,
  type Bounds,
  type Design,
  type Finish,
  type Laid,
  type LaidPiece,
  type LaidZone,
  type Origin,
  type Point,
  type TileOf,
  type ZoneRecord,
} from 'goodreach';
import type { Camera } from '../camera';

/** A zone as it is painted: laid, how its places come onto the drawing, and what it is finished with. */
export interface PaintedZone {
  laid: LaidZone;
  rings: readonly (readonly Point[])[];
  /** Where its pattern begins, in its places. */
  origin: Origin;
  /** From the zone's places to those of the drawing: turned by an angle, then moved, mm. */
  turn: number;
  by: Point;
  tiles: PaintedTiles;
}

/** What the tiles of a zone are finished with, and which of them a piece is of where it has more than one: the very same for the same tiles, wherever they begin. */
export interface PaintedTiles {
  finishes: Record<TileOf, Finish | null>;
  tileOf: ((piece: LaidPiece) => TileOf) | null;
  /** Whether it has two colours. */
  two: boolean;
  /** The colour of its joints. */
  grout: string;
}

/** Tiles of no finish that is known. */
const PLAIN = '#cfc6b4';
/** The edges of sheets, on tiles of any colour. */
const SHEETS = 'rgb(20 18 14 / 0.6)';
/** Pieces of other sizes are so much lighter or darker, in turn. */
const TINTS = [0, 0.13, -0.1, 0.24];

/** The tiles of a zone as they are painted. */
export function paintedTiles(design: Design, zone: ZoneRecord, { cell }: LaidZone): PaintedTiles {
  const named = (of: TileOf) => [of, finishNamed(design, tileFinish(zone, of))] as const;
  const finishes = Object.fromEntries(tileOrder.map(named)) as PaintedTiles['finishes'];
  const { border, colouring, pattern } = zone;
  return tilesOnce(cell, {
    ...{ finishes, grout: groutOf(zone, finishes.first) },
    zone: { pattern, ...(border && { border }), ...(colouring && { colouring }) },
  });
}

type FinishedTiles = Pick<PaintedTiles, 'finishes' | 'grout'> & { zone: Parameters<typeof tilesOf>[0] };
const tilesOnce = remember(
  (cell: LaidZone['cell'], { zone, finishes, grout }: FinishedTiles): PaintedTiles => ({
    ...{ finishes, grout },
    tileOf: tilesOf(zone, cell),
    two: zone.colouring !== undefined,
  }),
);

/** Paints zones as they look, straight on: each size of a pattern in a shade of its tile, slivers hatched. */
export function paintZones(
  canvas: HTMLCanvasElement,
  zones: readonly PaintedZone[],
  { k, x, y }: Camera,
  { width, height, sliver }: { width: number; height: number; sliver: string },
): void {
  const sharp = window.devicePixelRatio || 1;
  const [wide, high] = [Math.round(width * sharp), Math.round(height * sharp)];
  if (canvas.width !== wide) canvas.width = wide;
  if (canvas.height !== high) canvas.height = high;
  const paper = canvas.getContext('2d')!;
  paper.setTransform(1, 0, 0, 1, 0, 0);
  paper.clearRect(0, 0, wide, high);
  for (const { laid, rings, origin, turn, by, tiles } of zones) {
    const [c, s] = [Math.cos(turn) * k * sharp, Math.sin(turn) * k * sharp];
    const matrix = new DOMMatrix([c, -s, -s, -c, (x + by.x * k) * sharp, (y - by.y * k) * sharp]);
    paper.setTransform(matrix);
    paper.fillStyle = tiles.grout;
    paper.fill(outlineOf(rings), 'nonzero');
    // Joints are seen however small they are drawn.
    paper.strokeStyle = tiles.grout;
    paper.lineWidth = 0.7 / k;
    const edges = outlineOf(zoneRegion(laid.ground));
    paper.save();
    paper.clip(edges, 'nonzero');
    paper.setTransform(onto(matrix, origin));
    paint(paper, patternOf(laid, origin, tiles));
    paper.restore();
    paper.stroke(edges);
    const slivers = new Path2D();
    for (const part of [{ laid: laid.field, origin }, ...laid.border]) {
      const framed = onto(matrix, part.origin);
      paper.setTransform(framed);
      if (part.laid !== laid.field) paint(paper, traced(part.laid.pieces, tiles));
      if (laid.slivers.size > 0) slivers.addPath(narrow(part.laid, laid.slivers), framed);
    }
    if (laid.sheets) {
      const sheets = new Path2D();
      const visit = tracing(sheets);
      for (const piece of laid.sheets.pieces) piece.eachRing(visit);
      paper.setTransform(onto(matrix, origin));
      paper.strokeStyle = SHEETS;
      paper.lineWidth = 1.5 / k;
      paper.stroke(sheets);
    }
    if (laid.slivers.size === 0) continue;
    paper.setTransform(1, 0, 0, 1, 0, 0);
    paper.fillStyle = hatch(paper, sliver, sharp);
    paper.fill(slivers, 'nonzero');
    paper.strokeStyle = sliver;
    paper.lineWidth = 1.5 * sharp;
    paper.stroke(slivers);
  }
}

/** From the frame a pattern is laid in onto the canvas. */
const onto = (matrix: DOMMatrix, { at, angle }: Origin): DOMMatrix =>
  matrix.translate(at.x, at.y).rotate(angle);

/** The outline of a region: one for all frames of a drag. */
const outlineOf = rememberOne((rings: readonly (readonly Point[])[]): Path2D => {
  const outline = new Path2D();
  for (const ring of rings) trace(outline, ring);
  return outline;
});

/** A pattern as it was last painted with some tiles, as far as this extent. */
const painted = new WeakMap<PaintedTiles, { extent: Bounds; pieces: readonly Painted[] }>();
/** It is painted further than is needed by this share of what is, and no more than so much, mm: so far a field is dragged before it is traced anew. */
const FURTHER = { share: 0.1, most: 300 };

/** All of the pattern of a zone as far as its field reaches, and somewhat further, to be cut off at the field's edges: while that is dragged nothing of it is traced anew. */
function patternOf(laid: LaidZone, origin: Origin, tiles: PaintedTiles): readonly Painted[] {
  const needed = patternExtent(laid, origin);
  const { left, right, bottom, top } = needed;
  const known = painted.get(tiles);
  if (known) {
    const { extent } = known;
    const isWithin = extent.left <= left && extent.right >= right && extent.bottom <= bottom;
    if (isWithin && extent.top >= top) return known.pieces;
  }
  const by = Math.min(FURTHER.most, FURTHER.share * Math.max(right - left, top - bottom));
  const extent = widened(needed, by);
  const pattern = patternOver(laid.cell, extent);
  if (!pattern.ok) return traced(laid.field.pieces, tiles);
  const pieces = traced(pattern.value.pieces, tiles);
  painted.set(tiles, { extent, pieces });
  return pieces;
}

function paint(paper: CanvasRenderingContext2D, pieces: readonly Painted[]): void {
  for (const { path, colour } of pieces) {
    paper.fillStyle = colour;
    paper.fill(path, 'nonzero');
    paper.stroke(path);
  }
}

/** Those of some pieces that are slivers. */
function narrow({ pieces }: Laid, slivers: ReadonlySet<LaidPiece>): Path2D {
  const path = new Path2D();
  const visit = tracing(path);
  for (const piece of pieces) if (slivers.has(piece)) piece.eachRing(visit);
  return path;
}

/** What of some pieces is painted in one colour. */
interface Painted {
  path: Path2D;
  colour: string;
  visit: RingVisit;
}

/** Pieces by the colour they are painted in, as paths in the frame they are laid in. */
function traced(pieces: readonly LaidPiece[], { finishes, tileOf, two }: PaintedTiles): readonly Painted[] {
  const found = new Map<string, Map<number, Painted>>();
  const slots = new Map<string, number>();
  for (const piece of pieces) {
    const of = tileOf?.(piece) ?? 'first';
    const isSized = of === 'first' && !two;
    const { slot } = piece.piece;
    const finish = finishes[of];
    const shade = finish?.tile?.shade ? shadeOf(piece, finish.tile.shade) : 0;
    const group = isSized ? slot : ` ${of}`;
    let shades = found.get(group);
    if (!shades) found.set(group, (shades = new Map()));
    let known = shades.get(shade);
    if (!known) {
      if (isSized && !slots.has(slot)) slots.set(slot, TINTS[slots.size % TINTS.length]!);
      const colour = shaded(finish?.colour ?? PLAIN, (isSized ? slots.get(slot)! : 0) + shade);
      const path = new Path2D();
      shades.set(shade, (known = { path, colour, visit: tracing(path) }));
    }
    piece.eachRing(known.visit);
  }
  return [...found.values()].flatMap((shades) => [...shades.values()]);
}

type RingVisit = Parameters<LaidPiece['eachRing']>[0];
const tracing =
  (path: Path2D): RingVisit =>
  (ring, right, up) =>
    trace(path, ring, right, up);

function trace(path: Path2D, ring: readonly Point[], right = 0, up = 0): void {
  // Closed by hand: closing a path of thousands of rings takes time that grows with all it has.
  const last = ring.at(-1)!;
  path.moveTo(last.x + right, last.y + up);
  for (const { x, y } of ring) path.lineTo(x + right, y + up);
}

/** Hatches by their colour and how sharp the screen is: one for all frames of a drag. */
const hatches = new Map<string, CanvasPattern>();

function hatch(paper: CanvasRenderingContext2D, colour: string, sharp: number): CanvasPattern {
  const key = `${colour} ${sharp}`;
  const known = hatches.get(key);
  if (known) return known;
  const size = 6 * sharp;
  const piece = document.createElement('canvas');
  [piece.width, piece.height] = [size, size];
  const lines = piece.getContext('2d')!;
  lines.strokeStyle = colour;
  lines.lineWidth = 1.6 * sharp;
  for (const off of [-size, 0, size]) {
    lines.moveTo(off, size);
    lines.lineTo(off + size, 0);
  }
  lines.stroke();
  const made = paper.createPattern(piece, 'repeat')!;
  hatches.set(key, made);
  return made;
}
