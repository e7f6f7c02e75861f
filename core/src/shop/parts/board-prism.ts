import type { Point } from '../../geometry/point';
import type { Axis, Board, Span } from './board';

/** The two directions across each, in the order x, y, z. */
export const across: Readonly<Record<Axis, readonly [Axis, Axis]>> = {
  x: ['y', 'z'],
  y: ['x', 'z'],
  z: ['x', 'y'],
};

/** The body of a board in its cabinet, mm: an outline, told by the two directions across another, between two places along that. */
export interface Prism {
  along: Axis;
  ring: readonly Point[];
  span: Span;
}

/** The body of a board: on its outline in plan, but for what is of another outline, or leans. */
export function prismOf(one: Board): Prism {
  const along = alongOf(one);
  const [a, b] = across[along];
  const ring = one.ring ?? [
    { x: one[a][0], y: one[b][0] },
    { x: one[a][1], y: one[b][0] },
    { x: one[a][1], y: one[b][1] },
    { x: one[a][0], y: one[b][1] },
  ];
  return { along, ring: ring.map((at) => fromFrame(one, at)), span: one[along] };
}

/** The direction that the outline of a board's body lies across. */
const alongOf = ({ ring, thin, frame }: Board): Axis => (ring ? thin : (frame?.about ?? 'z'));

/** A place in a board's own frame, in that of its cabinet. */
function fromFrame({ frame }: Board, at: Point): Point {
  if (!frame) return at;
  const { origin, u } = frame;
  return { x: origin.x + u.x * at.x - u.y * at.y, y: origin.y + u.y * at.x + u.x * at.y };
}
