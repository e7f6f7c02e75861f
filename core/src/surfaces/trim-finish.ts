import { recordOf, type Design } from '../document/design';
import { finishAlong } from './finish-of';
import { finishNamed, type Finish } from './finishes';
import type { TrimPiece } from './trim-piece';

/** What a trim is finished with: along cabinets as the fronts there, a capping as the lining it is on, any other as the room says. */
export function trimFinish(design: Design, { along, use }: TrimPiece): Finish | null {
  const items = 'items' in along ? along.items.map(({ item }) => item) : [];
  const lining = use === 'capping' && 'fixed' in along ? recordOf(design, 'fixed', along.fixed) : null;
  return finishNamed(design, lining?.finish) ?? finishAlong(design, 'trim', items);
}
