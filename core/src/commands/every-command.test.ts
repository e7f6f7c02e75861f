import { describe, expect, it } from 'vitest';
import { asked } from '../../testing/command-cases';
import { darkScheme, NEEDS_ZONE, oldProfile, oldZone } from '../../testing/more-command-cases';
import { room } from '../../testing/full-room';
import { commands } from '../commands';
import { recordOf, roomOf, type Design } from '../document/design';
import { applyPatch, invertPatch, patchOf } from '../document/patch';
import type { DesignRecord } from '../document/records';
import { acceptDesign } from '../exports/design-json';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { commandLabel } from '../wording/command-labels';
import type { Command } from './command';

/** The room, with a half wall where a bar is asked for, and special widths allowed where a trim makes one. */
function roomFor(id: string): Design {
  const design = room();
  const change: DesignRecord[] = [{ ...roomOf(design), specials: id === 'trim-to-gap' }];
  if (id === 'use-scheme') change.push(darkScheme);
  if (NEEDS_ZONE.has(id)) change.push(oldZone);
  if (id === 'forget-profile') change.push(oldProfile);
  if (id === 'set-bar') change.push({ ...recordOf(design, 'face', 'face-d')!, wallHeight: 1050 });
  return must(applyPatch(design, patchOf(design, change)));
}

describe('every command', () => {
  const cases = asked(room());

  it('is tried here', () => {
    expect(Object.keys(cases)).toEqual(commands.map(({ id }) => id));
  });

  it.each(commands.map((command) => [command.id, command as unknown as Command<unknown>] as const))(
    '%s does one edit that is taken back whole, and says why it refuses',
    (id, command) => {
      const design = roomFor(id);
      const { does, label, writes, refuses } = asked(design)[id]!;
      const args = id === 'set-bar' ? { ...(does as object), face: 'face-d' } : does;
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
