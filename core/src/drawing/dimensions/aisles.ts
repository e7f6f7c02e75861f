import { styleOf, type Design } from '../../document/design';
import { cross, dot, place, scale, subtract, type Point } from '../../geometry/point';
import { forEachEdge, type Polygon } from '../../geometry/polygon';
import { isMovable } from '../../ranges/item-kind';
import { HUNG, itemBoxes } from '../../setting/item-box';
import { islands, type Island } from '../../setting/islands';
import { fixedThings } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import { TEXT } from '../primitives';
import { readingTurn } from '../reading-turn';
import { linksOf } from './chains';
import type { DimensionRow } from './rows';

/** Less than this is no way past, mm. */
const LEAST = 50;

/** What is left all round what stands free in the room, as rows of one length each: from the middle of each of its sides straight out to the first thing or wall. */
export function aisleRows(design: Design, scaleBy: number): DimensionRow[] {
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
      return sidesOf(island).flatMap(({ at, out }): DimensionRow[] => {
        const long = reachOf(at, out, about);
        if (long === null || long < LEAST) return [];
        const { links } = linksOf({ from: 0, to: long, between: [] }, style);
        const aside = { x: -out.y, y: out.x };
        return [
          {
            ...{ links, at, along: out, out: aside, feet: [null, null], levels: [0] },
            ...{ size: TEXT.normal, scale: scaleBy, source: island[0].id },
            turn: readingTurn(Math.atan2(out.y, out.x)),
          },
        ];
      });
    });
}

/** The middles of the four sides of the rectangle about an island, as its first item stands, and the ways out from them. */
function sidesOf([first, ...others]: Island): { at: Point; out: Point }[] {
  const { u, n } = first;
  const corners = [first, ...others].flatMap(({ footprint }) => footprint);
  const [alongs, outs] = [corners.map((at) => dot(at, u)), corners.map((at) => dot(at, n))];
  const [left, right] = [Math.min(...alongs), Math.max(...alongs)];
  const [back, front] = [Math.min(...outs), Math.max(...outs)];
  const at = (along: number, out: number) => place({ x: 0, y: 0 }, u, along, n, out);
  return [
    { at: at((left + right) / 2, front), out: n },
    { at: at((left + right) / 2, back), out: scale(n, -1) },
    { at: at(right, (back + front) / 2), out: u },
    { at: at(left, (back + front) / 2), out: scale(u, -1) },
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
