import { describe, expect, it } from 'vitest';
import { finishMaterials, finishParts } from '../document/limits';
import { rectangle } from '../../testing/rooms';
import { finishes, finishesFor, finishNamed, usualMaterials } from './finishes';

describe('finishes', () => {
  it('are found by their name however it is written; any other word is none we know', () => {
    const { design } = rectangle(4000, 3000);
    for (const finish of finishes) expect(finishNamed(design, ` ${finish.name.toUpperCase()} `)).toBe(finish);
    for (const none of ['Chalky', '', '  ', undefined]) expect(finishNamed(design, none)).toBeNull();
  });

  it('are at least 40, each with a name and a code of its own, by what they are of', () => {
    expect(finishes.length).toBeGreaterThanOrEqual(40);
    expect(new Set(finishes.map(({ name }) => name.toLowerCase())).size).toBe(finishes.length);
    expect(new Set(finishes.map(({ code }) => code)).size).toBe(finishes.length);
    const letters = {
      paint: 'P',
      timber: 'T',
      stone: 'S',
      tile: 'PT',
      laminate: 'L',
      metal: 'M',
      fabric: 'F',
    };
    for (const { of, code } of finishes) expect(code).toMatch(new RegExp(`^${letters[of]}\\d+$`));
  });

  it('are each offered for what they are made for, every material for something', () => {
    for (const part of finishParts) {
      const suited = finishesFor(part);
      expect(suited.length).toBeGreaterThan(4);
      expect(suited.every(({ of }) => (usualMaterials[part] as readonly string[]).includes(of))).toBe(true);
    }
    const used = new Set(finishParts.flatMap((part) => usualMaterials[part] as readonly string[]));
    expect([...used].sort()).toEqual([...finishMaterials].sort());
    expect(finishesFor('top').map(({ name }) => name)).toContain('Drift oak');
    expect(finishesFor('wall').map(({ name }) => name)).not.toContain('Drift oak');
  });

  it('have a colour each, between smooth and rough; tiles are longer than high, with a grout of another colour', () => {
    for (const { colour, rough, of, tile, grain, figure } of finishes) {
      expect(colour).toMatch(/^#[0-9a-f]{6}$/);
      expect(rough > 0 && rough < 1).toBe(true);
      expect(tile !== undefined).toBe(of === 'tile');
      expect(grain === true).toBe(figure.type === 'grain');
      if (!tile) continue;
      expect(tile.long).toBeGreaterThanOrEqual(tile.high);
      expect(tile.joint >= 1 && tile.joint <= 5 && tile.offset >= 0 && tile.offset < 1).toBe(true);
      expect(tile.grout).not.toBe(colour);
      if (grain) expect(tile.long).toBeGreaterThan(3 * tile.high);
    }
  });
});
