import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { commands } from '../commands';
import { setRoom } from '../commands/set-room';
import { demoJobs } from '../demo/demo-jobs';
import { acceptDesign, openDesign, writeDesignJson } from '../exports/design-json';
import { must, type Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { canonicalPretty } from './canonical';
import { type Design } from './design';
import { emptyHistory, recorded, type Step } from './history';
import { designJsonSchema } from './json-schema';
import { migrate } from './migrations';
import { applyPatch, invertPatch, squash, type Patch } from './patch';
import { MOST_DESIGN_BYTES } from './validate-design';
import { anEdit, askFor } from '../../testing/random-edits';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));

describe('commands', () => {
  it('taken back one by one give the same document, byte for byte', () => {
    const start = rectangle().design;
    fc.assert(
      fc.property(fc.array(anEdit, { maxLength: 25 }), (edits) => {
        const before = writeDesignJson(start);
        const done: Patch[] = [];
        let design: Design = start;
        edits.forEach((one, index) => {
          const asked = askFor(design, one, index);
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
      (file) => file !== 'command.ts' && !file.endsWith('.test.ts'),
    );
    expect(commands.map(({ id }) => `${id}.ts`)).toEqual(files.sort());
  });
});

describe('history', () => {
  it('is the same again when it is rebuilt from the edits', () => {
    const step = (id: string) => ({ id, patch: [] });
    let history = recorded<Step>(emptyHistory, 'do', step('a'));
    history = recorded(history, 'do', step('b'));
    history = recorded(history, 'undo', step('b'));
    expect([history.done.map((s) => s.id), history.undone.map((s) => s.id)]).toEqual([['a'], ['b']]);
    history = recorded(history, 'redo', step('b'));
    const again = recorded(recorded(history, 'undo', step('b')), 'undo', step('a'));
    expect(again.undone.map((s) => s.id)).toEqual(['b', 'a']);
    const redone = recorded(again, 'redo', step('a'));
    expect([redone.done.map((s) => s.id), redone.undone.map((s) => s.id)]).toEqual([['a'], ['b']]);
    history = recorded(recorded(history, 'undo', step('b')), 'do', step('c'));
    expect([history.done.map((s) => s.id), history.undone]).toEqual([['a', 'c'], []]);
  });
});

describe('references', () => {
  it('of dividers, sections, measurements and open lengths to faces that are gone are refused', () => {
    const builder = rectangle();
    const at = (face: string) => ({ face, from: 'left', distance: 900 }) as const;
    const ends = { from: at('face-a'), to: at('face-gone') };
    const records = [
      { kind: 'section', id: 'x', name: 'S', side: 'left', ...ends },
      { kind: 'divider', id: 'x', name: 'Part', side: 'left', ...ends },
      { kind: 'measurement', id: 'x', length: 3000, standing: 'measured', ...ends },
      { kind: 'left-open', id: 'x', band: 'base', at: at('face-gone') },
    ];
    for (const record of records) {
      const { schema, records: others } = builder.design;
      expect(sentence(acceptDesign({ schema, records: { ...others, x: record } })), record.kind).toContain(
        'face-gone',
      );
    }
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
