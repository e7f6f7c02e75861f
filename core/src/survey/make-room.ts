import { usualNames } from '../wording/things';
import { noun } from '../nouns';
import { designOf, type Design } from '../document/design';
import { LEAST_CEILING, LEAST_FACE, MOST_FACE, MOST_HEIGHT } from '../document/limits';
import type { FaceRecord, RoomRecord } from '../document/records';
import type { Result } from '../result';
import { checkDesign } from './check-design';
import { faceLetter } from './face-letters';
import { toRadians } from '../units/angles';
import { isInchUnit, quantise, type LengthUnit } from '../units/units';
import { firstRefusal, within } from '../document/within';

/** What a new room starts from. Lengths mm. */
export interface NewRoom {
  name: string;
  unit: LengthUnit;
  step: number;
  ceilingHeight: number;
  /** The job's range, where it has chosen one. */
  range?: string;
  /** Whether the studio lets it have widths its range does not list. */
  specials?: boolean;
  /** Its faces, clockwise. */
  faces: readonly NewFace[];
}

/** A face of a new room: its length, mm, and the inside angle at its start, radians; each measured, or only taken until it is. */
export interface NewFace {
  length: number;
  measured: boolean;
  corner: number;
  cornerMeasured: boolean;
  /** How far it is bent out of the room, mm; into it where negative. */
  bend?: number;
}

/** The standard sizes a job of these units starts with, mm. */
export function roomStandards(unit: LengthUnit) {
  return isInchUnit(unit)
    ? ({
        wallThickness: 4.75 * 25.4,
        counterHeight: 36 * 25.4,
        topThickness: 1.5 * 25.4,
        frontOverhang: 1.5 * 25.4,
        endOverhang: 25.4,
        lengthUncertainty: 25.4 / 16,
        cornerUncertainty: toRadians(0.2),
        pack: 'inch-residential',
        range: 'saltbox',
      } as const)
    : ({
        wallThickness: 120,
        counterHeight: 900,
        topThickness: 30,
        frontOverhang: 40,
        endOverhang: 20,
        lengthUncertainty: 2,
        cornerUncertainty: toRadians(0.2),
        pack: 'metric-residential',
        range: 'fathom',
      } as const);
}

/** A new room of these faces. Measured lengths are met exactly; corners that were not measured are as near theirs as the lengths allow. */
export function makeRoom({
  name,
  unit,
  step,
  ceilingHeight,
  range,
  specials,
  faces,
}: NewRoom): Result<Design> {
  const wrong = firstRefusal(
    ...faces.map(({ length }, index) =>
      within(noun('face', faceLetter(index)), length, LEAST_FACE, MOST_FACE),
    ),
    within('ceiling-height', ceilingHeight, LEAST_CEILING, MOST_HEIGHT),
  );
  if (wrong) return wrong;
  const room: RoomRecord = {
    kind: 'room',
    id: 'room',
    name: name.trim() || usualNames.room,
    unit,
    step,
    ceilingHeight: quantise(ceilingHeight),
    ...roomStandards(unit),
    ...(range ? { range } : {}),
    ...(specials ? { specials } : {}),
  };
  const records = faces.map(({ length, measured, corner, cornerMeasured, bend }, index): FaceRecord => ({
    kind: 'face',
    id: `face-${faceLetter(index).toLowerCase()}`,
    length: quantise(length),
    lengthFrom: measured ? 'measured' : 'outline',
    corner,
    cornerFrom: cornerMeasured ? 'measured' : 'assumed',
    ...(bend ? { bend: quantise(bend) } : {}),
  }));
  return checkDesign(
    designOf([room, { kind: 'loop', id: 'loop', faces: records.map(({ id }) => id) }, ...records]),
  );
}
