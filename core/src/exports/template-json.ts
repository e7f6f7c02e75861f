import type { Design } from '../document/design';
import { slabLayouts } from '../shop/templates/slab-layout';
import { templatesOf } from '../shop/templates/templates';
import { uprightTemplates } from '../shop/templates/uprights';
import { slabOf } from '../surfaces/top-joints';
import { quantise } from '../units/units';

/** The templates of a room's tops, and of the waterfalls and splashes that are cut from slabs too: every piece in a frame of its own, lengths mm, areas mm², angles degrees; the slab they are cut from, and how they lie on slabs, by their places in both lists. */
export function templateReport(design: Design): object {
  return JSON.parse(
    JSON.stringify(
      {
        slab: slabOf(design),
        templates: templatesOf(design),
        uprights: uprightTemplates(design),
        slabs: slabLayouts(design),
      },
      (_, value: unknown) => (typeof value === 'number' ? quantise(value) : value),
    ),
  ) as object;
}
