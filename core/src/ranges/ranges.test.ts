import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { sayReason } from '../wording/words';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { fillGap } from '../commands/fill-gap';
import { removeThings } from '../commands/remove-things';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import { trimToGap } from '../commands/trim-to-gap';
import { recordOf, recordsOf } from '../document/design';
import { recordFaults } from '../document/validate-design';
import { readRangeCsv } from '../imports/range-csv';
import { rangeCsv } from '../exports/range-csv';
import { rangeColumns } from './range-columns';
import { checkReach } from '../reach/check-reach';
import { sayFinding } from '../wording/rule-texts';
import { must } from '../result';
import { roomShape } from '../survey/room-shape';
import { boxOf } from '../setting/item-box';
import { refusalText } from '../wording/refusal-text';
import { kindGroups, objectTypes } from './item-kind';
import { itemKinds, kindOf } from './kinds';
import { baseDifference } from './mixing';
import type { Range } from './range';
import { findItem, findRange, itemsOf, ranges, rangesOf, searchShelf, shelfOf } from './shelf';
import { priceOf, specialSizes } from './specials';

const own = (id: string) => shelfOf(id).filter(({ range }) => range === id);

describe('item kinds', () => {
  it('are all in one of our ranges but for objects from outside, and every group has some', () => {
    const inRanges = new Set(ranges.flatMap(itemsOf).map(({ type }) => type));
    const others = itemKinds.map(({ id }) => id).filter((id) => !inRanges.has(id));
    expect(others.sort()).toEqual([...objectTypes].sort());
    expect(new Set(itemKinds.map(({ group }) => group))).toEqual(new Set(kindGroups));
  });
});

describe('ranges', () => {
  it.each(['saltbox', 'fathom'])('%s has every kind of cabinet and panel, and 150 sizes or more', (id) => {
    const items = own(id);
    expect(items.length).toBeGreaterThanOrEqual(150);
    // A top by itself is of no maker's.
    const cabinets = itemKinds.filter(
      ({ group, top }) =>
        top !== 'own' && ['base', 'wall', 'tall', 'vanity', 'panels', 'trim'].includes(group),
    );
    const types = new Set(items.map(({ type }) => type));
    expect(cabinets.map((kind) => kind.id).filter((kind) => !types.has(kind))).toEqual([]);
  });

  it('are sound records: what is kept of one in a room passes the checks of every record', () => {
    for (const range of ranges)
      expect(recordFaults(range.id, { kind: 'range', ...range }, range.id)).toEqual([]);
  });

  it('have codes that name one item each', () => {
    for (const range of ranges) {
      const codes = itemsOf(range).map(({ code }) => code);
      expect(codes.length).toBe(new Set(codes).size);
    }
  });

  it('are found by code, by other codes, and by the beginnings of words', () => {
    const codes = (id: string, text: string) => searchShelf(id, text).map(({ code }) => code);
    for (const [text, same] of [
      ['pull out', 'pull-out'],
      ['pullout', 'pull-out'],
      ['extractor', 'hood'],
      ['larder', 'pantry'],
      ['fridge', 'refrigerator'],
      ['range 900', 'cooker 900'],
    ] as const) {
      expect(codes('fathom', text).length).toBeGreaterThan(0);
      expect(codes('fathom', text)).toEqual(codes('fathom', same));
    }
    expect(codes('fathom', 'zebra')).toEqual([]);
    expect(codes('fathom', 'corner drawer 900')).toEqual(['F900-LD']);
    expect(codes('saltbox', 'toe kick')).toEqual(['K96']);
    expect(codes('fathom', 'wall hung van 1200')).toEqual(['V1200-H']);
    expect(codes('saltbox', 'grab 36')).toEqual(['GRAB36']);
    expect(must(findItem('saltbox', 'base18')).code).toBe('B18');
    expect(codes('saltbox', 'BASE18')[0]).toBe('B18');
    expect(must(findItem('saltbox', 'dish24')).range).toBe('generic-in');
    expect(must(findItem('fathom', 'box')).range).toBe('plain');
    expect(codes('fathom', 'dish 24')).toEqual([]);
  });

  it('give corner cabinets the same reach along both walls, and fixtures where they need water', () => {
    expect(must(findItem('fathom', 'F900-L'))).toMatchObject({ width: 900, depth: 900, leg: 560 });
    expect(must(findItem('saltbox', 'U2430-K'))).toMatchObject({
      width: 609.6,
      depth: 609.6,
    });
    for (const item of ranges.flatMap(itemsOf)) {
      const { group, symbol } = kindOf(item.type);
      if (group === 'fixtures' && symbol !== 'panel')
        expect(item.services.map(({ type }) => type)).toContain('drain');
    }
  });

  it('say by how much the bases of one stand higher and are deeper than those of another', () => {
    const by = baseDifference(findRange('saltbox')!, findRange('fathom')!)!;
    expect(by.height).toBeCloseTo(34.5 * 25.4 - 870, 9);
    expect(by.depth).toBeCloseTo(24 * 25.4 - 560, 9);
    expect(baseDifference(findRange('generic-mm')!, findRange('fathom')!)).toBeNull();
  });
});

describe('sizes', () => {
  it('are special where the family is not made so, and recoded where it is', () => {
    const builder = rectangle();
    const id = builder.set('F600', 'face-a', 0);
    const item = () => recordOf(builder.design, 'item', id)!;
    expect(priceOf(item())).toBe(95 + 132);
    const wide = editItems.run(builder.design, { ids: [id], change: { width: 640 } });
    expect(wide.ok ? '' : refusalText(wide.refusal)).toContain(
      'Fathom does not list F600 640 mm wide; it lists 450 mm, 500 mm, 600 mm, 800 mm',
    );
    builder.run(setRoom, { specials: true });
    builder.run(editItems, { ids: [id], change: { width: 640, depth: 350 } });
    expect(specialSizes(item())).toEqual(['width']);
    expect(priceOf(item())).toBeNull();
    builder.run(editItems, { ids: [id], change: { width: 800, height: 900 } });
    expect([item().code, specialSizes(item())]).toEqual(['F800', ['height']]);
    builder.run(editItems, { ids: [id], change: { height: 870, depth: 400 } });
    expect(specialSizes(item())).toEqual(['depth']);
    const other = builder.set('F600', 'face-a', 1100);
    builder.run(trimToGap, { ids: [other], face: 'face-a', at: 900 });
    expect(recordOf(builder.design, 'item', other)).toMatchObject({ code: 'F900', width: 900 });
    const box = builder.place('BOX', { on: 'floor', x: 1500, y: -1500, turn: 0 });
    builder.run(editItems, { ids: [box], change: { width: 333, name: ' Bench ', finish: 'Drift oak' } });
    expect(recordOf(builder.design, 'item', box)).toMatchObject({
      width: 333,
      name: 'Bench',
      finish: 'Drift oak',
    });
    expect(specialSizes(recordOf(builder.design, 'item', box)!)).toEqual([]);
  });

  it('of an outline grow with its width and depth', () => {
    const builder = rectangle();
    const id = builder.place('OUTLINE', { on: 'floor', x: 1000, y: -1000, turn: 0 });
    const corners = [
      { along: 0, out: 0 },
      { along: 1000, out: 0 },
      { along: 500, out: 400 },
    ];
    builder.run(editItems, { ids: [id], change: { corners } });
    expect(recordOf(builder.design, 'item', id)).toMatchObject({ width: 1000, depth: 400 });
    builder.run(editItems, { ids: [id], change: { width: 500 } });
    const { footprint } = boxOf(recordOf(builder.design, 'item', id)!, roomShape(builder.design));
    expect(footprint).toEqual([
      { x: 1000, y: -1000 },
      { x: 1500, y: -1000 },
      { x: 1250, y: -1400 },
    ]);
  });
});

describe('tables of ranges', () => {
  it('come back identical: save, import', () => {
    for (const range of ranges) {
      const read = readRangeCsv(rangeCsv(range), range.id);
      expect(read).toEqual({
        ok: true,
        range,
        families: range.families.length,
        items: itemsOf(range).length,
      });
    }
  });

  it.each([
    ['=SUM(A1)', "'=SUM(A1)"],
    ['+ base', "'+ base"],
    ['-base', "'-base"],
    ['@base', "'@base"],
    ["'=base", "''=base"],
    ["''-base", "'''-base"],
    // What no spreadsheet takes for a formula is written as it is.
    ["'tis", "'tis"],
    ['a=b', 'a=b'],
  ])(
    'guard names that a spreadsheet would take for formulas, and read them as they were: %s',
    (name, cell) => {
      const [first, ...others] = ranges[0]!.families;
      const range = { ...ranges[0]!, families: [{ ...first!, name }, ...others] };
      const table = rangeCsv(range);
      expect(Papa.parse<string[]>(table).data[1]![rangeColumns.indexOf('name')]).toBe(cell);
      expect(readRangeCsv(table, range.id)).toMatchObject({ ok: true, range });
    },
  );

  const header = 'range,unit,construction,type,name,code,widths,heights,depths,price';
  const faultsOf = (...lines: string[]) => {
    const read = readRangeCsv([header, ...lines].join('\n'), 'x');
    return read.ok
      ? []
      : read.faults.map(({ row, column, reason }) => `${row} ${column}: ${sayReason(reason)}`);
  };

  it('take fractions and other units, and need only the columns that matter', () => {
    const read = readRangeCsv(
      `\uFEFF${header}\nShed,in,face frame,base-doors,Base,q*,9; 12 1/2;1 ft,"34 1/2",24,99.5\n`,
      'x',
    );
    expect(read).toMatchObject({
      ok: true,
      items: 3,
      range: {
        families: [{ code: 'Q*', widths: [9, 12.5, 12], heights: [34.5], price: { each: 99.5, width: 0 } }],
      },
    });
  });

  it('name the line and column of every fault, and give nothing', () => {
    const good = 'Shed,mm,frameless,base-doors,Base,Q*,600,870,560,1';
    expect(faultsOf(good)).toEqual([]);
    expect(
      faultsOf(good.replace('base-doors', 'sofa'), good.replace('600', '60x')).map((text) =>
        text.slice(0, 40),
      ),
    ).toEqual(['2 type: is no kind of item, such as base', '3 widths: can’t be read as a length, suc']);
    expect(faultsOf(good, '', good)).toEqual([
      '4 code: Q600 is the code of line 2 too; tell them apart before or behind the star',
    ]);
    expect(faultsOf(good.replace('Q*', 'Q').replace('600', '600;700'))[0]).toContain('needs a star');
    expect(faultsOf(good.replace('600', '600;600'))[0]).toContain('2 widths: is there twice');
    expect(faultsOf(good, good.replace('Shed', 'Barn').replace('Q*', 'R*'))[0]).toContain(
      '3 range: differs from line 2',
    );
    expect(faultsOf(good.replace(/1$/, '1,5'))).toEqual([]);
    expect(faultsOf(good.replace(/1$/, 'free'))[0]).toContain('2 price: must be a number');
    expect(faultsOf(good.replace('600', '0'))[0]).toContain('more than nothing');
    const read = readRangeCsv('range,unit,colour\n', 'x');
    expect(read.ok ? [] : read.faults.map(({ column }) => column)).toContain('colour');
    expect(readRangeCsv('', 'x')).toMatchObject({ ok: false });
    expect(readRangeCsv('x'.repeat(1_000_001), 'x')).toMatchObject({ ok: false });
  });
});

describe('a range of the studio’s own', () => {
  const csv = 'range,unit,construction,type,name,code,widths,heights,depths\n';
  const read = readRangeCsv(
    `${csv}Shed,mm,frameless,base-doors,Base,Q*,600;700,850,560\nShed,mm,frameless,filler,Filler,QF*,50,850,560\n`,
    'range-shed',
  );
  const shed: Range = read.ok ? read.range : (undefined as never);

  it('is kept in the room with the first item of it, so that all that is said of it still is', () => {
    const builder = rectangle();
    const set = (id: string, code: string, distance: number) =>
      builder.run(setItem, {
        id,
        range: 'range-shed',
        code,
        of: shed,
        placement: { on: 'face', face: 'face-a', from: 'left', distance, off: 0 },
      });
    set('one', 'q600', 0);
    set('two', 'Q700', 660);
    expect(recordsOf(builder.design, 'range').map(({ name }) => name)).toEqual(['Shed']);
    const renewed = {
      ...shed,
      families: shed.families.map((one) => ({ ...one, widths: [...one.widths, 800] })),
    };
    builder.run(setItem, {
      id: 'three',
      range: 'range-shed',
      code: 'Q800',
      of: renewed,
      placement: { on: 'floor', x: 2000, y: -2000, turn: 0 },
    });
    expect(recordOf(builder.design, 'item', 'three')).toMatchObject({ width: 800 });
    expect(recordsOf(builder.design, 'range').map(({ families }) => families[0]!.widths)).toEqual([
      [600, 700, 800],
    ]);
    builder.run(removeThings, ['three']);
    const known = rangesOf(builder.design);
    builder.run(setRoom, { specials: true });
    builder.run(editItems, { ids: ['one'], change: { width: 610 } });
    expect(specialSizes(recordOf(builder.design, 'item', 'one')!, known)).toEqual(['width']);
    builder.run(fillGap, { id: 'fill', face: 'face-a', at: 630 });
    expect(recordOf(builder.design, 'item', 'fill')).toMatchObject({ code: 'QF50', range: 'range-shed' });
    builder.set('F600', 'face-a', 1360);
    const mixed = checkReach(builder.design).findings.filter(({ rule }) => rule === 'mixed-ranges');
    expect(mixed.map((finding) => sayFinding(builder.design, finding))).toEqual([
      'Shed stands in a run of Fathom: its bases are 20 mm lower.',
    ]);
    expect(mixed[0]!.ids).toEqual(['one', 'fill', 'two']);
  });
});
