import type { Point } from '../../geometry/point';
import type { PlacedWork } from '../../shop/machines/placed-work';
import type { PlayedStroke } from '../../shop/machines/read-iso';
import { strokePath, type Clamp, type PlayFault } from '../../shop/machines/stand-in';
import { rectangleAt } from '../../shop/parts/part-outline';
import { line, outline, TEXT, WEIGHT, type PathMark, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';

/** A fault is marked by a ring so large, paper mm. */
const FAULT = 3;
/** What is cut less deep than this share of the board is a groove or a hole, the rest goes through. */
const SHALLOW = 0.999;

/** What lies on the bed of a router, and what has been done to it. */
export interface RouterScene {
  size: readonly [number, number];
  thick: number;
  works: readonly PlacedWork[];
  clamps: readonly Clamp[];
  strokes: readonly PlayedStroke[];
  /** Of each tool by its number how large it is across. */
  tools: ReadonlyMap<number, number>;
  faults: readonly PlayFault[];
}

/** A sheet on a router once so many movements are made: what is cut as wide as the tool, where the tool is; its corner at 0, 0, mm. `scale` is mm per paper mm. */
export function routerDrawing(
  scene: RouterScene,
  {
    until,
    scale,
    chosen,
    say,
  }: { until: number; scale: number; chosen: ReadonlySet<string>; say: (id: string) => string },
): Primitive[] {
  const { size, works, clamps, faults, strokes, tools } = scene;
  const last = strokes[Math.min(until, strokes.length) - 1];
  return [
    outline('items', rectangleAt(0, 0, ...size), WEIGHT.object, 'drawing', 'item'),
    ...cutMarks(scene, until, scale),
    ...works.map((work): Primitive => {
      const isChosen = chosen.has(work.id);
      const weight = isChosen ? WEIGHT.cut : WEIGHT.thin;
      return { ...outline('items', work.outline, weight, isChosen ? 'measure' : 'drawing'), source: work.id };
    }),
    ...works.flatMap((work) => nameOf(work, say(work.id), scale)),
    ...clamps.map((clamp, index): Primitive => ({
      ...outline(
        'items',
        rectangleAt(clamp.at.x, clamp.at.y, ...clamp.size),
        WEIGHT.object,
        'drawing',
        'faint',
      ),
      source: `clamp ${index}`,
    })),
    ...(last && last.tool !== null ? [ring(last.to, (tools.get(last.tool) ?? 6) / 2)] : []),
    ...faults.flatMap(({ at }) => (at ? [ring(at, FAULT * scale), cross(at, FAULT * scale)].flat() : [])),
  ];
}

/** All movements below the board's face, as wide as their tools: those of a tool as one mark, holes as discs. What goes through lies over what does not. */
function cutMarks({ strokes, tools, thick }: RouterScene, until: number, scale: number): Primitive[] {
  const found = new Map<string, { wide: number; isThrough: boolean; rings: Point[][] }>();
  const holes: Primitive[] = [];
  for (const stroke of strokes.slice(0, until)) {
    const low = Math.min(stroke.from.z, stroke.to.z);
    if (low >= 0 || stroke.way === 'rapid' || stroke.tool === null) continue;
    const isThrough = -low >= thick * SHALLOW;
    const wide = tools.get(stroke.tool) ?? 1;
    const path = strokePath(stroke);
    if (path.length === 1) {
      // A ring as wide as its radius is a disc.
      const disc = {
        centre: path[0]!,
        radius: wide / 4,
        from: 0,
        sweep: 2 * Math.PI,
        weight: wide / 2 / scale,
      };
      holes.push({ type: 'arc', layer: 'items', ...disc, ink: isThrough ? 'faint' : 'top' });
      continue;
    }
    const key = `${stroke.tool} ${isThrough}`;
    const known = found.get(key) ?? { wide, isThrough, rings: [] };
    known.rings.push(path);
    found.set(key, known);
  }
  const ways = [...found.values()]
    .sort((a, b) => Number(a.isThrough) - Number(b.isThrough))
    .map(({ wide, isThrough, rings }): PathMark => ({
      ...{ type: 'path', layer: 'items', rings, closed: false },
      ...{ weight: wide / scale, ink: isThrough ? 'faint' : 'top' },
    }));
  return [...ways, ...holes];
}

function nameOf({ id, outline: ring }: PlacedWork, said: string, scale: number): Primitive[] {
  const [xs, ys] = [ring.map(({ x }) => x), ring.map(({ y }) => y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const isUpright = high - low > right - left;
  const room = Math.max(right - left, high - low) / scale;
  if (textWidth(said, TEXT.small) > room || Math.min(right - left, high - low) < TEXT.small * scale)
    return [];
  return [
    {
      ...{ type: 'text', layer: 'items', source: id, text: said, size: TEXT.small, anchor: 'middle' },
      ...{ at: { x: (left + right) / 2, y: (low + high) / 2 }, turn: isUpright ? Math.PI / 2 : 0 },
      ...{ ink: 'drawing', ground: true },
    },
  ];
}

const ring = ({ x, y }: Point, radius: number): Primitive => ({
  ...{ type: 'arc', layer: 'items', centre: { x, y }, radius, from: 0, sweep: 2 * Math.PI },
  ...{ weight: WEIGHT.cut, ink: 'measure' },
});
const cross = ({ x, y }: Point, half: number): Primitive[] => [
  line(
    'items',
    [
      { x: x - half, y: y - half },
      { x: x + half, y: y + half },
    ],
    WEIGHT.cut,
    'measure',
  ),
  line(
    'items',
    [
      { x: x - half, y: y + half },
      { x: x + half, y: y - half },
    ],
    WEIGHT.cut,
    'measure',
  ),
];
