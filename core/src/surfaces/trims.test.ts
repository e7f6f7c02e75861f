import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anEdit, askFor } from '../../testing/random-edits';
import { cornered, rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { bendFace } from '../commands/bend-face';
import { mirrorItems } from '../commands/mirror-items';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { setRoom } from '../commands/set-room';
import { setTrim } from '../commands/set-trim';
import { splitItem } from '../commands/split-item';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { trimProfiles, type TrimUse } from '../document/limits';
import { applyPatch } from '../document/patch';
import { dot, inward, subtract, unit } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { intersect } from '../geometry/region';
import { must } from '../result';
import { trimMesh } from '../scene/trim-parts';
import { solidsOf } from '../solids/solids';
import { trimCut, trimAt, type TrimPiece } from './trim-piece';
import { shapeReach, trimShape } from './trim-profiles';
import { trims } from './trims';
import { withoutRoom } from './trims-along-items';

const round = (value: number) => Math.round(value * 1e3) / 1e3;
const degrees = (angle: number) => Math.round((angle * 180) / Math.PI);

/** Every length of a use: whose, how long, how its ends are cut. */
const told = ({ design }: RoomBuilder, use: TrimUse) =>
  trims(design)
    .filter((piece) => piece.use === use)
    .map((piece) => {
      const { along } = piece;
      const name =
        'items' in along
          ? along.items.map(({ item, side }) => `${item} ${side}`).join(' ')
          : 'face' in along
            ? along.face
            : along.fixed;
      const { length, ends } = trimCut(piece);
      return `${name} ${round(length)} ${ends.map(({ angle, longer }) => `${degrees(angle)}${degrees(angle) ? ` ${longer}` : ''}`).join(' / ')}`;
    })
    .sort();

/** Volume of a closed mesh: the sum of its triangles' pyramids to the origin. */
function volume({
  positions,
  indices,
}: {
  positions: readonly number[];
  indices: readonly number[];
}): number {
  let sum = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((at) => {
      const from = indices[i + at]! * 3;
      return positions.slice(from, from + 3) as [number, number, number];
    }) as [[number, number, number], [number, number, number], [number, number, number]];
    sum +=
      a[0] * (b[1] * c[2] - b[2] * c[1]) +
      a[1] * (b[2] * c[0] - b[0] * c[2]) +
      a[2] * (b[0] * c[1] - b[1] * c[0]);
  }
  return sum / 6;
}

/** Wall units of 600, 800 and 600 from 1000 on along face A of a room 4000 by 3000. */
function hung() {
  const builder = rectangle(4000, 3000);
  const ids = ['U600/720', 'U800/720', 'U600/720'].map((code, index) =>
    builder.set(code, 'face-a', [1000, 1600, 2400][index]!),
  );
  return { builder, ids };
}

describe('trims along cabinets', () => {
  it('run round the fronts and free ends, mitred; none unless the room says so', () => {
    const { builder } = hung();
    expect(told(builder, 'cornice')).toEqual([]);
    builder.run(setRoom, { cornice: 'hollow', lightRail: 'square' });
    const item = recordOf(builder.design, 'item', 'item-1')!;
    // Fronts lie 20 on the boxes: the line is that much before them; a hollow comes out 50 more at either end.
    const depth = item.depth + 20;
    expect(told(builder, 'cornice')).toEqual([
      'item-1 front item-2 front item-3 front 2100 45 outer / 45 outer',
      `item-1 left ${depth + 50} 0 / 45 outer`,
      `item-3 right ${depth + 50} 45 outer / 0`,
    ]);
    // What hangs flush under them is no longer than its line, and shorter at the back.
    expect(told(builder, 'lightRail')).toContain(
      'item-1 front item-2 front item-3 front 2000 45 outer / 45 outer',
    );
    const levels = trims(builder.design).map(({ use, level }) => `${use} ${level}`);
    expect(levels).toContain(`cornice ${item.up + item.height}`);
    expect(levels).toContain(`lightRail ${item.up}`);
  });

  it('are one body with no part in another: volumes of every shape by its area and lengths', () => {
    for (const profile of trimProfiles.cornice.slice(1)) {
      const { builder } = hung();
      builder.run(setRoom, { cornice: profile });
      const shape = trimShape('cornice', profile)!;
      // Pappus: the sum over the section of how long it is swept at so far out: every piece a straight prism cut at a slant.
      const [area, moment] = momentOf(shape);
      for (const piece of trims(builder.design).filter(({ use }) => use === 'cornice')) {
        const mitres = trimCut(piece).ends.filter(({ angle }) => angle > 0.1).length;
        const line = Math.hypot(piece.path[1]!.x - piece.path[0]!.x, piece.path[1]!.y - piece.path[0]!.y);
        expect(volume(trimMesh(piece))).toBeCloseTo(line * area + mitres * moment, 3);
      }
      const layers = solidsOf(builder.design).filter(({ of, low }) => of === 'trim' && low > 1000);
      for (const [index, one] of layers.entries())
        for (const other of layers.slice(index + 1)) {
          if (one.low >= other.high - 1e-6 || other.low >= one.high - 1e-6) continue;
          const shared = intersect([one.footprint], [other.footprint]);
          expect(shared.reduce((sum, ring) => sum + Math.abs(signedArea(ring)), 0)).toBeLessThan(0.5);
        }
    }
  });

  it('end at walls beside them and at what is taller, go round the inside corner, and step with the depths', () => {
    const builder = rectangle(4000, 3000);
    builder.set('U600/720', 'face-a', 0);
    builder.set('U600/720', 'face-a', 600);
    builder.run(setRoom, { cornice: 'square' });
    const depth = recordOf(builder.design, 'item', 'item-1')!.depth + 20;
    expect(told(builder, 'cornice')).toEqual([
      'item-1 front item-2 front 1204 0 / 45 outer',
      `item-2 right ${depth + 4} 45 outer / 0`,
    ]);
    builder.run(editItems, { ids: ['item-2'], change: { depth: 300 } });
    expect(told(builder, 'cornice').map((one) => one.split(' ').slice(0, 2).join(' '))).toEqual([
      'item-1 front',
      'item-1 front',
      'item-2 front',
      'item-2 right',
    ]);
    const tall = rectangle(4000, 3000);
    const unit = tall.set('U600/720', 'face-a', 600);
    const larder = tall.set('T600/2150', 'face-a', 1200);
    tall.run(setRoom, { cornice: 'square' });
    const top = ({ up, height }: { up: number; height: number }) => up + height;
    const [low, high] = [unit, larder].map((id) => top(recordOf(tall.design, 'item', id)!));
    expect(high! - low!).toBe(30);
    expect(told(tall, 'cornice').filter((one) => one.startsWith(`${unit} right`))).toEqual([]);
  });

  it('meet in the inside corner of two runs, at half its angle', () => {
    for (const turn of [0, 400]) {
      const builder = cornered([
        { x: 0, y: 3000 },
        { x: 4000, y: 3000 },
        { x: 4000 + turn, y: 0 },
        { x: 0, y: 0 },
      ]);
      builder.set('U600/720', 'face-a', 2900);
      builder.set('U600/720', 'face-b', 450);
      builder.run(setRoom, { cornice: 'ogee' });
      const cuts = trims(builder.design).map((piece) => ({ piece, cut: trimCut(piece) }));
      const corner = cuts.flatMap(({ piece, cut }) =>
        piece.use === 'cornice'
          ? cut.ends.filter(({ longer, angle }) => longer === 'back' && angle > 0.1)
          : [],
      );
      const inside = Math.PI / 2 + Math.atan2(turn, 3000);
      expect(corner.length).toBe(2);
      for (const { angle } of corner) expect(angle).toBeCloseTo(Math.PI / 2 - inside / 2, 6);
    }
  });

  it('follow what is set along a side, are cut square where the next is left out, and go with the item', () => {
    const { builder, ids } = hung();
    builder.run(setRoom, { cornice: 'stepped' });
    builder.run(setTrim, { use: 'cornice', at: [{ item: ids[0]!, side: 'left' }], profile: 'none' });
    expect(told(builder, 'cornice')[0]).toBe('item-1 front item-2 front item-3 front 2032 0 / 45 outer');
    builder.run(setTrim, { use: 'cornice', at: [{ item: ids[1]!, side: 'front' }], profile: 'ogee' });
    expect(told(builder, 'cornice').slice(0, 3)).toEqual([
      'item-1 front 600 0 / 0',
      'item-2 front 800 0 / 0',
      'item-3 front 632 0 / 45 outer',
    ]);
    builder.run(mirrorItems, { ids: [ids[0]!] });
    expect(recordOf(builder.design, 'item', ids[0]!)!.trims).toEqual({ cornice: { right: 'none' } });
    builder.run(splitItem, { id: ids[1]!, left: 400, right: 'half' });
    expect(recordOf(builder.design, 'item', 'half')!.trims).toEqual({ cornice: { front: 'ogee' } });
    builder.run(setTrim, { use: 'cornice', at: [{ item: ids[0]!, side: 'right' }], profile: null });
    expect(recordOf(builder.design, 'item', ids[0]!)!.trims).toBeUndefined();
  });

  it('want room under the ceiling, to the millimetre', () => {
    const { builder } = hung();
    const { up, height } = recordOf(builder.design, 'item', 'item-1')!;
    for (const [over, count] of [
      [76, 3],
      [75.4, 0],
    ] as const) {
      builder.run(setRoom, { cornice: 'ogee', ceilingHeight: up + height + over });
      expect(told(builder, 'cornice').length).toBe(count);
    }
  });

  it('want room under what is built over them: a soffit of the depth of the boxes leaves none, one behind half of it does', () => {
    const { builder } = hung();
    builder.run(setRoom, { cornice: 'ogee' });
    const { up, height, depth } = recordOf(builder.design, 'item', 'item-1')!;
    const soffit = usualFixed(builder.design, 'soffit', 'soffit', 'face-a');
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 } as const;
    for (const [deep, over, count] of [
      [depth, 0, 0],
      [depth / 2 + 1, 0, 0],
      [depth / 2 - 1, 0, 3],
      [depth, 76, 3],
      [depth, 75, 0],
    ] as const) {
      const box = { width: 4000, depth: deep, up: up + height + over, height: 200 };
      builder.run(putFixed, { ...soffit, ...box, placement });
      expect([deep, over, told(builder, 'cornice').length]).toEqual([deep, over, count]);
      expect(withoutRoom(builder.design).length).toBe(3 - count);
    }
  });

  it('come as far out of their line as they are wide, at every cut, whatever is edited', () => {
    fc.assert(
      fc.property(fc.array(anEdit, { maxLength: 30 }), (edits) => {
        const { builder } = hung();
        builder.run(setRoom, { cornice: 'hollow', lightRail: 'rounded' });
        let { design } = builder;
        edits.forEach((edit, index) => {
          const asked = askFor(design, edit, index);
          if (asked.ok) design = must(applyPatch(design, asked.value));
          for (const { along, path, out } of trims(design)) {
            if (!('items' in along)) continue;
            const outward = inward(unit(subtract(path[1]!, path[0]!)));
            for (const way of out) expect(dot(way, outward)).toBeCloseTo(1, 6);
          }
        });
      }),
      // The example pushes a cabinet so far into a wall that only a wedge of its board is left.
      { numRuns: 60, examples: [[[{ what: 18, a: 0, b: 602, c: 49 }]]] },
    );
  });

  it('are left out where one was set by hand', () => {
    const { builder } = hung();
    builder.run(setRoom, { cornice: 'square' });
    builder.place('KC2400', { on: 'face', face: 'face-a', from: 'left', distance: 1000, off: 310 });
    const set = recordOf(builder.design, 'item', 'item-4')!;
    builder.run(editItems, { ids: ['item-4'], change: { width: 2000 } });
    expect([set.type, told(builder, 'cornice')]).toEqual(['cornice', []]);
  });
});

/** Area of a section, and its first moment about the line it is swept along. */
function momentOf(shape: readonly { x: number; y: number }[]): [number, number] {
  let [area, moment] = [0, 0];
  shape.forEach((a, index) => {
    const b = shape[(index + 1) % shape.length]!;
    const turn = a.x * b.y - b.x * a.y;
    area += turn / 2;
    moment += ((a.x + b.x) * turn) / 6;
  });
  return [area, moment];
}

describe('trims along walls', () => {
  it('go round the room past doors and cabinets, mitred in its corners, plain unless it is said', () => {
    const builder = rectangle(4000, 3000);
    expect(told(builder, 'skirting')).toEqual([
      'face-a 4000 45 back / 45 back',
      'face-b 3000 45 back / 45 back',
      'face-c 4000 45 back / 45 back',
      'face-d 3000 45 back / 45 back',
    ]);
    builder.set('F600', 'face-a', 1000);
    const door = builder.open('face-c', 'door', 1000);
    const { casing, width } = recordOf(builder.design, 'opening', door)!;
    expect(told(builder, 'skirting')).toEqual([
      'face-a 1000 45 back / 0',
      'face-a 2400 0 / 45 back',
      'face-b 3000 45 back / 45 back',
      `face-c ${1000 - casing} 45 back / 0`,
      `face-c ${3000 - width - casing} 0 / 45 back`,
      'face-d 3000 45 back / 45 back',
    ]);
  });

  it('are as the wall, else as the room says; tiled walls have none; the next ends at a wall without one', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { cove: 'hollow' });
    builder.run(editFaces, { faces: ['face-b'], change: { finish: 'Marram' } });
    builder.run(editFaces, { faces: ['face-d'], change: { skirting: 'ogee', cove: 'none' } });
    expect(told(builder, 'skirting')).toEqual([
      'face-a 4000 45 back / 0',
      'face-c 4000 0 / 45 back',
      'face-d 3000 45 back / 45 back',
    ]);
    expect(told(builder, 'cove')).toEqual([
      'face-a 4000 0 / 45 back',
      'face-b 3000 45 back / 45 back',
      'face-c 4000 45 back / 0',
    ]);
    builder.run(setRoom, { skirting: 'none' });
    expect(told(builder, 'skirting').length).toBe(1);
  });

  it('go round what is fixed, mitred the other way about, and along a bent wall as one length', () => {
    const builder = rectangle(4000, 3000);
    const usual = usualFixed(builder.design, 'box', 'pipe-box', 'face-a');
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 2000, off: 0 } as const;
    builder.run(putFixed, { ...usual, width: 300, depth: 200, placement });
    const [piece] = told(builder, 'skirting').filter((one) => one.includes(' 330 '));
    expect(piece).toMatch(/ 330 45 outer \/ 45 outer$/);
    const bent = rectangle(4000, 3000);
    bent.run(bendFace, { face: 'face-a', bend: { side: 'out', depth: 400 } });
    const [curve] = trims(bent.design).filter(
      ({ along, use }) => use === 'skirting' && 'face' in along && along.face === 'face-a',
    );
    expect(curve!.path.length).toBeGreaterThan(10);
    const radius = (2000 ** 2 + 400 ** 2) / 800;
    const arc = 2 * radius * Math.asin(2000 / radius);
    expect(Math.abs(trimCut(curve!).length - arc)).toBeLessThan(2);
    // Its outer edge lies evenly so far before the wall.
    const { out } = shapeReach(curve!.shape);
    const centre = { x: 2000, y: radius - 400 };
    const away = (piece_: TrimPiece, index: number, by: number) => {
      const { x, y } = trimAt(piece_, index, by);
      return Math.hypot(x - centre.x, Math.abs(y) - centre.y);
    };
    const middle = Math.floor(curve!.path.length / 2);
    expect(Math.abs(away(curve!, middle, 0) - away(curve!, middle, out))).toBeCloseTo(out, 1);
  });
});
