import { styleOf, type Design } from '../../document/design';
import { add, cross, dot, place, scale, subtract, type Point } from '../../geometry/point';
import { forEachEdge, type Polygon } from '../../geometry/polygon';
import { isMovable } from '../../ranges/item-kind';
import { HUNG, itemBoxes } from '../../setting/item-box';
import { islands, type Island } from '../../setting/islands';
import { fixedThings } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import { TEXT } from '../primitives';
import { readingTurn } from '../reading-turn';
import { linksOf } from './chains';
import { PLAN, rowWay } from './row-ways';
import type { DimensionRow } from './rows';

/** Less than this is no way past, mm. */
const LEAST = 50;

/** Where along its side what is left before it is told: shares of its length. */
const ALONG = [0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8] as const;

/** What is left all round what stands free in the room, as rows of one length each: from the middle of each of its sides, or beside that where the row would lie on something written, straight out to the first thing or wall. */
export function aisleRows(
  design: Design,
  scaleBy: number,
  isClear: (row: DimensionRow) => boolean = () => true,
): DimensionRow[] {
  const { outline } = roomShape(design);
  const style = styleOf(design);
  const standing = itemBoxes(design).filter(
    ({ low, kind }) => low < HUNG && !isMovable(kind) && !kind.within,
  );
  const built = fixedThings(design).filter(({ low }) => low < HUNG);
  return islands(design)
    .filter((island) => island.every(({ low, kind }) => low < HUNG && !isMovable(kind)))
    .flatMap((island) => {
      const own = new Set(island.map(({ id }) => id));
      const about: Polygon[] = [
        outline,
        ...standing.filter(({ id }) => !own.has(id)).map(({ footprint }) => footprint),
        ...built.map(({ footprint }) => footprint),
      ];
      const rowAt = (at: Point, out: Point, row: string): DimensionRow[] => {
        const long = reachOf(at, out, about);
        if (long === null || long < LEAST) return [];
        // The island is what moves.
        const between = [...own].map((of) => ({ at: 0, of }));
        const { links } = linksOf({ from: 0, to: long, between, open: true }, style);
        const aside = { x: -out.y, y: out.x };
        return [
          {
            ...{ links, at, along: out, out: aside, feet: [null, null], levels: [0] },
            ...{ size: TEXT.normal, scale: scaleBy, source: island[0].id },
            ...{ turn: readingTurn(Math.atan2(out.y, out.x)), way: out, row },
          },
        ];
      };
      return sidesOf(island).flatMap(({ from, to, out }, index) => {
        const row = `aisle ${island[0].id} ${index}`;
        if (rowWay(design, PLAN, row)?.hidden) return [];
        const rows = ALONG.flatMap((share) => rowAt(add(from, scale(subtract(to, from), share)), out, row));
        return rows.find(isClear) ?? [];
      });
    });
}

/** The four sides of the rectangle about an island, as its first item stands, and the ways out from them. */
function sidesOf([first, ...others]: Island): { from: Point; to: Point; out: Point }[] {
  const { u, n } = first;
  const corners = [first, ...others].flatMap(({ footprint }) => footprint);
  const [alongs, outs] = [corners.map((at) => dot(at, u)), corners.map((at) => dot(at, n))];
  const [left, right] = [Math.min(...alongs), Math.max(...alongs)];
  const [back, front] = [Math.min(...outs), Math.max(...outs)];
  const at = (along: number, out: number) => place({ x: 0, y: 0 }, u, along, n, out);
  return [
    { from: at(left, front), to: at(right, front), out: n },
    { from: at(left, back), to: at(right, back), out: scale(n, -1) },
    { from: at(right, back), to: at(right, front), out: u },
    { from: at(left, back), to: at(left, front), out: scale(u, -1) },
  ];
}

/** How far it is from a place straight to the first edge of some outlines, mm; null where there is none. */
function reachOf(from: Point, way: Point, outlines: readonly Polygon[]): number | null {
  let least = Infinity;
  for (const outline of outlines)
    forEachEdge(outline, (a, b) => {
      const edge = subtract(b, a);
      const turn = cross(way, edge);
      if (Math.abs(turn) < 1e-9) return;
      const off = subtract(a, from);
      const [along, on] = [cross(off, edge) / turn, cross(off, way) / turn];
      if (along > -1e-6 && on >= 0 && on <= 1) least = Math.min(least, Math.max(0, along));
    });
  return least === Infinity ? null : least;
}
