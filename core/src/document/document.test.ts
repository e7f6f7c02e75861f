import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { commands } from '../commands';
import { editItems } from '../commands/edit-items';
import { groupItems } from '../commands/group-items';
import { lineUpItems, lineUps } from '../commands/line-up-items';
import { lockItems } from '../commands/lock-items';
import { mirrorItems } from '../commands/mirror-items';
import { moveItems } from '../commands/move-items';
import { renumberItems } from '../commands/renumber-items';
import { repeatItems } from '../commands/repeat-items';
import { spaceItems } from '../commands/space-items';
import { turnItems } from '../commands/turn-items';
import { moveItem } from '../commands/move-item';
import { putOpening, usualOpening } from '../commands/put-opening';
import { removeThings } from '../commands/remove-things';
import { setFaceLength } from '../commands/set-face-length';
import { putDivider } from '../commands/put-divider';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { putService } from '../commands/put-service';
import { putMeasurement } from '../commands/put-measurement';
import { pushPart, type PushedPart } from '../commands/push-part';
import { removeCorner } from '../commands/remove-corner';
import { insertCorner } from '../commands/insert-corner';
import { moveFace } from '../commands/move-face';
import { stretchRoom } from '../commands/stretch-room';
import { editFaces } from '../commands/edit-faces';
import { fixedTypes } from './fixture-types';
import { setItem } from '../commands/set-item';
import { fillGap } from '../commands/fill-gap';
import { joinItems } from '../commands/join-items';
import { leaveOpen } from '../commands/leave-open';
import { splitItem } from '../commands/split-item';
import { swapItems } from '../commands/swap-items';
import { trimToGap } from '../commands/trim-to-gap';
import { openLengths } from '../setting/open-lengths';
import { setRoom } from '../commands/set-room';
import { setTie } from '../commands/set-tie';
import { demoJobs } from '../demo/demo-jobs';
import { acceptDesign, openDesign, writeDesignJson } from '../exports/design-json';
import { shelfOf } from '../ranges/shelf';
import { must, type Result } from '../result';
import { planSides, tieSides } from '../setting/ties';
import { refusalText } from '../wording/refusal-text';
import { canonicalPretty } from './canonical';
import { loopOf, recordsOf, type Design } from './design';
import { emptyHistory, remember } from './history';
import { designJsonSchema } from './json-schema';
import { migrate } from './migrations';
import { applyPatch, invertPatch, squash, type Patch } from './patch';
import { MOST_DESIGN_BYTES } from './validate-design';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const shelf = shelfOf('fathom');

/** A random edit: which command, and numbers to make its arguments from; many are refused, as in life. */
const edit = fc.record({
  what: fc.integer({ min: 0, max: 33 }),
  a: fc.nat(1000),
  b: fc.nat(1000),
  c: fc.nat(1000),
});

function ask(
  design: Design,
  { what, a, b, c }: { what: number; a: number; b: number; c: number },
  count: number,
): Result<Patch> {
  const faces = ['face-a', 'face-b', 'face-c', 'face-d'];
  const face = faces[a % 4]!;
  const items = recordsOf(design, 'item');
  const id = items[a % Math.max(1, items.length)]?.id ?? 'none';
  const several = [...new Set([id, items[b % Math.max(1, items.length)]?.id ?? id])];
  const placement = { on: 'face', face, from: b % 2 ? 'left' : 'right', distance: c * 3.7, off: 0 } as const;
  switch (what) {
    case 0:
    case 1:
      return setItem.run(design, {
        id: `item-${count}`,
        range: 'fathom',
        code: shelf[b % shelf.length]!.code,
        placement,
      });
    case 2:
      return moveItem.run(design, { id, placement });
    case 3:
      return setTie.run(design, { id, side: tieSides[b % 6]!, distance: c * 0.7 });
    case 4:
      return editItems.run(design, { ids: [id], change: { width: b + c + 1 } });
    case 5:
      return setFaceLength.run(design, { face, length: 2500 + b + c });
    case 6:
      return putOpening.run(design, {
        ...usualOpening(`opening-${b % 3}`, face, c % 2 ? 'door' : 'window', c * 2, 'mm'),
        width: 600 + b / 3,
        height: 1200,
      });
    case 7:
      return removeThings.run(design, [id]);
    case 8:
      return moveFace.run(design, { face, by: b - 500 });
    case 9:
      return insertCorner.run(design, { face, distance: 200 + c * 3, id: `split-${count}` });
    case 10: {
      const ids = ['l', 'f', 'r', 'e', 'w'].map((name) => `${name}-${count}`);
      const part = {
        from: b % 2 ? 'left' : 'right',
        distance: 60 + b,
        width: 300 + c,
        depth: c - 500,
      } as const;
      return pushPart.run(design, { face, ...part, ids: ids as unknown as PushedPart['ids'] });
    }
    case 11: {
      const faces = loopOf(design).faces;
      return removeCorner.run(design, { face: faces[b % faces.length]! });
    }
    case 12:
      return stretchRoom.run(design, {
        through: { x: b * 4, y: -c * 3 },
        towards: (a % 4) * (Math.PI / 2),
        by: c - 300,
      });
    case 13:
      return editFaces.run(design, {
        faces: [face],
        change: { thickness: 50 + b, corner: 1.4 + c / 3000, cornerFrom: 'measured' },
      });
    case 14:
      return putMeasurement.run(design, {
        kind: 'measurement',
        id: `taped-${b % 4}`,
        from: { face, from: 'left', distance: 0 },
        to: { face: faces[(a + 2) % 4]!, from: 'right', distance: c / 5 },
        length: 3000 + b,
        standing: 'measured',
      });
    case 15:
      return putFixed.run(design, {
        ...usualFixed(design, `fixed-${b % 3}`, fixedTypes[c % fixedTypes.length]!, face),
      });
    case 16:
      return putService.run(design, { kind: 'service', id: `s-${b % 3}`, type: 'cold', up: c, placement });
    case 17:
      return putDivider.run(design, {
        kind: 'divider',
        id: 'divider',
        name: 'Part',
        side: 'left',
        from: { face, from: 'left', distance: b },
        to: { face: faces[(a + 2) % 4]!, from: 'right', distance: c },
      });
    case 18:
      return turnItems.run(design, { ids: several, by: c / 100 });
    case 19:
      return mirrorItems.run(design, { ids: several });
    case 20:
      return repeatItems.run(design, {
        ids: several,
        times: 1 + (b % 2),
        side: planSides[c % 4]!,
        gap: b - 200,
        copies: Array.from({ length: 8 }, (_, index) => `copy-${count}-${index}`),
      });
    case 21:
      return moveItems.run(design, { ids: several, placement });
    case 22:
      return lineUpItems.run(design, { ids: several, to: id, edge: lineUps[c % lineUps.length]! });
    case 23:
      return b % 3
        ? lockItems.run(design, { ids: [id], locked: c % 2 === 0 })
        : renumberItems.run(design, { first: id });
    case 24:
      return groupItems.run(design, { ids: several, group: c % 4 ? 'group' : null });
    case 25:
      return spaceItems.run(design, { ids: items.map((item) => item.id) });
    case 26:
      return splitItem.run(design, { id, right: `right-${count}`, ...(c % 2 ? { left: 100 + b } : {}) });
    case 27:
      return joinItems.run(design, { ids: several });
    case 28:
      return swapItems.run(design, { ids: [id], family: ['F*', 'F*-3', 'F*-D', 'U*-G'][c % 4]! });
    case 29:
    case 30:
    case 31: {
      const gaps = openLengths(design);
      const gap = gaps[b % Math.max(1, gaps.length)];
      const at = { face: gap?.face.id ?? face, at: gap?.from ?? 0, band: gap?.band ?? ('base' as const) };
      if (what === 29) return fillGap.run(design, { ...at, id: `fill-${count}` });
      return what === 30
        ? trimToGap.run(design, { ...at, ids: several })
        : leaveOpen.run(design, { ...at, id: `open-${count}` });
    }
    default:
      return setRoom.run(design, { ceilingHeight: 2000 + b, name: `Room ${c}`, specials: c % 3 > 0 });
  }
}

describe('commands', () => {
  it('taken back one by one give the same document, byte for byte', () => {
    const start = rectangle().design;
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 25 }), (edits) => {
        const before = writeDesignJson(start);
        const done: Patch[] = [];
        let design: Design = start;
        edits.forEach((one, index) => {
          const asked = ask(design, one, index);
          if (!asked.ok) return;
          done.push(asked.value);
          design = must(applyPatch(design, asked.value));
        });
        expect(sentence(acceptDesign(JSON.parse(JSON.stringify(design))))).toBe('');
        const whole = done.reduce((all, patch) => squash(all, patch), []);
        expect(writeDesignJson(must(applyPatch(start, whole)))).toBe(writeDesignJson(design));
        for (const patch of done.reverse()) design = must(applyPatch(design, invertPatch(patch)));
        expect(writeDesignJson(design)).toBe(before);
      }),
      { numRuns: 200 },
    );
  });

  it('refuse a patch on a record that has changed, and change nothing', () => {
    const { design } = rectangle();
    const patch = must(setRoom.run(design, { name: 'One' }));
    const other = must(applyPatch(design, must(setRoom.run(design, { name: 'Two' }))));
    expect(sentence(applyPatch(other, patch))).toContain('Someone has changed room');
  });

  it('are listed in order, each with the name of its file', () => {
    const files = readdirSync(new URL('../commands', import.meta.url)).filter(
      (file) => file !== 'command.ts',
    );
    expect(commands.map(({ id }) => `${id}.ts`)).toEqual(files.sort());
  });
});

describe('history', () => {
  it('is the same again when it is rebuilt from the edits', () => {
    const step = (label: string) => ({ label, patch: [] });
    let history = remember(emptyHistory, 'do', step('a'));
    history = remember(history, 'do', step('b'));
    history = remember(history, 'undo', step('b'));
    expect([history.done.map((s) => s.label), history.undone.map((s) => s.label)]).toEqual([['a'], ['b']]);
    history = remember(history, 'redo', step('b'));
    history = remember(remember(history, 'undo', step('b')), 'do', step('c'));
    expect([history.done.map((s) => s.label), history.undone]).toEqual([['a', 'c'], []]);
  });
});

describe('design files', () => {
  it('come back identical: export, import, export', () => {
    for (const room of demoJobs().flatMap(({ rooms }) => rooms)) {
      const text = writeDesignJson(room);
      expect(writeDesignJson(must(openDesign(text)))).toBe(text);
    }
  });

  const good = () =>
    JSON.parse(writeDesignJson(rectangle().design)) as {
      schema: number;
      records: Record<string, Record<string, unknown>>;
    };
  const broken = (change: (file: ReturnType<typeof good>) => unknown) => {
    const file = good();
    return JSON.stringify(change(file) ?? file);
  };

  it.each([
    ['not JSON', 'PK\u0003\u0004 junk', 'not readable as JSON'],
    ['a list', '[1, 2]', 'holds a list, not a design'],
    [
      'another kind of JSON',
      '{"type": "FeatureCollection", "features": []}',
      'an object with type, features',
    ],
    ['a newer schema', broken((file) => void (file.schema = 99)), 'newer version (schema 99'],
    ['an unknown key', broken((file) => ({ ...file, extra: 1 })), 'extra is not a key of a design'],
    [
      'an unknown key in a record',
      broken((file) => void (file.records['room']!['colour'] = 'red')),
      'records.room.colour',
    ],
    [
      'a wrong id',
      broken((file) => void (file.records['room']!['id'] = 'other')),
      'records.room.id ("other") must be its own key',
    ],
    [
      'an unknown kind',
      broken((file) => void (file.records['room']!['kind'] = 'constructor')),
      'records.room.kind',
    ],
    [
      'a length of text',
      broken((file) => void (file.records['face-a']!['length'] = '4000')),
      'records.face-a.length ("4000")',
    ],
    [
      'a negative length',
      broken((file) => void (file.records['face-a']!['length'] = -4)),
      'must not be less than 50',
    ],
    [
      'an infinite length',
      JSON.stringify(good()).replace('"length":4000', '"length":1e999'),
      'records.face-a.length',
    ],
    [
      'a missing face',
      broken((file) => void delete file.records['face-b']),
      'names face-b, which is not there',
    ],
    ['no room', broken((file) => void delete file.records['room']), 'has 1 room record; this one has 0'],
    [
      'a null record',
      broken((file) => void ((file.records as Record<string, unknown>)['x'] = null)),
      'records.x',
    ],
  ])('are refused with place and reason: %s', (_, text, reason) => {
    expect(sentence(openDesign(text))).toContain(reason);
  });

  it('are refused when an item has no sound placement', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const file = JSON.parse(writeDesignJson(builder.design)) as ReturnType<typeof good>;
    const item = file.records['item-1']!;
    expect(
      sentence(
        acceptDesign({ ...file, records: { ...file.records, 'item-1': { ...item, placement: null } } }),
      ),
    ).toContain('placement.on');
    const lost = { ...item, placement: { on: 'face', face: 'face-z', from: 'left', distance: 0, off: 0 } };
    expect(sentence(acceptDesign({ ...file, records: { ...file.records, 'item-1': lost } }))).toContain(
      'names face-z',
    );
    const far = { ...item, placement: { on: 'face', face: 'face-a', from: 'middle', distance: 0, off: 0 } };
    expect(sentence(acceptDesign({ ...file, records: { ...file.records, 'item-1': far } }))).toContain(
      'placement.from',
    );
  });

  it('are refused at 20 MB without being parsed', () => {
    expect(sentence(openDesign('x'.repeat(20_000_000)))).toContain(`at most ${MOST_DESIGN_BYTES / 1e6} MB`);
  });

  it('climb through the migrations of their version', () => {
    const steps = {
      1: (raw: { schema: number; records: object }) => ({ ...raw, records: { ...raw.records, added: 1 } }),
    };
    expect(must(migrate({ schema: 1, records: {} }, steps, 2))).toEqual({ schema: 2, records: { added: 1 } });
    expect(sentence(migrate({ schema: 0, records: {} }, {}, 1))).toContain('schema 0');
  });

  it('have a published schema that is up to date', () => {
    const published = readFileSync(new URL('../../../docs/design.schema.json', import.meta.url), 'utf8');
    expect(published).toBe(canonicalPretty(designJsonSchema()));
  });
});
