import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { removeThings } from '../commands/remove-things';
import { setInto } from '../commands/set-into';
import { setRoom } from '../commands/set-room';
import { setTopCorner } from '../commands/set-top-corner';
import { setTopJoints } from '../commands/set-top-joints';
import type { RoomBuilder } from '../demo/build-room';
import { cross, distance, subtract, unit } from '../geometry/point';
import { shelfOf } from '../ranges/shelf';
import { roomShape } from '../survey/room-shape';
import { jointedTops, type JointedTop } from './top-joints';
import { topCorrections } from './top-facts';
import { tops } from './tops';

const only = ({ design }: RoomBuilder): JointedTop => {
  const [top, ...others] = tops(design);
  expect(others).toEqual([]);
  return jointedTops(design).get(top!)!;
};
const lengths = ({ pieces }: JointedTop) => pieces.map(({ length }) => Math.round(length * 100) / 100).sort();
/** An L of two runs 560 deep: 2400 along face A to the corner, 1800 along face B from it. */
function ell() {
  const builder = rectangle(4000, 3000);
  for (let at = 1600; at < 4000 - 560; at += 600) builder.set('F600', 'face-a', Math.min(at, 4000 - 600));
  for (const at of [600, 1200]) builder.set('F600', 'face-b', at);
  return builder;
}

describe('joints at an inside corner', () => {
  const inner = [
    { item: 'item-3', corner: 'frontRight' },
    { item: 'item-5', corner: 'frontLeft' },
  ] as const;

  it('are butted, the longer run going through, as long as it comes out of a slab', () => {
    const builder = ell();
    const { joints, pieces } = only(builder);
    expect(joints).toMatchObject([{ own: false, corner: { way: 'left' }, nearCutOut: null, over: null }]);
    expect(distance(joints[0]!.a, joints[0]!.b)).toBeCloseTo(600, 6);
    // 20 past the free ends: 2420 to the wall, and 1820 less the depth of the other.
    expect(lengths(only(builder))).toEqual([1220, 2420]);
    expect(pieces.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(tops(builder.design)[0]!.area, 4);
    builder.run(setRoom, { slabLength: 2419.9 });
    expect(lengths(only(builder))).toEqual([1820, 1820]);
    builder.run(setRoom, { slabLength: 2420 });
    expect(lengths(only(builder))).toEqual([1220, 2420]);
  });

  it('go the way that is said, round corners too', () => {
    const builder = ell();
    const at = [...inner] as never;
    builder.run(setTopJoints, { at, way: 'right' });
    expect(only(builder)).toMatchObject({ joints: [{ own: true, corner: { way: 'right' } }] });
    expect(lengths(only(builder))).toEqual([1820, 1820]);
    builder.run(setTopJoints, { at, way: 'mitre' });
    const [mitre] = only(builder).joints;
    expect(distance(mitre!.a, mitre!.b)).toBeCloseTo(600 * Math.SQRT2, 5);
    expect(lengths(only(builder))).toEqual([1820, 2420]);
    builder.run(setTopCorner, { at, shape: { radius: 100 } });
    const rounded = only(builder);
    expect(distance(rounded.joints[0]!.a, mitre!.b)).toBeCloseTo(
      600 * Math.SQRT2 + 100 * (Math.SQRT2 - 1),
      5,
    );
    expect(rounded.pieces.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(
      tops(builder.design)[0]!.area,
      4,
    );
    builder.run(setTopJoints, { at, way: 'left' });
    expect(only(builder).pieces).toHaveLength(2);
    builder.run(setTopJoints, { at, way: 'none' });
    expect(only(builder)).toMatchObject({ joints: [], pieces: [{ length: 2420 }] });
    expect(topCorrections(builder.design)).toContainEqual({
      ...{ items: ['item-3'], joint: 'frontRight', way: 'none', shows: true },
    });
    builder.run(setTopJoints, { at, way: null });
    expect(only(builder).joints[0]).toMatchObject({ own: false });
  });
});

describe('a top longer than a slab', () => {
  /** Six of 600 along face A from its left end; the one at the index given is another. */
  function long(code: string, index: number) {
    const builder = rectangle(6000, 3000);
    for (let at = 0; at < 6; at++) builder.set(at === index ? code : 'F600', 'face-a', at * 600);
    return builder;
  }

  it('is parted in equal lengths, and not before it has to be', () => {
    const builder = long('F600', 0);
    expect(lengths(only(builder))).toEqual([1810, 1810]);
    builder.run(setRoom, { slabLength: 3620 });
    expect(lengths(only(builder))).toEqual([3620]);
    builder.run(setRoom, { slabLength: 1200 });
    expect(lengths(only(builder))).toEqual([905, 905, 905, 905]);
    expect(only(builder).joints.map(({ own, corner }) => [own, corner])).toEqual([
      [false, null],
      [false, null],
      [false, null],
    ]);
  });

  it('is joined 150 clear of a cut-out, and not over a dishwasher', () => {
    const sink = long('F600-S', 3);
    const [joint] = only(sink).joints;
    expect(joint).toMatchObject({ nearCutOut: null, over: null });
    // The bowl begins 60 into its cabinet, at 1860: 1710 or less, in steps of 10 from 1810.
    expect(lengths(only(sink))).toEqual([1710, 1910]);
    expect(lengths(only(long('DISH600', 2)))).toEqual([1810, 1810]);
    expect(lengths(only(long('DISH600', 3)))).toEqual([1800, 1820]);
  });

  it('is joined clear of a hob that comes and goes, while the top stays the same', () => {
    const builder = long('F600', 0);
    const [top] = tops(builder.design);
    builder.run(setInto, { host: 'item-4', range: 'generic-mm', code: 'HOB580', ids: ['hob'] });
    expect(tops(builder.design)[0]).toBe(top);
    // It stands from 1810 on, and its rim lies 15 on the top: 1675 or less, in steps of 10 from 1810.
    expect(lengths(only(builder))).toEqual([1670, 1950]);
    builder.run(removeThings, ['hob']);
    expect(lengths(only(builder))).toEqual([1810, 1810]);
  });

  it('is joined where that is said, and says what is wrong with it', () => {
    const builder = long('F600-S', 3);
    builder.run(setTopJoints, { id: 'item-4', across: [10] });
    expect(only(builder).joints).toMatchObject([
      { own: true, across: { item: 'item-4', at: 10 }, nearCutOut: 'item-4' },
    ]);
    expect(lengths(only(builder))).toEqual([1810, 1810]);
    builder.run(setTopJoints, { id: 'item-1', across: [300] });
    expect(lengths(only(builder))).toEqual([1510, 1810, 300]);
    builder.run(setTopJoints, { id: 'item-4', across: [] });
    // What is left is still too long.
    expect(lengths(only(builder))).toHaveLength(3);
    const dish = long('DISH600', 2);
    dish.run(setTopJoints, { id: 'item-3', across: [300] });
    expect(only(dish).joints).toMatchObject([{ over: 'item-3' }]);
  });
});

describe('a corner cabinet in a corner out of square', () => {
  /** A room whose faces A and B meet at so many degrees. */
  const room = (angle: number) => {
    const way = ((180 + angle) * Math.PI) / 180;
    return cornered([
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000 + 3000 * Math.cos(way), y: 3000 * Math.sin(way) },
      { x: 0, y: -3000 },
    ]);
  };
  it('leaves a top in two whole pieces, whatever the angle and how far it stands off', () => {
    const setup = fc.record({
      angle: fc.double({ min: 84, max: 96, noNaN: true }),
      off: fc.double({ min: 0, max: 60, noNaN: true }),
      gap: fc.double({ min: 0, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(setup, ({ angle, off, gap }) => {
        const builder = room(angle);
        const [before, face] = roomShape(builder.design).faces;
        const cabinet = shelfOf('fathom').find(({ type }) => type === 'base-corner-l')!;
        // Along the slanted face, so that nothing of its top lies on whole micrometres.
        builder.set(cabinet.code, face!.id, off);
        const far = before!.length - cabinet.width - off - gap - 80;
        for (const at of [600, 1200]) builder.set('F600', before!.id, far - at);
        for (const top of tops(builder.design)) {
          const { pieces } = jointedTops(builder.design).get(top)!;
          for (const { length, width } of pieces) expect(Math.min(length, width)).toBeGreaterThan(100);
          for (const { parts } of top.rings)
            for (const [index, { a, b }] of parts.entries()) {
              const next = parts[(index + 1) % parts.length]!;
              const turn = cross(unit(subtract(b, a)), unit(subtract(next.b, next.a)));
              expect(Math.abs(turn)).toBeGreaterThan(1e-3);
            }
        }
      }),
      // At the end of its leg the wall is a hair farther off than tops reach, or just nearer.
      {
        numRuns: 60,
        examples: [59.7488095, 59.76, 59.74].map((off) => [{ angle: 90.01786580462367, off, gap: 0 }]),
      },
    );
  });

  it('is jointed where fronts turn by 15 degrees or more', () => {
    const jointsAt = (turn: number) => {
      const builder = room(180 - turn);
      const [before, face] = roomShape(builder.design).faces;
      builder.set('F600', before!.id, before!.length - 700);
      builder.set('F600', face!.id, 100);
      return tops(builder.design).flatMap((top) => jointedTops(builder.design).get(top)!.joints).length;
    };
    expect([jointsAt(14.9), jointsAt(15.1)]).toEqual([0, 1]);
  });
});
