import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { keepScheme } from '../commands/keep-scheme';
import { lineFace } from '../commands/line-face';
import { lockItems } from '../commands/lock-items';
import { removeThings } from '../commands/remove-things';
import { setFinish } from '../commands/set-finish';
import { setStyle } from '../commands/set-style';
import { useScheme } from '../commands/use-scheme';
import { recordOf, recordsOf } from '../document/design';
import { finishOf } from './finish-of';
import { finishedAs, finishesIn, wearing } from './schemes';

/** Two cabinets and a lined wall, with finishes of the room, of one cabinet, a wall and the lining. */
function dressed() {
  const builder = rectangle(4000, 3000);
  const [one, other] = [builder.set('F600', 'face-a', 0), builder.set('F600', 'face-a', 600)];
  builder.run(lineFace, { face: 'face-c', style: 'boards', prefix: 'l' });
  const finish = (
    part: 'front' | 'handle' | 'top' | 'wall',
    name: string | null,
    to: Parameters<typeof setFinish.run>[1]['to'],
  ) => builder.run(setFinish, { part, finish: name, to });
  finish('front', 'Kelp', { room: 'usual' });
  finish('front', 'Thrift', { items: [one] });
  finish('handle', 'Pewter', { items: [one] });
  finish('wall', 'Chalk', { faces: ['face-b'] });
  finish('wall', 'Soot', { faces: ['l-0'] });
  builder.run(setStyle, { style: 'doorStyle', value: 'frame', to: { items: [one] } });
  return { builder, finish, one, other };
}

describe('sets of finishes', () => {
  it('keep all that the room and what is in it are finished with, and bring it back in one edit', () => {
    const { builder, finish, one, other } = dressed();
    builder.run(keepScheme, { id: 'light', name: 'Light' });
    const kept = finishesIn(builder.design);
    expect(kept.room).toEqual({ frontFinish: 'Kelp' });
    expect(kept.parts).toEqual(
      expect.arrayContaining([
        { id: one, finish: 'Thrift', finishes: { handle: 'Pewter' }, doorStyle: 'frame' },
        { id: 'face-b', finish: 'Chalk' },
        { id: 'l-0', finish: 'Soot' },
      ]),
    );
    expect(kept.parts).toHaveLength(3);
    // Nothing changes by what it is already.
    expect(finishedAs(builder.design, kept)).toEqual([]);
    expect(useScheme.run(builder.design, { id: 'light' })).toMatchObject({
      refusal: { code: 'scheme-worn' },
    });

    finish('front', 'Soot', { room: 'everywhere' });
    finish('wall', 'Kelp', { room: 'everywhere' });
    finish('handle', 'Old copper', { items: [other] });
    builder.run(setStyle, { style: 'handleStyle', value: 'knob', to: { room: 'usual' } });
    builder.run(keepScheme, { id: 'dark', name: 'Dark' });
    const dark = finishesIn(builder.design);
    expect(wearing(builder.design, recordOf(builder.design, 'scheme', 'dark')!)).toBe(builder.design);
    const light = wearing(builder.design, recordOf(builder.design, 'scheme', 'light')!);
    expect(finishesIn(light)).toEqual(kept);
    expect(finishOf(light, 'front', one)!.name).toBe('Thrift');
    expect(finishesIn(builder.design)).toEqual(dark);

    builder.run(useScheme, { id: 'light' });
    expect(finishesIn(builder.design)).toEqual(kept);
    // A fixed thing keeps how it is made.
    expect(recordOf(builder.design, 'fixed', 'l-0')!.style).toBe('boards');
    builder.run(useScheme, { id: 'dark' });
    expect(finishesIn(builder.design)).toEqual(dark);
  });

  it('bear what has come and gone since; what is locked stays as it is', () => {
    const { builder, finish, one, other } = dressed();
    builder.run(keepScheme, { id: 'light', name: 'Light' });
    finish('front', 'Soot', { room: 'everywhere' });
    builder.run(removeThings, ['l-0']);
    const late = builder.set('F600', 'face-a', 1200);
    finish('front', 'Buoy', { items: [late, other] });
    builder.run(lockItems, { ids: [other], locked: true });
    builder.run(useScheme, { id: 'light' });
    // What is new follows the room.
    const own = (id: string) => recordOf(builder.design, 'item', id)!.finish;
    expect([own(one), own(other), own(late)]).toEqual(['Thrift', 'Buoy', undefined]);
  });

  it('are renewed under their name, however it is written, and taken out like any thing', () => {
    const { builder, finish } = dressed();
    builder.run(keepScheme, { id: 'light', name: 'Light' });
    finish('front', 'Soot', { room: 'usual' });
    builder.run(keepScheme, { id: 'again', name: ' LIGHT ' });
    expect(recordsOf(builder.design, 'scheme')).toMatchObject([
      { id: 'light', name: 'LIGHT', room: { frontFinish: 'Soot' } },
    ]);
    builder.run(removeThings, ['light']);
    expect(recordsOf(builder.design, 'scheme')).toEqual([]);
  });
});
