import { perDesign, styleOf, type Design } from '../../document/design';
import type { ServiceType } from '../../document/fixture-types';
import { ellipse } from '../../geometry/ellipse';
import type { Point } from '../../geometry/point';
import { findBox } from '../../setting/item-box';
import { roughIns } from '../../setting/rough-ins';
import { placedServices } from '../../survey/services';
import { isInchUnit, MM_PER_INCH } from '../../units/units';
import { rectangleOf, tilingOf } from './tiled-around';
import type { ZoneSurface } from './zone-surface';

/** A hole that a service needs in the tiles it comes through: its middle and its outline, walked clockwise, in a zone's places, mm. */
export interface ServiceHole {
  type: ServiceType;
  at: Point;
  ring: Point[];
}

/** Usual holes, mm: how wide a round one is; of a floor drain as wide as the flange of a toilet or the frame of a trap. */
const ROUND: Partial<Record<ServiceType, number>> = {
  ...{ cold: 30, hot: 30, gas: 40, drain: 60, light: 70 },
  ...{ socket: 70, switch: 70, data: 70, extract: 125, vent: 125 },
};
const FLANGE = 110;
/** Boxes of sockets and switches where rooms are measured in inches, mm. */
const BOX = { wide: 2.25 * MM_PER_INCH, high: 3.5 * MM_PER_INCH };
const BOXED: readonly ServiceType[] = ['socket', 'switch', 'data'];
/** A service comes out of the floor or a wall where it is no further from it, mm; and one that was surveyed so near to where an item needs it is that. */
const AT = 1;
const SAME = 60;

interface Outlet {
  type: ServiceType;
  /** In plan. */
  at: Point;
  up: number;
  /** The face it comes out of, and how far along it; null for the floor. */
  face: { letter: string; along: number } | null;
}

/** Every service that comes out of the floor or a wall: those that were surveyed, and those that items need behind or under them where tiles go on there. */
const outlets: (design: Design) => readonly Outlet[] = perDesign((design) => {
  const surveyed = placedServices(design).flatMap(({ record: { type, up }, at, against }): Outlet[] => {
    if (against) return [{ type, at, up, face: { letter: against.face.letter, along: against.along } }];
    return up < AT ? [{ type, at, up, face: null }] : [];
  });
  const needed = roughIns(design).flatMap(({ item, type, at, up, against, supply }): Outlet[] => {
    if ((supply && supply.off < SAME) || tilingOf(findBox(design, item)!) === 'around') return [];
    if (up < AT) return [{ type, at, up, face: null }];
    const isIn = against !== null && Math.abs(against.out) < AT;
    return isIn ? [{ type, at, up, face: { letter: against.letter, along: against.along } }] : [];
  });
  return [...surveyed, ...needed];
});

/** The holes of services in a surface. */
export function serviceHoles(design: Design, { face, apart, zero, fromPlan }: ZoneSurface): ServiceHole[] {
  if (apart) return [];
  const isInch = isInchUnit(styleOf(design).unit);
  return outlets(design).flatMap(({ type, at, up, face: out }): ServiceHole[] => {
    if ((out?.letter ?? null) !== (face?.letter ?? null)) return [];
    const centre = out ? { x: out.along - zero, y: up } : fromPlan(at);
    return [{ type, at: centre, ring: holeAt(type, centre, out === null, isInch) }];
  });
}

function holeAt(type: ServiceType, { x, y }: Point, isFloor: boolean, isInch: boolean): Point[] {
  if (isInch && !isFloor && BOXED.includes(type)) {
    const [w, h] = [BOX.wide / 2, BOX.high / 2];
    return rectangleOf({ left: x - w, right: x + w, bottom: y - h, top: y + h }).reverse();
  }
  const radius = (isFloor && type === 'drain' ? FLANGE : ROUND[type]!) / 2;
  return ellipse(radius, radius, 24)
    .map((off) => ({ x: x + off.x, y: y + off.y }))
    .reverse();
}
