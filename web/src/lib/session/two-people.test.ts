import fc from 'fast-check';
import {
  applyPatch,
  invertPatch,
  itemBoxes,
  moveItem,
  must,
  recordsOf,
  removeThings,
  roomOf,
  setItem,
  setRoom,
  type Design,
} from 'goodreach';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { LocalEdit } from './edits';
import { open, Server, start } from './testing/room-server';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** What one of two people does next: with what is there, chosen by numbers. */
const act = fc.record({
  who: fc.nat(1),
  what: fc.constantFrom(
    'set',
    'set',
    'move',
    'move',
    'name',
    'remove',
    'undo',
    'redo',
    'cut',
    'mend',
    'lose',
    'wait',
  ),
  which: fc.nat(1000),
  at: fc.integer({ min: 0, max: 3400 }),
});

it('ends for two people who edit one room at once, cut off now and then, with the same room, and nothing lost', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 40, maxLength: 120 }), async (acts) => {
      const server = new Server();
      const made: LocalEdit[][] = [[], []];
      const pages = [open(server), open(server)].map((page, who) => {
        const add = page.saving.add.bind(page.saving);
        page.saving.add = (edit) => {
          made[who]!.push(edit);
          add(edit);
        };
        return page;
      });
      const hear = () => pages.forEach(({ saving }) => saving.hear(server.edits.length));
      for (const { who, what, which, at } of acts) {
        const { session } = pages[who]!;
        const items = recordsOf(session.committed, 'item');
        const one = items[which % Math.max(1, items.length)];
        const placement = { on: 'face', face: 'face-a', from: 'left', distance: at, off: 0 } as const;
        if (what === 'set') {
          const id = `item-${who}-${made[who]!.length}`;
          session.run(setItem, { id, range: roomOf(session.committed).range, code: 'F600', placement });
        } else if (what === 'move' && one) session.run(moveItem, { id: one.id, placement });
        else if (what === 'name')
          session.run(setRoom, which % 2 ? { name: `Room ${at}` } : { ceilingHeight: 2300 + (at % 300) });
        else if (what === 'remove' && one) session.run(removeThings, [one.id]);
        else if (what === 'undo' || what === 'redo') {
          const before = made[who]!.length;
          session[what]();
          // What is taken back is one's own.
          for (const edit of made[who]!.slice(before))
            expect(made[who]!.some(({ id }) => id === edit.step)).toBe(true);
        } else if (what === 'cut') server.down = true;
        else if (what === 'mend') server.down = false;
        else if (what === 'lose') server.loseReply = true;
        else await vi.advanceTimersByTimeAsync(at);
        if (which % 3 === 0) hear();
      }
      server.down = false;
      server.loseReply = false;
      for (let i = 0; i < 4; i++) {
        hear();
        await vi.advanceTimersByTimeAsync(15_000);
      }
      for (const { saving, session } of pages) {
        expect([saving.state, saving.waiting, saving.revision]).toEqual(['saved', 0, server.edits.length]);
        expect(session.committed).toEqual(server.document);
      }
      const dropped: { action: string; command: string }[] = [];
      const saved = new Set(server.edits.map(({ id }) => id));
      expect(saved.size).toBe(server.edits.length);
      made.forEach((edits, who) => {
        const aside = new Set(pages[who]!.saving.aside.map(({ id }) => id));
        for (const { id, action, command } of edits)
          // Saved once, or told of; or it did nothing any more: what it took out was gone, what it wanted was so.
          if (!saved.has(id) && !aside.has(id)) dropped.push({ action, command });
      });
      for (const { action, command } of dropped)
        expect(['remove-things', 'set-room', 'move-item'].includes(command) || action !== 'do').toBe(true);
      let document: Design = server.document;
      for (const { patch } of [...server.edits].reverse())
        document = must(applyPatch(document, invertPatch(patch)));
      expect(document).toEqual(start);
      expect(itemBoxes(server.document).length).toBe(recordsOf(server.document, 'item').length);
    }),
    { numRuns: 40 },
  );
});
