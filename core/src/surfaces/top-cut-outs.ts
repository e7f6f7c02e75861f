import { perDesign, type Design } from '../document/design';
import { place } from '../geometry/point';
import { contains } from '../geometry/polygon';
import { KEPT } from '../geometry/tolerance';
import { itemBoxes, middleOf, type ItemBox } from '../setting/item-box';
import { distanceWithin, rectangularCutOut, roundCutOut, type CutOut } from './outline/cut-out';
import { tops, type Top } from './tops';

/** What a top is cut out for. */
export type CutOutUse = 'bowl' | 'hob' | 'tap';

/** A cut-out of a top: the item it is for, its shape, and its least distance to the outline of the top, mm; null where it does not lie within it. */
export interface TopCutOut {
  item: string;
  use: CutOutUse;
  cut: CutOut;
  nearest: number | null;
}

/** What is left of a top before and behind a bowl or a hob is at least this, mm. */
export const LEAST_RAIL = 60;
/** The rim of what is set into a top lies on it by this all round, mm. */
const RIM = 15;
const BOWL_RADIUS = 25;
const HOB_RADIUS = 10;
/** A tap needs a hole of this radius, mm. */
const TAP_RADIUS = 17.5;

/** The cut-outs of every top: of sinks, basins and hobs that are let in, and of cabinets that bring one. */
export const topCutOuts: (design: Design) => ReadonlyMap<Top, readonly TopCutOut[]> = perDesign((design) => {
  const boxes = itemBoxes(design).filter(({ kind }) => useOf(kind.symbol) !== null);
  const found = new Map<Top, TopCutOut[]>();
  for (const top of tops(design)) {
    const outer = top.rings[0]!;
    const over = ({ low, high }: ItemBox) => high > top.underside - 1 && low < top.surface;
    const within = boxes.filter((box) => contains(outer.outline, middleOf(box)));
    const loose = within.filter((box) => box.kind.top === 'none' && over(box));
    const bringing = within.filter(
      (box) => top.items.includes(box.id) && !loose.some((one) => contains(box.footprint, middleOf(one))),
    );
    const cuts = [...loose.map(letIn), ...bringing.map(brought)].flat();
    found.set(
      top,
      cuts.map((one) => ({ ...one, nearest: nearestOf(top, one.cut) })),
    );
  }
  return found;
});

/** What is left of a top is too narrow beside a cut-out, or it runs over the edge. */
export const isThin = ({ use, nearest }: TopCutOut): boolean =>
  nearest === null || (use !== 'tap' && nearest < LEAST_RAIL - KEPT);

/** Area of a top less its cut-outs, mm². */
export const netArea = (design: Design, top: Top): number =>
  (topCutOuts(design).get(top) ?? []).reduce((area, { cut }) => area - cut.area, top.area);

function nearestOf({ rings }: Top, cut: CutOut): number | null {
  const [outer, ...holes] = rings.map(({ parts }) => distanceWithin(parts, cut));
  if (outer == null) return null;
  // A hole is walked the other way: what lies within its ring lies in no top.
  return holes.some((one) => one !== null) ? null : outer;
}

function useOf(symbol: string | undefined): 'bowl' | 'hob' | null {
  if (symbol === 'sink' || symbol === 'sink-bowl') return 'bowl';
  return symbol === 'hob' ? 'hob' : null;
}

type Made = Pick<TopCutOut, 'item' | 'use' | 'cut'>;

/** Set into the top, its rim lying on it. */
function letIn(box: ItemBox): Made[] {
  const { width, depth } = box.record;
  const use = useOf(box.kind.symbol)!;
  return [made(box, use, [RIM, width - RIM], [RIM, depth - RIM], use === 'hob' ? HOB_RADIUS : BOWL_RADIUS)];
}

/** Of a cabinet that comes with a bowl under the top and its tap behind it, or with a hob. */
function brought(box: ItemBox): Made[] {
  const { width, depth } = box.record;
  if (useOf(box.kind.symbol) === 'hob')
    return [made(box, 'hob', [30, width - 30], [LEAST_RAIL, depth - 20], HOB_RADIUS)];
  const margin = Math.min(80, width * 0.1);
  const back = depth * 0.22;
  const tap = place(box.origin, box.u, width / 2, box.n, back * 0.45);
  return [
    made(box, 'bowl', [margin, width - margin], [back, depth - LEAST_RAIL], BOWL_RADIUS),
    { item: box.id, use: 'tap', cut: roundCutOut(box.id, tap, TAP_RADIUS) },
  ];
}

function made(
  { id, origin, u, n }: ItemBox,
  use: CutOutUse,
  [left, right]: readonly [number, number],
  [back, front]: readonly [number, number],
  radius: number,
): Made {
  const near = place(origin, u, (left + right) / 2, n, back);
  const [width, depth] = [right - left, front - back];
  const size = { width, depth, radius: Math.min(radius, width / 2, depth / 2) };
  return { item: id, use, cut: rectangularCutOut(id, { near, u, away: n }, size) };
}
