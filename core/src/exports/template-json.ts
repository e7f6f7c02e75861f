import type { Design } from '../document/design';
import { templatesOf } from '../shop/templates/templates';
import { slabOf } from '../surfaces/top-joints';
import { quantise } from '../units/units';

/** The templates of a room's tops: every piece in a frame of its own, lengths mm, areas mm², angles degrees; and the slab they are cut from. */
export function templateReport(design: Design): object {
  return JSON.parse(
    JSON.stringify({ slab: slabOf(design), templates: templatesOf(design) }, (_, value: unknown) =>
      typeof value === 'number' ? quantise(value) : value,
    ),
  ) as object;
}
