import { describe, expect, it } from 'vitest';
import { newTool, routing, usualMachine, type Machine } from './machine';

const of = (...tools: (readonly [kind: 'cutter' | 'drill', size: number, reach: number])[]): Machine => ({
  ...usualMachine,
  tools: tools.map(([kind, size, reach], at) => ({
    ...usualMachine.tools[0]!,
    number: at + 1,
    kind,
    size,
    reach,
  })),
});

describe('how far apart parts lie on a router', () => {
  it('is as far as its largest cutter that goes through a board needs, and 3 farther in', () => {
    expect(routing(usualMachine)).toEqual({ kerf: 12, trim: 15 });
    expect(routing(of(['cutter', 10, 40], ['cutter', 16, 19.2], ['drill', 35, 40]))).toEqual({
      kerf: 10,
      trim: 13,
    });
    // 19 of a board and 0.3 of the bed.
    expect(routing(of(['cutter', 10, 40], ['cutter', 16, 19.3]))).toEqual({ kerf: 16, trim: 19 });
  });

  it('is as usual where nothing goes through', () => {
    expect(routing(of(['drill', 8, 40]))).toEqual({ kerf: 12, trim: 15 });
  });
});

describe('a new tool', () => {
  it('has the next number that is free, and cuts or drills', () => {
    expect(newTool(usualMachine, 'cutter')).toMatchObject({ number: 17, kind: 'cutter', size: 8 });
    expect(newTool(of(['drill', 5, 40]), 'drill')).toMatchObject({ number: 2, kind: 'drill', size: 8 });
  });
});
