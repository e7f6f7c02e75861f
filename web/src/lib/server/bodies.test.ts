import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { readJson } from './answers';
import { checkBody, NewJobBody, SaveBody } from './bodies';

const faults = (checked: ReturnType<typeof checkBody>) =>
  checked.ok ? [] : checked.faults.map(({ path, message }) => `${path}: ${message}`);

const save = (id: string) => ({
  baseRevision: 1,
  edits: [
    {
      ...{ id: '7b0e2f1c-3d3a-4f3b-9a53-1d2c3b4a5f60', action: 'do', command: 'set-room' },
      patch: [{ id, before: null, after: { kind: 'item', id } }],
    },
  ],
});

describe('bodies', () => {
  it.each(['__proto__', 'constructor', 'prototype'])('refuse %s as the id of a record, and say why', (id) => {
    expect(faults(checkBody(SaveBody, save(id)))).toEqual([
      'edits.0.patch.0.id: No record can have this id: it is a name of the language.',
    ]);
    expect(faults(checkBody(SaveBody, save(`${id}-1`)))).toEqual([]);
  });

  it('refuse one id twice: of an edit, however it is written, and of a record in one edit', () => {
    const one = save('a');
    const [edit] = one.edits as [(typeof one.edits)[number]];
    const again = { ...edit, id: edit.id.toUpperCase() };
    expect(faults(checkBody(SaveBody, { ...one, edits: [edit, again] }))).toEqual([
      'edits: No edit can be in one save twice.',
    ]);
    const other = { ...edit, id: edit.id.replace('7', '8') };
    expect(faults(checkBody(SaveBody, { ...one, edits: [edit, other] }))).toEqual([]);
    const twice = { ...edit, patch: [...edit.patch, { id: 'a', before: null, after: null }] };
    expect(faults(checkBody(SaveBody, { ...one, edits: [twice] }))).toEqual([
      'edits.0.patch: No record can be changed twice in one edit.',
    ]);
    expect(faults(checkBody(SaveBody, { ...one, edits: [null, null] }))).not.toEqual([]);
  });

  it.each([[[]], [[[]]], [7], [null]])('refuse %j as an edit, and as a change', (odd) => {
    const one = save('a');
    expect(faults(checkBody(SaveBody, { ...one, edits: [odd] })).join()).toContain('edits');
    const edit = { ...one.edits[0]!, patch: [odd] };
    expect(faults(checkBody(SaveBody, { ...one, edits: [edit] })).join()).toContain('edits.0.patch');
  });

  it('take an id of an edit in capitals, too', () => {
    const one = save('a');
    const edit = { ...one.edits[0]!, id: one.edits[0]!.id.toUpperCase(), step: randomUUID().toUpperCase() };
    expect(faults(checkBody(SaveBody, { ...one, edits: [edit] }))).toEqual([]);
  });

  it.each([
    [0, true],
    [2_147_483_647, true],
    [2_147_483_648, false],
    [-1, false],
    [0.5, false],
  ])('start from a revision there can be: %s', (baseRevision, fine) => {
    expect(checkBody(SaveBody, { ...save('a'), baseRevision }).ok).toBe(fine);
  });

  it.each(['', ' ', '\t\n'])('refuse a job of no name (%j)', (name) => {
    expect(faults(checkBody(NewJobBody, { name, unit: 'mm' }))).toEqual(['name: Give the job a name.']);
    expect(faults(checkBody(NewJobBody, { name: ` A ${name}`, unit: 'mm' }))).toEqual([]);
  });

  it('are refused where a key stands twice in one object', async () => {
    const read = async (text: BodyInit) => readJson(new Request('http://x/', { method: 'POST', body: text }));
    expect(await read('{"design": {"a": 1}}')).toEqual({ design: { a: 1 } });
    for (const [text, reason] of [
      ['{"design": {"a": 1, "a": 2}}', '“a” stands twice'],
      ['{"design": {"__proto__": {}}}', '“__proto__” can’t be a key'],
      ['{', 'The body is not sound JSON'],
      ['["\\u0000"]', 'a letter that can’t be stored'],
      ['['.repeat(100_000), 'more than 60 deep'],
      [new Uint8Array([0x22, 0xff, 0x22]), 'not UTF-8'],
    ] as const)
      await expect(read(text)).rejects.toMatchObject({
        status: 400,
        body: { message: expect.stringContaining(reason) },
      });
  });
});
