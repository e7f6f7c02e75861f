import type { Design } from '../document/design';
import { areaWithin, pairOf, partLength, toldOutline } from '../surfaces/outline/treated';
import { netArea, topCutOuts } from '../surfaces/top-cut-outs';
import { profileLengths } from '../surfaces/edge-profiles';
import { boardLength } from '../surfaces/edge-boards';
import { plinths } from '../surfaces/plinths';
import { servicesThrough, splashes, splashSize } from '../surfaces/splashes';
import { waterfalls, waterfallSize } from '../surfaces/waterfalls';
import { edgeLengths, overhangOf, topCorrections } from '../surfaces/top-facts';
import { jointedTops } from '../surfaces/top-joints';
import { tops } from '../surfaces/tops';
import { trimCorrections } from '../surfaces/trim-facts';
import { trimCut } from '../surfaces/trim-piece';
import { trims } from '../surfaces/trims';
import { toDegrees } from '../units/angles';
import { quantise } from '../units/units';

const quantised = <T extends object>(sizes: T): Record<string, number> =>
  Object.fromEntries(Object.entries(sizes).map(([key, size]) => [key, quantise(size as number)]));

/** Every top of a room: what it stands on, its heights, area, edges by kind and one by one, corners, arcs, and what was set by hand; splashes, plinths and trims. Lengths mm, areas mm². */
export function designTopsCommand(design: Design) {
  return {
    tops: tops(design).map((top) => {
      const { items, rings, underside, surface, area } = top;
      const made = jointedTops(design).get(top)!;
      const parts = rings.flatMap((ring) => ring.parts);
      return {
        ...{ items, underside, surface, area: quantise(area) },
        netArea: quantise(netArea(design, top)),
        perimeter: quantise(parts.reduce((sum, part) => sum + partLength(part), 0)),
        edgeLengths: quantised(edgeLengths(top)),
        profileLengths: quantised(profileLengths(design, top)),
        waterfalls: (waterfalls(design).get(top) ?? []).map((one) => ({
          at: one.at,
          ...quantised(waterfallSize(one, surface - underside)),
        })),
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
    splashes: splashes(design)
      .filter(({ pieces }) => pieces.length > 0)
      .map((splash) => ({
        ...{ at: splash.at, face: splash.face, low: splash.low, high: splash.high, own: splash.own },
        ...quantised(splashSize(splash)),
        services: servicesThrough(design, splash),
      })),
    plinths: plinths(design).map(({ items, high: height, boards }) => ({
      ...{ items, height },
      boards: boards.map((board) => ({
        ...{
          at: board.at,
          step: board.step,
          from: pairOf(board.a),
          to: pairOf(board.b),
          length: quantise(boardLength(board)),
        },
      })),
    })),
    trims: trims(design).map((piece) => {
      const { use, profile, along, path, level } = piece;
      const { length, ends } = trimCut(piece);
      return {
        ...{ use, profile, ...along, level, path: path.map(pairOf), length: quantise(length) },
        ends: ends.map(({ angle, longer }) => ({ degrees: quantise(toDegrees(angle)), longer })),
      };
    }),
    corrections: [...topCorrections(design), ...trimCorrections(design)],
  };
}
