import type { Design } from '../document/design';
import { areaWithin, pairOf, partLength, toldOutline } from '../surfaces/outline/treated';
import { netArea, topCutOuts } from '../surfaces/top-cut-outs';
import { edgeLengths, overhangOf, topCorrections } from '../surfaces/top-facts';
import { jointedTops } from '../surfaces/top-joints';
import { tops } from '../surfaces/tops';
import { quantise } from '../units/units';

/** Every top of a room: what it stands on, its heights, area, edges by kind and one by one, corners, arcs, and what was set by hand. Lengths mm, areas mm². */
export function designTopsCommand(design: Design) {
  return {
    tops: tops(design).map((top) => {
      const { items, rings, underside, surface, area } = top;
      const made = jointedTops(design).get(top)!;
      const parts = rings.flatMap((ring) => ring.parts);
      const lengths = Object.entries(edgeLengths(top)).map(([kind, length]) => [kind, quantise(length)]);
      return {
        ...{ items, underside, surface, area: quantise(area) },
        netArea: quantise(netArea(design, top)),
        perimeter: quantise(parts.reduce((sum, part) => sum + partLength(part), 0)),
        edgeLengths: Object.fromEntries(lengths) as Record<string, number>,
        cutOuts: (topCutOuts(design).get(top) ?? []).map(({ item, use, cut, nearest }) => ({
          ...{
            item,
            use,
            area: quantise(cut.area),
            nearestEdge: nearest === null ? null : quantise(nearest),
          },
        })),
        joints: made.joints.map(({ a, b, own, corner, across, nearCutOut, over }) => ({
          ...{ from: pairOf(a), to: pairOf(b), own, way: corner?.way ?? 'across', across, nearCutOut, over },
        })),
        pieces: made.pieces.map(({ length, width, area: own }) => ({
          ...{ length: quantise(length), width: quantise(width), area: quantise(own) },
        })),
        rings: rings.map((ring) => ({
          area: quantise(areaWithin(ring.parts)),
          edges: ring.parts.flatMap((part) => {
            if (part.type !== 'edge') return [];
            const { role, at, items: own } = part.edge;
            const overhang = overhangOf(design, part.edge)?.overhang ?? null;
            return [{ role, items: own, at, overhang, length: quantise(partLength(part)) }];
          }),
          ...toldOutline(ring.parts),
        })),
      };
    }),
    corrections: topCorrections(design),
  };
}
