import type { PackId } from '../document/limits';
import { dot, place, subtract, type Point } from '../geometry/point';
import { TOUCH } from '../geometry/tolerance';
import { stretchesOfPath, stretchOfPolygon, type Strip } from '../setting/strip';
import type { ItemBox } from '../setting/item-box';
import { facePath } from '../survey/placed-face';
import type { ReachFacts } from './rule';

/** How deep the knees of a seated person reach under a top, mm, by the height of its surface: a table's, a counter's, a bar's. */
export const kneeSpaces: Record<PackId, Readonly<Record<'table' | 'counter' | 'bar', number>>> = {
  'inch-residential': { table: 457.2, counter: 381, bar: 304.8 },
  'metric-residential': { table: 450, counter: 380, bar: 300 },
};

/** A surface below the first height is sat at like a table (30 in), one below the second like a counter (36 in), above it like a bar (42 in); mm. */
const COUNTER_FROM = 838;
const BAR_FROM = 991;

/** How deep the space for knees is to be under a surface so high above the floor, mm. */
export function kneeSpaceFor(depths: Readonly<Record<string, number>>, surface: number): number {
  if (surface < COUNTER_FROM) return depths['table']!;
  return surface < BAR_FROM ? depths['counter']! : depths['bar']!;
}

/** Someone who sits at a top or a bar. */
export interface Seating {
  seat: ItemBox;
  /** What is sat at: the items that carry the top, or the bar. */
  at: string;
  surface: number;
  /** From the edge that is sat at to the first thing under it, mm; the seat's own width wide. */
  depth: number;
  /** The space from the edge inwards. */
  place: readonly Point[];
}

/** A seat is at a top whose edge is no further than this from its front, mm. */
const AT = 400;
/** Nobody's knees reach further than this, mm. */
const FAR = 1_000;

/** Everyone who sits at a top or a bar. A table has nothing under it and is not looked at. */
export function seatings({ boxes, tops, shape }: ReachFacts): Seating[] {
  const surfaces = [
    ...tops.map(({ outline, underside, surface, items }) => ({ outline, underside, surface, at: items[0]! })),
    ...boxes
      .filter(({ kind }) => kind.id === 'bar-top')
      .map(({ footprint, low, high, id }) => ({
        outline: [footprint],
        underside: low,
        surface: high,
        at: id,
      })),
  ];
  return boxes.filter(isSeat).flatMap((seat) => {
    const { width, depth } = seat.record;
    // Straight ahead of the seat, from its back.
    const strip: Strip = { origin: seat.origin, u: seat.n, n: seat.u, near: 0, far: width };
    const ahead = surfaces.flatMap((surface) => {
      const edges = surface.outline.flatMap((ring) => stretchesOfPath(strip, [...ring, ring[0]!]));
      const edge = Math.min(...edges.map(([from]) => from));
      return edge > -AT && edge < depth + AT ? [{ ...surface, edge }] : [];
    });
    const nearest = ahead.sort((a, b) => a.edge - b.edge)[0];
    if (!nearest) return [];
    const { edge, underside, surface, at } = nearest;
    const solids = [
      ...boxes
        .filter((box) => !isSeat(box) && box.low < underside)
        .flatMap(({ pieces }) =>
          pieces.flatMap((piece) => {
            const stretch = stretchOfPolygon(strip, piece);
            return stretch ? [stretch] : [];
          }),
        ),
      ...shape.faces.flatMap((face) => stretchesOfPath(strip, facePath(face))),
    ];
    const deep = Math.min(
      FAR,
      ...solids.map(([from, to]) => (to > edge + TOUCH ? Math.max(0, from - edge) : FAR)),
    );
    const corner = (across: number, out: number) => place(seat.origin, seat.u, across, seat.n, out);
    return [
      {
        seat,
        at,
        surface,
        depth: deep,
        place: [corner(0, edge), corner(width, edge), corner(width, edge + deep), corner(0, edge + deep)],
      },
    ];
  });
}

function isSeat({ kind }: ItemBox): boolean {
  return kind.symbol === 'stool' || kind.symbol === 'chair';
}

/** From the middle of one seat to that of its nearest neighbour at the same side, mm. */
export function besideSeat(one: Seating, all: readonly Seating[]): { other: Seating; apart: number } | null {
  let nearest: { other: Seating; apart: number } | null = null;
  for (const other of all) {
    if (other === one || other.at !== one.at || dot(other.seat.n, one.seat.n) < 0.99) continue;
    const from = subtract(other.seat.origin, one.seat.origin);
    const apart = Math.abs(dot(from, one.seat.u) + (other.seat.record.width - one.seat.record.width) / 2);
    if (!nearest || apart < nearest.apart) nearest = { other, apart };
  }
  return nearest;
}
