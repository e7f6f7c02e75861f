import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { lineFace } from '../commands/line-face';
import { fillGap } from '../commands/fill-gap';
import { lockItems } from '../commands/lock-items';
import { putService } from '../commands/put-service';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { removeThings } from '../commands/remove-things';
import { setFinish } from '../commands/set-finish';
import { recordOf, recordsOf, type Design } from '../document/design';
import { applyPatch } from '../document/patch';
import { hallBath } from '../demo/hall-bath';
import type { FacePlacement, FixedRecord, OpeningRecord } from '../document/records';
import { drawElevation } from '../drawing/elevation/draw-elevation';
import { findItem } from '../ranges/shelf';
import { checkReach } from '../reach/check-reach';
import { collisionsOf } from '../reach/collisions';
import { moveItem } from '../commands/move-item';
import { lampsOf } from '../scene/light/lamps';
import { sceneOf } from '../scene/scene';
import { must } from '../result';
import { tops } from '../surfaces/tops';
import { roomShape } from '../survey/room-shape';
import { hug } from './hug';
import { itemBoxes } from './item-box';
import { settingOf } from './landing';
import { clearBefore } from './linings';
import { nextPlace } from './next-place';

const settingFor = (code: string) => settingOf(must(findItem('fathom', code)));
/** A room whose face A is lined to a height of 1000. */
function lined(change: Partial<FixedRecord> = {}) {
  const builder = rectangle(4000, 3000);
  const lining = { ...usualFixed(builder.design, 'lining', 'lining', 'face-a'), ...change };
  builder.run(putFixed, lining);
  return { builder, lining };
}
const offOf = (design: Design, id: string) => {
  const { placement } = recordOf(design, 'item', id)!;
  return placement.on === 'face' ? placement.off : null;
};
/** A cabinet on face A, so far along it and off it. */
function standing(
  builder: ReturnType<typeof rectangle>,
  distance: number,
  off: number,
  code = 'F600',
): string {
  const id = builder.set(code, 'face-a', distance);
  const placement = { on: 'face', face: 'face-a', from: 'left', distance, off } as const;
  builder.run(moveItem, { id, placement });
  return id;
}
const landingOff = (design: Design, code: string, besideId?: string) => {
  const placement = nextPlace(design, settingFor(code), besideId)!.placement;
  return placement.on === 'face' ? [placement.face, placement.off] : null;
};

describe('linings', () => {
  it('go from end to end where they are put, and part no face: what is set there stands before them', () => {
    const { builder, lining } = lined();
    expect([lining.width, lining.depth, lining.height]).toEqual([4000, 20, 1000]);
    expect(landingOff(builder.design, 'F600', 'face-a')).toEqual(['face-a', 20]);
    // A wall unit hangs over it, at the wall.
    expect(landingOff(builder.design, 'U600/720', 'face-a')).toEqual(['face-a', 0]);
    const { placement } = hug(builder.design, settingFor('F600'), { x: 2000, y: -300 }, 10);
    expect(placement).toMatchObject({ on: 'face', face: 'face-a', off: 20 });
    // In a corner, what stands along the next face is clear of it.
    const beside = hug(builder.design, settingFor('F600'), { x: 3700, y: -320 }, 200).placement;
    expect(beside).toMatchObject({ on: 'face' });
    builder.run(putFixed, { ...lining, height: 1400 });
    expect(landingOff(builder.design, 'U600/720', 'face-a')).toEqual(['face-a', 0]);
    builder.run(putFixed, { ...lining, height: 1600 });
    expect(landingOff(builder.design, 'U600/720', 'face-a')).toEqual(['face-a', 20]);
  });

  it('leave what stands along the next face clear of them in the corner', () => {
    const { builder } = lined();
    // Face B begins in the corner of face A: 20 of it are taken.
    const placement = nextPlace(builder.design, settingFor('F600'), 'face-b')!.placement;
    expect(placement).toMatchObject({ on: 'face', face: 'face-b', off: 0 });
    const id = builder.set('F600', 'face-b', placement.on === 'face' ? placement.distance : 0);
    expect(placement).toMatchObject({ distance: 20 });
    expect(collisionsOf(builder.design, [recordOf(builder.design, 'item', id)!])).toEqual([]);
  });

  it('take what stands before them along when they grow thicker, are moved or are taken out; what is locked or stands off by itself stays', () => {
    const { builder, lining } = lined();
    const at = (along: number, off = 20) => standing(builder, along, off);
    const [one, own, locked, wall] = [at(0), at(700, 100), at(1400), builder.set('U600/720', 'face-a', 0)];
    builder.run(lockItems, { ids: [locked], locked: true });
    const offs = () => [one, own, locked, wall].map((id) => offOf(builder.design, id));
    expect(offs()).toEqual([20, 100, 20, 0]);
    builder.run(putFixed, { ...lining, depth: 50 });
    expect(offs()).toEqual([50, 100, 20, 0]);
    // Moved along, it is behind the first no more.
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 600, off: 0 } as const;
    builder.run(putFixed, { ...lining, depth: 50, width: 3000, placement });
    expect(offs()).toEqual([0, 100, 20, 0]);
    builder.run(putFixed, { ...lining, depth: 50 });
    builder.run(removeThings, ['lining']);
    expect(offs()).toEqual([0, 100, 20, 0]);
  });

  it('go round openings: beside, below and over them, past their casings; what stands there comes forward', () => {
    const builder = rectangle(4000, 3000);
    builder.open('face-a', 'door', 300, { casing: 60 });
    builder.open('face-a', 'window', 2400, { casing: 60 });
    const base = builder.set('F600', 'face-a', 1500);
    builder.run(lineFace, { face: 'face-a', style: 'plain', prefix: 'l' });
    const pieces = recordsOf(builder.design, 'fixed');
    const openings = recordsOf(builder.design, 'opening');
    const areaOf = (casing: number) =>
      openings.reduce(
        (sum, { width, height, sill }) => sum + (width + 2 * casing) * (height + (sill > 1 ? 2 : 1) * casing),
        0,
      );
    const area = pieces.reduce((sum, { width, height }) => sum + width * height, 0);
    const [{ casing }] = openings as [OpeningRecord];
    expect(area).toBeCloseTo(4000 * 2400 - areaOf(casing), 3);
    expect(pieces).toHaveLength(6);
    expect(offOf(builder.design, base)).toBe(50);
    // Nothing is said against them where they stand.
    expect(checkReach(builder.design).findings.filter(({ verdict }) => verdict === 'blocked')).toEqual([]);
  });

  it('bring along what is set into what stands before them', () => {
    const design = hallBath();
    const { face } = recordOf(design, 'item', 'basin')!.placement as FacePlacement;
    const patch = must(lineFace.run(design, { face, style: 'plain', prefix: 'l' }));
    const off = (id: string, at: Design) => offOf(at, id)!;
    const after = must(applyPatch(design, patch));
    expect(off('basin', after) - off('basin', design)).toBeCloseTo(2 * 25.4, 6);
    for (const { id, code } of recordsOf(design, 'item'))
      if (code === 'V36-S') expect(off(id, after) - off(id, design)).toBeCloseTo(2 * 25.4, 6);
  });

  it('are not made on what is bent, or where nothing is left', () => {
    const builder = rectangle(4000, 3000);
    builder.run(bendFace, { face: 'face-a', bend: { side: 'out', depth: 200 } });
    const line = (face: string) => lineFace.run(builder.design, { face, style: 'boards', prefix: 'l' });
    expect(line('face-a')).toMatchObject({ refusal: { code: 'lining-bent' } });
    expect(line('face-b').ok).toBe(true);
  });

  it('bring along points of supply behind them, and leave those over them', () => {
    const { builder, lining } = lined();
    builder.run(removeThings, ['lining']);
    const socket = (id: string, up: number) =>
      builder.run(putService, {
        ...{ kind: 'service', id, type: 'socket', up },
        placement: { on: 'face', face: 'face-a', from: 'left', distance: 1500, off: 0 },
      });
    socket('low', 300);
    socket('edge', 1000);
    builder.run(putFixed, lining);
    const off = (id: string) => (recordOf(builder.design, 'service', id)!.placement as FacePlacement).off;
    expect([off('low'), off('edge')]).toEqual([20, 0]);
    builder.run(removeThings, ['lining']);
    expect(off('low')).toBe(0);
  });

  it('say how much room is left before them', () => {
    const { builder, lining } = lined();
    expect(clearBefore(builder.design, 'lining')).toBeCloseTo(2980, 6);
    const across = usualFixed(builder.design, 'other', 'lining', 'face-c');
    builder.run(putFixed, { ...across, depth: 50, up: 999 });
    expect(clearBefore(builder.design, 'lining')).toBeCloseTo(2930, 6);
    // What begins over it is not in its way.
    builder.run(putFixed, { ...across, depth: 50, up: 1000 });
    expect(clearBefore(builder.design, 'lining')).toBeCloseTo(2980, 6);
    builder.run(putFixed, { ...lining, depth: 120 });
    expect(clearBefore(builder.design, 'lining')).toBeCloseTo(2880, 6);
    expect(clearBefore(builder.design, 'gone')).toBeNull();
  });

  it('have what closes a gap, and the top, before them', () => {
    const { builder } = lined();
    for (const [code, along] of [
      ['F600', 0],
      ['F600', 650],
    ] as const)
      standing(builder, along, 20, code);
    builder.run(fillGap, { id: 'filler', face: 'face-a', at: 620, band: 'base' });
    expect(offOf(builder.design, 'filler')).toBe(20);
    const boxes = itemBoxes(builder.design);
    expect(boxes.map(({ origin }) => origin.y)).toEqual([-20, -20, -20]);
    const [top] = tops(builder.design);
    expect(Math.max(...top!.outline.flat().map(({ y }) => y))).toBeCloseTo(-20, 6);
  });

  it('are made of boards in elevations and three dimensions alike, finished by themselves', () => {
    const { builder, lining } = lined({ style: 'boards', width: 3120 });
    const face = () => roomShape(builder.design).byId.get('face-a')!;
    const edges = () =>
      drawElevation(builder.design, face(), 20)
        .flatMap((mark) => (mark.type === 'path' && mark.source === 'lining' ? [mark.rings.length] : []))
        .reduce((sum, one) => sum + one, 0);
    const boarded = edges();
    builder.run(putFixed, { ...lining, style: 'plain' });
    // 25 boards with four edges each.
    expect(boarded - edges()).toBe(100);
    builder.run(putFixed, lining);
    builder.run(setFinish, { part: 'wall', finish: 'Kelp', to: { faces: ['lining'] } });
    const group = () => sceneOf(builder.design).find(({ source }) => source === 'lining')!;
    expect(group().parts.map(({ substance, finish }) => [substance, finish?.name])).toEqual([
      ['wall', 'Kelp'],
    ]);
    const out = (positions: readonly number[]) => positions.filter((_, index) => index % 3 === 1);
    const { positions } = group().parts[0]!.mesh;
    expect([Math.min(...out(positions)), Math.max(...out(positions))]).toEqual([-20, 0]);
    builder.run(setFinish, { part: 'wall', finish: 'Soot', to: { room: 'everywhere' } });
    expect(recordOf(builder.design, 'fixed', 'lining')!.finish).toBeUndefined();
    expect(group().parts[0]!.finish!.name).toBe('Soot');
  });

  it('shine up from a recess, where they are deep enough for one', () => {
    const { builder, lining } = lined();
    const lamps = lampsOf(builder.design).length;
    expect(putFixed.run(builder.design, { ...lining, lit: true, depth: 39.9 })).toMatchObject({
      refusal: { code: 'recess-thin' },
    });
    builder.run(putFixed, { ...lining, lit: true, depth: 40 });
    expect(lampsOf(builder.design)).toHaveLength(lamps + 1);
    const lamp = lampsOf(builder.design).at(-1)!;
    expect([lamp.way, lamp.from[1], lamp.to[0] - lamp.from[0]]).toEqual([[0, 0, 1], -12.5, 3960]);
    // The strip lies below the lip, behind it.
    const parts = sceneOf(builder.design).find(({ source }) => source === 'lining')!.parts;
    expect(parts.map(({ substance }) => substance)).toEqual(['wall', 'light']);
    const ups = parts[1]!.mesh.positions.filter((_, index) => index % 3 === 2);
    expect([Math.min(...ups), Math.max(...ups)]).toEqual([940, 948]);
  });
});
