import { setRoom, type RoomChange } from '../src/commands/set-room';
import type { RoomBuilder } from '../src/demo/build-room';
import type { Design } from '../src/document/design';
import { partsReport } from '../src/exports/parts-json';
import type { PrintedCabinet, PrintedPart } from './parts-faults';
import { rectangle } from './rooms';

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
