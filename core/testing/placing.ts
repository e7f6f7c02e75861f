import { setItem } from '../src/commands/set-item';
import type { RoomBuilder } from '../src/demo/build-room';
import type { Placement } from '../src/document/records';
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

/** To the thousandth of a millimetre, and no minus before zero. */
export const rounded = (value: number): number => Math.round(value * 1e3) / 1e3 + 0;
