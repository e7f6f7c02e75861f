import type { Design } from '../document/design';
import { findingOf } from './judge';
import { packsOf, rulePacks } from './packs';

/** How deep the space for knees is to be under a surface so high above the floor, mm: as the packs of the room ask, or as a kitchen's do. */
export function kneeSpaceFor(design: Design, surface: number): number {
  const rules = [...packsOf(design), 'kitchen' as const].flatMap((id) => rulePacks[id].rules);
  const rule = rules.find(({ measure }) => measure === 'seating')!;
  const nothing = {
    key: '',
    ids: [],
    place: [],
    about: [],
    values: { 'knee-depth': 0 },
    traits: { surface },
  };
  return findingOf(rule, nothing, {}, [])?.required ?? 0;
}
