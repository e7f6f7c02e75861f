import type { Design } from '../document/design';
import { planView, uprightView, type OwnView } from './dimensions/own-dimensions';
import { CEILING, PLAN } from './dimensions/row-ways';
import { frameOf, roomViews } from './elevation/views';

/** Everything that dimensions and notes can be put on, by what it goes by in their records. */
export const ownViewIds = (design: Design): string[] => [
  PLAN,
  CEILING,
  ...roomViews(design).map(({ id }) => id),
];

/** A drawing of a room as what a person has put on it sees it; null where there is none of this id. */
export function ownView(design: Design, id: string): OwnView | null {
  if (id === PLAN || id === CEILING) return planView(id);
  const view = roomViews(design).find((one) => one.id === id);
  return view ? uprightView(id, frameOf(design, view)) : null;
}
