import { findOpening } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { named, noun, type Noun } from '../nouns';
import { itemNumbers } from '../setting/item-numbers';
import type { About } from './reading';

/** What a thing is called in a sentence of a design: an item by its name and number, openings and faces by their letters. Items that are moved may not be in the design yet. */
export function nounOf(
  design: Design,
  about: About,
  { moved = [] }: { moved?: readonly ItemRecord[] } = {},
): Noun {
  if (typeof about === 'string' || 'noun' in about) return about;
  const { of, as } = about;
  const record = moved.find(({ id }) => id === of) ?? design.records[of];
  switch (record?.kind) {
    case 'item':
      return {
        noun: as ?? 'name',
        name: String(itemNumbers(design).get(of) ?? record.number ?? ''),
        item: record.name ?? { kind: record.type },
      };
    case 'opening':
      return noun(as ?? record.type, findOpening(design, of)!.name);
    case 'face':
      return noun(as ?? 'face', roomShape(design).byId.get(of)!.letter);
    case 'fixed':
      return as ? noun(as, '') : record.type;
    case 'service':
      return record.type;
    default:
      return named(of);
  }
}
