import { boundsOf } from '../geometry/polygon';
import type { Region } from '../geometry/region';
import type { TileShape } from '../surfaces/finishes';
import { lay } from './lay';
import { cellOf } from './pattern';
import { repeatOf } from './patterns';

/**
 * Where the first tile of a row starts so that the cuts at both ends are equal and as wide as can be: a joint in the middle, or a tile. `size` is
 * that of a tile, all in mm.
 */
export function evenStart(from: number, to: number, size: number, joint: number): number {
  const half = (to - from) / 2;
  const module = size + joint;
  const middle = from + half;
  /** What is cut at each end when the row goes out from so far beside the middle. */
  const cut = (beside: number) => {
    const left = (half - beside) % module;
    return left < 1e-6 || left > size - 1e-6 ? size : left;
  };
  const [onJoint, onTile] = [joint / 2, size / 2 + joint];
  const beside = cut(onJoint) >= cut(onTile) ? onJoint : onTile;
  return middle + beside - Math.ceil((half + beside) / module) * module;
}

/**
 * Sets tiles out in courses on a flat surface, places in mm across and up it: cuts at both ends of the first course equal, courses from the
 * lowest edge up (`level`) or with equal cuts as well. Regions have their outlines counter-clockwise, their holes clockwise. What can't be laid (more tiles than can be, or of no size) is
 * the surface in one.
 */
export function setOut(surface: Region, { long, high, joint, offset }: TileShape, level: boolean): Region[] {
  const { left, right, bottom, top } = boundsOf(surface.flat());
  const courses =
    offset === 0
      ? ({ type: 'grid' } as const)
      : { type: 'plank' as const, stagger: [0, offset * (long + joint)] };
  const cell = cellOf(repeatOf(courses), { w: long, h: high }, joint);
  const at = {
    x: evenStart(left, right, long, joint),
    y: level ? bottom : evenStart(bottom, top, high, joint),
  };
  const laid = cell.ok ? lay(surface, cell.value, { at, angle: 0 }) : cell;
  return laid.ok ? laid.value.pieces.map((piece) => piece.outline()) : [surface];
}
