import { perDesign, type Design } from '../../document/design';
import { dot, place, subtract, type Point } from '../../geometry/point';
import { distanceToSegment, forEachEdge, type Polygon } from '../../geometry/polygon';
import { TOUCH } from '../../geometry/tolerance';
import { stretchesOfPath, stretchOfPolygon, type Strip } from '../../setting/strip';
import type { ItemKind } from '../../ranges/item-kind';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { facePath } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { tops } from '../../surfaces/tops';

/** Someone who sits at a top, a bar or a table. */
export interface Seating {
  seat: ItemBox;
  /** What is sat at: the items that carry the top, the bar, or the table. */
  at: string;
  surface: number;
  /** The edge that is sat at; of a round table what the seat is wide of it. */
  edge: readonly [Point, Point];
  isRound: boolean;
  /** From the edge to the first thing under it, mm; the seat's own width wide. Nothing is under a table. */
  depth: number | null;
  /** The space from the edge inwards. */
  place: readonly Point[];
}

/** A seat is at a top whose edge is no further than this from its front, mm. */
const AT = 400;
/** Nobody's knees reach further than this, mm. */
const FAR = 1_000;

/** Everyone who sits at a top, a bar or a table. */
export const seatings: (design: Design) => readonly Seating[] = perDesign((design) => {
  const boxes = itemBoxes(design);
  const { faces } = roomShape(design);
  const surfaces = [
    ...tops(design).map(({ outline, underside, surface, items }) => ({
      ...{ outline, underside, surface, at: items[0]!, table: null },
    })),
    ...boxes
      .filter(({ kind }) => kind.id === 'bar-top' || isTable(kind))
      .map(({ footprint, low, high, id, kind }) => ({
        ...{ outline: [footprint], underside: low, surface: high, at: id },
        table: isTable(kind) ? kind : null,
      })),
  ];
  return boxes.filter(isSeat).flatMap((seat): Seating[] => {
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
    const { edge, underside, surface, at, outline, table } = nearest;
    const corner = (across: number, out: number) => place(seat.origin, seat.u, across, seat.n, out);
    if (table) {
      const before: [Point, Point] = [corner(0, edge), corner(width, edge)];
      const isRound = table.plan === 'round';
      const own = isRound ? before : edgeAt(outline, corner(width / 2, edge));
      return [{ seat, at, surface, edge: own, isRound, depth: null, place: before }];
    }
    const solids = [
      ...boxes
        .filter((box) => !isSeat(box) && box.low < underside)
        .flatMap(({ pieces }) =>
          pieces.flatMap((piece) => {
            const stretch = stretchOfPolygon(strip, piece);
            return stretch ? [stretch] : [];
          }),
        ),
      ...faces.flatMap((face) => stretchesOfPath(strip, facePath(face))),
    ];
    const deep = Math.min(
      FAR,
      ...solids.map(([from, to]) => (to > edge + TOUCH ? Math.max(0, from - edge) : FAR)),
    );
    return [
      {
        ...{ seat, at, surface, isRound: false },
        edge: edgeAt(outline, corner(width / 2, edge)),
        depth: deep,
        place: [corner(0, edge), corner(width, edge), corner(width, edge + deep), corner(0, edge + deep)],
      },
    ];
  });
});

/** The edge of an outline that lies nearest to a place. */
function edgeAt(outline: readonly Polygon[], at: Point): readonly [Point, Point] {
  let nearest = { away: Infinity, edge: [at, at] as readonly [Point, Point] };
  for (const ring of outline)
    forEachEdge(ring, (a, b) => {
      const away = distanceToSegment(at, a, b);
      if (away < nearest.away) nearest = { away, edge: [a, b] };
    });
  return nearest.edge;
}

/** What is eaten and worked at that stands by itself. */
export const isTable = ({ id }: ItemKind): boolean => id === 'table' || id === 'table-round';

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
