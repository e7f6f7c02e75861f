import { describe, expect, it } from 'vitest';
import { begunAt, mirroredRoom, turnedBy } from '../../testing/moved-rooms';
import { randomKitchen } from '../../testing/random-kitchens';
import { ruledBath, ruledFaults, ruledKitchen } from '../../testing/rule-rooms';
import { galleyWithBay } from '../demo/galley-with-bay';
import { hallBath } from '../demo/hall-bath';
import { laundry } from '../demo/laundry';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { wetRoom } from '../demo/wet-room';
import { loopOf, roomOf, type Design } from '../document/design';
import { rulePackIds } from '../document/limits';
import { checkBy } from './check-reach';
import { rulePacks } from './packs';

const rooms = {
  orchardKitchen,
  galleyWithBay,
  wetRoom,
  hallBath,
  laundry,
  ruledKitchen,
  ruledBath,
  ruledFaults,
};

/** What is not compared: rules, and of what a thing is measured to, where others are as far. */
interface Unlike {
  without?: readonly string[];
  nameless?: boolean;
}

/** What is found of a design, without the order of its parts: what is measured, by rule, verdict, things and check. */
function found(
  design: Design,
  { without = [], nameless = false }: Unlike,
): ReadonlyMap<string, readonly number[]> {
  const all = new Map<string, number[]>();
  for (const { rule, verdict, ids, checks } of checkBy(design, rulePackIds, true).findings) {
    if (without.includes(rule)) continue;
    // A top is told by the first of its items, which is another where its run begins at its other end.
    const about = nameless || rule === 'K25' ? '' : [...ids].sort().join(' ');
    for (const { id, measured, required, held } of checks) {
      // What is told of a left and a right side changes places in a mirror.
      if (required === null && (id === 'left' || id === 'right')) continue;
      const key = [rule, verdict, about, id, required, held, measured === null].join(' ');
      all.set(
        key,
        [...(all.get(key) ?? []), measured ?? 0].sort((one, other) => one - other),
      );
    }
  }
  return all;
}

/** Both find the same, what they measure within half a millimetre, areas within a thousandth. */
function expectAlike(after: Design, before: Design, unlike: Unlike = {}): void {
  const [is, was] = [found(after, unlike), found(before, unlike)];
  expect([...is.keys()].sort()).toEqual([...was.keys()].sort());
  for (const [key, all] of was) {
    const others = is.get(key)!;
    expect([key, others.length]).toEqual([key, all.length]);
    for (const [index, one] of all.entries())
      expect([key, Math.abs(others[index]! - one) <= Math.max(0.5, 0.001 * one)]).toEqual([key, true]);
  }
}

describe('what is found of a room', () => {
  it('is, in one room or another, of every rule there is, with every number it asks for', () => {
    const asked = new Set(
      rulePackIds.flatMap((pack) =>
        rulePacks[pack].rules.flatMap(({ id, checks }) => checks.map((check) => `${id} ${check.id}`)),
      ),
    );
    for (const room of Object.values(rooms))
      for (const { rule, also = [], checks } of checkBy(room(), rulePackIds, true).findings)
        for (const { id, measured } of checks)
          if (measured !== null) for (const one of [rule, ...also]) asked.delete(`${one} ${id}`);
    expect([...asked]).toEqual([]);
  });

  it.each(Object.entries(rooms))(
    'is the same wherever its walk begins, so whichever way it is turned: %s',
    (_, room) => {
      const design = room();
      for (let first = 1; first < loopOf(design).faces.length; first++)
        expectAlike(begunAt(design, first), design);
    },
  );

  it.each(Object.entries(rooms))('is the same turned by 37 degrees: %s', (_, room) => {
    const design = room();
    // The corner that turns the room is cut off: what stands in it touches that.
    expectAlike(turnedBy(design, (37 * Math.PI) / 180), design, { without: ['wall-collision'] });
  });

  it.each(Object.entries(rooms))('is the same in a mirror: %s', (_, room) => {
    const design = room();
    expectAlike(mirroredRoom(design), design);
  });

  it.each(Object.entries(rooms))('is the same in millimetres and in inches: %s', (_, room) => {
    const design = room();
    for (const unit of ['mm', 'cm', 'in', 'ft-in'] as const) {
      const records = { ...design.records, room: { ...roomOf(design), unit } };
      // What a slab measures goes by the unit.
      expectAlike({ ...design, records } as Design, design, { without: ['top-slab'] });
    }
  });

  it('is the same of any kitchen turned, mirrored, and walked from another corner', () => {
    // How far a hob is from the corner that is cut off to turn the room is another distance; which edges face each other at a joint of runs is not settled.
    const without = ['wall-collision', 'M-hob-side', 'K06', 'M-aisle', 'A-pass', 'A-u'];
    for (let seed = 1000; seed < 1020; seed++) {
      const { design } = randomKitchen(seed, seed % 3 !== 0);
      for (const moved of [turnedBy(design, 0.1 + (seed % 10) / 9), begunAt(mirroredRoom(design), 2)])
        expectAlike(moved, design, { without, nameless: true });
    }
  });
});
