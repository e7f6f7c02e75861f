import type { Design } from '../document/design';
import { isAlike, remember } from '../document/remember';
import type { EdgeProfile } from '../document/limits';
import { dot, subtract, unit, type Point } from '../geometry/point';
import { contains, signedArea } from '../geometry/polygon';
import { without } from '../geometry/region';
import { findBox, itemBoxes, type ItemBox } from '../setting/item-box';
import type { Solid } from '../solids/solids';
import { workedParts, type WorkedPart } from '../surfaces/edge-profiles';
import { finishAlong } from '../surfaces/finish-of';
import type { Finish } from '../surfaces/finishes';
import { tops } from '../surfaces/tops';
import { bowl, tap } from './fixture-parts';
import { grained, joined, prism, stacked, type Mesh } from './mesh';
import { profiledLayers } from './profiled-layers';
import type { SceneGroup } from './scene-part';
import { plan, rectangle } from './shapes';

/** A countertop, a splash on it, where it goes down to the floor, or a plinth. */
export function surfaceGroup(design: Design, solid: Solid): SceneGroup {
  const part = solid.of === 'plinth' ? 'plinth' : solid.of === 'splash' ? 'splash' : 'top';
  const finish = finishAlong(design, part, solid.carriers ?? [solid.id]);
  if (solid.of !== 'top') return standing(solid, { finish });
  // Its grain runs along what carries it.
  const { u } = findBox(design, solid.id) ?? { u: { x: 1, y: 0 } };
  return makeTop(solid, { bowls: bowlsIn(design, solid), u, finish, worked: workedOf(design, solid) });
}

/** The outline of a countertop by how its edges are worked; nothing where none of them is otherwise than square. */
function workedOf(design: Design, { footprint, carriers }: Solid): WorkedPart[] {
  const top = tops(design).find(({ outline }) => outline.some((ring) => isAlike(ring, footprint)));
  const ring = top?.rings.find(({ outline }) => isAlike(outline, footprint));
  const worked = ring ? workedParts(design, ring, carriers ?? []) : [];
  return worked.some(({ profile }) => profile && SHAPED.has(profile)) ? worked : [];
}

const SHAPED: ReadonlySet<EdgeProfile> = new Set(['eased', 'bevelled', 'rounded'] as const);

/** What stands on a top or goes down from it, of the same stuff, and plinths: their grain lies along them, or runs on down. */
const standing = remember((solid: Solid, { finish }: { finish: Finish | null }): SceneGroup => {
  const { of, id, footprint, low, high } = solid;
  const [a] = footprint as [Point];
  // Along its longest edge: one that a wall cuts off may begin anywhere.
  const along = footprint.map((from, index) => subtract(footprint[(index + 1) % footprint.length]!, from));
  const u = unit(along.reduce((long, one) => (dot(one, one) > dot(long, long) ? one : long)));
  const mesh = grained(prism(footprint, low, high), of === 'waterfall' ? [0, 0, 1] : [u.x, u.y, 0]);
  return {
    key: `${of} ${id} ${[a.x, a.y, low].map((at) => at.toFixed(2)).join(' ')}`,
    source: id,
    of: of === 'plinth' ? 'item' : 'top',
    parts: [{ substance: of === 'plinth' ? 'plinth' : 'top', ...(finish && { finish }), mesh }],
  };
});

/** A countertop with the bowls that are let into it. */
const makeTop = remember(
  (
    solid: Solid,
    { bowls, u, finish, worked }: { bowls: Bowl[]; u: Point; finish: Finish | null; worked: WorkedPart[] },
  ): SceneGroup => {
    const holes = bowls.map(({ own, across, out }) =>
      rectangle(across[0], across[1], out[0], out[1]).map(({ x, y }) => plan(own, x, y)),
    );
    const region = holes.length === 0 ? [[...solid.footprint]] : without([solid.footprint], holes);
    const outers = region.filter((ring) => signedArea(ring) > 0);
    const inners = region.filter((ring) => signedArea(ring) < 0);
    // What is cut out over an edge takes its profile along.
    const whole = outers.length === 1 && inners.length === holes.length;
    const layers = whole && worked.length > 0 ? profiledLayers(worked, solid) : null;
    const mesh: Mesh = layers
      ? stacked(layers, inners)
      : joined(...outers.map((ring) => prism(ring, solid.low, solid.high, { holes: inners })));
    const lain = grained(mesh, [u.x, u.y, 0]);
    const fitted = bowls.flatMap(({ own, across, out, loose }) =>
      loose
        ? []
        : [
            ...bowl(own, across, out, solid.low, 'steel'),
            ...tap(own, (across[0] + across[1]) / 2, out[0] * 0.45, solid.high),
          ],
    );
    return {
      key: `top ${solid.carriers!.join(' ')}`,
      source: solid.id,
      of: 'top',
      parts: [{ substance: 'top', ...(finish && { finish }), mesh: lain }, ...fitted],
    };
  },
);

interface Bowl {
  own: ItemBox;
  across: [number, number];
  out: [number, number];
  /** An item of its own, that brings its bowl. */
  loose: boolean;
}

/** The bowls of a countertop: those of its sink bases, and sinks and basins let into it. */
function bowlsIn(design: Design, { carriers, low, high, footprint }: Solid): Bowl[] {
  const carried = new Set(carriers);
  const boxes = itemBoxes(design);
  const loose = boxes.filter(
    (own) =>
      own.kind.symbol === 'sink-bowl' && own.high > low - 1 && own.low < high && touches(own, footprint),
  );
  const bases = boxes.filter(
    (own) =>
      own.kind.symbol === 'sink' &&
      carried.has(own.id) &&
      !loose.some((one) => near(one.origin, own.origin, own.record.width)),
  );
  return [
    ...loose.map((own): Bowl => {
      const { width, depth } = own.record;
      return { own, across: [32, width - 32], out: [depth * 0.2 + 2, depth - 32], loose: true };
    }),
    ...bases.map((own): Bowl => {
      const { width, depth } = own.record;
      const margin = Math.min(80, width * 0.1);
      return { own, across: [margin, width - margin], out: [depth * 0.22, depth - 60], loose: false };
    }),
  ];
}

const near = (a: Point, b: Point, by: number) => Math.hypot(a.x - b.x, a.y - b.y) < by;

function touches(own: ItemBox, ring: readonly Point[]): boolean {
  return contains(ring, plan(own, own.record.width / 2, own.record.depth / 2));
}
