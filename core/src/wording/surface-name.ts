import type { RevealSide } from '../document/limits';
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
}

/** What a surface that is tiled is called within a sentence. */
export const surfaceWithin = (surface: Surface): string =>
  surface.reveal ? surfaceName(surface) : uncapital(surfaceName(surface));

/** What a surface that is tiled is called: the floor, a face, a side of a hole. */
export function surfaceName({ face, reveal }: Surface): string {
  if (reveal) return `${reveal.opening.name}, ${revealSideNames[reveal.side]}`;
  return face ? `Face ${face.letter}` : 'Floor';
}
