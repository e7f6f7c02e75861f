import { editItems } from '../src/commands/edit-items';
import { putFixed } from '../src/commands/put-fixed';
import { setItem } from '../src/commands/set-item';
import type { RoomBuilder } from '../src/demo/build-room';
import type { FixedType } from '../src/document/fixture-types';
import type { FixedRecord, Placement } from '../src/document/records';
import { findItem } from '../src/ranges/shelf';
import { must } from '../src/result';
import { settingOf, type Setting } from '../src/setting/landing';

/** What setting an item of a range asks for, with some of it otherwise. */
export const settingFor = (code: string, change: Partial<Setting> = {}, range = 'fathom'): Setting => ({
  ...settingOf(must(findItem(range, code))),
  ...change,
});

/** Against face A, so far from its left end and off it, mm. */
export const onA = (distance: number, off = 0): Placement => ({
  ...({ on: 'face', face: 'face-a', from: 'left' } as const),
  ...{ distance, off },
});

/** Free in the room, its back left corner here, turned to the left, radians. */
export const floor = (x: number, y: number, turn = 0): Placement => ({ on: 'floor', x, y, turn });

/** Sets an item of any range under an id of its own. */
export function put(
  builder: RoomBuilder,
  id: string,
  code: string,
  placement: Placement,
  range = 'fathom',
): void {
  builder.run(setItem, { id, range, code, placement });
}

/** Builds something in under an id of its own: 300 square and 2400 high from the floor up, unless said otherwise. */
export function build(
  builder: RoomBuilder,
  type: FixedType,
  placement: Placement,
  change: Partial<FixedRecord> = {},
): void {
  const size = { width: 300, depth: 300, height: 2400, up: 0 };
  builder.run(putFixed, { kind: 'fixed', id: type, type, ...size, placement, ...change });
}

/** Sets an item's underside so high above the floor, mm. */
export function raise(builder: RoomBuilder, id: string, up: number): void {
  builder.run(editItems, { ids: [id], change: { up } });
}

/** To the thousandth of a millimetre, and no minus before zero. */
export const rounded = (value: number): number => Math.round(value * 1e3) / 1e3 + 0;
