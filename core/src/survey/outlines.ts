import type { OutlineId } from '../wording/things';
import type { LengthUnit } from '../units/units';
import { isInchUnit, MM_PER_FOOT } from '../units/units';
import { toRadians } from '../units/angles';
import type { NewFace } from './make-room';

/** A quick outline: its faces walked clockwise from the top, with the inside angle (degrees) at the start of each and a usual length (in half metres or double feet). */
interface Outline {
  id: OutlineId;
  corners: readonly number[];
  usual: readonly number[];
}

/** The outlines a room can be started from. */
export const outlines = [
  { id: 'rectangle', corners: [90, 90, 90, 90], usual: [8, 6, 8, 6] },
  { id: 'l', corners: [90, 90, 90, 270, 90, 90], usual: [8, 4, 3, 4, 5, 8] },
  { id: 't', corners: [90, 90, 90, 270, 90, 90, 270, 90], usual: [10, 4, 3, 4, 4, 4, 3, 4] },
  { id: 'u', corners: [90, 90, 90, 90, 270, 270, 90, 90], usual: [10, 8, 3, 4, 4, 4, 3, 8] },
  {
    id: 'bay',
    corners: [90, 90, 270, 90, 90, 270, 90, 90],
    usual: [8, 1.5, 1, 3, 1, 1.5, 8, 6],
  },
  {
    id: 'splayed-bay',
    corners: [90, 90, 225, 135, 135, 225, 90, 90],
    usual: [8, 1, 1.2, 2.3, 1.2, 1, 8, 6],
  },
  { id: 'cut-corner', corners: [90, 135, 135, 90, 90], usual: [6, 2.83, 4, 8, 6] },
] as const satisfies readonly Outline[];

export type { OutlineId };

/** An outline as it lies: turned clockwise by quarter turns, after it was mirrored left to right. */
export interface ChosenOutline {
  id: OutlineId;
  turns: number;
  mirrored: boolean;
}

/**
 * The faces of a new room of this outline. `lengths`, mm, are lettered as the outline lies; those that are null follow from the
 * others. An outline's own angles are assumed: measured lengths may put it out of square.
 */
export function outlineFaces(
  { id, turns, mirrored }: ChosenOutline,
  lengths: readonly (number | null)[],
  unit: LengthUnit,
): NewFace[] {
  const { corners, usual } = laid(
    outlines.find((one) => one.id === id)!,
    turns,
    mirrored,
  );
  const unitLength = isInchUnit(unit) ? 2 * MM_PER_FOOT : 500;
  const known = corners.map((_, index) => lengths[index] ?? null);
  const ratios = known.flatMap((length, index) =>
    length === null ? [] : [length / (usual[index]! * unitLength)],
  );
  const grown = ratios.length > 0 ? ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length : 1;
  const guess = closing(
    corners,
    known,
    usual.map((length) => length * unitLength * grown),
  );
  return corners.map((corner, index) => ({
    length: known[index] ?? Math.max(100, guess[index]!),
    measured: known[index] !== null,
    corner: toRadians(corner),
    cornerMeasured: false,
  }));
}

/** How many faces an outline has. */
export function faceCount(id: OutlineId): number {
  return outlines.find((one) => one.id === id)!.corners.length;
}

function laid({ corners, usual }: Outline, turns: number, mirrored: boolean) {
  let faces = corners.map((corner, index) => ({ corner, usual: usual[index]! }));
  if (mirrored) {
    // Walked the other way round: a face's start is what was its end.
    const [first, ...rest] = faces.map((face, index) => ({
      ...face,
      corner: corners[(index + 1) % corners.length]!,
    }));
    faces = [first!, ...rest.reverse()];
  }
  const headings = headingsOf(faces.map(({ corner }) => corner));
  // The face that comes to run along the top when the outline is turned is walked first.
  const wanted = (90 * turns) % 360;
  const start = headings.findIndex((heading) => Math.abs(heading - wanted) < 1);
  const walked = start < 0 ? faces : [...faces.slice(start), ...faces.slice(0, start)];
  return { corners: walked.map(({ corner }) => corner), usual: walked.map((face) => face.usual) };
}

/** Direction of each face, degrees counter-clockwise in [0, 360), the first along the top. */
function headingsOf(corners: readonly number[]): number[] {
  let heading = 0;
  return corners.map((corner, index) => {
    if (index > 0) heading -= 180 - corner;
    return ((heading % 360) + 360) % 360;
  });
}

/** The lengths nearest to `usual` with which the unknown faces close the walk (least squares with two conditions). */
function closing(
  corners: readonly number[],
  known: readonly (number | null)[],
  usual: readonly number[],
): number[] {
  const ways = headingsOf(corners).map((heading) => [
    Math.cos(toRadians(heading)),
    Math.sin(toRadians(heading)),
  ]);
  let [gapX, gapY, xx, xy, yy] = [0, 0, 0, 0, 0];
  ways.forEach(([x, y], index) => {
    const length = known[index] ?? usual[index]!;
    gapX += length * x!;
    gapY += length * y!;
    if (known[index] != null) return;
    xx += x! * x!;
    xy += x! * y!;
    yy += y! * y!;
  });
  const whole = xx * yy - xy * xy;
  const [a, b] =
    whole > 1e-9
      ? [(yy * gapX - xy * gapY) / whole, (xx * gapY - xy * gapX) / whole]
      : [xx > 1e-9 ? gapX / xx : 0, yy > 1e-9 ? gapY / yy : 0];
  return ways.map(([x, y], index) => known[index] ?? usual[index]! - a * x! - b * y!);
}
