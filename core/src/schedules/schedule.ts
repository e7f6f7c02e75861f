import type { LengthStyle } from '../units/units';
import { formatLength } from '../units/format-length';
import type { ScheduleColumnId, ScheduleId } from '../wording/schedule-words';
import type { ShopListId } from '../wording/shop-words';

/** What stands in a cell: as it is printed, and what it is where it is a number (lengths mm, areas mm²). */
export interface Cell {
  said: string;
  value?: number;
}

export interface ScheduleLine {
  /** The records it is of. */
  ids: readonly string[];
  cells: readonly Cell[];
}

/** A list of what a room holds of one sort: its columns, and a line for each. */
export interface Schedule {
  id: ScheduleId | ShopListId;
  columns: readonly ScheduleColumnId[];
  lines: readonly ScheduleLine[];
}

export const words = (said: string): Cell => ({ said });
export const count = (value: number): Cell => ({ said: String(value), value });
/** Numbers by how they are said. */
export const cellOf =
  (say: (value: number) => string) =>
  (value: number): Cell => ({ said: say(value), value });
export const lengthCell = (style: LengthStyle) => cellOf((value) => formatLength(value, style));
/** What a thing has not. */
export const NONE: Cell = { said: '–' };

/** What a column of numbers tells: lengths in mm, areas in mm², how many, or what it costs. Others hold words. */
export type ColumnMeasure = 'amount' | 'area' | 'count' | 'length';
export const columnMeasures: Partial<Record<ScheduleColumnId, ColumnMeasure>> = {
  ...{ number: 'count', joints: 'count', cutOuts: 'count', area: 'area', price: 'amount' },
  ...{ count: 'count', whole: 'count', cut: 'count', bought: 'count', joint: 'length' },
  ...{ quantity: 'count', unitPrice: 'amount', amount: 'amount' },
  ...{ width: 'length', depth: 'length', height: 'length', along: 'length', sill: 'length', leaf: 'length' },
  ...{ length: 'length', cutLength: 'length', cutWidth: 'length', total: 'length' },
  ...{ up: 'length', thickness: 'length', surface: 'length', perimeter: 'length' },
};
