import { describe, expect, it } from 'vitest';
import { sayReason } from '../wording/words';
import { oldZone } from '../../testing/more-command-cases';
import { rectangle } from '../../testing/rooms';
import { removeThings } from '../commands/remove-things';
import { carried } from '../survey/carry';
import { designOf, placedRecords, type Design } from './design';
import { facePlacesOf, factsOf, withPlaces } from './kinds';
import { recordClasses, type DesignRecord, type RecordKind, type RecordOf } from './records';
import { brokenReferences } from './references';
import { recordFaults } from './validate-design';

const room = () => {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 0);
  builder.open('face-b', 'door', 500);
  return builder.design;
};
const place = (face: string, distance: number) => ({ face, from: 'left' as const, distance });
const onFace = { on: 'face' as const, ...place('face-c', 100), off: 0 };
const thing = { up: 0, placement: onFace };

/** One of each kind that can be taken out. */
const samples: { readonly [K in RecordKind]?: RecordOf<K> } = {
  construction: { kind: 'construction', id: 'one', range: 'fathom', ways: { board: 19 } },
  dimension: {
    ...({ kind: 'dimension', id: 'one', view: 'plan', type: 'length', way: 'across', off: 30 } as const),
    ends: [0, 1].map((along) => ({ of: 'face-a', along, out: 0, up: 0 })),
  },
  divider: {
    ...({ kind: 'divider', id: 'one', name: 'Hall', side: 'left' } as const),
    ...{ from: place('face-a', 2000), to: place('face-c', 2000) },
  },
  fixed: { kind: 'fixed', id: 'one', type: 'column', width: 300, depth: 200, height: 2400, ...thing },
  frame: { kind: 'frame', id: 'one', drawing: 'plan', place: { page: 'A3', sheet: 1, x: 100, y: 90 } },
  item: rowOf(room(), 'item'),
  'left-open': { kind: 'left-open', id: 'one', band: 'base', at: place('face-b', 1) },
  limit: {
    ...({ kind: 'limit', id: 'one', rule: 'K06', check: 'aisle', side: 'least', by: 'room' } as const),
    ...{ was: 1066.8, now: 1000 },
  },
  measurement: {
    ...({ kind: 'measurement', id: 'one', length: 5000, standing: 'measured' } as const),
    ...{ from: place('face-a', 0), to: place('face-c', 0) },
  },
  opening: rowOf(room(), 'opening'),
  'row-way': { kind: 'row-way', id: 'one', view: 'plan', row: 'face-a units', hidden: true },
  scheme: {
    kind: 'scheme',
    id: 'one',
    name: 'Dark',
    room: { frontFinish: 'Soot' },
    parts: [{ id: 'item-1' }],
  },
  section: {
    ...({ kind: 'section', id: 'one', name: 'A', side: 'left' } as const),
    ...{ from: place('face-a', 2000), to: place('face-c', 2000) },
  },
  service: { kind: 'service', id: 'one', type: 'cold', ...thing },
  standpoint: { kind: 'standpoint', id: 'one', name: 'Door', x: 1000, y: -500, eye: 1600, turn: 0, nod: 0 },
  underlay: {
    ...({ kind: 'underlay', id: 'one', file: 'f', name: 'Plan', pixelsWide: 10, pixelsHigh: 10 } as const),
    ...{ x: 1000, y: -500, turn: 0, mmPerPixel: 1, fade: 0, locked: false },
  },
  waiver: {
    ...({ kind: 'waiver', id: 'one', finding: 'K06 a b', verdict: 'tight', reason: 'As agreed' } as const),
    ...{ checks: [{ check: 'width', short: 20 }], by: 'Iris Holm', on: '2026-05-14' },
  },
  zone: { ...oldZone, id: 'one', placement: onFace },
};
function rowOf<K extends RecordKind>(design: Design, kind: K): RecordOf<K> {
  return Object.values(design.records).find((record) => record.kind === kind) as RecordOf<K>;
}
const withRecord = (record: DesignRecord): Design => {
  const design = room();
  return designOf([...Object.values(design.records).filter(({ id }) => id !== record.id), record]);
};
const all = Object.values(samples) as DesignRecord[];

describe('kinds of record', () => {
  it('can be taken out one by one, but for what the room is made of and what items are of', () => {
    const kinds = Object.keys(recordClasses) as RecordKind[];
    expect(kinds.filter((kind) => !factsOf(kind).removable)).toEqual([
      'face',
      'finish',
      'loop',
      'profile',
      'range',
      'room',
    ]);
    for (const record of all)
      expect([record.kind, removeThings.run(withRecord(record), [record.id])]).toMatchObject([
        record.kind,
        { ok: true },
      ]);
    expect(removeThings.run(room(), ['face-a'])).toMatchObject({ refusal: { code: 'record-missing' } });
    expect(removeThings.run(room(), ['toString'])).toMatchObject({ refusal: { code: 'record-missing' } });
  });

  it('name faces that must be there, each by the field it is in', () => {
    const named = (record: DesignRecord) => {
      const text = JSON.stringify(record).replace(/face-[abc]/g, 'gone');
      return brokenReferences(withRecord(JSON.parse(text) as DesignRecord)).map(
        ({ data }) => (data as { path: string }).path,
      );
    };
    expect(Object.fromEntries(all.map((record) => [record.kind, named(record)]))).toEqual({
      construction: [],
      dimension: [],
      divider: ['records.one.from.face', 'records.one.to.face'],
      fixed: ['records.one.placement.face'],
      frame: [],
      item: ['records.item-1.placement.face'],
      'left-open': ['records.one.at.face'],
      limit: [],
      measurement: ['records.one.from.face', 'records.one.to.face'],
      opening: ['records.opening-2.face'],
      section: ['records.one.from.face', 'records.one.to.face'],
      service: ['records.one.placement.face'],
      'row-way': [],
      scheme: [],
      standpoint: [],
      underlay: [],
      waiver: [],
      zone: ['records.one.placement.face'],
    });
    for (const record of all) expect(brokenReferences(withRecord(record))).toEqual([]);
  });

  it('give their places on faces, and take others', () => {
    const section = samples.section!;
    expect(facePlacesOf(section)).toEqual([
      ['from', section.from],
      ['to', section.to],
    ]);
    expect(withPlaces(section, (one) => one)).toBe(section);
    const moved = withPlaces(section, (one) => (one.face === 'face-c' ? { ...one, distance: 7 } : one));
    expect(moved).toEqual({ ...section, to: { ...section.to, distance: 7 } });
    expect(moved.from).toBe(section.from);
  });

  it('go with the frame they are seen in where they have a place in plan of their own', () => {
    // A frame 100 to the right, its first direction downwards.
    const datum = { origin: { x: 100, y: 0 }, u: { x: 0, y: -1 }, turn: -Math.PI / 2 };
    const free = { ...samples.fixed!, placement: { on: 'floor' as const, x: 1000, y: -500, turn: 0 } };
    const wanted = { x: 500, y: 900, turn: Math.PI / 2 };
    expect(carried(free, datum).placement).toEqual({ on: 'floor', ...wanted });
    for (const record of [samples.standpoint!, samples.underlay!])
      expect(carried(record, datum)).toEqual({ ...record, ...wanted });
    expect(carried(rowOf(room(), 'room'), datum)).toMatchObject({ north: Math.PI / 2 });
    for (const record of all.filter((one) => !('x' in one))) expect(carried(record, datum)).toBe(record);
    const same = { origin: { x: 0, y: 0 }, u: { x: 1, y: 0 }, turn: 0 };
    expect(carried(free, same)).toBe(free);
  });

  it('take as much of the face they are placed at as they are wide, services none', () => {
    const takes = (record: DesignRecord) => factsOf(record.kind).takes?.(record) ?? null;
    expect([samples.item!, samples.fixed!, samples.service!, samples.section!].map(takes)).toEqual([
      600,
      300,
      0,
      null,
    ]);
    const placed = withRecord(samples.service!);
    expect(
      placedRecords(placed)
        .map(({ kind }) => kind)
        .sort(),
    ).toEqual(['item', 'service']);
  });
});

describe('the fields of a record', () => {
  const faults = (record: object) =>
    recordFaults('one', record, 'r').map(({ path, reason }) => `${path} ${sayReason(reason)}`);

  it('may be absent where they are optional, and are never null', () => {
    const service = { ...samples.service! };
    expect(faults(service)).toEqual([]);
    const { item } = samples;
    const own = (change: object) => faults({ ...item!, id: 'one', ...change });
    expect(own({})).toEqual([]);
    for (const field of ['turned', 'corners', 'overhangs', 'name', 'number', 'locked', 'group'])
      expect([field, own({ [field]: null }).length]).toEqual([field, 1]);
  });

  it('have the parts they need, which are objects', () => {
    for (const at of [undefined, null, 7, 'a', []])
      expect([at, faults({ ...samples['left-open']!, at }).length > 0]).toEqual([at, true]);
    for (const placement of [undefined, null, 7, [], {}, { on: 'wall' }])
      expect([placement, faults({ ...samples.service!, placement })]).toEqual([
        placement,
        ['r.placement.on must be face or floor'],
      ]);
    const corners = [1, 2, 3];
    expect(faults({ ...samples.fixed!, corners }).length).toBeGreaterThan(0);
    expect(
      faults({
        ...samples.fixed!,
        corners: [
          { along: 0, out: 0 },
          { along: 9, out: 0 },
        ],
      })[0],
    ).toContain('r.corners');
  });
});
