import type { RevealSide } from '../document/limits';
import { frameAt, facePoint } from '../survey/placed-face';
import { holeDepth, WINDOW_DEEP, WINDOW_MIDDLE } from '../survey/hole-depth';
import type { PlacedOpening } from '../survey/openings';
import { box, joined, slab, type Frame, type Mesh } from './mesh';
import type { Motion, ScenePart } from './scene-part';
import { rectangle } from './shapes';

/** A window's frame: how wide it shows; its pane. Mm. */
const FRAME = 50;
const PANE = 6;
/** A casing stands out of the face, a lining in the hole is so thick. */
const CASING = 18;
const LINING = 25;
/** How far a door opens when it is shown open. */
const OPEN = Math.PI / 2;

/** What closes an opening and what stands about it, in a frame along the chord of its hole; no boards on those of its sides that are tiled. */
export function openingParts(opening: PlacedOpening, tiled: readonly RevealSide[] = []): ScenePart[] {
  const { record, left, right, face } = opening;
  const { type, sill, height, casing, leaf } = record;
  const [from, to] = [facePoint(face, left), facePoint(face, right)];
  const wide = Math.hypot(to.x - from.x, to.y - from.y);
  const u = { x: (to.x - from.x) / wide, y: (to.y - from.y) / wide };
  const frame: Frame = face.arc
    ? { origin: from, u, n: { x: u.y, y: -u.x } }
    : { ...frameAt(face, left), origin: from };
  const top = sill + height;
  const parts: ScenePart[] = [];
  if (casing > 0) {
    const outer = rectangle(-casing, wide + casing, sill < 1 ? 0 : sill - casing, top + casing);
    const inner = rectangle(0, wide, sill, top);
    // A door's casing stands on the floor, so its hole is open below.
    const ring =
      sill < 1
        ? [outer[0]!, inner[0]!, inner[3]!, inner[2]!, inner[1]!, outer[1]!, outer[2]!, outer[3]!]
        : outer;
    parts.push({
      substance: 'joinery',
      mesh: slab(frame, ring, [0, CASING], sill < 1 ? {} : { holes: [inner] }),
    });
  }
  if (type === 'niche') return parts;
  parts.push({
    substance: 'joinery',
    mesh: lining(frame, wide, [sill, top], (side) => [
      -face.thickness,
      tiled.includes(side) ? -holeDepth(opening) : 0,
    ]),
  });
  if (type === 'window') parts.push(...window(opening, frame, wide));
  else if (type === 'door' || type === 'hatch') parts.push(...leaves(opening, frame, wide, leaf));
  return parts;
}

/** A board on a side of a hole: from where to where along it and up, mm. */
type Board = [side: RevealSide, along: [number, number], up: [number, number]];

/** Boards that line the hole: a sill and head, and a jamb at each side. */
function lining(
  frame: Frame,
  wide: number,
  [low, high]: readonly [number, number],
  out: (side: RevealSide) => [number, number],
): Mesh {
  const across: [number, number] = [0, wide];
  const boards: Board[] = [
    ['left', [0, LINING], [low, high]],
    ['right', [wide - LINING, wide], [low, high]],
    ['head', across, [high - LINING, high]],
    ...(low > 1 ? [['sill', across, [low, low + LINING]] satisfies Board] : []),
  ];
  return joined(
    ...boards.flatMap(([side, along, up]) => {
      const deep = out(side);
      return deep[1] > deep[0] ? [box(frame, along, deep, up)] : [];
    }),
  );
}

function window({ record, face }: PlacedOpening, frame: Frame, wide: number): ScenePart[] {
  const { sill, height, action } = record;
  const [low, high] = [sill + LINING, sill + height - LINING];
  const [left, right] = [LINING, wide - LINING];
  const middle = -face.thickness * WINDOW_MIDDLE;
  const lights =
    action === 'sash'
      ? [
          [left, right, low, (low + high) / 2],
          [left, right, (low + high) / 2, high],
        ]
      : action === 'sliding'
        ? [
            [left, (left + right) / 2, low, high],
            [(left + right) / 2, right, low, high],
          ]
        : [[left, right, low, high]];
  return lights.flatMap(([a, b, c, d]): ScenePart[] => {
    const rim = Math.min(FRAME, (b! - a!) / 5, (d! - c!) / 5);
    const hole = rectangle(a! + rim, b! - rim, c! + rim, d! - rim);
    const sash = slab(
      frame,
      rectangle(a!, b!, c!, d!),
      [middle - WINDOW_DEEP / 2, middle + WINDOW_DEEP / 2],
      {
        holes: [hole],
      },
    );
    return [
      { substance: 'joinery', mesh: sash },
      { substance: 'glass', mesh: slab(frame, hole, [middle - PANE / 2, middle + PANE / 2]) },
    ];
  });
}

/** Leaves in the plane of the face they open to; sliding ones one before the other. */
function leaves({ record, face }: PlacedOpening, frame: Frame, wide: number, thick: number): ScenePart[] {
  const { sill, height, action, hinge, swing, type } = record;
  const [low, high] = [
    sill + (type === 'door' ? 8 : 2) + (sill > 1 ? LINING : 0),
    sill + height - LINING - 2,
  ];
  const [left, right] = [LINING + 2, wide - LINING - 2];
  const middle = (left + right) / 2;
  const inside = swing === 'in';
  const out: [number, number] = inside ? [-thick, 0] : [-face.thickness, thick - face.thickness];
  const leaf = (from: number, to: number, side: 'left' | 'right', at = out): ScenePart[] => {
    const axis = side === 'left' ? from : to;
    const away = (side === 'left') === inside ? -1 : 1;
    const { origin, u, n } = frame;
    const edge = inside ? at[1] : at[0];
    const about = [origin.x + u.x * axis + n.x * edge, origin.y + u.y * axis + n.y * edge, 0] as const;
    const moves: Motion = { turns: { about, axis: [0, 0, 1], by: away * OPEN } };
    const grip = side === 'left' ? to - 60 : from + 60;
    const up = type === 'door' ? 1_000 : (low + high) / 2;
    const handles = [at[1], at[0] - 45].map((face) =>
      box(frame, [grip - 55, grip + 10], [face + 30, face + 45], [up - 8, up + 8]),
    );
    const feet = box(frame, [grip - 8, grip + 8], [at[0] - 40, at[1] + 40], [up - 8, up + 8]);
    return [
      { substance: 'joinery', mesh: panelled(frame, from, to, low, high, at), moves },
      { substance: 'metal', mesh: joined(...handles, feet), moves },
    ];
  };
  if (action === 'double' || action === 'folding')
    return [...leaf(left, middle - 1, 'left'), ...leaf(middle + 1, right, 'right')];
  if (action === 'sliding') {
    const half = -face.thickness / 2;
    return [
      ...leaf(left, middle + 20, 'left', [half, half + thick])
        .slice(0, 1)
        .map(still),
      ...leaf(middle - 20, right, 'right', [half - thick - 4, half - 4])
        .slice(0, 1)
        .map(still),
    ];
  }
  if (action === 'pocket') {
    const half = -face.thickness / 2;
    return leaf(left, right, hinge, [half - thick / 2, half + thick / 2])
      .slice(0, 1)
      .map(still);
  }
  return leaf(left, right, hinge);
}

const still = ({ substance, mesh }: ScenePart): ScenePart => ({ substance, mesh });

/** A leaf with two sunk panels on both its faces. */
function panelled(
  frame: Frame,
  left: number,
  right: number,
  low: number,
  high: number,
  [back, front]: readonly [number, number],
): Mesh {
  const rail = Math.min(110, (right - left) / 4);
  const split = low + (high - low) * 0.42;
  if (high - low < 900 || right - left < 300)
    return slab(frame, rectangle(left, right, low, high), [back, front]);
  const panels = [
    rectangle(left + rail, right - rail, low + rail * 1.6, split - rail / 2),
    rectangle(left + rail, right - rail, split + rail / 2, high - rail),
  ];
  return joined(
    slab(frame, rectangle(left, right, low, high), [back, front], { holes: panels }),
    ...panels.map((panel) => slab(frame, panel, [back + 10, front - 10])),
  );
}
