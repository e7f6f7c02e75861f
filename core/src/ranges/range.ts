import type { BuildWays } from '../document/kinds/build-ways';
import type { Family, RangeRecord, ServicePoint } from '../document/kinds/range';

export type { Family, Price, ServicePoint } from '../document/kinds/range';

/** One maker's or the studio's own family of items, as data. */
export type Range = Omit<RangeRecord, 'kind'> & {
  /** What is otherwise about how its boxes are built. */
  ways?: BuildWays;
};

/** One thing that can be taken from the shelf. Lengths are millimetres. */
export interface ShelfItem {
  range: string;
  code: string;
  /** Other codes it goes by. */
  also: readonly string[];
  type: string;
  name: string;
  width: number;
  /** The usual depth, and every depth it is made in. */
  depth: number;
  depths: readonly number[];
  height: number;
  leg?: number;
  /** Standard height of its underside above the floor. */
  up: number;
  /** To a whole unit of the studio's currency. */
  price: number;
  services: readonly ServicePoint[];
  family: Family;
}
