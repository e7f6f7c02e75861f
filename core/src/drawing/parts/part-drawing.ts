import type { Point } from '../../geometry/point';
import {
  axisOf,
  facesOf,
  isBore,
  machined,
  seenFrom,
  type Axis,
  type Board,
  type BoardFace,
  type Machining,
} from '../../shop/parts/board';
import type { Part } from '../../shop/parts/part';
import { oppositeFace, rectangleAt, ringFrom, workedFrom } from '../../shop/parts/part-outline';
import { DASH, line, outline, WEIGHT, type Primitive } from '../primitives';
import { overall, ROW, row, stretches } from './part-rows';

/** How far an edged edge is marked off, paper mm. */
const EDGE = 1.1;

/** A part as it lies before the saw or the drill: seen square on from one face, its machining, its edged edges, its sizes; mm, its low left corner at 0, 0. `scale` is mm per paper mm. */
export function partDrawing(part: Part, scale: number, say: (mm: number) => string): Primitive[] {
  const one = part.boards[0]!;
  const face = workedFrom(part);
  const { along, up } = seenFrom[face];
  const [wide, high] = [one[along][1] - one[along][0], one[up][1] - one[up][0]];
  const ring = ringFrom(one, face);
  const marks: Primitive[] = [outline('items', ring, WEIGHT.object, 'drawing', 'item')];
  for (const made of one.machining) marks.push(...machiningMarks(one, made, face, { wide, high }));
  marks.push(
    ...edgeMarks(part, one, face, scale, { wide, high }),
    ...grain(one, face, { wide, high }, scale),
  );
  const places = one.machining
    .filter((made) => made.face === face && isBore(made))
    .map((made) => machined(one, made).at);
  marks.push(
    ...row(
      places.map(([x]) => x),
      wide,
      { from: high, out: 1, upright: false },
      scale,
      say,
    ),
    ...row(
      places.map(([, y]) => y),
      high,
      { from: wide, out: 1, upright: true },
      scale,
      say,
    ),
    ...sizes(ring, wide, false, scale, say),
    ...sizes(ring, high, true, scale, say),
  );
  return marks;
}

/** How large a part is in one direction; of what is no rectangle, from corner to corner before that. */
function sizes(
  ring: readonly Point[],
  size: number,
  upright: boolean,
  scale: number,
  say: (mm: number) => string,
): Primitive[] {
  const corners = ring.map(({ x, y }) => Math.round((upright ? y : x) * 100) / 100);
  const places = [...new Set(corners)].sort((a, b) => a - b);
  const told = places.slice(1).map((to, index) => ({ span: [places[index]!, to] as const }));
  const where = { from: 0, out: -1, upright } as const;
  if (told.length < 2) return overall(size, where, scale, say);
  return [
    ...stretches(told, where, scale, say),
    ...overall(size, { ...where, from: -ROW * scale }, scale, say),
  ];
}

function machiningMarks(
  one: Board,
  made: Machining,
  face: BoardFace,
  { wide, high }: { wide: number; high: number },
): Primitive[] {
  const isHere = made.face === face;
  const isBehind = made.face === oppositeFace[face];
  if (made.type === 'notch') return [];
  if (isHere || isBehind) {
    const { at, size } = machined(one, { ...made, face } as Machining);
    const dash = isHere ? {} : { dash: DASH };
    if (typeof size === 'number')
      return [
        {
          ...{
            type: 'arc',
            layer: 'items',
            centre: { x: at[0], y: at[1] },
            radius: size / 2,
            from: 0,
            sweep: 2 * Math.PI,
          },
          ...{ weight: WEIGHT.top, ink: 'measure', ...dash },
        },
      ];
    return [
      {
        ...outline('items', rectangleAt(...at, ...size), WEIGHT.top, 'measure', isHere ? 'water' : undefined),
        ...dash,
      },
    ];
  }
  // From an edge: as deep as it goes in, out of sight.
  if (!isBore(made)) return [];
  const { along, against, up, down } = seenFrom[face];
  const x = against ? one[along][1] - made.at[along] : made.at[along] - one[along][0];
  const y = down ? one[up][1] - made.at[up] : made.at[up] - one[up][0];
  const half = made.size / 2;
  const isEnd = axisOf[made.face] === along;
  const [w, h] = isEnd ? [made.depth, made.size] : [made.size, made.depth];
  const left = isEnd ? (x < wide / 2 ? 0 : wide - made.depth) : x - half;
  const low = isEnd ? y - half : y < high / 2 ? 0 : high - made.depth;
  return [{ ...outline('items', rectangleAt(left, low, w, h), WEIGHT.thin, 'measure'), dash: DASH }];
}

/** The edges that are edged, marked off outside them. */
function edgeMarks(
  part: Part,
  one: Board,
  face: BoardFace,
  scale: number,
  { wide, high }: { wide: number; high: number },
): Primitive[] {
  const { along, against, up, down } = seenFrom[face];
  const off = EDGE * scale;
  const edge = (points: readonly Point[]) => line('items', points, WEIGHT.cut, 'top');
  const ends = { left: against ? 1 : 0, right: against ? 0 : 1, low: down ? 1 : 0, high: down ? 0 : 1 };
  // Of what is no rectangle each side is told by itself.
  const has = (axis: Axis, end: number) => !one.ring && one.edged.includes(facesOf[axis][end]!);
  const marks: Primitive[] = [];
  if (has(along, ends.left))
    marks.push(
      edge([
        { x: -off, y: 0 },
        { x: -off, y: high },
      ]),
    );
  if (has(along, ends.right))
    marks.push(
      edge([
        { x: wide + off, y: 0 },
        { x: wide + off, y: high },
      ]),
    );
  if (has(up, ends.low))
    marks.push(
      edge([
        { x: 0, y: -off },
        { x: wide, y: -off },
      ]),
    );
  if (has(up, ends.high))
    marks.push(
      edge([
        { x: 0, y: high + off },
        { x: wide, y: high + off },
      ]),
    );
  for (const at of part.edgedSides ?? []) {
    const ring = ringFrom(one, face);
    marks.push(edge([ring[at]!, ring[(at + 1) % ring.length]!]));
  }
  return marks;
}

/** Which way the grain runs: an arrow in the middle. */
function grain(
  one: Board,
  face: BoardFace,
  { wide, high }: { wide: number; high: number },
  scale: number,
): Primitive[] {
  const isAlong = seenFrom[face].along === one.grain;
  const long = Math.min((isAlong ? wide : high) / 3, 14 * scale) / 2;
  const tip = Math.min(long / 3, 1.6 * scale);
  const at = (by: number, across: number): Point =>
    isAlong ? { x: wide / 2 + by, y: high / 2 + across } : { x: wide / 2 + across, y: high / 2 + by };
  return [
    line('items', [at(-long, 0), at(long, 0)], WEIGHT.thin, 'faint'),
    line('items', [at(long - tip, tip / 2), at(long, 0), at(long - tip, -tip / 2)], WEIGHT.thin, 'faint'),
    line('items', [at(tip - long, tip / 2), at(-long, 0), at(tip - long, -tip / 2)], WEIGHT.thin, 'faint'),
  ];
}
