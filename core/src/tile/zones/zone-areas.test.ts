import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import type { RoomBuilder } from '../../demo/build-room';
import { moveItem } from '../../commands/move-item';
import { putZone } from '../../commands/put-zone';
import { removeThings } from '../../commands/remove-things';
import { setFaceLength } from '../../commands/set-face-length';
import { setOutZone } from '../../commands/set-out-zone';
import { setTiling } from '../../commands/set-tiling';
import { recordOf, recordsOf } from '../../document/design';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { signedArea } from '../../geometry/polygon';
import { intersect, without } from '../../geometry/region';
import { must } from '../../result';
import { tops } from '../../surfaces/tops';
import { roomShape } from '../../survey/room-shape';
import { refusalText } from '../../wording/refusal-text';
import { tiledZones } from './zone-laying';
import { usualZone } from './usual-zone';
import { floorHoles } from './tiled-around';
import { findZone, zoneAreas, zoneRegion } from './zone-areas';

const places = (...all: [number, number][]): ZonePlace[] => all.map(([x, y]) => ({ x, y }));
const box = (left: number, bottom: number, right: number, top: number) =>
  places([left, bottom], [right, bottom], [right, top], [left, top]);

/** Tiles a surface, all of it or within an outline. */
function tile(room: RoomBuilder, id: string, face: string | null, change: Partial<ZoneRecord> = {}): void {
  const { corners } = change;
  room.run(putZone, { ...usualZone(room.design, { id, face, ...(corners && { corners }) }), ...change });
}
const areaOf = (room: RoomBuilder, id: string) =>
  must(tiledZones(room.design).find((zone) => zone.id === id)!.tiled).laid.zoneArea;

describe('a floor that is tiled', () => {
  it('ends at the plinths of cabinets, and goes on under what stands about', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'floor', null);
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6, 3);
    room.set('F600', 'face-a', 0);
    room.set('F900', 'face-a', 600);
    // 560 deep, their plinth 50 back behind the box.
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6 - 1500 * 510, 3);
    const cold = room.set('COLD600', 'face-c', 100);
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6 - 1500 * 510, 3);
    room.run(setTiling, { ids: [cold], way: 'around' });
    const { width, depth, tiled } = recordOf(room.design, 'item', cold)!;
    expect(tiled).toBe('around');
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6 - 1500 * 510 - width * depth, 3);
    // As its kind is usually done it says nothing of its own.
    room.run(setTiling, { ids: [cold], way: 'under' });
    expect(recordOf(room.design, 'item', cold)).not.toHaveProperty('tiled');
  });

  it('goes under a cabinet where that is said, though its neighbours keep their plinths', () => {
    const room = rectangle(4000, 3000);
    const ids = [0, 600, 1200].map((at) => room.set('F600', 'face-a', at));
    tile(room, 'floor', null);
    room.run(setTiling, { ids: [ids[1]!], way: 'under' });
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6 - 2 * 600 * 510, 3);
    room.run(setTiling, { ids, way: null });
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6 - 3 * 600 * 510, 3);
  });

  it.each([
    ['not said', undefined, 0],
    ['none', 0, 0],
    ['some', 60, 60],
    ['as thick as the wall', 100, 100],
    ['more', 150, 100],
  ])('goes into a doorway as deep as is said, no further than the wall: %s', (_, threshold, deep) => {
    const room = rectangle(4000, 3000);
    room.open('face-b', 'door', 500, { width: 800 });
    room.open('face-c', 'window', 500, { width: 900 });
    room.design = {
      ...room.design,
      records: {
        ...room.design.records,
        'face-b': { ...recordOf(room.design, 'face', 'face-b')!, thickness: 100 },
      },
    };
    tile(room, 'floor', null, threshold === undefined ? {} : { threshold });
    expect(areaOf(room, 'floor')).toBeCloseTo(12e6 + 800 * deep, 3);
  });

  it('gives way to smaller zones that are let into it, and takes nothing where another has all of it', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'floor', null);
    tile(room, 'inlay', null, { corners: box(1000, -2000, 2000, -1200) });
    // A joint of 3 is about it.
    const laid = 994 * 794;
    expect([areaOf(room, 'floor'), areaOf(room, 'inlay')]).toEqual([12e6 - 0.8e6, laid]);
    // What is drawn beside another zone has none.
    const gapOf = (left: number) =>
      usualZone(room.design, { id: 'next', face: null, corners: box(left, -600, left + 300, -300) }).gap;
    room.run(removeThings, ['floor']);
    expect([gapOf(2100), gapOf(2000)]).toEqual([undefined, undefined]);
    tile(room, 'floor', null);
    expect(gapOf(2100)).toBe(3);
    // One in the inlay is cut out of both, and once.
    tile(room, 'middle', null, { corners: box(1400, -1700, 1600, -1500) });
    expect([areaOf(room, 'floor'), areaOf(room, 'inlay')]).toEqual([11.2e6, laid - 0.04e6]);
    expect(zoneAreas(room.design).map(({ id, letter }) => [id, letter])).toEqual([
      ['floor', 'T1'],
      ['inlay', 'T2'],
      ['middle', 'T3'],
    ]);
    const again = putZone.run(room.design, usualZone(room.design, { id: 'other', face: null }));
    expect(again.ok ? '' : refusalText(again.refusal)).toContain('Nothing is left to be tiled');
  });

  it('follows what moves, and stays what it is where the frame of the room moves', () => {
    const room = rectangle(4000, 3000);
    const id = room.set('F600', 'face-a', 0);
    tile(room, 'floor', null);
    tile(room, 'inlay', null, { corners: box(1000, -2000, 2000, -1200), angle: 0.3 });
    const before = tiledZones(room.design).map(({ tiled }) => must(tiled).count);
    room.run(moveItem, {
      id,
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 900, off: 0 },
    });
    expect(areaOf(room, 'floor')).toBeCloseTo(11.2e6 - 600 * 510, 3);
    room.run(moveItem, { id, placement: { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 } });
    expect(tiledZones(room.design).map(({ tiled }) => must(tiled).count)).toEqual(before);
    room.run(setFaceLength, { face: 'face-a', length: 4500 });
    expect(areaOf(room, 'floor')).toBeCloseTo(4500 * 3000 - 0.8e6 - 600 * 510, 3);
    expect(areaOf(room, 'inlay')).toBeCloseTo(994 * 794, 3);
  });

  it('within an outline of its own is what of that lies on the floor', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'part', null, { corners: box(-500, -1000, 1000, 200) });
    expect(areaOf(room, 'part')).toBeCloseTo(1000 * 1000, 0);
    const off = putZone.run(room.design, {
      ...recordOf(room.design, 'zone', 'part')!,
      corners: box(-900, -1000, -100, 0),
    });
    expect(off.ok ? '' : refusalText(off.refusal)).toContain('Nothing is left');
    const crossing = putZone.run(room.design, {
      ...recordOf(room.design, 'zone', 'part')!,
      corners: places([0, 0], [1000, -1000], [1000, 0], [0, -1000]),
    });
    expect(crossing).toMatchObject({ refusal: { code: 'outline-crossing' } });
  });

  it('has the area that the polygon library says, whatever stands there', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.nat(3), fc.nat(3000), fc.constantFrom('F600', 'F450', 'T600', 'COLD600', 'TUB1700')),
          {
            maxLength: 6,
          },
        ),
        fc.tuple(fc.nat(3000), fc.nat(2000), fc.integer({ min: 200, max: 1500 })),
        (items, [x, y, size]) => {
          const room = rectangle(4000, 3000);
          for (const [face, at, code] of items) {
            try {
              room.set(code, `face-${'abcd'[face]!}`, at);
            } catch {
              // There was no room for it, or no such code.
            }
          }
          tile(room, 'floor', null);
          try {
            tile(room, 'inlay', null, { corners: box(x, -y - size, x + size, -y) });
          } catch {
            // It lies where nothing is tiled.
          }
          const inlay = recordOf(room.design, 'zone', 'inlay');
          const cut = [...floorHoles(room.design), ...(inlay ? [inlay.corners!] : [])];
          const region = without([roomShape(room.design).outline], cut);
          const wanted = region.reduce((sum, ring) => sum + signedArea(ring), 0);
          expect(areaOf(room, 'floor')).toBeCloseTo(wanted, -1);
          const drawn = zoneRegion(findZone(room.design, 'floor')!.rings);
          expect(drawn.reduce((sum, ring) => sum + signedArea(ring), 0)).toBeCloseTo(wanted, -1);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('a face that is tiled', () => {
  it('ends at openings with their casings, at cabinets, and over the top', () => {
    const room = rectangle(4000, 3000);
    const wall = 4000 * 2400;
    tile(room, 'wall', 'face-a');
    expect(areaOf(room, 'wall')).toBeCloseTo(wall, 3);
    room.open('face-a', 'window', 2500, { width: 900, height: 1000, sill: 1100, casing: 70 });
    const window = 1040 * 1140;
    expect(areaOf(room, 'wall')).toBeCloseTo(wall - window, 3);
    room.set('F600', 'face-a', 0);
    room.set('F900', 'face-a', 600);
    const { surface, underside } = tops(room.design)[0]!;
    const top = 1520 * (surface - underside);
    expect(areaOf(room, 'wall')).toBeCloseTo(wall - window - 1500 * underside - top, 0);
    const hung = room.set('U600/720', 'face-a', 0);
    expect(areaOf(room, 'wall')).toBeCloseTo(wall - window - 1500 * underside - top - 600 * 720, 0);
    room.run(setTiling, { ids: [hung], way: 'under' });
    expect(areaOf(room, 'wall')).toBeCloseTo(wall - window - 1500 * underside - top, 0);
  });

  it('counts its places from the end it is said from, in step with another on it', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'wall', 'face-a');
    const right = { on: 'face', face: 'face-a', from: 'right', distance: 1000, off: 0 } as const;
    room.run(putZone, {
      ...recordOf(room.design, 'zone', 'wall')!,
      ...{ id: 'band', placement: right, corners: box(0, 1000, 500, 1300) },
    });
    expect([areaOf(room, 'wall'), areaOf(room, 'band')]).toEqual([4000 * 2400 - 500 * 300, 500 * 300]);
    const band = findZone(room.design, 'band')!;
    expect([band.surface.zero, band.letter]).toEqual([3000, 'T2']);
    expect(
      intersect(findZone(room.design, 'wall')!.rings.slice(0, 1), [box(3000, 1000, 3500, 1300)]),
    ).toHaveLength(1);
  });

  it('is as long as its arc where it is bent', () => {
    const room = rectangle(4000, 3000);
    room.design = {
      ...room.design,
      records: {
        ...room.design.records,
        'face-a': { ...recordOf(room.design, 'face', 'face-a')!, bend: 400 },
      },
    };
    tile(room, 'wall', 'face-a');
    const { length } = roomShape(room.design).byId.get('face-a')!;
    expect(length).toBeGreaterThan(4100);
    expect(areaOf(room, 'wall')).toBeCloseTo(length * 2400, 3);
  });

  it('keeps the same laying as long as nothing of it has changed', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'wall', 'face-a');
    tile(room, 'floor', null);
    const laid = () => tiledZones(room.design).map(({ tiled }) => must(tiled));
    const before = laid();
    room.set('F600', 'face-c', 0);
    expect(laid()[0]).not.toBe(before[0]);
    expect(laid()[1]).toBe(before[1]);
    room.run(setOutZone, { id: 'wall', origin: { x: 10, y: 0 } });
    expect(laid()[1]).not.toBe(before[1]);
    expect(recordsOf(room.design, 'zone').map(({ id }) => id)).toEqual(['floor', 'wall']);
  });
});
