import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { lineUpOpening } from '../commands/line-up-opening';
import { putOpening, usualOpening } from '../commands/put-opening';
import { spaceOpenings } from '../commands/space-openings';
import { recordOf } from '../document/design';
import { measuredFrom } from '../document/opening-types';
import { sectorOutline } from '../geometry/sector';
import type { Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { distanceFor, doorLeaves, doorSweeps, leftJamb, placedOpenings } from './openings';
import { roomShape } from './room-shape';

const straight = { length: 4000, arc: null };
const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));

describe('an opening', () => {
  it('stands where it was measured, from either end or the centre, to either jamb or the centre line', () => {
    expect(leftJamb({ from: 'left', to: 'centre', distance: 1000, width: 800 }, straight)).toBe(600);
    expect(leftJamb({ from: 'right', to: 'left', distance: 1000, width: 800 }, straight)).toBe(3000);
    expect(leftJamb({ from: 'right', to: 'right', distance: 1000, width: 800 }, straight)).toBe(2200);
    expect(leftJamb({ from: 'centre', to: 'centre', distance: 0, width: 800 }, straight)).toBe(1600);
    expect(leftJamb({ from: 'centre', to: 'left', distance: -300, width: 800 }, straight)).toBe(1700);
    const length = fc.double({ min: 0, max: 9000, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...measuredFrom),
        fc.constantFrom(...measuredFrom),
        length,
        length,
        length,
        (from, to, left, width, face) => {
          const measured = { from, to, width, distance: 0 };
          const distance = distanceFor(measured, left, { length: face, arc: null });
          expect(leftJamb({ ...measured, distance }, { length: face, arc: null })).toBeCloseTo(left, 6);
        },
      ),
    );
  });

  it('named by its type, in walking order', () => {
    const builder = rectangle();
    for (const [type, at] of [
      ['niche', 2000],
      ['hatch', 200],
      ['window', 3000],
      ['cased', 1100],
    ] as const)
      builder.open('face-a', type, at, { width: 700 });
    expect(placedOpenings(builder.design).map(({ name }) => name)).toEqual(['H1', 'D1', 'N1', 'W1']);
  });

  it.each([
    [
      'a pocket door without wall to slide into',
      'door',
      { action: 'pocket', hinge: 'left' },
      300,
      'slides into 800 mm of wall; face A has 300 mm there',
    ],
    [
      'a niche deeper than the wall',
      'niche',
      { depth: 150 },
      300,
      'N1 is 150 mm deep, the wall 120 mm thick',
    ],
    ['a leaf that hardly opens', 'door', { angle: 0.1 }, 300, 'The opening angle can’t be'],
    ['a casing wider than any', 'door', { casing: 400 }, 300, 'The casing can’t be 400 mm'],
  ] as const)('is refused: %s', (_, type, change, at, reason) => {
    const builder = rectangle();
    const id = builder.open('face-a', type, at);
    const record = recordOf(builder.design, 'opening', id)!;
    expect(sentence(putOpening.run(builder.design, { ...record, ...change }))).toContain(reason);
  });

  it('under a sloped ceiling must be lower than its lower jamb has room for', () => {
    const builder = rectangle();
    const [a, b] = [roomShape(builder.design).faces[0]!, roomShape(builder.design).faces[1]!];
    expect([a.ceiling, b.wallHeight]).toEqual([[2400, 2400], null]);
    const design = {
      ...builder.design,
      records: { ...builder.design.records, 'face-b': { ...b.record, ceilingHeight: 1800 } },
    };
    const door = (distance: number) => usualOpening('door', 'face-a', 'door', distance, 'mm');
    expect(sentence(putOpening.run(design, door(0)))).toBe('');
    expect(sentence(putOpening.run(design, door(2500)))).toContain('above the wall at 1905 mm');
  });
});

describe('door leaves', () => {
  it('turn into the room from either side, as far as they open', () => {
    for (const hinge of ['left', 'right'] as const) {
      const builder = rectangle();
      builder.open('face-a', 'door', 1000, { hinge, angle: Math.PI / 3 });
      const [leaf] = doorLeaves(placedOpenings(builder.design)[0]!);
      const tip = { x: Math.cos(leaf!.open), y: Math.sin(leaf!.open) };
      expect(tip.y).toBeCloseTo(-Math.sin(Math.PI / 3), 9);
      expect(tip.x).toBeCloseTo((hinge === 'left' ? 1 : -1) * 0.5, 9);
      const reach = sectorOutline(doorSweeps(placedOpenings(builder.design)[0]!)[0]!);
      expect(Math.min(...reach.map(({ y }) => y))).toBeCloseTo(
        -Math.hypot(800, 40) * Math.sin(Math.PI / 3),
        6,
      );
      expect(Math.max(...reach.map(({ y }) => y))).toBeLessThan(1e-6);
    }
  });

  it('are two for a double door, none for one that slides, and none inside for one that opens out', () => {
    const sweeps = (change: object) => {
      const builder = rectangle();
      builder.open('face-a', 'door', 1000, change);
      return doorSweeps(placedOpenings(builder.design)[0]!).map(({ radius }) => Math.round(radius));
    };
    expect(sweeps({ action: 'double', width: 1600 })).toEqual([801, 801]);
    expect(sweeps({ action: 'folding' })).toEqual([402]);
    expect(sweeps({ action: 'sliding' })).toEqual([]);
    expect(sweeps({ action: 'pocket' })).toEqual([]);
    expect(sweeps({ swing: 'out' })).toEqual([]);
  });
});

describe('openings lined up', () => {
  it('stand across from one another, whatever the walls’ angle', () => {
    const builder = rectangle(4000, 3000, 4010, 3000);
    const window = builder.open('face-a', 'window', 700);
    const door = builder.open('face-c', 'door', 100);
    builder.run(lineUpOpening, { id: door, with: window });
    const [first, second] = placedOpenings(builder.design);
    const centre = ({ face, left, right }: typeof first & object) => {
      const s = (left + right) / 2;
      return { x: face.start.x + face.u.x * s, y: face.start.y + face.u.y * s };
    };
    const [a, b] = [centre(first!), centre(second!)];
    const { u } = second!.face;
    expect((a.x - b.x) * u.x + (a.y - b.y) * u.y).toBeCloseTo(0, 5);
    const side = builder.open('face-b', 'window', 500);
    expect(sentence(lineUpOpening.run(builder.design, { id: side, with: door }))).toContain(
      'not stand across',
    );
  });

  it('are spaced equally between the ends of their face', () => {
    const builder = rectangle();
    builder.open('face-a', 'window', 10, { width: 600 });
    builder.open('face-a', 'window', 1900, { width: 900, from: 'right' });
    builder.run(spaceOpenings, { face: 'face-a' });
    const gaps = placedOpenings(builder.design).map(({ left, right }) => [left, right]);
    const gap = (4000 - 1500) / 3;
    expect(gaps[0]![0]).toBeCloseTo(gap, 5);
    expect(gaps[1]![0]! - gaps[0]![1]!).toBeCloseTo(gap, 5);
    expect(4000 - gaps[1]![1]!).toBeCloseTo(gap, 5);
  });
});
