import { describe, expect, it } from 'vitest';
import { floor, onA, put, raise } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { lockItems } from '../commands/lock-items';
import { turnItems } from '../commands/turn-items';
import { setItem } from '../commands/set-item';
import { ranges, shelfOf } from '../ranges/shelf';
import { findBox } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { looseSet, placedLoose } from './loose-items';
import { fillingFamilies, movable, replaceable } from './offered';

const fathom = ranges.find(({ id }) => id === 'fathom')!;

it('families that fill a band are plain cabinets of it in several widths, or tall', () => {
  const codes = (band: 'base' | 'wall' | 'tall') => fillingFamilies(fathom, band).map(({ code }) => code);
  const base = ['F*', 'F*-D', 'F*-3', 'F*-2', 'F*-4', 'F*-5', 'F*-S', 'F*-H', 'F*-W', 'F*-X'];
  // Not the oven's, which has one width, nor what goes into a corner or ends a run.
  expect(codes('base')).toEqual(base);
  expect(codes('wall')).toEqual(['U*', 'U*-V', 'U*-G', 'U*-X', 'U*-L', 'U*-P']);
  expect(codes('tall')).toEqual(['T*', 'T*-B', 'G*', 'V*-T']);
  const [first] = fillingFamilies(fathom, 'base');
  expect(first!.name).toBe(fathom.families.find(({ code }) => code === 'F*')!.name);
  // A tall one of a single width does.
  const narrow = fathom.families.map((one) => ({ ...one, widths: one.widths.slice(0, 1) }));
  const single = { ...fathom, families: narrow };
  expect(fillingFamilies(single, 'base')).toEqual([]);
  expect(fillingFamilies(single, 'tall').map(({ code }) => code)).toContain('T*');
});

/** A base cabinet, a filler, a cooker, a corner cabinet, a wall cabinet, and one free on the floor; another on face C. */
function room() {
  const builder = rectangle(6000, 4000);
  put(builder, 'plain', 'F600', onA(1500));
  put(builder, 'drawers', 'F600-3', onA(2100));
  put(builder, 'cooker', 'COOK900', onA(2700));
  const corner = shelfOf('fathom').find(({ type }) => type === 'base-corner-diagonal')!.code;
  put(builder, 'corner', corner, onA(0));
  put(builder, 'hung', 'U600/720', onA(1500));
  put(builder, 'free', 'F600', floor(3000, -2500));
  put(builder, 'across', 'F600', { on: 'face', face: 'face-c', from: 'left', distance: 1000, off: 0 });
  return builder;
}
const ids = (items: readonly { id: string }[]) => items.map(({ id }) => id).sort();

describe('of what is there', () => {
  it('a proposal takes plain cabinets of its faces and band away, not what is locked', () => {
    const builder = room();
    expect(ids(replaceable(builder.design, ['face-a'], 'base'))).toEqual(['drawers', 'plain']);
    expect(ids(replaceable(builder.design, ['face-a', 'face-c'], 'base'))).toEqual([
      'across',
      'drawers',
      'plain',
    ]);
    expect(ids(replaceable(builder.design, ['face-a'], 'wall'))).toEqual(['hung']);
    expect(ids(replaceable(builder.design, ['face-a'], 'tall'))).toEqual([]);
    builder.run(lockItems, { ids: ['plain'], locked: true });
    expect(ids(replaceable(builder.design, ['face-a'], 'base'))).toEqual(['drawers']);
  });

  it('what stays of the band may be let stand anywhere, not what is in a corner, locked, free or taken away', () => {
    const builder = room();
    const may = (band: 'base' | 'wall', replaced: string[] = [], faces = ['face-a']) =>
      ids(movable(builder.design, faces, band, replaced));
    expect(may('base')).toEqual(['cooker', 'drawers', 'plain']);
    expect(may('base', ['plain', 'drawers'])).toEqual(['cooker']);
    expect(may('base', [], ['face-c'])).toEqual(['across']);
    expect(may('wall')).toEqual(['hung']);
    builder.run(lockItems, { ids: ['cooker'], locked: true });
    expect(may('base')).toEqual(['drawers', 'plain']);
    raise(builder, 'hung', 1300);
    expect(may('wall')).toEqual(['hung']);
  });
});

describe('a thing that may stand anywhere', () => {
  /** A sink base with a tap and a basin let into it, and a cabinet beside it. */
  function sink(off = 0) {
    const builder = rectangle(6000, 4000);
    put(builder, 'base', 'F800', onA(1000, off));
    put(builder, 'beside', 'F600', onA(1800, off));
    builder.run(setItem, { id: 'hob', range: 'generic-mm', code: 'HOB580', placement: onA(1100, off + 30) });
    builder.run(setItem, { id: 'other', range: 'generic-mm', code: 'HOB580', placement: onA(4000) });
    return builder;
  }

  it('takes along what is let into it, each where it is in it, also off the wall', () => {
    for (const off of [0, 50]) {
      const { design } = sink(off);
      const set = looseSet(design, findBox(design, 'base')!);
      expect(set.width).toBe(800);
      expect(set.parts.map(({ record, along, out, turn }) => [record.id, along, out, turn])).toEqual([
        ['base', 0, off, 0],
        ['hob', 100, off + 30, 0],
      ]);
      const face = roomShape(design).faces[2]!;
      const placed = placedLoose(set, face, 2500).map(({ id, placement }) => [id, placement]);
      expect(placed).toEqual([
        ['base', expect.objectContaining({ face: 'face-c', distance: 2500, off })],
        ['hob', expect.objectContaining({ face: 'face-c', distance: 2600, off: off + 30 })],
      ]);
    }
  });

  it('leaves what is locked, and keeps what is turned in it turned as it was', () => {
    const builder = sink();
    builder.run(turnItems, { ids: ['hob'], by: Math.PI / 2 });
    const box = findBox(builder.design, 'hob')!;
    const base = findBox(builder.design, 'base')!;
    const [, moved] = placedLoose(looseSet(builder.design, base), roomShape(builder.design).faces[2]!, 2500);
    builder.design = {
      ...builder.design,
      records: {
        ...builder.design.records,
        base: placedLoose(looseSet(builder.design, base), roomShape(builder.design).faces[2]!, 2500)[0]!,
        hob: moved!,
      },
    };
    const [after, under] = [findBox(builder.design, 'hob')!, findBox(builder.design, 'base')!];
    const within = (one: typeof after, of: typeof under) => {
      const from = { x: one.origin.x - of.origin.x, y: one.origin.y - of.origin.y };
      return [
        from.x * of.u.x + from.y * of.u.y,
        from.x * of.n.x + from.y * of.n.y,
        one.u.x * of.u.x + one.u.y * of.u.y,
      ];
    };
    within(after, under).forEach((value, index) => expect(value).toBeCloseTo(within(box, base)[index]!, 5));
    const locked = sink();
    locked.run(lockItems, { ids: ['hob'], locked: true });
    expect(looseSet(locked.design, findBox(locked.design, 'base')!).parts).toHaveLength(1);
  });
});
