import {
  finishNamed,
  secondColour,
  type Design,
  type Finish,
  type LaidPiece,
  type LaidZone,
  type Origin,
  type Point,
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
  finish: Finish | null;
  /** Its second colour: which pieces, and in what. */
  second?: { isSecond: (piece: LaidPiece) => boolean; finish: Finish | null } | null;
}

const PLAIN = { tile: '#cfc6b4', grout: '#8d8471' };
/** What pieces of a zone of two colours are kept under: no slot of a pattern is called so. */
const [FIRST, SECOND] = [' first', ' second'];
/** Pieces of other sizes are so much lighter or darker, in turn. */
const TINTS = [0, 0.13, -0.1, 0.24];

/** The second colour of a zone as it is painted. */
export function secondOf(design: Design, zone: ZoneRecord, { cell }: LaidZone): PaintedZone['second'] {
  const isSecond = secondColour(zone, cell);
  return isSecond && { isSecond, finish: finishNamed(design, zone.colouring?.finish) };
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
  for (const { laid, rings, origin, turn, by, finish, second } of zones) {
    const [c, s] = [Math.cos(turn) * k * sharp, Math.sin(turn) * k * sharp];
    const matrix = new DOMMatrix([c, -s, -s, -c, (x + by.x * k) * sharp, (y - by.y * k) * sharp]);
    const colour = finish?.colour ?? PLAIN.tile;
    const ground = new Path2D();
    for (const ring of rings) trace(ground, ring);
    paper.setTransform(matrix);
    const grout = finish?.tile?.grout ?? PLAIN.grout;
    paper.fillStyle = grout;
    const pieces = new Map<string, Path2D>();
    const slivers = new Path2D();
    for (const piece of laid.laid.pieces) {
      const { slot } = piece.piece;
      const isSecond = second?.isSecond(piece) ?? false;
      const key = isSecond ? SECOND : second ? FIRST : slot;
      let path = pieces.get(key);
      if (!path) pieces.set(key, (path = new Path2D()));
      const { rings: outline, x: right, y: up } = piece.framed();
      for (const ring of outline) {
        trace(path, ring, right, up);
        if (laid.slivers.has(piece)) trace(slivers, ring, right, up);
      }
    }
    paper.fill(ground, 'nonzero');
    const framed = matrix.translate(origin.at.x, origin.at.y).rotate(origin.angle);
    paper.setTransform(framed);
    [...pieces].forEach(([key, path], index) => {
      paper.fillStyle =
        key === SECOND
          ? (second?.finish?.colour ?? PLAIN.tile)
          : tinted(colour, second ? 0 : TINTS[index % TINTS.length]!);
      paper.fill(path, 'nonzero');
      // Joints are seen however small they are drawn.
      paper.strokeStyle = grout;
      paper.lineWidth = 0.7 / k;
      paper.stroke(path);
    });
    if (laid.slivers.size === 0) continue;
    paper.setTransform(1, 0, 0, 1, 0, 0);
    const onScreen = new Path2D();
    onScreen.addPath(slivers, framed);
    paper.fillStyle = hatch(paper, sliver, sharp);
    paper.fill(onScreen, 'nonzero');
    paper.strokeStyle = sliver;
    paper.lineWidth = 1.5 * sharp;
    paper.stroke(onScreen);
  }
}

function trace(path: Path2D, ring: readonly Point[], right = 0, up = 0): void {
  // Closed by hand: closing a path of thousands of rings takes time that grows with all it has.
  const last = ring.at(-1)!;
  path.moveTo(last.x + right, last.y + up);
  for (const { x, y } of ring) path.lineTo(x + right, y + up);
}

/** A colour so much lighter, or darker. */
function tinted(colour: string, by: number): string {
  const towards = by > 0 ? 255 : 0;
  const parts = [1, 3, 5].map((at) => {
    const own = parseInt(colour.slice(at, at + 2), 16);
    return Math.round(own + (towards - own) * Math.abs(by));
  });
  return `rgb(${parts.join(' ')})`;
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
