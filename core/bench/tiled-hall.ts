import { itemOf } from '../src/commands/set-item';
import { designOf, type Design } from '../src/document/design';
import type { ItemRecord, Placement, ZoneRecord } from '../src/document/records';
import { findItem } from '../src/ranges/shelf';
import { must } from '../src/result';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces } from '../src/survey/outlines';

/** A hall of 10 m by 6 with cabinets along one face and a block turned by 30 degrees, its floor tiled by about 3,000 pieces. */
export function tiledHall(type: 'grid' | 'herringbone90'): Design {
  const faces = outlineFaces(
    { id: 'rectangle', turns: 0, mirrored: false },
    [10_000, 6_000, null, null],
    'mm',
  );
  const design = must(makeRoom({ name: 'Hall', unit: 'mm', step: 1, ceilingHeight: 2400, faces }));
  const cabinet = must(findItem('fathom', 'F600'));
  const items = Array.from({ length: 16 }, (_, index): ItemRecord => {
    const along = (index % 8) * 600;
    const placement: Placement =
      index < 8
        ? { on: 'face', face: 'face-a', from: 'left', distance: 700 + along, off: 0 }
        : {
            ...{ x: 2_500 + along * Math.cos(Math.PI / 6), y: -4_800 + along * Math.sin(Math.PI / 6) },
            ...{ on: 'floor', turn: Math.PI / 6 },
          };
    return itemOf(`item-${index}`, cabinet, placement, index + 1);
  });
  const zone: ZoneRecord = {
    ...{ kind: 'zone', id: 'zone', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
    ...{ pattern: { type }, tile: { w: 187, h: 92 }, joint: 3 },
    ...{ origin: { x: 0, y: 0 }, angle: 0 },
  };
  return designOf([...Object.values(design.records), ...items, zone]);
}
