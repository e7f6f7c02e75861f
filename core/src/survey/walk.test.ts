import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { trueRoom } from '../../testing/surveys';
import { distance, subtract, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { makeRoom } from './make-room';
import { faceCount, outlineFaces, outlines } from './outlines';
import { roomShape } from './room-shape';
import { aim, turned, walkGap, walkToFaces, type WalkedFace } from './walk';

const roomOf = (faces: ReturnType<typeof outlineFaces>) =>
  makeRoom({ name: 'Room', unit: 'mm', step: 1, ceilingHeight: 2400, faces });
const walkOf = (places: readonly Point[], typed = true): WalkedFace[] =>
  places.map((place, index) => {
    const along = subtract(places[(index + 1) % places.length]!, place);
    return { length: Math.hypot(along.x, along.y), heading: Math.atan2(along.y, along.x), typed };
  });
const rotated = <T>(list: readonly T[], by: number): T[] => [...list.slice(by), ...list.slice(0, by)];

describe('a walked loop', () => {
  it('is the same room whichever way round and from whichever corner it was drawn', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 10 }), fc.nat(1e6), fc.nat(9), (count, seed, by) => {
        const corners = trueRoom(count, seed);
        const start = by % count;
        const ways = [rotated(corners, start), rotated([...corners].reverse(), start)];
        const [one, other] = ways.map((places) => {
          const faces = must(walkToFaces(walkOf(places), 'share'));
          return roomShape(must(roomOf(faces)));
        });
        expect(one!.area).toBeGreaterThan(0);
        expect(other!.area).toBeCloseTo(one!.area, 2);
        // Each face is found in the other by its length and both its corners.
        const traits = ({ faces }: typeof one & object) =>
          faces
            .map(({ length, corner }, i) => [length, corner, faces[(i + 1) % faces.length]!.corner])
            .sort(([a], [b]) => a! - b!);
        const others = traits(other!);
        traits(one!).forEach((trait, i) =>
          trait.forEach((value, j) => expect(value).toBeCloseTo(others[i]![j]!, 6)),
        );
        expect(one!.area).toBeCloseTo(-signedArea(corners), 2);
      }),
      { numRuns: 50 },
    );
  });

  it('that misses its start is closed by a face that follows, or shared out', () => {
    const walk: WalkedFace[] = [
      { length: 4000, heading: 0, typed: false },
      { length: 3000, heading: -Math.PI / 2, typed: false },
      { length: 4006, heading: Math.PI, typed: false },
    ];
    const closed = roomShape(must(roomOf(must(walkToFaces(walk, 'close')))));
    expect(closed.faces).toHaveLength(4);
    expect(closed.faces[3]!.record.lengthFrom).toBe('outline');
    const all = [...walk, { length: 3000, heading: Math.PI / 2, typed: false }];
    expect(walkGap(all)).toBeCloseTo(6, 9);
    const shared = roomShape(must(roomOf(must(walkToFaces(all, 'share')))));
    expect(shared.faces.map(({ length }) => Math.round(length))).toEqual([4000, 3000, 4006, 3000]);
    const short = walkToFaces(walk.slice(0, 1), 'close');
    expect(short.ok ? '' : refusalText(short.refusal)).toContain('at least 3 faces');
  });
});

describe('the pointer', () => {
  const first: WalkedFace = { length: 4000, heading: 0.1, typed: false };
  const end = { x: 4000 * Math.cos(0.1), y: 4000 * Math.sin(0.1) };
  it('is drawn square to the last face, to diagonals and to the start', () => {
    const square = aim([first], { x: end.x + 120, y: end.y - 3000 }, 50);
    expect(square).toMatchObject({ caught: ['square'] });
    expect(square.heading).toBeCloseTo(0.1 - Math.PI / 2, 9);
    expect(aim([first], { x: end.x + 2000, y: end.y - 1500 }, 50).caught).toEqual(['diagonal']);
    expect(aim([first], { x: end.x + 2000, y: end.y - 700 }, 50).caught).toEqual([]);
    const second = { length: 3000, heading: 0.1 - Math.PI / 2, typed: false };
    expect(aim([first, second], { x: 30, y: 20 }, 50)).toMatchObject({ caught: ['start'] });
  });

  it('stops level with the start', () => {
    const down = { length: 3000, heading: -Math.PI / 2, typed: false };
    const right = { ...first, heading: 0 };
    const level = aim([right, down], { x: 20, y: -3010 }, 50);
    expect(level.caught).toEqual(['square', 'level']);
    expect(level.length).toBeCloseTo(4000, 6);
  });

  it('gives way to a typed turn, to the right as one walks', () => {
    expect(turned([{ ...first, heading: 0 }], Math.PI / 2)).toBeCloseTo(-Math.PI / 2, 9);
  });
});

describe('quick outlines', () => {
  it.each(outlines.map(({ id }) => id))(
    '%s closes with two lengths left to follow, turned and mirrored',
    (id) => {
      for (const mirrored of [false, true]) {
        for (const turns of [0, 1, 2, 3]) {
          const plain = roomShape(
            must(
              roomOf(
                outlineFaces({ id, turns, mirrored }, [], 'mm').map((face) => ({ ...face, measured: true })),
              ),
            ),
          );
          const lengths = plain.faces.map(({ length }) => length);
          expect(plain.faces).toHaveLength(faceCount(id));
          expect(plain.misclosure.length).toBeLessThan(20);
          const known = lengths.map((length, index) => (index < lengths.length - 2 ? length * 1.1 : null));
          const room = roomShape(must(roomOf(outlineFaces({ id, turns, mirrored }, known, 'mm'))));
          known.forEach(
            (length, index) => length !== null && expect(room.faces[index]!.length).toBeCloseTo(length, 5),
          );
          room.faces.forEach(({ corner }, index) =>
            expect(corner).toBeCloseTo(plain.faces[index]!.corner, 2),
          );
        }
      }
    },
  );

  it('mirrored twice, or turned four times, lie as before', () => {
    const l = (turns: number, mirrored: boolean) => outlineFaces({ id: 'l', turns, mirrored }, [], 'mm');
    expect(l(4, false)).toEqual(l(0, false));
    expect(l(1, false)).not.toEqual(l(0, false));
    expect(l(0, true).map(({ corner }) => corner)).not.toEqual(l(0, false).map(({ corner }) => corner));
  });

  it('say which face to measure when too few are', () => {
    const made = roomOf(outlineFaces({ id: 'l', turns: 0, mirrored: false }, [4000, 2000], 'mm'));
    expect(made.ok ? '' : refusalText(made.refusal)).toMatch(
      /2 more measurements are needed. Measure face C or face D or face E or face F\./,
    );
  });

  it('come out as the right-angled rooms they are', () => {
    const room = roomShape(
      must(roomOf(outlineFaces({ id: 'l', turns: 0, mirrored: false }, [4000, 2000, 1500, 2500], 'mm'))),
    );
    expect(room.area).toBeCloseTo(4000 * 2000 + 2500 * 2500, 3);
    expect(distance(room.outline[4]!, { x: 2500, y: -4500 })).toBeLessThan(1e-5);
  });
});
