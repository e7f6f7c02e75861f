import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { galleyWithBay } from '../demo/galley-with-bay';
import { RoomBuilder } from '../demo/build-room';
import { recordsOf, type Design } from '../document/design';
import { distance } from '../geometry/point';
import type { Result } from '../result';
import { itemBoxes } from '../setting/item-box';
import { faceLetter } from '../survey/face-letters';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import { refusalText } from '../wording/refusal-text';
import { insertCorner } from './insert-corner';
import { flushMoves, moveFace } from './move-face';
import { pushPart, type PushedPart } from './push-part';
import { removeCorner } from './remove-corner';

const ids: PushedPart['ids'] = ['r1', 'front', 'r2', 'rest', 'whole'];
const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
/** Its faces in walking order: letter and length. */
const walked = (design: Design) =>
  roomShape(design).faces.map(({ letter, length }) => `${letter} ${Math.round(length * 1e3) / 1e3}`);
const push = (builder: RoomBuilder, part: Partial<PushedPart>) =>
  builder.run(pushPart, { face: 'face-a', from: 'left', distance: 0, width: 900, depth: -600, ids, ...part });

describe('a notch in a corner', () => {
  it('takes the corner along: two faces more, the wall beyond it shorter or longer', () => {
    const left = rectangle(4000, 3000);
    push(left, {});
    expect(walked(left.design)).toEqual(['E 900', 'F 600', 'A 3100', 'B 3000', 'C 4000', 'D 2400']);
    expect(roomShape(left.design).area).toBeCloseTo(4000 * 3000 - 900 * 600, 3);
    const right = rectangle(4000, 3000);
    push(right, { from: 'right', depth: 500 });
    expect(walked(right.design)).toEqual(['A 3100', 'E 500', 'F 900', 'B 3500', 'C 4000', 'D 3000']);
    expect(roomShape(right.design).area).toBeCloseTo(4000 * 3000 + 900 * 500, 3);
  });

  it('goes back again: an L made into the rectangle it was, with its letters, records and what stands in it', () => {
    for (const from of ['left', 'right'] as const)
      for (const depth of [-600, 450]) {
        const builder = rectangle(4000, 3000);
        const item = builder.set('F600', 'face-a', 1500);
        builder.open('face-c', 'door', 700);
        const before = builder.design;
        push(builder, { from, depth });
        builder.run(moveFace, { face: 'front', by: -depth });
        expect(walked(builder.design)).toEqual(walked(before));
        expect(Object.keys(builder.design.records).sort()).toEqual(Object.keys(before.records).sort());
        expect(recordsOf(builder.design, 'loop')).toEqual(recordsOf(before, 'loop'));
        const place = (design: Design) => itemBoxes(design).find(({ id }) => id === item)!.origin;
        expect(distance(place(builder.design), place(before))).toBeLessThan(1e-4);
      }
  });

  it('follows the wall beyond it where the corner is not square', () => {
    const builder = rectangle(4000, 3000, 4600, null);
    const lean = roomShape(builder.design).faces[0]!.corner - Math.PI / 2;
    const [d] = roomShape(builder.design).faces.slice(-1);
    push(builder, {});
    const [front, side, rest] = roomShape(builder.design).faces;
    // The corner keeps its angle; the wall beyond it is shorter by the depth along its own slope.
    expect(front!.corner).toBeCloseTo(Math.PI / 2 + lean, 6);
    expect(front!.length).toBeCloseTo(900 + 600 * Math.tan(lean), 2);
    expect(roomShape(builder.design).byId.get('face-d')!.length).toBeCloseTo(
      d!.length - 600 / Math.cos(lean),
      2,
    );
    expect([side!.length, rest!.length].map((one) => Math.round(one * 100) / 100)).toEqual([600, 3100]);
    expect(side!.corner).toBeCloseTo((3 * Math.PI) / 2, 6);
  });

  it('over all of a face moves it', () => {
    const builder = rectangle(4000, 3000);
    push(builder, { width: 4000, depth: 300 });
    expect(walked(builder.design)).toEqual(['A 4000', 'B 3300', 'C 4000', 'D 3300']);
  });

  it('is refused where the wall beyond would be gone, where a part starts a sliver off the corner, and where a door would be cut', () => {
    const builder = rectangle(4000, 3000);
    const asked = (part: Partial<PushedPart>) =>
      sentence(
        pushPart.run(builder.design, {
          ...{ face: 'face-a', from: 'left', distance: 0, width: 900, depth: -600, ids },
          ...part,
        }),
      );
    expect(asked({ depth: -3000 })).toContain('D');
    expect(asked({ depth: -2960 })).toContain('D');
    expect(asked({ depth: -2950 })).toBe('');
    expect([0, 0.04, 0.06, 49, 50].map((distance) => asked({ distance }) === '')).toEqual([
      ...[true, true, false, false, true],
    ]);
    builder.open('face-a', 'door', 600);
    expect(asked({})).toContain('D1');
  });
});

describe('a face moved until its neighbour is gone', () => {
  it('is one again with the face it runs on in: a part pushed out and in again leaves the room as it was', () => {
    fc.assert(
      fc.property(
        fc.nat(11),
        fc.double({ min: 0.1, max: 0.4, noNaN: true }),
        fc.double({ min: 0.2, max: 0.4, noNaN: true }),
        fc.constantFrom(-300, 250),
        fc.constantFrom('left' as const, 'right' as const),
        (index, start, share, depth, from) => {
          const builder = new RoomBuilder(galleyWithBay());
          const before = builder.design;
          const face = roomShape(before).faces[index]!;
          const part = { face: face.id, from, distance: face.length * start, width: face.length * share };
          const pushed = pushPart.run(before, { ...part, depth, ids });
          if (!pushed.ok || placedOpenings(before).some((one) => one.face === face)) return;
          builder.run(pushPart, { ...part, depth, ids });
          const back = moveFace.run(builder.design, { face: 'front', by: -depth });
          if (!back.ok) return expect(sentence(back)).toContain('Something stands on');
          builder.run(moveFace, { face: 'front', by: -depth });
          const [was, is] = [roomShape(before), roomShape(builder.design)];
          expect(is.letters).toEqual(was.letters);
          is.faces.forEach(({ length, corner }, i) => {
            expect(Math.abs(length - was.faces[i]!.length)).toBeLessThan(1e-3);
            expect(Math.abs(corner - was.faces[i]!.corner)).toBeLessThan(1e-6);
          });
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is refused while something stands on what would be gone', () => {
    const builder = rectangle(4000, 3000);
    push(builder, {});
    builder.set('F300', 'r2', 100);
    expect(sentence(moveFace.run(builder.design, { face: 'front', by: 600 }))).toContain('face F');
  });

  it('offers how far it is to there', () => {
    const builder = rectangle(4000, 3000);
    push(builder, { distance: 1000, depth: 350 });
    const front = roomShape(builder.design).byId.get('front')!;
    expect(flushMoves(builder.design, front).map(({ by, within }) => [Math.round(by), within])).toEqual([
      [-350, 50],
      [-350, 50],
    ]);
    // Neighbours that run on at a small angle are left short by a small move only.
    const leaning = rectangle(4000, 3000, 4600, null);
    const [, , c] = roomShape(leaning.design).faces;
    for (const { within } of flushMoves(leaning.design, c!)) expect(within).toBeLessThan(50);
  });
});

describe('letters', () => {
  it('stay with what was typed first when corners come between and go again', () => {
    const builder = rectangle(4000, 3000);
    builder.run(insertCorner, { face: 'face-b', distance: 1000, id: 'new' });
    expect(roomShape(builder.design).letters).toEqual(['A', 'B', 'E', 'C', 'D']);
    builder.run(insertCorner, { face: 'face-a', distance: 1000, id: 'newer' });
    expect(roomShape(builder.design).letters).toEqual(['A', 'F', 'B', 'E', 'C', 'D']);
    // Taken away at its left end, F goes into A; at its right end, into B, which was there first.
    const right = new RoomBuilder(builder.design);
    builder.run(removeCorner, { face: 'newer' });
    expect(walked(builder.design)).toEqual(['A 4000', 'B 1000', 'E 2000', 'C 4000', 'D 3000']);
    right.run(removeCorner, { face: 'face-b' });
    expect(roomShape(right.design).letters).toEqual(['A', 'B', 'E', 'C', 'D']);
    builder.run(removeCorner, { face: 'new' });
    expect(recordsOf(builder.design, 'loop')).toEqual(recordsOf(rectangle(4000, 3000).design, 'loop'));
  });

  it('go on past Z', () => {
    expect([0, 25, 26, 51, 52].map(faceLetter)).toEqual(['A', 'Z', 'AA', 'AZ', 'BA']);
  });
});
