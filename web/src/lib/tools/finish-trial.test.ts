import {
  finishes,
  finishNamed,
  makeRoom,
  must,
  outlineFaces,
  setItem,
  applyPatch,
  usualStyle,
  type Design,
} from 'goodreach';
import { describe, expect, it } from 'vitest';
import { partUnder } from './finish-trial.svelte';

const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
const bare = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
const [face] = Object.values(bare.records).filter(({ kind }) => kind === 'face');
const set = (design: Design, id: string, code: string, distance: number) =>
  must(
    applyPatch(
      design,
      must(
        setItem.run(design, {
          ...{ id, range: 'fathom', code },
          placement: { on: 'face', face: face!.id, from: 'left', distance, off: 0 },
        }),
      ),
    ),
  );
const room = set(set(bare, 'base', 'F600', 1000), 'sink', 'F800-S', 1600);
const named = (name: string) => finishNamed(room, name)!;

describe('what a swatch is given to where it is let go', () => {
  it('is the part that is chosen, where what lies there has it', () => {
    expect(partUnder(room, 'base', named('Kelp'), 'box')).toEqual({ part: 'box', chosen: ['base'] });
    expect(partUnder(room, face!.id, named('Kelp'), 'wall')).toEqual({ part: 'wall', chosen: [face!.id] });
    expect(partUnder(room, 'base', named('Kelp'), 'ceiling')).toEqual({ part: 'ceiling', chosen: [] });
    expect(partUnder(room, null, named('Kelp'), 'floor')).toEqual({ part: 'floor', chosen: [] });
  });

  it('is another that is made of such, where it has not', () => {
    expect(partUnder(room, 'base', named('Kelp'), 'wall')).toEqual({ part: 'front', chosen: ['base'] });
    expect(partUnder(room, 'base', named('Skerry'), 'wall')).toEqual({ part: 'top', chosen: ['base'] });
    expect(partUnder(room, face!.id, named('Kelp'), 'front')).toEqual({ part: 'wall', chosen: [face!.id] });
    expect(partUnder(room, null, named('Drift oak'), 'front')).toEqual({ part: 'floor', chosen: [] });
  });

  it('is nothing, where nothing is made of it', () => {
    expect(partUnder(room, null, named('Kelp'), 'front')).toBeNull();
    expect(partUnder(room, face!.id, named('Skerry'), 'top')).toBeNull();
    const metal = finishes.find(({ of }) => of === 'metal')!;
    expect(partUnder(room, 'gone', metal, 'front')).toEqual(null);
  });
});
