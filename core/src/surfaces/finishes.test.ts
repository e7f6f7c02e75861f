import { describe, expect, it } from 'vitest';
import {
  finishes,
  finishNamed,
  floorFinishNames,
  frontFinishNames,
  topFinishNames,
  wallFinishNames,
} from './finishes';

describe('finishes', () => {
  it('are found by their name however it is written; any other word is none we know', () => {
    for (const finish of finishes) expect(finishNamed(` ${finish.name.toUpperCase()} `)).toBe(finish);
    expect([finishNamed('Chalky'), finishNamed(''), finishNamed('  '), finishNamed(undefined)]).toEqual([
      ...[null, null, null, null],
    ]);
  });

  it('are each offered for what they are made for', () => {
    expect(frontFinishNames).toEqual(['Chalk', 'Kelp', 'Drift oak', 'Tarred pine']);
    expect(topFinishNames).toEqual(['Drift oak', 'Tarred pine', 'Shell', 'Skerry']);
    expect(floorFinishNames).toEqual([
      ...['Drift oak', 'Tarred pine', 'Shell', 'Skerry', 'Marram', 'Groyne', 'Samphire', 'Pebbleback'],
    ]);
    expect(wallFinishNames).toEqual(['Chalk', 'Kelp', 'Marram', 'Groyne', 'Samphire', 'Pebbleback']);
  });

  it('have a colour each, between smooth and rough; tiles are longer than high, with a grout of another colour', () => {
    for (const { colour, rough, of, tile, grain } of finishes) {
      expect(colour).toMatch(/^#[0-9a-f]{6}$/);
      expect(rough > 0 && rough < 1).toBe(true);
      expect(tile !== undefined).toBe(of === 'tile');
      if (!tile) continue;
      expect(tile.long).toBeGreaterThanOrEqual(tile.high);
      expect(tile.joint >= 1 && tile.joint <= 5 && tile.offset >= 0 && tile.offset < 1).toBe(true);
      expect(tile.grout).not.toBe(colour);
      if (grain) expect(tile.long).toBeGreaterThan(3 * tile.high);
    }
    expect(new Set(finishes.map(({ name }) => name)).size).toBe(finishes.length);
  });
});
