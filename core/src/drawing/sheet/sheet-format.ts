import { refuse, ok, type Result } from '../../result';
import { isInchUnit, type LengthUnit } from '../../units/units';

/** A page, landscape, mm. */
export interface Page {
  id: string;
  width: number;
  height: number;
}

export const pages: readonly Page[] = [
  { id: 'A4', width: 297, height: 210 },
  { id: 'A3', width: 420, height: 297 },
  { id: 'A2', width: 594, height: 420 },
  { id: 'Letter', width: 279.4, height: 215.9 },
  { id: 'Tabloid', width: 431.8, height: 279.4 },
  { id: 'Arch B', width: 457.2, height: 304.8 },
  { id: 'Arch C', width: 609.6, height: 457.2 },
  { id: 'Arch D', width: 914.4, height: 609.6 },
];

/** The papers that are usual where a room is measured in a unit: of drawings, and of what is read in the hand. */
export const usualPages = (unit: LengthUnit): { drawing: string; hand: string } =>
  isInchUnit(unit) ? { drawing: 'Tabloid', hand: 'Letter' } : { drawing: 'A3', hand: 'A4' };

/** A drawing scale: room millimetres per paper millimetre, and how it is written. */
export interface SheetScale {
  id: string;
  ratio: number;
  text: string;
}

export const sheetScales: readonly SheetScale[] = [
  { id: '10', ratio: 10, text: '1:10' },
  { id: '20', ratio: 20, text: '1:20' },
  { id: '25', ratio: 25, text: '1:25' },
  { id: '50', ratio: 50, text: '1:50' },
  { id: '12', ratio: 12, text: '1" = 1\'-0"' },
  { id: '24', ratio: 24, text: '1/2" = 1\'-0"' },
  { id: '48', ratio: 48, text: '1/4" = 1\'-0"' },
];

/** The scales of what is drawn larger than a set. */
const detailScales: readonly SheetScale[] = [
  { id: '1', ratio: 1, text: '1:1' },
  { id: '2', ratio: 2, text: '1:2' },
  { id: '5', ratio: 5, text: '1:5' },
  { id: '4', ratio: 4, text: '3" = 1\'-0"' },
  { id: '8', ratio: 8, text: '1 1/2" = 1\'-0"' },
];

/** Every scale a drawing on a sheet can have of its own. */
export const frameScales: readonly SheetScale[] = [...detailScales, ...sheetScales];

export function findPage(id: string): Result<Page> {
  const page = pages.find((one) => one.id.toLowerCase() === id.toLowerCase());
  return page
    ? ok(page)
    : refuse('sheet-unknown', { what: 'page', value: id, known: pages.map((one) => one.id) });
}

export function findScale(id: string): Result<SheetScale> {
  const scale = sheetScales.find((one) => one.id === id);
  return scale
    ? ok(scale)
    : refuse('sheet-unknown', { what: 'scale', value: id, known: sheetScales.map((one) => one.id) });
}
