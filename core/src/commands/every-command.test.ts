import { describe, expect, it } from 'vitest';
import { asked } from '../../testing/command-cases';
import { room } from '../../testing/full-room';
import { argsFor, preparedFor } from '../../testing/prepared';
import { commands } from '../commands';
import type { Design } from '../document/design';
import { applyPatch, invertPatch } from '../document/patch';
import { acceptDesign } from '../exports/design-json';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { commandLabel } from '../wording/command-labels';
import type { Command } from './command';

describe('every command', () => {
  const cases = asked(room());

  it('is tried here', () => {
    expect(Object.keys(cases)).toEqual(commands.map(({ id }) => id));
  });

  it.each(commands.map((command) => [command.id, command as unknown as Command<unknown>] as const))(
    '%s does one edit that is taken back whole, and says why it refuses',
    (id, command) => {
      const design = preparedFor(id, room());
      const { label, writes, refuses } = asked(design)[id]!;
      const args = argsFor(id, design);
      const patch = must(command.run(design, args));
      const after = must(applyPatch(design, patch));
      const changed = patch.map(({ before, after: own }) => (own ?? before)!.id);
      expect(commandLabel(id, args)).toBe(label);
      expect(changed).toEqual(expect.arrayContaining([...writes]));
      if (writes.length > 0) expect([...changed].sort()).toEqual([...new Set(changed)].sort());
      // What it leaves is a design that would be taken from a file; undone, every record is as it was.
      expect(acceptDesign(JSON.parse(JSON.stringify(after))).ok).toBe(true);
      expect(must(applyPatch(after, invertPatch(patch))).records).toEqual(design.records);
      const [wrong, words] = refuses;
      if (wrong === null) return;
      const refused = command.run(design, wrong);
      expect(refused.ok ? 'done' : refusalText(refused.refusal)).toContain(words);
    },
  );

  it.each(
    (
      [
        'edit-items',
        'mirror-items',
        'move-item',
        'set-tie',
        'split-item',
        'turn-items',
        'remove-things',
      ] as const
    ).map((id) => [id] as const),
  )('%s leaves what is locked as it is', (id) => {
    const design = room();
    const command = commands.find((one) => one.id === id)! as unknown as Command<unknown>;
    const records = Object.values(design.records).map((record) =>
      record.kind === 'item' ? [record.id, { ...record, locked: true }] : [record.id, record],
    );
    const locked = { ...design, records: Object.fromEntries(records) as Design['records'] };
    const refused = command.run(locked, asked(design)[id]!.does);
    expect(refused.ok ? 'done' : refusalText(refused.refusal)).toContain('locked');
  });
});
