import type { Design } from '../document/design';
import type { Placement } from '../document/records';
import { distance, dot, place, subtract, type Point } from '../geometry/point';
import type { PlacedFace } from '../survey/placed-face';
import { facePlacement } from './face-placement';
import type { Landing, Setting } from './landing';
import { freeAlong, islandBacks, ledgesFor, type Ledge } from './ledges';
import { standing } from './shift-item';
import { onStep } from './whole-steps';

/** The first free place along the edge a setting belongs to, along that of a chosen item or face before others; null where it belongs to none, or none is free. */
export function nextOnLedge(design: Design, setting: Setting, besideId?: string): Landing | null {
  const isBeside = ({ boxes }: Ledge) =>
    boxes.some(({ id, against }) => id === besideId || (against && against.face.id === besideId));
  const ledges = ledgesFor(design, setting).sort((a, b) => Number(isBeside(b)) - Number(isBeside(a)));
  for (const ledge of ledges)
    for (const free of freeAlong(design, ledge, setting)) {
      const width = cutTo(setting, free.to - free.from);
      if (width !== null) return landed(ledge, free.from, width, setting);
    }
  return null;
}

/** The place along the edge a setting belongs to that is nearest to a point, if its middle comes within reach of it, mm; on one face only where that is asked for. */
export function hugLedge(
  design: Design,
  setting: Setting,
  wanted: Point,
  { snap, reach, face }: { snap: number; reach: number; face?: PlacedFace },
): Landing | null {
  const ledges = ledgesFor(design, setting).filter(
    ({ boxes: [{ against }] }) => !face || against?.face.id === face.id,
  );
  return nearestOn(design, ledges, setting, wanted, { snap, reach, ...(face ? { face } : {}) });
}

/** Back to back with what stands free, its front outwards, where a point is within reach of a place there; null where none is. */
export function backToBack(
  design: Design,
  setting: Setting,
  wanted: Point,
  snap: number,
  reach: number,
): Landing | null {
  return nearestOn(design, islandBacks(design, setting), setting, wanted, { snap, reach });
}

function nearestOn(
  design: Design,
  ledges: readonly Ledge[],
  setting: Setting,
  wanted: Point,
  { snap, reach, face }: { snap: number; reach: number; face?: PlacedFace },
): Landing | null {
  let best: Landing | null = null;
  let nearest = reach;
  for (const ledge of ledges) {
    const { start, u, n, length } = ledge;
    if (!face) {
      // Wherever along it something is set, its middle is no nearer than this: most are too far off to be looked at.
      const along = Math.min(Math.max(dot(subtract(wanted, start), u), 0), length);
      if (distance(place(start, u, along, n, setting.depth / 2), wanted) > nearest) continue;
    }
    for (const free of freeAlong(design, ledge, setting)) {
      const width = cutTo(setting, free.to - free.from);
      if (width === null) continue;
      const last = free.to - width;
      const from = dot(subtract(wanted, start), u) - width / 2;
      const at =
        from < free.from + snap
          ? free.from
          : from > last - snap
            ? last
            : Math.min(last, onStep(design, from));
      const middle = place(start, u, at + width / 2, n, setting.depth / 2);
      const away = face ? Math.abs(at - from) : distance(middle, wanted);
      if (away > nearest) continue;
      nearest = away;
      best = landed(ledge, at, width, setting);
    }
  }
  return best;
}

/** The width something has in a free stretch, mm: cut where it is longer and is being set; null where it does not go in. */
function cutTo({ width, edge, except }: Setting, free: number): number | null {
  if (width <= free + 1e-6) return width;
  return edge && !except && free >= edge.least ? free : null;
}

function landed(ledge: Ledge, along: number, width: number, setting: Setting): Landing {
  const [first] = ledge.boxes;
  const at =
    ledge.boxes.findLast((box) => dot(subtract(box.origin, ledge.start), ledge.u) <= along + 1e-6) ?? first;
  return {
    placement: placementOn(ledge, along, width),
    caught: { by: setting.edge ? 'edge' : 'beside', id: at.id },
    ...(setting.edge ? { up: ledge.up } : {}),
    ...(width < setting.width - 1e-6 ? { width } : {}),
  };
}

/** Against the face its cabinets stand against, where that is straight and it stands off it along it; else free on the floor. */
function placementOn(
  { boxes: [{ against }], start, u, n, off }: Ledge,
  along: number,
  width: number,
): Placement {
  if (against && !against.face.arc && off > 0) {
    const from = dot(subtract(start, against.face.start), against.face.u);
    return facePlacement(against.face, from + along, width, off);
  }
  return standing(place(start, u, along, n, 0), Math.atan2(u.y, u.x));
}
