import { designOf, type Design } from '../document/design';
import { LEAST_CEILING, LEAST_FACE, MOST_FACE, MOST_HEIGHT } from '../document/limits';
import type { FaceRecord, RoomRecord } from '../document/records';
import type { Result } from '../result';
import { checkDesign } from './check-design';
import { faceLetter } from './room-shape';
import { toRadians } from '../units/angles';
import { isInchUnit, quantise, type LengthUnit } from '../units/units';
import { firstRefusal, within } from '../document/within';

/** What a new room starts from. Lengths mm. */
export interface NewRoom {
  name: string;
  unit: LengthUnit;
  step: number;
  ceilingHeight: number;
  /** Faces A to D, clockwise; C and D may be null when only two were taped. */
  lengths: readonly [number, number, number | null, number | null];
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

/**
 * A new four-sided room. With two lengths it is a rectangle; a third and fourth length are met exactly, and then the
 * corners are as near square as the lengths allow.
 */
export function makeRoom({ name, unit, step, ceilingHeight, lengths }: NewRoom): Result<Design> {
  const wrong = firstRefusal(
    ...lengths.flatMap((length, index) =>
      length === null ? [] : [within(`Face ${faceLetter(index)}`, length, LEAST_FACE, MOST_FACE)],
    ),
    within('The ceiling height', ceilingHeight, LEAST_CEILING, MOST_HEIGHT),
  );
  if (wrong) return wrong;
  const room: RoomRecord = {
    kind: 'room',
    id: 'room',
    name: name.trim() || 'Room',
    unit,
    step,
    ceilingHeight: quantise(ceilingHeight),
    ...roomStandards(unit),
  };
  const faces = lengths.map((length, index): FaceRecord => {
    const opposite = lengths[index - 2] ?? lengths[index]!;
    return {
      kind: 'face',
      id: `face-${faceLetter(index).toLowerCase()}`,
      length: quantise(length ?? opposite),
      lengthFrom: length === null ? 'outline' : 'measured',
      corner: Math.PI / 2,
      cornerFrom: 'assumed',
    };
  });
  return checkDesign(
    designOf([room, { kind: 'loop', id: 'loop', faces: faces.map(({ id }) => id) }, ...faces]),
  );
}
