import type { Design } from '../../document/design';
import { groupedBy } from '../../document/grouped';
import type { Point } from '../../geometry/point';
import type { Solid } from '../../solids/solids';
import { finishAlong, finishOf } from '../../surfaces/finish-of';
import { finishNamed } from '../../surfaces/finishes';
import type { Label } from '../labels/place-labels';
import { outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';
import type { Bodies } from './draw-bodies';
import { seenOf } from './hidden';
import type { Panel } from './panels';
import { about, type ViewShown } from './view-labels';

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

/** What else the codes of an elevation follow from: that of its wall and where that ends, and the view. */
interface Around {
  wall: { code: string | undefined; length: number; high: number };
  shown: ViewShown;
}

/** The code of every finish of an elevation once for what stands, what hangs and what is against the wall: on the widest piece that has room for it in a low corner, and along the top of the wall itself. */
export function finishCodes(
  { panels, hiding }: Bodies,
  codes: ReadonlyMap<Solid, string>,
  { wall, shown }: Around,
): Label[] {
  const { scale } = shown;
  const widest = panels
    .filter(({ solid, section }) => !section && codes.has(solid))
    .sort((a, b) => b.right - b.left - (a.right - a.left) || a.left - b.left);
  const found = groupedBy(
    widest,
    ({ solid }) => `${codes.get(solid)!} ${solid.of} ${solid.low > 0 ? 'hung' : 'stands'}`,
  );
  const labels = [...found.values()].flatMap((alike): Label[] => {
    const code = codes.get(alike[0]!.solid)!;
    const half = halfOf(code) * scale;
    const [x, y] = [ABOUT * scale + half, (ABOUT + HALF) * scale];
    const places = alike.flatMap((panel) => {
      const { left, right, low, high } = panel;
      if (right - left < 2 * x || high - low < 2 * y) return [];
      const before = hiding(panel);
      return [
        { x: right - x, y: low + y },
        { x: left + x, y: low + y },
      ].filter((at) => clear(at, half, before, scale) && !isHeld(panel, at, half, scale));
    });
    return codeLabel(code, places, shown, alike[0]!.solid.id);
  });
  if (wall.code === undefined) return labels;
  const half = halfOf(wall.code) * scale;
  if (wall.length <= 3 * half) return labels;
  const reach = wall.length - 2 * (half + ABOUT * scale);
  const places = [0, 0.5, 1, 0.25, 0.75]
    .map((share) => ({
      x: half + ABOUT * scale + share * reach,
      y: wall.high - (ABOUT + HALF) * scale,
    }))
    .filter((at) => clear(at, half, panels, scale));
  return [...labels, ...codeLabel(wall.code, places, shown)];
}

const halfOf = (code: string): number => textWidth(code, TEXT.small, false) / 2 + BESIDE;

/** A code that stands in one of some places; where there is none it is left to the next piece of its finish. */
function codeLabel(code: string, places: readonly Point[], shown: ViewShown, source?: string): Label[] {
  const { scale } = shown;
  if (places.length === 0) return [];
  return [
    {
      ...{ layer: 'labels', ...(source !== undefined && { source }) },
      ...{ width: 2 * halfOf(code) * scale, height: 2 * HALF * scale },
      places: places.map((at) => ({ at })),
      further: about(places[0]!, shown),
      draw: ({ at }) => framedCode(code, at, scale, source),
    },
  ];
}

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
