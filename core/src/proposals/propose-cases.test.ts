import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { replaceItems } from '../commands/replace-items';
import { after, type RoomBuilder } from '../demo/build-room';
import { fathom } from '../ranges/data/fathom';
import { kindOf } from '../ranges/kinds';
import { rangesOf, shelfOf } from '../ranges/shelf';
import type { Range } from '../ranges/range';
import type { Refusal } from '../result';
import { itemBoxes } from '../setting/item-box';
import { criteria } from './fill-problem';
import { propose, type Proposal } from './propose';
import { noFiller, usualEnds, type ProposalRequest } from './request';

let count = 0;
const newId = () => `new-${(count += 1)}`;
const usual: ProposalRequest = {
  ...{ faces: ['face-a'], band: 'base', range: 'fathom', family: 'F*', replaced: [], centre: null },
  ...{ order: criteria, most: 3, ends: usualEnds('mm'), loose: [] },
};
const asked = ({ design }: RoomBuilder, change: Partial<ProposalRequest> = {}, known?: readonly Range[]) =>
  propose(design, { ...usual, ...change }, newId, known ?? rangesOf(design));
const best = (
  builder: RoomBuilder,
  change: Partial<ProposalRequest> = {},
  known?: readonly Range[],
): Proposal => {
  const result = asked(builder, change, known);
  expect(result).toMatchObject({ ok: true });
  return result.ok ? result.value[0]! : (undefined as never);
};
const refusal = (
  builder: RoomBuilder,
  change: Partial<ProposalRequest> = {},
  known?: readonly Range[],
): Refusal | null => {
  const result = asked(builder, change, known);
  return result.ok ? null : result.refusal;
};
const heights = ({ items }: Proposal) => [...new Set(items.map(({ height }) => height))];

describe('what is asked of a proposal', () => {
  const room = () => rectangle(3_000);

  it('names a range, a family of it and a filler that are known', () => {
    const name = (name: string) => ({ noun: 'name', name });
    expect(refusal(room(), { range: 'nowhere' })).toEqual({
      ...{ code: 'code-unknown', data: { range: 'nowhere', code: name('F*') } },
    });
    expect(refusal(room(), { family: 'NO*' })).toEqual({
      ...{ code: 'code-unknown', data: { range: 'Fathom', code: name('NO*') } },
    });
    const without = { ...fathom, families: fathom.families.filter(({ type }) => type !== 'filler') };
    expect(refusal(room(), {}, [without])).toEqual({
      ...{ code: 'code-unknown', data: { range: 'Fathom', code: 'filler' } },
    });
  });

  it('names faces and items that are there, and no more loose ones than are tried in every order', () => {
    const builder = room();
    expect(refusal(builder, { faces: [] })).toEqual({
      code: 'record-missing',
      data: { id: '', what: 'face' },
    });
    expect(refusal(builder, { faces: ['face-a', 'gone'] })).toEqual({
      ...{ code: 'record-missing', data: { id: 'gone', what: 'face' } },
    });
    const ids = [0, 450, 900, 1_350, 1_800].map((at) => builder.set('F450', 'face-a', at));
    expect(refusal(builder, { loose: [ids[0]!, 'gone'] })).toEqual({
      ...{ code: 'record-missing', data: { id: 'gone', what: 'item' } },
    });
    expect(refusal(builder, { loose: ids })).toEqual({
      ...{ code: 'number-range', data: { what: 'loose-items', value: 5, least: 0, most: 4 } },
    });
    expect(refusal(builder, { loose: ids.slice(1) })).toBeNull();
    expect(refusal(builder, { faces: [], island: 'gone' })).toEqual({
      ...{ code: 'record-missing', data: { id: 'gone', what: 'item' } },
    });
  });

  it('takes away what is to be replaced and still there, once where it is loose too', () => {
    const builder = room();
    const [one, two] = [builder.set('F450', 'face-a', 0), builder.set('F600', 'face-a', 450)];
    const { removed, items } = best(builder, { replaced: [one, two, 'gone'], loose: [two] });
    expect(removed).toEqual([one, two]);
    expect(items.filter(({ id }) => id === two)).toHaveLength(1);
    expect(items.some(({ id }) => id === one)).toBe(false);
  });

  it('has something to fill, and an island room for a run', () => {
    const full = rectangle(2_400);
    for (const at of [0, 600, 1_200, 1_800]) full.set('F600', 'face-a', at);
    expect(refusal(full)).toEqual({ code: 'nothing-open', data: { faces: 'A' } });
    const builder = rectangle(6_000, 5_000);
    const island = builder.place('COUNTER', { on: 'floor', x: 3_000, y: -2_500, turn: 0 });
    builder.run(editItems, { ids: [island], change: { width: 310 } });
    expect(refusal(builder, { faces: [], island })).toEqual({
      ...{ code: 'nothing-fits', data: { family: 'Base cabinet', range: 'Fathom' } },
    });
  });

  it('says which face falls short, by the least filler of each end that must have one', () => {
    const short = (ends: Partial<ProposalRequest['ends']> = {}) => {
      const builder = rectangle(3_000);
      builder.set('F900', 'face-a', 320);
      const found = refusal(builder, { at: 100, ends: { ...usualEnds('mm'), ...ends } });
      return found?.code === 'nothing-fits' ? found.data.open : found;
    };
    // 30 at the wall beside 300; none beside a cabinet.
    expect(short()).toEqual({ face: 'A', length: 320, least: 330 });
    expect(short({ wall: noFiller })?.toString()).toBe(undefined);
    expect(short({ wall: { least: 30, most: 300, optional: true } })).toBeNull();
    expect(short({ left: { least: 40, most: 300, optional: false } })).toMatchObject({ least: 340 });
  });
});

describe('what is proposed', () => {
  it('is as high as what stands in the run already, else as the family’s first', () => {
    const builder = rectangle(3_000);
    const wall = { band: 'wall', family: 'U*' } as const;
    expect(heights(best(builder, wall))).toEqual([600]);
    builder.set('U600/720', 'face-a', 0);
    expect(heights(best(builder, wall))).toEqual([720]);
    // Of the first face with something on it, in the order asked about.
    builder.set('U600/900', 'face-b', 1_500);
    expect(heights(best(builder, { ...wall, faces: ['face-a', 'face-b'] }))).toEqual([720]);
    expect(heights(best(builder, { ...wall, faces: ['face-b'] }))).toEqual([900]);
    // One that the family has not is not taken over.
    const other = rectangle(3_000);
    other.set('U600/360-V', 'face-a', 0);
    expect(heights(best(other, wall))).toEqual([600]);
  });

  it('is as high as the tall ones beside it, whatever lower things stand there', () => {
    const builder = rectangle(3_000);
    const tall = { band: 'tall', family: 'T*' } as const;
    builder.set('F600', 'face-a', 0);
    expect(heights(best(builder, tall))).toEqual([1_950]);
    builder.set('T600/2150', 'face-a', 600);
    expect(heights(best(builder, tall))).toEqual([2_150]);
  });

  it('closes what is too narrow for a filler with a strip before the fronts, less than a millimetre with nothing', () => {
    const ends = { ...usualEnds('mm'), wall: { least: 0, most: 300, optional: false } };
    const closed = (length: number) =>
      best(rectangle(length), {
        ends,
        order: ['items', 'filler', 'symmetry', 'widths', 'alignment', 'price'],
      })
        .items.filter(({ type }) => type !== 'base-doors')
        .map(({ type, width, depth, height, placement }) => [
          type,
          width,
          depth,
          height,
          placement.on === 'face' && placement.off,
        ]);
    const least = kindOf('filler').trim!.least;
    const filler = ['filler', least, 560, 870, 0];
    expect(closed(1_200 + 2 * least)).toEqual([filler, filler]);
    // Strips are 18 deep, before boxes 560 deep, as high as they are.
    const strip = (width: number) => ['scribe', width, 18, 870, 542];
    expect(closed(1_200 + 2 * least - 1)).toEqual([strip(least - 0.5), strip(least - 0.5)]);
    expect(closed(1_202)).toEqual([strip(1), strip(1)]);
    expect(closed(1_201.8)).toEqual([]);
  });

  it('fills only the open length asked about, up to both of its ends', () => {
    const builder = rectangle(4_000);
    builder.set('F600', 'face-a', 600);
    builder.set('F600', 'face-a', 1_800);
    const widths = (at: number) =>
      best(builder, { at })
        .items.map(({ width }) => width)
        .sort((a, b) => a - b);
    expect(widths(1_200)).toEqual([600]);
    expect(widths(1_800)).toEqual([600]);
    expect(refusal(builder, { at: 700 })).toMatchObject({ code: 'nothing-open' });
  });

  it('counts joints above that none here is in line with, but those at what stays', () => {
    const builder = rectangle(3_000);
    for (const at of [0, 900, 1_350, 2_300]) builder.set('U450/720', 'face-a', at);
    const { values, items } = best(builder, {
      order: ['alignment', 'filler', 'items', 'widths', 'symmetry', 'price'],
    });
    const done = after(builder.design, replaceItems, { removed: [], items });
    const joints = itemBoxes(done)
      .filter(({ low }) => low < 1_000)
      .flatMap(({ against, record }) => [against!.along, against!.along + record.width]);
    const above = [450, 900, 1_350, 1_800, 2_300, 2_750];
    const missed = above.filter((place) => !joints.some((joint) => Math.abs(joint - place) <= 3));
    expect(values.alignment).toBe(missed.length);
  });

  it('looks alike about a centre line of any of its faces, the corner’s cabinet counted as a joint', () => {
    const faces = ['face-a', 'face-b'];
    for (const [face, letter] of [
      ['face-a', 'A'],
      ['face-b', 'B'],
    ] as const) {
      const builder = rectangle(4_000, 4_000);
      const order = ['symmetry', 'filler', 'items', 'widths', 'alignment', 'price'] as const;
      const at = letter === 'A' ? 1_600 : 2_400;
      const { items, values } = best(builder, { faces, centre: { face, at }, order });
      const done = after(builder.design, replaceItems, { removed: [], items });
      const boxes = itemBoxes(done).filter(
        ({ against, record }) =>
          against?.face.id === face && record.placement.on === 'face' && record.placement.off === 0,
      );
      const ends = boxes.flatMap(({ against, record }) => [against!.along, against!.along + record.width]);
      // Of the stretch from wall to wall, or from the side of the corner's cabinet.
      const corner = itemBoxes(done).find(({ kind }) => kind.plan)?.record.width ?? 0;
      const [from, to] = letter === 'A' ? [0, 4_000 - corner] : [corner, 4_000];
      const inside = [...new Set(ends.map((place) => Math.round(place * 1e4) / 1e4))].filter(
        (place) => place > from + 1e-3 && place < to - 1e-3,
      );
      const crooked = inside.reduce((sum, place) => {
        const mirrored = 2 * at - place;
        if (mirrored <= from || mirrored >= to) return sum;
        return (
          sum + Math.min(...inside.map((other) => Math.abs(other - mirrored)), mirrored - from, to - mirrored)
        );
      }, 0);
      expect(values.symmetry).toBeCloseTo(crooked, 3);
    }
  });

  it('counts what fills the corners: fillers, cabinets of another width, their price', () => {
    const builder = cornered([
      { x: 0, y: 0 },
      { x: 2_950, y: 0 },
      { x: 2_950, y: -2_450 },
      { x: 0, y: -2_450 },
    ]);
    const { values, items, corners } = best(builder, { faces: ['face-a', 'face-b'] });
    expect(corners).toHaveLength(1);
    const fillers = items.filter(({ type }) => type.startsWith('filler'));
    const cabinets = items.filter(({ type }) => !type.startsWith('filler'));
    expect(values.filler).toBeCloseTo(
      fillers.reduce((sum, { width }) => sum + width, 0),
      6,
    );
    const price = (code: string) => shelfOf('fathom').find((one) => one.code === code)!.price;
    expect(values.price).toBeCloseTo(
      cabinets.reduce((sum, { code }) => sum + price(code), 0),
      6,
    );
    expect(values.widths).toBe(new Set(cabinets.map(({ width }) => width)).size);
  });
});
