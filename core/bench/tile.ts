import { rotate, type Point } from '../src/geometry/point';
import { boundsOf, signedArea, type Polygon } from '../src/geometry/polygon';
import { intersect, without } from '../src/geometry/region';
import type { ZoneRecord } from '../src/document/records';
import { bestSetOuts, usualAims } from '../src/tile/zones/set-outs';
import { layZone } from '../src/tile/zones/zone-laying';
import { must } from '../src/result';
import { bestGrid } from '../src/tile/best-grid';
import { countTiles } from '../src/tile/count';
import { tileNeeds } from '../src/tile/cut-list';
import { lay } from '../src/tile/lay';
import { cellOf } from '../src/tile/pattern';
import { repeatOf } from '../src/tile/patterns';

/** An L-shaped room of so many m each way, with twelve things that stand in it: round, square and slanted. */
function room(side: number): Polygon[] {
  const mm = side * 1_000;
  const outline = [
    { x: 0, y: 0 },
    { x: mm, y: 0 },
    { x: mm, y: mm * 0.6 },
    { x: mm * 0.55, y: mm * 0.6 },
    { x: mm * 0.55, y: mm },
    { x: 0, y: mm },
  ];
  const things = Array.from({ length: 12 }, (_, index) => {
    const [x, y] = [mm * (0.08 + 0.072 * index), mm * (0.12 + 0.09 * (index % 5))];
    const corners = index % 3 === 0 ? 24 : 4;
    return Array.from({ length: corners }, (_, at): Point => {
      const { x: dx, y: dy } = rotate({ x: mm * 0.025, y: 0 }, -(at / corners) * 2 * Math.PI + index);
      return { x: x + dx, y: y + dy };
    });
  });
  return [outline, ...things];
}

function squareAbout(ring: Polygon): Polygon {
  const { left, right, bottom, top } = boundsOf(ring);
  const [from, to] = [
    { x: Math.round(left), y: Math.round(bottom) },
    { x: Math.round(right), y: Math.round(top) },
  ];
  return [from, { x: from.x, y: to.y }, to, { x: to.x, y: from.y }];
}

const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!;
function timed(rounds: number, run: () => unknown): number {
  const times: number[] = [];
  for (let round = 0; round < rounds; round++) {
    const start = performance.now();
    run();
    times.push(performance.now() - start);
  }
  return median(times);
}

/** Laying and counting of a room by ever smaller tiles, and of 50,000 beside the polygon library alone. Run by itself. */
for (const type of ['grid', 'herringbone90', 'hexagon'] as const)
  for (const count of [3_000, 50_000, 200_000]) {
    const zone = room(10);
    const area = zone.reduce((sum, ring) => sum + signedArea(ring), 0);
    const joint = 2;
    const h = Math.sqrt(area / count / (type === 'hexagon' ? 0.866 : 2)) - joint;
    const cell = must(cellOf(repeatOf({ type }), { w: type === 'hexagon' ? h : 2 * h + joint, h }, joint));
    let shift = 0;
    const all = () =>
      must(
        lay(zone, cell, { at: { x: (shift = (shift + 0.7) % 90), y: 3 }, angle: type === 'grid' ? 0 : 12 }),
      );
    const ms = timed(count > 100_000 ? 5 : 15, () => countTiles(all()));
    const pieces = all().pieces.length;
    const memory = process.memoryUsage().rss / 1e6;
    console.log(
      `${type}: ${pieces} pieces laid and counted in ${ms.toFixed(1)} ms, ${((ms / pieces) * 1e3).toFixed(2)} µs each; the process holds ${memory.toFixed(0)} MB`,
    );
    if (count !== 50_000) continue;
    const outlines = all().pieces.map(({ piece, i, k }) =>
      piece.ring.map(({ x, y }) => ({
        x: x + i * cell.a.x + k * cell.b.x,
        y: y + i * cell.a.y + k * cell.b.y,
      })),
    );
    const [outer, ...holes] = zone;
    const region = without([outer!], holes);
    const alone = timed(1, () => outlines.forEach((one) => intersect([one], region)));
    console.log(`  the polygon library alone takes ${(alone / ms).toFixed(0)} times as long`);
  }

/** The best set-out of a floor of about a thousand pieces, over eleven joints, and with the fewest cuts; what its cut pieces are cut from. */
{
  const zone = room(8);
  const tile = { w: 300, h: 200 };
  const joints = Array.from({ length: 11 }, (_, index) => 2 + index * 0.3);
  // Round things have no edge along a grid: their squares stand for them.
  const squares = [zone[0]!, ...zone.slice(1).map(squareAbout)];
  const widest = timed(15, () => bestGrid({ zone: squares, tile, angle: 0, joints }));
  const fewest = timed(5, () => bestGrid({ zone: squares, tile, angle: 0, joints: [3], limit: 50 }));
  const { offset } = bestGrid({ zone: squares, tile, angle: 0, joints: [3] });
  const laid = must(
    lay(squares, must(cellOf(repeatOf({ type: 'grid' }), tile, 3)), { at: offset, angle: 0 }),
  );
  const [need] = must(tileNeeds(laid, { kerf: 3, turns: [0, 180] }));
  const nested = timed(1, () => tileNeeds(laid, { kerf: 3, turns: [0, 180] }));
  console.log(
    `a floor of ${laid.pieces.length} pieces: the widest over 11 joints in ${widest.toFixed(1)} ms, the fewest cuts at one joint in ${fewest.toFixed(0)} ms; its ${need!.cut.length} cut pieces from ${need!.tiles - need!.whole} tiles in ${nested.toFixed(0)} ms`,
  );
}

/** A zone of a room as a drag of its field lays it in each frame, cuts at its edges with it; and the search for its best set-outs. */
for (const [type, w, h] of [
  ['grid', 300, 200],
  ['herringbone90', 200, 60],
  ['hexagon', 150, 150],
] as const) {
  const rings = room(8);
  const zone: ZoneRecord = {
    ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
    ...{ pattern: { type }, tile: { w, h }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
  };
  let x = 0;
  const frame = timed(40, () => layZone({ ...zone, origin: { x: (x += 1.3), y: 3 } }, rings));
  const { count } = must(layZone(zone, rings));
  const best = timed(1, () => bestSetOuts({ zone, rings, sight: [0], aims: usualAims }));
  console.log(
    `a zone of ${count.whole + count.cut} pieces (${type}): laid with its cuts in ${frame.toFixed(1)} ms a frame, its best set-outs found in ${(best / 1000).toFixed(2)} s`,
  );
}
