import { inward } from '../geometry/point';
import type { Lamp } from './light/lamps';
import { box, prism, slab, type Frame } from './mesh';
import type { ScenePart } from './scene-part';
import { circle } from './shapes';

/** Of a ceiling lamp: its radius, how far it stands under the ceiling, and its ring. Mm. */
const RADIUS = 110;
const DEEP = 32;
const RIM = 14;
/** How thick a strip is; how far over the light it gives it ends. */
const STRIP = 10;
const OVER = 2;

/** A lamp as it is seen: what shines of it, and what holds that. */
export function lampParts({ kind, from, to, half, way }: Lamp, up: number): ScenePart[] {
  const [x, y, z] = from;
  if (kind === 'ceiling') {
    const [outer, inner] = [circle(x, y, RADIUS), circle(x, y, RADIUS - RIM)];
    return [
      { substance: 'enamel', mesh: prism(outer, up - DEEP, up, { holes: [inner], round: true }) },
      { substance: 'light', mesh: prism(inner, up - DEEP + 4, up, { round: true }) },
    ];
  }
  if (kind === 'under') {
    const long = Math.hypot(to[0] - x, to[1] - y);
    const u = { x: (to[0] - x) / long, y: (to[1] - y) / long };
    const frame: Frame = { origin: { x, y }, u, n: inward(u) };
    return [
      {
        substance: 'light',
        mesh: box(frame, [0, long], [-half, half], [z + OVER, z + OVER + STRIP]),
      },
    ];
  }
  // On a wall: a plate, and a shade that shines to the room.
  const n = { x: way[0], y: way[1] };
  const u = { x: -n.y, y: n.x };
  const deep = 108;
  const frame: Frame = { origin: { x: x - n.x * (deep + 2), y: y - n.y * (deep + 2) }, u, n };
  return [
    { substance: 'metal', mesh: slab(frame, circle(0, z, 55), [0, 14], { round: true }) },
    { substance: 'light', mesh: slab(frame, circle(0, z, half + 20), [40, deep], { round: true }) },
    { substance: 'metal', mesh: slab(frame, circle(0, z, 12), [14, 40], { round: true }) },
  ];
}
