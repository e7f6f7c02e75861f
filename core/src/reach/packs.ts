import { roomOf, type Design } from '../document/design';
import type { PackId, RulePackId } from '../document/limits';
import type { Pack } from './pack';
import { accessible } from './packs/accessible';
import { bath } from './packs/bath';
import { kitchen } from './packs/kitchen';
import { metric } from './packs/metric';
import { standard } from './packs/standard';

/** Every pack of rules. */
export const rulePacks: Readonly<Record<RulePackId, Pack>> = { standard, kitchen, bath, accessible, metric };

/** What a room is checked by where it does not say so itself, by the practice it is planned by. */
const usualPacks: Readonly<Record<PackId, readonly RulePackId[]>> = {
  'inch-residential': ['kitchen', 'bath'],
  'metric-residential': ['metric'],
};

/** Whether a rule is about tops: what they are cut from, joined, carried by and run into. */
export const isTopRule = (id: string): boolean =>
  standard.rules.some((rule) => rule.id === id && rule.measure.startsWith('top-'));

/** The packs that a design is checked by: what is built rightly, and those of its room. */
export function packsOf(design: Design): readonly RulePackId[] {
  const { pack, packs } = roomOf(design);
  const chosen = packs ?? usualPacks[pack];
  return ['standard', ...chosen.filter((id) => id !== 'standard')];
}
