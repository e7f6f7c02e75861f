import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import type { ItemRecord } from '../document/records';
import { subtract, dot } from '../geometry/point';
import { fathom } from '../ranges/data/fathom';
import { itemsOf } from '../ranges/shelf';
import { findBox } from '../setting/item-box';
import { criteria, type Filling, type Values } from './fill-problem';
import { IslandLine } from './island';
import { usualEnds, type ProposalRequest } from './request';

const request: ProposalRequest = {
  ...{ faces: [], band: 'base', range: 'fathom', family: 'F*', replaced: [], centre: null, order: criteria },
  ...{ most: 1, ends: usualEnds('mm'), loose: [] },
};
const shelf = itemsOf(fathom);
const pieces = ['F600', 'F900'].map((code) => shelf.find((item) => item.code === code)!);
const filler = shelf.find(({ type }) => type === 'filler')!;
const values = Object.fromEntries(criteria.map((one) => [one, 0])) as unknown as Values;
const filling = (left: number, set: number[], right: number): Filling => ({
  ...{ problem: 0, segments: [{ left, pieces: set, right }], values },
});

/** A block on the floor, and the line its runs stand on. */
function block(depth: number, width: number, centre: ProposalRequest['centre'] = null, parts = shelf) {
  const builder = rectangle(6000, 5000);
  const island = builder.place('COUNTER', { on: 'floor', x: 2000, y: -2000, turn: 0 });
  builder.run(editItems, { ids: [island], change: { width, depth } });
  const box = findBox(builder.design, island)!;
  const range = {
    ...fathom,
    families: fathom.families.filter(({ type }) => parts.some((one) => one.type === type)),
  };
  const line = new IslandLine(builder.design, { ...request, island, centre }, range, pieces, filler);
  let count = 0;
  /** Each item: what it is, its left end along the block and its back off the block's back, seen as it faces; whether it is turned round; its sizes. */
  const shown = (made: readonly ItemRecord[]) =>
    made.map(({ id, code, type, placement, width, depth: deep, height, up }) => {
      if (placement.on !== 'floor') throw new Error('not on the floor');
      const from = subtract(placement, box.origin);
      const turned = Math.abs(Math.abs(placement.turn) - Math.PI) < 1e-9;
      expect(turned || Math.abs(placement.turn) < 1e-9).toBe(true);
      const place = [dot(from, box.u), dot(from, box.n)].map((mm) => Math.round(mm * 1e6) / 1e6 + 0);
      return [
        id,
        type.startsWith('base') ? code : type,
        ...place,
        turned ? 'back' : 'front',
        width,
        deep,
        height,
        up,
      ];
    });
  return { line, shown: (one: Filling) => shown(line.itemsOf(one, () => `n${(count += 1)}`)) };
}
const [deep, high] = [pieces[0]!.depth, pieces[0]!.height];
const { up } = pieces[0]!;

describe('an island as a line to be filled', () => {
  it('is as long as the block less a panel at each end, and closed by any filler there', () => {
    const any = { least: 0, most: Infinity, optional: false };
    expect(block(700, 2136).line.problem()).toEqual({
      pieces: pieces.map(({ code, width, price }) => ({ code, width, price })),
      segments: [{ from: 18, to: 2118, left: any, right: any, slackAt: ['both', 'left', 'right'] }],
      ...{ joints: [], centre: null, aligned: [], loose: [] },
      filler: { least: expect.any(Number), most: expect.any(Number), scribed: false },
      decided: { filler: 0, widths: [], price: 0 },
    });
    const centred = block(700, 2136, { face: 'face-a', at: 5 }).line.problem();
    expect(centred.centre).toEqual({ at: 1068, from: 0, to: 2136 });
    expect(centred.filler.least).toBeLessThan(centred.filler.most);
  });

  it('is a run with a back where the block is as deep, its front where the block has its own', () => {
    const wide = 36 + 1500 + 60;
    const front = 700 - deep;
    expect(block(700, wide).shown(filling(40, [0, 1], 20))).toEqual([
      ['n1', 'filler', 18, front, 'front', 40, deep, high, up],
      ['n2', 'F600', 58, front, 'front', 600, deep, high, up],
      ['n3', 'F900', 658, front, 'front', 900, deep, high, up],
      ['n4', 'filler', 1558, front, 'front', 20, deep, high, up],
      ['n5', 'back-panel', 18, front - 18, 'front', 1560, 18, high, up],
      ['n6', 'end-panel', 0, front - 18, 'front', 18, deep + 18, high, up],
      ['n7', 'end-panel', 1578, front - 18, 'front', 18, deep + 18, high, up],
    ]);
  });

  it('has a back only where a panel goes in behind it, to the millimetre', () => {
    const types = (depth: number) =>
      block(depth, 636)
        .shown(filling(0, [0], 0))
        .map(([, type]) => type);
    expect(types(deep + 18)).toEqual(['F600', 'back-panel', 'end-panel', 'end-panel']);
    expect(types(deep + 17.9)).toEqual(['F600', 'end-panel', 'end-panel']);
    // Without a back its ends are as deep as it is.
    const bare = block(deep + 10, 636).shown(filling(0, [0], 0));
    expect(bare.map((one) => one.slice(2))).toEqual([
      [18, 10, 'front', 600, deep, high, up],
      [0, 10, 'front', 18, deep, high, up],
      [618, 10, 'front', 18, deep, high, up],
    ]);
  });

  it('is two runs back to back from twice its depth on, within a millimetre; the second from the other end', () => {
    const rows = (depth: number) => block(depth, 636).shown(filling(0, [0], 0)).length;
    expect([rows(2 * deep - 1), rows(2 * deep - 1.1)]).toEqual([4, 4]);
    const two = block(2 * deep, 36 + 1500 + 40).shown(filling(40, [0, 1], 0));
    expect(two.map((one) => one.slice(1, 5))).toEqual([
      ['filler', 18, deep, 'front'],
      ['F600', 58, deep, 'front'],
      ['F900', 658, deep, 'front'],
      // Seen from the other side, its left end is the far one.
      ['filler', 1558, deep, 'back'],
      ['F600', 1518, deep, 'back'],
      ['F900', 918, deep, 'back'],
      ['end-panel', 0, 0, 'front'],
      ['end-panel', 1558, 0, 'front'],
    ]);
    expect(two.at(-1)!.slice(5)).toEqual([18, 2 * deep, high, up]);
    const turned = block(2 * deep - 1.1, 636).shown(filling(0, [0], 0));
    expect(turned.some((one) => one[4] === 'back')).toBe(false);
    expect(block(2 * deep - 1, 636).shown(filling(0, [0], 0))[1]![4]).toBe('back');
  });

  it('leaves open what is too narrow for a filler, and what the range has no panel for', () => {
    const least = block(700, 636).line.problem().filler.least;
    const thin = block(700, 636 + least - 0.1).shown(filling(least - 0.1, [0], 0));
    expect(thin[0]!.slice(1, 3)).toEqual(['F600', 18 + least - 0.1]);
    expect(block(700, 636 + least).shown(filling(least, [0], 0))[0]![1]).toBe('filler');
    const bare = block(
      700,
      636,
      null,
      shelf.filter(({ type }) => type !== 'end-panel' && type !== 'back-panel'),
    );
    expect(bare.shown(filling(0, [0], 0)).map(([, type]) => type)).toEqual(['F600']);
  });
});
