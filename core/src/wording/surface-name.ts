import type { RevealSide } from '../document/limits';
import type { FixedType } from '../document/fixture-types';
import { kindNames, type KindId } from './kind-names';
import { fixedNames } from './things';
import { uncapital } from './words';

export const revealSideNames: Record<RevealSide, string> = {
  back: 'back',
  left: 'left side',
  right: 'right side',
  sill: 'sill',
  head: 'head',
};

interface Surface {
  face: { letter: string } | null;
  reveal: { opening: { name: string }; side: RevealSide } | null;
  side: { called: SidedThing; upon: { edge?: number }; edges: number } | null;
}

/** What is tiled on its sides: something fixed, numbered where there are several; an item; the countertop that begins over one. */
export type SidedThing =
  { fixed: FixedType; number: number | null } | { item: KindId; number: number } | { topOver: number };

/** The sides of what has four, from its back on clockwise. */
const FOUR = ['back', 'right side', 'front', 'left side'];

/** What a thing whose sides are tiled is called. */
export function sidedName(thing: SidedThing): string {
  if ('topOver' in thing) return `Countertop over ${thing.topOver}`;
  if ('item' in thing) return `${kindNames[thing.item]} ${thing.number}`;
  return `${fixedNames[thing.fixed]}${thing.number === null ? '' : ` ${thing.number}`}`;
}

/** What a side of it is called. */
export function sideName({ upon: { edge }, edges }: NonNullable<Surface['side']>): string {
  if (edge === undefined) return 'top';
  return (edges === 4 && FOUR[edge]) || `side ${edge + 1}`;
}

/** What a surface that is tiled is called within a sentence. */
export const surfaceWithin = (surface: Surface): string =>
  surface.reveal ? surfaceName(surface) : uncapital(surfaceName(surface));

/** What a surface that is tiled is called: the floor, a face, a side of a hole or of a thing. */
export function surfaceName({ face, reveal, side }: Surface): string {
  if (side)
    return 'topOver' in side.called ? sidedName(side.called) : `${sidedName(side.called)}, ${sideName(side)}`;
  if (reveal) return `${reveal.opening.name}, ${revealSideNames[reveal.side]}`;
  return face ? `Face ${face.letter}` : 'Floor';
}
