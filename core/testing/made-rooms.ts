import { editFaces } from '../src/commands/edit-faces';
import { editItems } from '../src/commands/edit-items';
import { setCutRound } from '../src/commands/set-cut-round';
import { setRoom, type RoomChange } from '../src/commands/set-room';
import type { RoomBuilder } from '../src/demo/build-room';
import type { Design } from '../src/document/design';
import { partsReport } from '../src/exports/parts-json';
import { fathom } from '../src/ranges/data/fathom';
import { saltbox } from '../src/ranges/data/saltbox';
import { itemsOf } from '../src/ranges/shelf';
import { findBox } from '../src/setting/item-box';
import type { PrintedCabinet, PrintedPart } from './parts-faults';
import { cornered, rectangle } from './rooms';

/** A room of a range with one of its items alone on the floor. */
export function roomWith(
  range: string,
  code: string,
  change: Omit<RoomChange, 'range'> = {},
): { builder: RoomBuilder; id: string } {
  const builder = rectangle(6000, 4000);
  builder.run(setRoom, { range, ...change });
  const id = builder.place(code, { on: 'floor', x: 1500, y: -1500, turn: 0 });
  return { builder, id };
}

/** The cabinets of a room as they are printed for whoever puts them together. */
export const printedCabinets = (design: Design): PrintedCabinet[] =>
  (JSON.parse(JSON.stringify(partsReport(design))) as { cabinets: PrintedCabinet[] }).cabinets;

/** The parts of a cabinet that go by a name. */
export const partsNamed = (cabinet: PrintedCabinet, name: string): PrintedPart[] =>
  cabinet.parts.filter(({ id }) => id === name || id.startsWith(`${name}-`));

/** A cabinet against face A under a ceiling that rises from so high there to `high` over the wall across, 4000 away. */
export function underSlope(range: string, code: string, low: number, high: number) {
  const builder = rectangle(6000, 4000);
  builder.run(setRoom, { range, doorStyle: 'slab' });
  const id = builder.set(code, 'face-a', 1000);
  slope(builder, low, high);
  builder.run(setCutRound, { ids: [id], cutRound: true });
  return { builder, id };
}

/** A ceiling so high over face A and its far side, sloping between. */
export function slope(builder: RoomBuilder, low: number, high: number): void {
  builder.run(editFaces, { faces: ['face-a', 'face-b'], change: { ceilingHeight: low } });
  builder.run(editFaces, { faces: ['face-c', 'face-d'], change: { ceilingHeight: high } });
}

/** How long face A is under a ceiling that slopes along it, mm. */
const SLOPED = 2_400;

/** A cabinet so far along face A under a ceiling that rises so much with each mm to the right, and meets its top so far from its left end; its door turns at its higher side. */
export function alongSlope(
  range: string,
  code: string,
  { at, rise, meets }: { at: number; rise: number; meets: number },
) {
  const builder = rectangle(SLOPED, 4000);
  builder.run(setRoom, { range, doorStyle: 'slab' });
  const id = builder.set(code, 'face-a', at);
  const { up, height } = findBox(builder.design, id)!.record;
  const left = up + height - rise * (at + meets);
  builder.run(editFaces, { faces: ['face-a', 'face-d'], change: { ceilingHeight: left } });
  builder.run(editFaces, { faces: ['face-b', 'face-c'], change: { ceilingHeight: left + rise * SLOPED } });
  builder.run(editItems, { ids: [id], change: { hand: rise > 0 ? 'right' : 'left' } });
  builder.run(setCutRound, { ids: [id], cutRound: true });
  return { builder, id };
}

/** A cabinet at the left or the right end of face A, pushed so far past it into a wall that stands so many degrees off square, opening towards the room. */
export function atWall(
  range: string,
  code: string,
  { lean, past, right }: { lean: number; past: number; right: boolean },
) {
  const off = 3000 * Math.tan((lean * Math.PI) / 180);
  const builder = cornered([
    { x: 0, y: 0 },
    { x: 4000, y: 0 },
    { x: right ? 4000 + off : 4000, y: -3000 },
    { x: right ? 0 : -off, y: -3000 },
  ]);
  builder.run(setRoom, { range, doorStyle: 'slab' });
  const { width } = itemsOf(range === 'fathom' ? fathom : saltbox).find((one) => one.code === code)!;
  const id = builder.place(code, { on: 'floor', x: right ? 4000 + past - width : -past, y: 0, turn: 0 });
  builder.run(setCutRound, { ids: [id], cutRound: true });
  return { builder, id, width };
}
