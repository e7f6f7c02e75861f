import Papa from 'papaparse';
import type { Family, Range, ServicePoint } from '../ranges/range';
import { FORMULA, rangeColumns } from '../ranges/range-columns';

/** A range as a table, one family a row, in the range's unit: what import reads. */
export function rangeCsv(range: Range): string {
  const mm = range.unit === 'in' ? 25.4 : 1;
  const rows = range.families.map((family) => rowOf(range, family, mm));
  return Papa.unparse({ fields: [...rangeColumns], data: rows }, { escapeFormulae: FORMULA, newline: '\n' });
}

function rowOf({ name, unit, construction, fronts }: Range, family: Family, mm: number): string[] {
  const { hangs, price, leg, drawers, also = [], services = [] } = family;
  const cells: Record<(typeof rangeColumns)[number], string> = {
    range: name,
    unit,
    construction,
    fronts: fronts ?? '',
    type: family.type,
    name: family.name,
    code: family.code,
    'other codes': also.join('; '),
    widths: list(family.widths),
    heights: list(family.heights),
    depths: list(family.depths),
    leg: leg === undefined ? '' : String(leg),
    drawers: drawers === undefined ? '' : String(drawers),
    'hangs from': hangs ? String(hangs.bottom) : '',
    'hangs up to': hangs ? String(hangs.top) : '',
    price: String(price.each),
    'price per width': String(price.width),
    'price per height': String(price.height),
    services: services.map((point) => serviceText(point, mm)).join('; '),
  };
  return rangeColumns.map((column) => cells[column]);
}

function list(sizes: readonly number[]): string {
  return sizes.join('; ');
}

function serviceText({ type, from, across, out, up }: ServicePoint, mm: number): string {
  const place = [across, out, up].map((length) => String(Number((length / mm).toFixed(6)))).join('/');
  return [type, from, place].filter(Boolean).join(' ');
}
