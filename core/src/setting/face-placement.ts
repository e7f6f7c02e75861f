import type { FacePlacement } from '../document/records';
import type { PlacedFace } from '../survey/placed-face';
import { quantise } from '../units/units';

/** A placement against a face with its left end at `along`, kept as a distance from the nearer end of the face. */
export function facePlacement(face: PlacedFace, along: number, width: number, off = 0): FacePlacement {
  const fromRight = face.length - along - width;
  const from = along <= fromRight + 1e-6 ? 'left' : 'right';
  return {
    on: 'face',
    face: face.id,
    from,
    distance: quantise(from === 'left' ? along : fromRight),
    off: quantise(off),
  };
}
