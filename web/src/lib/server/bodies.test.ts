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

  it.each(['', ' ', '\t\n'])('refuse a job of no name (%j)', (name) => {
    expect(faults(checkBody(NewJobBody, { name, unit: 'mm' }))).toEqual(['name: Give the job a name.']);
    expect(faults(checkBody(NewJobBody, { name: ` A ${name}`, unit: 'mm' }))).toEqual([]);
  });

  it('are refused where a key stands twice in one object', async () => {
    const read = async (text: string) => readJson(new Request('http://x/', { method: 'POST', body: text }));
    expect(await read('{"design": {"a": 1}}')).toEqual({ design: { a: 1 } });
    for (const [text, reason] of [
      ['{"design": {"a": 1, "a": 2}}', '“a” stands twice'],
      ['{"design": {"__proto__": {}}}', '“__proto__” can’t be a key'],
      ['{', 'The body is not sound JSON'],
    ] as const)
      await expect(read(text)).rejects.toMatchObject({
        status: 400,
        body: { message: expect.stringContaining(reason) },
      });
  });
});
