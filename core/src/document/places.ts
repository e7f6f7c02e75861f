import { Equals } from 'class-validator';
import { Millimetres, NestedBy, OneOf, Radians, RecordId } from './decorators';
import { MOST_FACE, MOST_ITEM } from './limits';

/** Where records stand: a place on a face, a placement against a face or free on the floor. Lengths mm, angles radians. */

export type Side = 'left' | 'right';
export type Placement = FacePlacement | FloorPlacement;

/** A place on a face: so far from its left or right end; zero is the corner itself. */
export class FacePlace {
  @RecordId() face!: string;
  @OneOf(['left', 'right']) from!: Side;
  @Millimetres(0, MOST_FACE) distance!: number;
}

/** Against a face: distance from one end of the face to the item's nearer end, and how far off the face it stands. */
export class FacePlacement {
  @Equals('face') on!: 'face';
  @RecordId() face!: string;
  @OneOf(['left', 'right']) from!: Side;
  @Millimetres(-MOST_FACE, MOST_FACE) distance!: number;
  @Millimetres(-MOST_ITEM, MOST_FACE) off!: number;
}

/** Free on the floor: the place of its back left corner, and the direction its back runs in, left to right seen from the front. */
export class FloorPlacement {
  @Equals('floor') on!: 'floor';
  @Millimetres(-200_000, 200_000) x!: number;
  @Millimetres(-200_000, 200_000) y!: number;
  @Radians(-6.2832, 6.2832) turn!: number;
}

/** A corner of an outline, in the frame of the thing it is the outline of: along its back from the left end, and out from it. */
export class OutlinePlace {
  @Millimetres(0, MOST_FACE) along!: number;
  @Millimetres(0, MOST_FACE) out!: number;
}

/** A placement against a face or free on the floor, told apart by `on`. */
export function IsPlacement(): PropertyDecorator {
  return NestedBy('on', { face: FacePlacement, floor: FloorPlacement });
}
