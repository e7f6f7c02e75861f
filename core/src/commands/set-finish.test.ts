import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editFaces } from './edit-faces';
import { removeThings } from './remove-things';
import { lockItems } from './lock-items';
import { setRoom } from './set-room';
import { setFinish } from './set-finish';
import { recordOf, recordsOf, roomOf } from '../document/design';
import type { FinishRecord } from '../document/records';
import { finishSchedule } from '../schedules/finish-rows';
import { lookName, lookOf } from '../scene/substances';
import { finishOf, saidFinish } from '../surfaces/finish-of';
import { finishScopes } from '../surfaces/finish-scopes';
import { finishParts } from '../document/limits';
import { finishes, finishKey, finishNamed } from '../surfaces/finishes';
import { sceneOf } from '../scene/scene';

/** Three bases and two wall units along face A, one base apart. */
function kitchen() {
  const builder = rectangle(5000, 3000);
  const bases = ['F600', 'F600-3', 'F600'].map((code, at) => builder.set(code, 'face-a', 1000 + at * 600));
  const walls = [1000, 1600].map((at) => builder.set('U600/720', 'face-a', at));
  const apart = builder.set('F600', 'face-c', 1000);
  return { builder, bases, walls, apart };
}
/** What is seen in three dimensions of a thing: what each of its parts is finished with. */
const shown = (design: Parameters<typeof sceneOf>[0], source: string | null, substance: string) => [
  ...new Set(
    sceneOf(design)
      .filter((group) => group.source === source)
      .flatMap(({ parts }) =>
        parts.flatMap((part) => (part.substance === substance ? [part.finish?.name ?? ''] : [])),
      ),
  ),
];

describe('finishes', () => {
  it('of every part are what the item says, else the room, else what they follow, and are seen so', () => {
    const { builder, bases } = kitchen();
    const [own, other] = bases as [string, string];
    builder.run(setRoom, { splashHeight: 100 });
    const room = { front: 'Kelp', box: 'Hull grey', plinth: 'Soot', handle: 'Pewter', top: 'Foam' } as const;
    for (const [part, finish] of Object.entries(room))
      builder.run(setFinish, { part: part as 'front', finish, to: { room: 'usual' } });
    builder.run(setFinish, { part: 'front', finish: 'Thrift', to: { items: [own] } });
    builder.run(setFinish, { part: 'handle', finish: 'Old copper', to: { items: [own] } });
    expect(shown(builder.design, own, 'front')).toEqual(['Thrift']);
    expect(shown(builder.design, other, 'front')).toEqual(['Kelp']);
    expect(shown(builder.design, own, 'handle')).toEqual(['Old copper']);
    expect(shown(builder.design, other, 'handle')).toEqual(['Pewter']);
    expect(shown(builder.design, other, 'carcass')).toEqual(['Hull grey']);
    expect(shown(builder.design, own, 'plinth')).toEqual(['Soot']);
    // The splash follows the top until something is said of it.
    expect(shown(builder.design, own, 'top')).toEqual(['Foam']);
    builder.run(setFinish, { part: 'splash', finish: 'Skerry', to: { room: 'usual' } });
    expect(bases.flatMap((id) => shown(builder.design, id, 'top')).sort()).toEqual(['Foam', 'Skerry']);
    builder.run(setFinish, { part: 'top', finish: 'Drift oak', to: { items: [bases[2]!] } });
    expect(shown(builder.design, own, 'top')).toEqual(['Drift oak']);
    const item = recordOf(builder.design, 'item', own)!;
    expect(saidFinish(roomOf(builder.design), item, 'front')).toEqual({ word: 'Thrift', by: 'item' });
    expect(saidFinish(roomOf(builder.design), item, 'trim')).toEqual({ word: 'Thrift', by: 'item' });
    expect(saidFinish(roomOf(builder.design), null, 'ceiling')).toEqual({ word: undefined, by: 'usual' });
    expect(finishOf(builder.design, 'end')?.name).toBe('Kelp');
  });

  it('go everywhere in one edit, but for what is locked; null goes back', () => {
    const { builder, bases, apart } = kitchen();
    const [own] = bases as [string];
    builder.run(setFinish, { part: 'front', finish: 'Thrift', to: { items: [own, apart] } });
    builder.run(lockItems, { ids: [apart], locked: true });
    builder.run(setFinish, { part: 'front', finish: 'Soot', to: { room: 'everywhere' } });
    expect(recordOf(builder.design, 'item', own)!.finish).toBeUndefined();
    expect(recordOf(builder.design, 'item', apart)!.finish).toBe('Thrift');
    expect(roomOf(builder.design).frontFinish).toBe('Soot');
    builder.run(setFinish, { part: 'front', finish: null, to: { room: 'usual' } });
    expect(roomOf(builder.design).frontFinish).toBeUndefined();
    builder.run(editFaces, { faces: ['face-b'], change: { finish: 'Winkle' } });
    builder.run(setFinish, { part: 'wall', finish: 'Fog', to: { room: 'everywhere' } });
    expect(recordOf(builder.design, 'face', 'face-b')!.finish).toBeUndefined();
    builder.run(setFinish, { part: 'wall', finish: 'Brine', to: { faces: ['face-d'] } });
    expect(recordOf(builder.design, 'face', 'face-d')!.finish).toBe('Brine');
    for (const part of finishParts) {
      builder.run(setFinish, { part, finish: finishes[3]!.name, to: { room: 'usual' } });
      expect(roomOf(builder.design)[finishKey(part)]).toBe(finishes[3]!.name);
    }
  });

  it('of 40 letters are kept, of 41 refused; what is only of the room can’t be an item’s', () => {
    const { builder, bases } = kitchen();
    const to = { items: [bases[0]!] } as const;
    const tried = (finish: string) => setFinish.run(builder.design, { part: 'front', finish, to }).ok;
    expect([tried('x'.repeat(40)), tried('x'.repeat(41)), tried(` ${'x'.repeat(40)} `)]).toEqual([
      true,
      false,
      true,
    ]);
    expect(setFinish.run(builder.design, { part: 'ceiling', finish: 'Fog', to }).ok).toBe(false);
    expect(
      setFinish.run(builder.design, { part: 'front', finish: 'Fog', to: { faces: ['face-a'] } }).ok,
    ).toBe(false);
  });

  it('reach as wide as is asked: one, its run, its kind, the room, everywhere', () => {
    const { builder, bases, walls, apart } = kitchen();
    const told = (part: 'front' | 'top' | 'wall' | 'floor' | 'plinth', ...chosen: string[]) =>
      finishScopes(builder.design, part, chosen).map(({ reach, covers }) => `${reach} ${covers.length}`);
    expect(told('front', bases[0]!)).toEqual(
      ['one 1', 'run 3', 'kind 3', 'room 6'].filter((_, at) => at !== 2),
    );
    const kinds = finishScopes(builder.design, 'front', [apart]).map(({ reach, covers }) => [
      reach,
      [...covers].sort(),
    ]);
    expect(kinds).toEqual([
      ['one', [apart]],
      ['kind', [bases[0], bases[2], apart].sort()],
      ['room', [...bases, ...walls, apart].sort()],
    ]);
    builder.run(setFinish, { part: 'front', finish: 'Thrift', to: { items: [walls[0]!] } });
    expect(told('front', walls[0]!)).toEqual(['one 1', 'run 2', 'room 5', 'everywhere 6']);
    expect(told('plinth', walls[0]!)).toEqual(['room 4']);
    expect(told('top', bases[1]!)).toEqual(['run 3', 'room 4']);
    expect(told('floor', bases[1]!)).toEqual(['room 0']);
    expect(told('wall', 'face-b')).toEqual(['one 1', 'room 4']);
    // A run goes on past a dishwasher, which has no such fronts.
    const beside = [builder.set('DISH600', 'face-a', 2800), builder.set('F450', 'face-a', 3400)];
    expect(told('front', bases[0]!)).toEqual(['one 1', 'run 4', 'room 6', 'everywhere 7']);
    builder.run(removeThings, beside);
    // Several that are chosen are one; what is locked is passed over.
    expect(told('wall', 'face-b', 'face-c')).toEqual(['one 2', 'room 4']);
    expect(told('front', bases[1]!, apart)).toEqual(['one 2', 'run 3', 'room 5', 'everywhere 6']);
    builder.run(lockItems, { ids: [bases[0]!], locked: true });
    expect(told('plinth', bases[2]!)).toEqual(['one 1', 'run 2', 'room 4']);
  });

  it('of the studio come with what they are given to, are renewed, and give way to another of their name', () => {
    const { builder, bases } = kitchen();
    const [one] = bases as [string];
    const own: FinishRecord = {
      ...({
        kind: 'finish',
        id: 'own',
        name: 'Tidewrack',
        code: 'T90',
        of: 'timber',
        colour: '#807060',
      } as const),
      ...{ rough: 0.6, picture: 'stored', long: 900, high: 1200, grain: true },
    };
    const give = (record: FinishRecord, finish = record.name) =>
      builder.run(setFinish, { part: 'front', finish, to: { items: [one] }, own: record });
    give(own, ' Tidewrack ');
    expect(finishOf(builder.design, 'front', one)).toMatchObject({
      ...{ code: 'T90', long: 900, high: 1200, figure: { type: 'picture', file: 'stored' }, own },
    });
    expect(finishNamed(builder.design, 'TIDEWRACK')).toBe(finishOf(builder.design, 'front', one));
    expect(shown(builder.design, one, 'front')).toEqual(['Tidewrack']);
    const part = () =>
      sceneOf(builder.design)
        .find(({ source, of }) => source === one && of === 'item')!
        .parts.find(({ substance }) => substance === 'front')!;
    const looked = lookName(part());
    expect(lookOf(part())).toMatchObject({ texture: { figure: { file: 'stored' }, long: 900, high: 1200 } });
    expect(finishSchedule(builder.design)).toMatchObject([{ finish: { code: 'T90' }, parts: ['front'] }]);
    // What stands elsewhere under it looks so as well.
    give({ ...own, colour: '#908070', picture: 'other' });
    expect(recordsOf(builder.design, 'finish')).toHaveLength(1);
    expect(lookName(part())).not.toBe(looked);
    give({ ...own, id: 'made-anew' });
    expect(recordsOf(builder.design, 'finish').map(({ id }) => id)).toEqual(['made-anew']);
    // One of another name is not what is given.
    give({ ...own, id: 'third', name: 'Spume' }, 'Kelp');
    expect(recordsOf(builder.design, 'finish').map(({ id }) => id)).toEqual(['made-anew']);
  });
});
