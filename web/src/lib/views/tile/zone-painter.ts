import {
  finishNamed,
  groutOf,
  shaded,
  shadeOf,
  tileFinish,
  tileOrder,
  tilesOf,
  type Design,
  type Finish,
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

/** What the tiles of a zone are finished with, and which of them a piece is of where it has more than one. */
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
  return {
    ...{ finishes, grout: groutOf(zone, finishes.first) },
    tileOf: tilesOf(zone, cell),
    two: zone.colouring !== undefined,
  };
}

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
    const ground = new Path2D();
    for (const ring of rings) trace(ground, ring);
    paper.setTransform(matrix);
    const { grout } = tiles;
    paper.fillStyle = grout;
    paper.fill(ground, 'nonzero');
    const onScreen = new Path2D();
    for (const part of [{ laid: laid.field, origin }, ...laid.border]) {
      const framed = matrix.translate(part.origin.at.x, part.origin.at.y).rotate(part.origin.angle);
      const { pieces, slivers } = traced(part.laid.pieces, laid.slivers, tiles);
      paper.setTransform(framed);
      for (const { path, colour } of pieces) {
        paper.fillStyle = colour;
        paper.fill(path, 'nonzero');
        // Joints are seen however small they are drawn.
        paper.strokeStyle = grout;
        paper.lineWidth = 0.7 / k;
        paper.stroke(path);
      }
      onScreen.addPath(slivers, framed);
    }
    if (laid.sheets) {
      const sheets = new Path2D();
      for (const piece of laid.sheets.pieces) {
        const { rings: outlines, x: right, y: up } = piece.framed();
        for (const ring of outlines) trace(sheets, ring, right, up);
      }
      paper.setTransform(matrix.translate(origin.at.x, origin.at.y).rotate(origin.angle));
      paper.strokeStyle = SHEETS;
      paper.lineWidth = 1.5 / k;
      paper.stroke(sheets);
    }
    if (laid.slivers.size === 0) continue;
    paper.setTransform(1, 0, 0, 1, 0, 0);
    paper.fillStyle = hatch(paper, sliver, sharp);
    paper.fill(onScreen, 'nonzero');
    paper.strokeStyle = sliver;
    paper.lineWidth = 1.5 * sharp;
    paper.stroke(onScreen);
  }
}

/** Pieces by the colour they are painted in, and those of them that are slivers, as paths in the frame they are laid in. */
function traced(
  pieces: readonly LaidPiece[],
  narrow: ReadonlySet<LaidPiece>,
  { finishes, tileOf, two }: PaintedTiles,
): { pieces: { path: Path2D; colour: string }[]; slivers: Path2D } {
  const found = new Map<string, { path: Path2D; colour: string }>();
  const slots = new Map<string, number>();
  const slivers = new Path2D();
  for (const piece of pieces) {
    const of = tileOf?.(piece) ?? 'first';
    const isSized = of === 'first' && !two;
    const { slot } = piece.piece;
    const finish = finishes[of];
    const shade = finish?.tile?.shade ? shadeOf(piece, finish.tile.shade) : 0;
    const key = `${isSized ? slot : ` ${of}`} ${shade}`;
    let known = found.get(key);
    if (!known) {
      if (isSized && !slots.has(slot)) slots.set(slot, TINTS[slots.size % TINTS.length]!);
      const colour = shaded(finish?.colour ?? PLAIN, (isSized ? slots.get(slot)! : 0) + shade);
      found.set(key, (known = { path: new Path2D(), colour }));
    }
    const { rings, x, y } = piece.framed();
    for (const ring of rings) {
      trace(known.path, ring, x, y);
      if (narrow.has(piece)) trace(slivers, ring, x, y);
    }
  }
  return { pieces: [...found.values()], slivers };
}

function trace(path: Path2D, ring: readonly Point[], right = 0, up = 0): void {
  // Closed by hand: closing a path of thousands of rings takes time that grows with all it has.
  const last = ring.at(-1)!;
  path.moveTo(last.x + right, last.y + up);
  for (const { x, y } of ring) path.lineTo(x + right, y + up);
}

function hatch(paper: CanvasRenderingContext2D, colour: string, sharp: number): CanvasPattern {
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
  return paper.createPattern(piece, 'repeat')!;
}
