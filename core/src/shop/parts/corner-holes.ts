import type { Point } from '../../geometry/point';
import type { FrontPart } from '../../solids/front-parts';
import { worked, type Axis, type Board, type BoardFace, type BoardFrame, type Machining } from './board';
import type { CabinetBox } from './cabinet-box';
import { hingePlaces } from './hinges';
import { PLATE } from './shelves';

/** The uprights of a corner are screwed to its bottom and top, so far from their ends; shelves lie on a pin in the middle of each back and near the front of each side. mm */
const SCREW = { size: 5, from: 50 };
const PIN_FROM = 60;
/** A hinge at this distance from the outer edge of an end turns on it, mm. */
const NEAR = 40;

/** A front of a corner with what is hung on it, in the cabinet's frame. */
interface HungFront {
  parts: readonly FrontPart[];
  long: number;
  frame?: BoardFrame;
}

const isUpright = ({ name }: Board): boolean =>
  name === 'back' || name === 'side-left' || name === 'side-right';

/** The boards of a corner with the holes that hold them, their shelves and the plates of their hinges. */
export function boredCorner(
  box: CabinetBox,
  boards: readonly Board[],
  fronts: readonly HungFront[],
): Board[] {
  const levels = boards.filter(({ name }) => name === 'bottom' || name === 'top');
  const shelves = boards.filter(({ name }) => name === 'shelf');
  return boards.map((one) => {
    if (!isUpright(one)) return one;
    const plates = one.name === 'back' || box.made.build.frame ? [] : platesOn(box, one, fronts);
    return worked(one, [
      ...levels.flatMap((level) => screws(one, (level.z[0] + level.z[1]) / 2, box)),
      ...shelves.flatMap((shelf) => pin(box, one, shelf.z[0])),
      ...plates,
    ]);
  });
}

/** How many screws that is. */
export const cornerScrews = (boards: readonly Board[]): number =>
  2 *
  boards.filter(isUpright).length *
  boards.filter(({ name }) => name === 'bottom' || name === 'top').length;

const alongOf = ({ thin }: Board): Axis => (thin === 'x' ? 'y' : 'x');

/** The faces of an upright that look into its cabinet and out of it. */
function facesOf(
  { thin, x, y }: Board,
  { width, depth }: CabinetBox,
): { inner: BoardFace; outer: BoardFace } {
  if (thin === 'x') {
    const isLeft = x[0] + x[1] < width;
    return isLeft ? { inner: 'right', outer: 'left' } : { inner: 'left', outer: 'right' };
  }
  return y[0] + y[1] < depth ? { inner: 'front', outer: 'back' } : { inner: 'back', outer: 'front' };
}

/** The place of a face of a board in the direction it is thin in. */
const planeOf = (one: Board, face: BoardFace): number =>
  one[one.thin][face === 'left' || face === 'back' || face === 'bottom' ? 0 : 1];

function hole(
  one: Board,
  face: BoardFace,
  at: { along: number; z: number },
  size: number,
  depth: number,
): Machining {
  const place = { x: 0, y: 0, z: at.z, [one.thin]: planeOf(one, face), [alongOf(one)]: at.along };
  return { type: 'hole', face, at: place, size, depth };
}

function screws(one: Board, z: number, box: CabinetBox): Machining[] {
  const [from, to] = one[alongOf(one)];
  const { outer } = facesOf(one, box);
  const thick = one[one.thin][1] - one[one.thin][0];
  const off = Math.min(SCREW.from, (to - from) / 4);
  return [from + off, to - off].map((along) => hole(one, outer, { along, z }, SCREW.size, thick));
}

function pin(box: CabinetBox, one: Board, under: number): Machining[] {
  const { holes } = box.made.build;
  const [from, to] = one[alongOf(one)];
  const { inner } = facesOf(one, box);
  const far = frontEnd(one, box);
  const off = Math.min(PIN_FROM, (to - from) / 2);
  const along = one.name === 'back' ? (from + to) / 2 : far === to ? to - off : from + off;
  return [hole(one, inner, { along, z: under - holes.size / 2 }, holes.size, holes.deep)];
}

/** The end of a side at which the cabinet is open. */
function frontEnd(one: Board, { width }: CabinetBox): number {
  const [from, to] = one[alongOf(one)];
  if (one.thin === 'x') return to;
  return from + to < width ? to : from;
}

function platesOn(box: CabinetBox, one: Board, fronts: readonly HungFront[]): Machining[] {
  const { build } = box.made;
  const { inner } = facesOf(one, box);
  const end = frontEnd(one, box);
  const sign = end === one[alongOf(one)][1] ? -1 : 1;
  return fronts.flatMap(({ parts, long, frame }) => {
    if (!frame) return [];
    const { origin, u } = frame;
    return parts
      .filter(({ hinge }) => hinge === 'left' || hinge === 'right')
      .filter(({ hinge }) => {
        const by = hinge === 'left' ? 0 : long;
        return isNear(one, { x: origin.x + u.x * by, y: origin.y + u.y * by });
      })
      .flatMap((part) => hingePlaces(part, build))
      .flatMap(({ z }) =>
        [-PLATE, PLATE].map((off) =>
          hole(
            one,
            inner,
            { along: end + sign * build.holes.edge, z: z + off },
            build.holes.size,
            build.holes.deep,
          ),
        ),
      );
  });
}

function isNear({ x, y }: Board, at: Point): boolean {
  const away = Math.hypot(Math.max(x[0] - at.x, 0, at.x - x[1]), Math.max(y[0] - at.y, 0, at.y - y[1]));
  return away < NEAR;
}
