import { Equals, IsBoolean, IsInt } from 'class-validator';
import { lengthUnits, type LengthUnit } from '../../units/units';
import {
  Between,
  Millimetres,
  OneOf,
  Optional,
  Profile,
  Radians,
  RecordId,
  SomeOf,
  Words,
} from '../decorators';
import {
  LEAST_CEILING,
  LEAST_CORNER_UNCERTAINTY,
  LEAST_UNCERTAINTY,
  LEAST_WALL,
  MOST_CORNER_UNCERTAINTY,
  MOST_HEIGHT,
  LEAST_SLAB,
  MOST_OVERHANG,
  MOST_SLAB,
  MOST_UNCERTAINTY,
  MOST_WALL,
  packIds,
  rulePackIds,
  LEAST_USER,
  MOST_COOKS,
  MOST_USER,
  behindSeats,
  type BehindSeats,
  edgeProfiles,
  doorStyles,
  handleStyles,
  MOST_FINISH,
  LEAST_SPLASH_THICKNESS,
  MOST_PLINTH_BACK,
  MOST_PLINTH_OUT,
  MOST_SPLASH,
  MOST_SPLASH_THICKNESS,
  type EdgeProfile,
  type PackId,
  type RulePackId,
  type TrimProfile,
  type DoorStyle,
  type HandleStyle,
} from '../limits';

/** What the room is finished with, and how its fronts are made, where a thing has nothing of its own. */
export class RoomFinishes {
  /** What is finished with what, where a thing has no finish of its own. */
  @Optional() @Words(1, MOST_FINISH) frontFinish?: string;
  @Optional() @Words(1, MOST_FINISH) boxFinish?: string;
  @Optional() @Words(1, MOST_FINISH) endFinish?: string;
  @Optional() @Words(1, MOST_FINISH) plinthFinish?: string;
  @Optional() @Words(1, MOST_FINISH) handleFinish?: string;
  @Optional() @Words(1, MOST_FINISH) trimFinish?: string;
  @Optional() @Words(1, MOST_FINISH) topFinish?: string;
  @Optional() @Words(1, MOST_FINISH) splashFinish?: string;
  @Optional() @Words(1, MOST_FINISH) dressingFinish?: string;
  @Optional() @Words(1, MOST_FINISH) floorFinish?: string;
  @Optional() @Words(1, MOST_FINISH) wallFinish?: string;
  @Optional() @Words(1, MOST_FINISH) ceilingFinish?: string;
  /** How fronts are made, and what they are taken hold of by; as the range makes them and by a bar unless given. */
  @Optional() @OneOf(doorStyles) doorStyle?: DoorStyle;
  @Optional() @OneOf(handleStyles) handleStyle?: HandleStyle;
}

/** The room itself: how it is named, measured and shown, and the standard heights decided for it. */
export class RoomRecord extends RoomFinishes {
  @Equals('room') kind!: 'room';
  @RecordId() id!: string;
  @Words(1, 80) name!: string;
  /** The number it goes by on the drawings of the job. */
  @Optional() @Words(1, 12) number?: string;
  @OneOf(lengthUnits) unit!: LengthUnit;
  /** Rounding step of shown lengths, mm. */
  @Millimetres(0.01, 100) step!: number;
  @Millimetres(LEAST_CEILING, MOST_HEIGHT) ceilingHeight!: number;
  /** Thickness of the walls drawn behind the faces. */
  @Millimetres(LEAST_WALL, MOST_WALL) wallThickness!: number;
  /** Standard height of the finished countertop above the floor. */
  @Millimetres(500, 1_500) counterHeight!: number;
  @Millimetres(3, 150) topThickness!: number;
  /** How far the top stands past the box at the front, and at a free end. */
  @Millimetres(0, MOST_OVERHANG) frontOverhang!: number;
  @Millimetres(0, MOST_OVERHANG) endOverhang!: number;
  /** The slabs or blanks that tops are cut from; the usual size unless given. */
  @Optional() @Millimetres(LEAST_SLAB, MOST_SLAB) slabLength?: number;
  @Optional() @Millimetres(LEAST_SLAB, MOST_SLAB) slabWidth?: number;
  /** How the free edges of tops are worked; eased unless given. */
  @Optional() @OneOf(edgeProfiles) edgeProfile?: EdgeProfile;
  /** How high the splash is that tops carry at walls; none unless given. How thick it is. */
  @Optional() @Millimetres(0, MOST_SPLASH) splashHeight?: number;
  @Optional() @Millimetres(LEAST_SPLASH_THICKNESS, MOST_SPLASH_THICKNESS) splashThickness?: number;
  /** Whether it goes up to what hangs over it behind what is cooked on. */
  @Optional() @IsBoolean() splashAtCooking?: boolean;
  /** How far plinths stand back behind the fronts of boxes; as their range builds unless given. */
  @Optional() @Millimetres(-MOST_PLINTH_OUT, MOST_PLINTH_BACK) plinthBack?: number;
  /** The trims along cabinets and walls; a plain skirting and no others unless given. */
  @Optional() @Profile('cornice') cornice?: TrimProfile<'cornice'>;
  @Optional() @Profile('lightRail') lightRail?: TrimProfile<'lightRail'>;
  @Optional() @Profile('skirting') skirting?: TrimProfile<'skirting'>;
  @Optional() @Profile('cove') cove?: TrimProfile<'cove'>;
  @Optional() @Profile('capping') capping?: TrimProfile<'capping'>;
  /** What a taped length and a measured corner are trusted to (one standard deviation): mm and radians. */
  @Millimetres(LEAST_UNCERTAINTY, MOST_UNCERTAINTY) lengthUncertainty!: number;
  @Radians(LEAST_CORNER_UNCERTAINTY, MOST_CORNER_UNCERTAINTY) cornerUncertainty!: number;
  /** The practice the room is planned by. */
  @OneOf(packIds) pack!: PackId;
  /** The packs of rules it is checked by, where those are not the usual ones of its practice. */
  @Optional() @SomeOf(rulePackIds) packs?: RulePackId[];
  /** How many people cook in it at once; one unless given. */
  @Optional() @IsInt() @Between(1, MOST_COOKS) cooks?: number;
  /** How tall the one is who works here most; not known unless given. */
  @Optional() @Millimetres(LEAST_USER, MOST_USER) userHeight?: number;
  /** What people do behind those who sit at a counter; not known unless given. */
  @Optional() @OneOf(behindSeats) behindSeats?: BehindSeats;
  /** The range taken from unless another is chosen. */
  @RecordId() range!: string;
  /** Whether cabinets may be ordered in widths their range does not list; without it, edits keep to the listed ones. */
  @Optional() @IsBoolean() specials?: boolean;
  /** The stored picture that the cover of its set shows; the plan unless given. */
  @Optional() @RecordId() coverFile?: string;
  /** Where north is: turned so far to the left from the top of the plan. The top unless given. */
  @Optional() @Radians(-3.1416, 3.1416) north?: number;
}
