import { refuse, ok, type Result } from '../../result';

/** A page, landscape, mm. */
export interface Page {
  id: string;
  width: number;
  height: number;
}

export const pages: readonly Page[] = [
  { id: 'A3', width: 420, height: 297 },
  { id: 'A2', width: 594, height: 420 },
  { id: 'Tabloid', width: 431.8, height: 279.4 },
  { id: 'Arch C', width: 609.6, height: 457.2 },
];

/** A drawing scale: room millimetres per paper millimetre, and how it is written. */
export interface SheetScale {
  id: string;
  ratio: number;
  text: string;
}

export const sheetScales: readonly SheetScale[] = [
  { id: '20', ratio: 20, text: '1:20' },
  { id: '50', ratio: 50, text: '1:50' },
  { id: '24', ratio: 24, text: '1/2" = 1\'-0"' },
  { id: '48', ratio: 48, text: '1/4" = 1\'-0"' },
];

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
