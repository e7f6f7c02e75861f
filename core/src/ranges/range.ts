/** One maker's or the studio's own family of items, as data. Sizes are millimetres. */
export interface Range {
  id: string;
  name: string;
  /** What a bare number in its codes means. */
  unit: 'in' | 'mm';
  construction: 'face frame' | 'frameless';
  families: readonly Family[];
}

/** A family and a width make an item: the code is the prefix, the width in the range's unit, and the suffix. */
export interface Family {
  type: string;
  name: string;
  prefix: string;
  suffix: string;
  /** In the range's unit. */
  widths: readonly number[];
  depth: number;
  height: number;
}

/** One thing that can be taken from the shelf. Sizes are millimetres. */
export interface ShelfItem {
  range: string;
  code: string;
  type: string;
  name: string;
  width: number;
  depth: number;
  height: number;
}
