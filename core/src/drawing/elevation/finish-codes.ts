import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import type { Solid } from '../../solids/solids';
import { finishAlong, finishOf } from '../../surfaces/finish-of';
import { finishNamed } from '../../surfaces/finishes';
import { BALLOON } from '../balloon';
import { outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';
import type { Bodies } from './draw-bodies';
import { seenOf } from './hidden';
import type { Panel } from './panels';

/** The code of what is seen of a body from before it; undefined where it has no finish we know, or shows none. */
export function codeOf(design: Design, { of, box, id, carriers = [] }: Solid): string | undefined {
  const record = of === 'fixed' ? design.records[id] : undefined;
  if (record?.kind === 'fixed') return finishNamed(design, record.finish)?.code;
  if (of === 'splash') return finishAlong(design, 'splash', carriers)?.code;
  if (of !== 'item' || !box) return undefined;
  const { group, rows } = box.kind;
  if (group === 'panels') return finishOf(design, 'end', id)?.code;
  return rows && group !== 'appliances' ? finishOf(design, 'front', id)?.code : undefined;
}

/** Half the height of a code's frame, and what is left beside its letters and about it, paper mm. */
const HALF = 1.9;
const BESIDE = 1.1;
const ABOUT = 1.6;

/** A finish code in its frame, with opaque ground. */
export function framedCode(code: string, at: Point, scale: number, source?: string): Primitive[] {
  const half = textWidth(code, TEXT.small, false) / 2 + BESIDE;
  const corner = (x: number, y: number) => ({ x: at.x + x * half * scale, y: at.y + y * HALF * scale });
  const frame = outline(
    'labels',
    [corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)],
    WEIGHT.thin,
    'drawing',
    'paper',
  );
  return [
    { ...frame, ...(source !== undefined && { source }) },
    {
      ...{ type: 'text', layer: 'labels', at, text: code, size: TEXT.small },
      ...{ anchor: 'middle', turn: 0, ink: 'drawing' },
      ...(source !== undefined && { source }),
    },
  ];
}

/** What else the codes of an elevation follow from: that of its wall and where that ends, the numbers that are drawn on it, its scale. */
interface Around {
  wall: { code: string | undefined; length: number; high: number };
  numbers: readonly Primitive[];
  scale: number;
}

/** The code of every finish of an elevation once for what stands, what hangs and what is against the wall: on the widest piece that has room for it in a low corner, and in a corner of the wall itself. */
export function drawFinishCodes(
  { panels, hiding }: Bodies,
  codes: ReadonlyMap<Solid, string>,
  { wall, numbers, scale }: Around,
): Primitive[] {
  const told = new Set<string>();
  const balloons = numbers.flatMap((mark) => (mark.type === 'text' ? [mark.at] : []));
  const widest = panels
    .filter(({ solid, section }) => !section && codes.has(solid))
    .sort((a, b) => b.right - b.left - (a.right - a.left) || a.left - b.left);
  const found = widest.flatMap((panel): Primitive[] => {
    const { solid, left, right, low, high } = panel;
    const code = codes.get(solid)!;
    const key = `${code} ${solid.of} ${solid.low > 0 ? 'hung' : 'stands'}`;
    if (told.has(key)) return [];
    const half = (textWidth(code, TEXT.small, false) / 2 + BESIDE) * scale;
    const [x, y] = [ABOUT * scale + half, (ABOUT + HALF) * scale];
    if (right - left < 2 * x || high - low < 2 * y) return [];
    const at = [
      { x: right - x, y: low + y },
      { x: left + x, y: low + y },
    ].find(
      (place) =>
        clear(place, half, hiding(panel), scale) &&
        !isHeld(panel, place, half, scale) &&
        !onNumber(balloons, place, half, scale),
    );
    if (!at) return [];
    told.add(key);
    return framedCode(code, at, scale, solid.id);
  });
  if (wall.code === undefined) return found;
  const half = (textWidth(wall.code, TEXT.small, false) / 2 + BESIDE) * scale;
  const y = wall.high - (ABOUT + HALF) * scale;
  const at = [0, 0.5, 1]
    .map((share) => ({
      x: half + ABOUT * scale + share * (wall.length - 2 * (half + ABOUT * scale)),
      y,
    }))
    .find((place) => wall.length > 3 * half && clear(place, half, panels, scale));
  return at ? [...found, ...framedCode(wall.code, at, scale)] : found;
}

/** Whether a code would stand on a number. */
const onNumber = (balloons: readonly Point[], at: Point, half: number, scale: number): boolean =>
  balloons.some(
    ({ x, y }) =>
      Math.abs(x - at.x) < half + BALLOON * scale && Math.abs(y - at.y) < (HALF + BALLOON) * scale,
  );

/** How far about a handle no code stands, mm. */
const HANDLE = 60;

/** Whether a front is taken hold of where a code would stand. */
function isHeld({ parts, from, shrink, solid }: Panel, at: Point, half: number, scale: number): boolean {
  return parts.some(({ pull }) => {
    if (!pull) return false;
    const [x, y] = [from + pull.across * shrink, solid.low + pull.up];
    return Math.abs(x - at.x) < half + HANDLE && Math.abs(y - at.y) < HALF * scale + HANDLE;
  });
}

/** Whether nothing stands before any corner of a code. */
function clear(at: Point, half: number, hiding: readonly Panel[], scale: number): boolean {
  return [-1, 0, 1].every((across) =>
    [-1, 1].every((up) => {
      const from = { x: at.x + across * half, y: at.y + up * HALF * scale };
      return seenOf(from, { x: from.x + 0.01, y: from.y }, hiding).length > 0;
    }),
  );
}
