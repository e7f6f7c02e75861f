/** One maker's or the studio's own family of items, as data. */
export interface Range {
  id: string;
  name: string;
  /** What a bare number in its codes and data means. */
  unit: 'in' | 'mm';
  construction: 'face frame' | 'frameless';
  families: readonly Family[];
}

/**
 * A family, a width and a height make an item. Its code is the prefix, the width, the height where the family has more than one,
 * and the suffix; in inches width and height run together, in millimetres a stroke stands between them. Lengths in the range's unit.
 */
export interface Family {
  type: string;
  name: string;
  prefix: string;
  suffix: string;
  widths: readonly number[];
  heights: readonly number[];
  depth: number;
  /** Where it hangs: its underside at `bottom`, or higher so that its top is level with `top`. Without it, it stands on the floor. */
  hangs?: { bottom: number; top: number };
  /** What one costs, in the studio's currency: so much each, so much for every unit of width and of height. */
  price: Price;
}

export interface Price {
  each: number;
  width: number;
  height: number;
}

/** One thing that can be taken from the shelf. Lengths are millimetres. */
export interface ShelfItem {
  range: string;
  code: string;
  type: string;
  name: string;
  width: number;
  depth: number;
  height: number;
  /** Standard height of its underside above the floor. */
  up: number;
  /** To a whole unit of the studio's currency. */
  price: number;
}
