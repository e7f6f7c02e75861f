import { describe, expect, it } from 'vitest';
import { fathom } from '../ranges/data/fathom';
import type { ShelfItem } from '../ranges/range';
import { itemsOf } from '../ranges/shelf';
import { say } from '../wording/words';
import { cornerChoices, cornerPlacement, type CornerParts } from './corner-choices';
import type { OpenCorner } from './open-corner';

const shelf = itemsOf(fathom);
const byCode = (code: string) => shelf.find((item) => item.code === code)!;
const size = { depth: 560, height: 870, proud: 20, filler: 50 };
/** A corner with nothing near it. */
const bare: OpenCorner = {
  angle: Math.PI / 2,
  free: { ending: [{ from: 0, to: 4000 }], beginning: [{ from: 0, to: 4000 }] },
};
const choices = (
  items: readonly ShelfItem[],
  of: Partial<CornerParts> = {},
  corner: Partial<OpenCorner> = {},
) => cornerChoices({ shelf: items, band: 'base', ...size, ...of }, { ...bare, ...corner });
const legged = byCode('F900-L');
const blind = byCode('F1000-C');
const filler = shelf.find(({ type }) => type === 'filler')!;
const blindFiller = shelf.find(({ type }) => type === 'filler-blind')!;

describe('a corner between two runs', () => {
  it('takes a cabinet with legs along both walls, as far as it reaches along each', () => {
    expect(choices([legged]).filled).toEqual([
      {
        name: { noun: 'name', name: legged.name },
        items: [{ item: legged, width: 900, on: 'ending', fromCorner: 0, off: 0, hand: 'right' }],
        ...{ ending: 900, beginning: 900, filler: 0 },
      },
    ]);
    // One that reaches farther along one wall than along the other has a hand, and is not asked for.
    expect(choices([{ ...legged, depth: 899.1 }]).filled).toHaveLength(1);
    expect(choices([{ ...legged, depth: 899 }]).filled).toEqual([]);
    expect(choices([byCode('F900')]).filled).toEqual([]);
  });

  it('takes what is as high as the run, within a millimetre, and of its band', () => {
    expect(choices([{ ...legged, height: 870.9 }]).filled).toHaveLength(1);
    expect(choices([{ ...legged, height: 871 }]).filled).toEqual([]);
    expect(choices([legged], { band: 'wall' }).filled).toEqual([]);
  });

  it('takes a blind cabinet on either wall, its blind part under the other run, with fillers on both sides', () => {
    const { filled } = choices([blind, filler, blindFiller]);
    // The run beside it is 560 deep, and its fronts stand 20 proud; with 50 of filler, 1000 leave 370 for its door: no pull.
    const beside = 70;
    const closing = { item: filler, width: beside, fromCorner: 560, off: 0 };
    const before = { item: blindFiller, width: 50, fromCorner: 580, off: 560 };
    expect(filled).toEqual([
      {
        name: { noun: 'name', name: blind.name },
        items: [
          { item: blind, width: 1000, on: 'ending', fromCorner: 0, off: 0, hand: 'right' },
          { ...closing, on: 'beginning', hand: 'left' },
          { ...before, on: 'ending', hand: 'right' },
        ],
        ...{ ending: 1000, beginning: 630, filler: 120 },
      },
      {
        name: { noun: 'name', name: blind.name },
        items: [
          { item: blind, width: 1000, on: 'beginning', fromCorner: 0, off: 0, hand: 'left' },
          { ...closing, on: 'ending', hand: 'right' },
          { ...before, on: 'beginning', hand: 'left' },
        ],
        ...{ ending: 630, beginning: 1000, filler: 120 },
      },
    ]);
  });

  it('pulls a blind cabinet off the corner as far as its door needs, and no farther than is of use', () => {
    const pulled = (width: number) =>
      choices([{ ...blind, width }, filler]).filled.map(({ items, ending }) => [
        items[0]!.fromCorner,
        ending,
      ]);
    // 560, 70 and a door of 250 are 880.
    expect(pulled(880)[0]).toEqual([0, 880]);
    expect(pulled(850)).toEqual([[30, 880], [0, 630].map((_, index) => (index === 0 ? 30 : 630))]);
    expect(pulled(680)[0]).toEqual([200, 880]);
    expect(pulled(679.9)).toEqual([]);
  });

  it('takes a blind cabinet that is as deep as the run, and no strip before one that hangs', () => {
    expect(choices([{ ...blind, depth: 560.9 }, filler]).filled).toHaveLength(2);
    expect(choices([{ ...blind, depth: 561 }, filler]).filled).toEqual([]);
    // Without a strip of the range for it, there is none before the blind part.
    expect(choices([blind, filler]).filled[0]!.items).toHaveLength(2);
    const hung = byCode('U900/720-C');
    const strip = shelf.find(({ type }) => type === 'filler-wall')!;
    const { filled } = choices([hung, strip, blindFiller], { depth: hung.depth, height: 720, band: 'wall' });
    expect(filled.map(({ items, filler: all }) => [items.length, all])).toEqual([
      [2, 70],
      [2, 70],
    ]);
  });

  it('stays empty behind a filler at the end of each run; where there is no filler, it can’t', () => {
    const { empty } = choices([legged, filler]);
    expect(say(empty!.name)).toBe('nothing in the corner');
    expect(empty).toEqual({
      name: 'empty-corner',
      items: [
        { item: filler, width: 70, on: 'ending', fromCorner: 560, off: 0, hand: 'right' },
        { item: filler, width: 70, on: 'beginning', fromCorner: 560, off: 0, hand: 'left' },
      ],
      ...{ ending: 630, beginning: 630, filler: 140 },
    });
    expect(choices([legged, blind])).toMatchObject({ empty: null, filled: [{ ending: 900 }] });
    expect(choices([legged, blind]).filled).toHaveLength(1);
  });

  it('needs what it takes of either face to be free, within what is lost in computing', () => {
    const filledWith = (ending: number, beginning: number) =>
      choices(
        [legged, filler],
        {},
        { free: { ending: [{ from: 0, to: ending }], beginning: [{ from: 0, to: beginning }] } },
      );
    expect(filledWith(900, 900).filled).toHaveLength(1);
    expect(filledWith(899.9, 900).filled).toEqual([]);
    expect(filledWith(900, 899.9).filled).toEqual([]);
    expect(filledWith(630, 630).empty).not.toBeNull();
    expect(filledWith(629.9, 630).empty).toBeNull();
    expect(filledWith(600, 600)).toMatchObject({ empty: null, least: { ending: 630, beginning: 630 } });
  });

  it('takes a blind cabinet past what stands in the corner, pulled off it no more than is of use', () => {
    const past = (from: number) =>
      choices(
        [blind, filler],
        {},
        { free: { ending: [{ from, to: 4000 }], beginning: [{ from: 0, to: 4000 }] } },
      );
    expect(past(150).filled.map(({ ending, beginning }) => [ending, beginning])).toEqual([
      [1150, 630],
      [630, 1000],
    ]);
    expect(past(200).filled).toHaveLength(2);
    expect(past(200.1).filled).toHaveLength(1);
  });

  it('leaves out the filler of a run that ends before it comes to the corner, and sets it past what stands there', () => {
    const emptyWith = (span: { from: number; to: number }) =>
      choices([filler], {}, { free: { ...bare.free, ending: [span] } }).empty!;
    expect(emptyWith({ from: 600, to: 4000 })).toMatchObject({ ending: 670, beginning: 630, filler: 140 });
    expect(emptyWith({ from: 630, to: 4000 })).toMatchObject({ ending: 630, beginning: 630, filler: 70 });
    expect(emptyWith({ from: 0, to: 560 }).items.map(({ on }) => on)).toEqual(['beginning']);
  });

  it('takes more of faces that lean towards each other: by the cosine of the angle past the other box, over its sine', () => {
    const angle = (89 * Math.PI) / 180;
    const leans = 900 / Math.tan(angle);
    const [one] = choices([legged], {}, { angle }).filled;
    expect(one!.ending).toBeCloseTo(900 + leans, 5);
    expect(one!.beginning).toBeCloseTo((900 + 560 * Math.cos(angle)) / Math.sin(angle), 5);
    const [, second] = choices([blind, filler], {}, { angle }).filled;
    expect(second!.items[0]!.fromCorner).toBeCloseTo(560 / Math.tan(angle), 5);
    const past = (reach: number) => (reach * (1 + Math.cos(angle))) / Math.sin(angle);
    expect(second!.ending).toBeCloseTo(past(580) + 50, 5);
    // Away from each other: the sine alone.
    const wide = (91 * Math.PI) / 180;
    const [two] = choices([legged], {}, { angle: wide }).filled;
    expect([two!.ending, two!.beginning]).toEqual([900, expect.closeTo(900 / Math.sin(wide), 5)]);
  });

  it('is measured from its own end of either face', () => {
    const one = { item: filler, width: 50, fromCorner: 560, off: 20, hand: 'left' } as const;
    const faces = { ending: 'a', beginning: 'b' };
    expect(cornerPlacement({ ...one, on: 'ending' }, faces)).toEqual({
      ...{ on: 'face', face: 'a', from: 'right', distance: 560, off: 20 },
    });
    expect(cornerPlacement({ ...one, on: 'beginning' }, faces)).toMatchObject({ face: 'b', from: 'left' });
  });
});
