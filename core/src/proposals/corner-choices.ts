import { named, type Noun } from '../nouns';
import type { RunBand } from '../document/limits';
import type { FacePlacement, Side } from '../document/records';
import { bandFillers, bandGroups } from '../ranges/bands';
import type { ConstructionMethod } from '../ranges/construction';
import { hasLegs } from '../ranges/handing';
import { kindOf } from '../ranges/kinds';
import type { ShelfItem } from '../ranges/range';
import type { EndFillers } from './request';

/** An item set in a corner: so far from it along one of its faces, which is the one that ends there or the one that begins. */
export interface CornerItem {
  item: ShelfItem;
  /** Made to this width where it is a filler. */
  width: number;
  on: 'ending' | 'beginning';
  fromCorner: number;
  off: number;
  hand: Side;
}

/** A way to fill an inside corner between two runs. */
export interface CornerChoice {
  name: Noun;
  items: readonly CornerItem[];
  /** How much of the face that ends here, and of the one that begins, it takes, mm. */
  ending: number;
  beginning: number;
  /** Total width of the fillers, mm. */
  filler: number;
}

/** The narrowest door that is of use in a blind corner, mm. */
const LEAST_DOOR = 250;
/** A blind cabinet is pulled off the corner by no more than this, mm. */
const MOST_PULL = 200;

/**
 * Every way the items of a range fill a square inside corner between runs of one depth: a cabinet with legs along both walls; a blind
 * one on either wall, pulled off the corner as far as its door needs, with fillers on both sides; at last none, with a filler at the end of each run.
 */
export function cornerChoices(
  shelf: readonly ShelfItem[],
  band: RunBand,
  { depth, height }: { depth: number; height: number },
  { proud }: ConstructionMethod,
  { corner: { least: corner } }: Pick<EndFillers, 'corner'>,
): { filled: CornerChoice[]; empty: CornerChoice | null } {
  const own = shelf.filter(
    ({ type, height: high }) => kindOf(type).group === bandGroups[band] && Math.abs(high - height) < 1,
  );
  const strip = shelf.find(({ type }) => type === bandFillers[band]);
  const blindStrip = shelf.find(({ type }) => type === 'filler-blind');
  const legs = own
    .filter((item) => hasLegs(kindOf(item.type)) && Math.abs(item.width - item.depth) < 1)
    .map((item): CornerChoice => ({
      name: named(item.name),
      items: [{ item, width: item.width, on: 'ending', fromCorner: 0, off: 0, hand: 'right' }],
      ending: item.width,
      beginning: item.depth,
      filler: 0,
    }));
  if (!strip) return { filled: legs, empty: null };
  const beside = proud + corner;
  const closing = (on: CornerItem['on'], hand: Side): CornerItem => ({
    item: strip,
    width: beside,
    on,
    fromCorner: depth,
    off: 0,
    hand,
  });
  const blind = own
    .filter(({ type, depth: deep }) => kindOf(type).blind && Math.abs(deep - depth) < 1)
    .flatMap((item): CornerChoice[] => {
      const pull = Math.max(0, depth + beside + LEAST_DOOR - item.width);
      if (pull > MOST_PULL) return [];
      return (['ending', 'beginning'] as const).map((on) => {
        const hand = on === 'ending' ? 'right' : 'left';
        const other = on === 'ending' ? 'beginning' : 'ending';
        const strips: CornerItem[] = [closing(other, on === 'ending' ? 'left' : 'right')];
        if (blindStrip && band === 'base')
          strips.push({
            item: blindStrip,
            width: corner,
            on,
            fromCorner: depth + proud,
            off: depth,
            hand,
          });
        return {
          name: named(item.name),
          items: [{ item, width: item.width, on, fromCorner: pull, off: 0, hand }, ...strips],
          ending: on === 'ending' ? pull + item.width : depth + beside,
          beginning: on === 'ending' ? depth + beside : pull + item.width,
          filler: strips.reduce((sum, { width }) => sum + width, 0),
        };
      });
    });
  return {
    filled: [...legs, ...blind],
    empty: {
      name: 'empty-corner',
      items: [closing('ending', 'right'), closing('beginning', 'left')],
      ending: depth + beside,
      beginning: depth + beside,
      filler: 2 * beside,
    },
  };
}

/** Where a corner's item stands, against the face it is on. */
export function cornerPlacement(
  { on, fromCorner, off }: CornerItem,
  faces: { ending: string; beginning: string },
): FacePlacement {
  return { on: 'face', face: faces[on], from: on === 'ending' ? 'right' : 'left', distance: fromCorner, off };
}
