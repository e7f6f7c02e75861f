import { perDesign, roomOf, type Design } from '../document/design';
import type { DimensionEnd } from '../document/records';
import type { Point } from '../geometry/point';
import { endsIn, placeOfEnd } from './dimensions/ends';
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

/** A place that a dimension can be tied to, and where it is on a drawing, mm. */
export interface SeenEnd {
  end: DimensionEnd;
  at: Point;
}

/** How far behind what is looked at something is still of it, mm: the walls of openings and what is let in. */
const BEHIND = 400;

/** The places that dimensions on a drawing can be tied to: of an upright view those of what it looks at. */
export function endsOn(design: Design, id: string): readonly SeenEnd[] {
  const known = endsByView(design);
  let ends = known.get(id);
  if (!ends) known.set(id, (ends = seenEnds(design, id)));
  return ends;
}
const endsByView = perDesign(() => new Map<string, readonly SeenEnd[]>());

function seenEnds(design: Design, id: string): SeenEnd[] {
  const view = ownView(design, id);
  if (!view) return [];
  const upright = roomViews(design).find((one) => one.id === id);
  const frame = upright && frameOf(design, upright);
  // The room itself is pressed in its middle: its area is told there.
  const room = { of: roomOf(design).id, along: 0.5, out: 0.5, up: 0 };
  const ends = upright ? endsIn(design, 'before') : [...endsIn(design, 'above'), room];
  return ends.flatMap((end): SeenEnd[] => {
    const place = placeOfEnd(design, end);
    if (!place) return [];
    if (!frame) return [{ end, at: view.project(place) }];
    const { along, out } = frame.project(place.at);
    const isSeen = out > -BEHIND && out <= frame.cut + 1 && along >= -1 && along <= frame.length + 1;
    return isSeen ? [{ end, at: { x: along, y: place.up } }] : [];
  });
}
