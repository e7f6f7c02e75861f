import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onA, put } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { execute, executePatch } from '../commands/command';
import { moveItem } from '../commands/move-item';
import { removeThings } from '../commands/remove-things';
import { setRoom } from '../commands/set-room';
import { must } from '../result';
import type { Design } from './design';
import { replayed } from './history';
import { applyPatch, invertPatch, type Patch } from './patch';
import { rebased } from './rebase';

const builder = rectangle(4000, 3000);
const id = builder.set('F600', 'face-a', 500);
const start = builder.design;
const after = (design: Design, ...patches: Patch[]) =>
  patches.reduce((now, patch) => must(applyPatch(now, patch)), design);
const patchOf = <A>(command: Parameters<typeof execute<A>>[0], args: A, design = start) =>
  must(execute(command, design, args)).patch;
const fieldOf = (design: Design, field: string) =>
  (design.records[id] as unknown as Record<string, unknown>)[field];

describe('a patch brought onto a design that has gone on', () => {
  const finish = (name: string) => patchOf(editItems, { ids: [id], change: { finish: name } });
  const move = (distance: number) => patchOf(moveItem, { id, placement: onA(distance) });

  it('is the very same where nothing it speaks of has changed', () => {
    const patch = finish('oak');
    expect(must(rebased(start, patch))).toEqual(patch);
    const other = after(start, patchOf(setRoom, { name: 'Other' }));
    expect(must(rebased(other, patch))[0]).toBe(patch[0]);
  });

  it('changes the fields it changed, and leaves what others made of the rest', () => {
    const theirs = after(start, move(900));
    const patch = must(rebased(theirs, finish('oak')));
    const both = after(theirs, patch);
    expect([fieldOf(both, 'finish'), fieldOf(both, 'placement')]).toEqual(['oak', onA(900)]);
    // Taken back, only what it changed goes.
    const back = after(both, must(rebased(both, invertPatch(finish('oak')))));
    expect(back).toEqual(theirs);
    expect(fieldOf(back, 'finish')).toBeUndefined();
  });

  it('is refused where both changed one field otherwise, and does nothing where they changed it alike', () => {
    const theirs = after(start, finish('ash'));
    expect(rebased(theirs, finish('oak'))).toMatchObject({
      refusal: { code: 'patch-stale', data: { ids: [id] } },
    });
    expect(must(rebased(theirs, finish('ash')))).toEqual([]);
    const both = after(start, patchOf(editItems, { ids: [id], change: { finish: 'ash', name: 'A' } }));
    const mine = patchOf(editItems, { ids: [id], change: { finish: 'ash', name: 'B' } });
    expect(rebased(both, mine)).toMatchObject({ ok: false });
    expect(fieldOf(after(theirs, must(rebased(theirs, mine))), 'name')).toBe('B');
  });

  it('takes out what it takes out as it is now, and does not bring back or change what is gone', () => {
    const removal = patchOf(removeThings, [id]);
    const moved = after(start, move(900));
    const [change] = must(rebased(moved, removal));
    expect(change).toMatchObject({ before: { placement: onA(900) }, after: null });
    const gone = after(start, removal);
    expect(must(rebased(gone, removal))).toEqual([]);
    expect(rebased(gone, move(900))).toMatchObject({ refusal: { data: { ids: [id] } } });
    expect(must(rebased(gone, invertPatch(removal)))).toEqual(invertPatch(removal));
    // What is set under an id that another thing has by now is not.
    expect(rebased(moved, invertPatch(removal))).toMatchObject({ ok: false });
    expect(must(rebased(start, invertPatch(removal)))).toEqual([]);
    expect(
      rebased(start, [{ id: 'toString', before: start.records[id]!, after: start.records[id]! }]),
    ).toMatchObject({ ok: false });
  });

  it('is the same for two edits of different things, whichever comes first', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 3300 }), { minLength: 1, maxLength: 6 }),
        fc.nat(5),
        fc.integer({ min: 1, max: 3500 }),
        fc.string({ minLength: 1, maxLength: 9 }),
        (places, which, distance, text) => {
          const full = rectangle(4000, 3000);
          places.forEach((at, index) => put(full, `item-${index}`, 'F600', onA(at)));
          const own = `item-${which % places.length}`;
          const { design } = full;
          const shift = execute(moveItem, design, { id: own, placement: onA(distance) });
          const rename = execute(editItems, design, { ids: [own], change: { name: `n${text}` } });
          const [a, b] = [must(shift).patch, must(rename).patch];
          const [ab, ba] = [
            replayed(design, [{ patch: a }, { patch: b }]),
            replayed(design, [{ patch: b }, { patch: a }]),
          ];
          expect([ab.parted, ba.parted]).toEqual([[], []]);
          expect(ab.design).toEqual(ba.design);
          // As they were applied, they can be taken back one after the other.
          const back = after(ab.design, ...ab.fitting.map(({ patch }) => invertPatch(patch)).reverse());
          expect(back).toEqual(design);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('edits brought onto a design', () => {
  it('are those that fit, as they were applied, and those that do not; one that does nothing is neither', () => {
    const theirs = after(start, patchOf(setRoom, { name: 'Theirs' }));
    const edits = [
      { patch: patchOf(setRoom, { name: 'Mine' }), label: 'clash' },
      { patch: patchOf(setRoom, { ceilingHeight: 2500 }), label: 'fits' },
      { patch: patchOf(setRoom, { name: 'Theirs' }), label: 'nothing' },
    ];
    const { design, fitting, parted } = replayed(theirs, edits);
    expect([fitting, parted].map((some) => some.map(({ label }) => label))).toEqual([['fits'], ['clash']]);
    expect(after(theirs, fitting[0]!.patch)).toEqual(design);
    expect(design.records['room']).toMatchObject({ name: 'Theirs', ceilingHeight: 2500 });
  });
});

describe('carrying out', () => {
  it('gives the design that was checked, and no other', () => {
    const done = must(execute(setRoom, start, { name: 'Once' }));
    expect(done.design).toEqual(after(start, done.patch));
    expect(must(executePatch(start, done.patch)).design).toEqual(done.design);
    expect(executePatch(done.design, done.patch)).toMatchObject({ refusal: { code: 'patch-stale' } });
    const face = start.records['face-a']!;
    const gone = executePatch(start, [{ id: face.id, before: face, after: null }]);
    expect(gone).toMatchObject({ refusal: { code: 'reference-broken' } });
  });
});
