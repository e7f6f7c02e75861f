import type { Design } from '../document/design';
import { SAME_PLACE } from '../geometry/tolerance';
import type { Band } from '../setting/occupancy';
import type { PlacedFace } from '../survey/placed-face';
import { cornerChoices, type CornerChoice, type CornerParts } from './corner-choices';
import type { TakenEnds } from './face-segments';
import { cornerSides, openCorner, type CornerSide, type OpenCorner } from './open-corner';

/** How each corner between the faces of a line is filled, in walking order; null where no two runs come to it. */
export type Corners = readonly (CornerChoice | null)[];

/** A corner between two faces of a line, and every way to fill it. */
interface LineCorner {
  open: OpenCorner;
  filled: readonly CornerChoice[];
  empty: CornerChoice | null;
  least: Readonly<Record<CornerSide, number>>;
}

/** The corners between faces that follow one another; null where no two runs come to one. */
export function lineCorners(
  design: Design,
  faces: readonly PlacedFace[],
  band: Band,
  parts: CornerParts,
): (LineCorner | null)[] {
  return faces.slice(1).map((face, index) => {
    const open = openCorner(design, faces[index]!, face, band);
    return open && { open, ...cornerChoices(parts, open) };
  });
}

/** Every combination of ways to fill the corners that finds room on the faces between them; after them those that leave some empty. */
export function cornerWays(
  corners: readonly (LineCorner | null)[],
  faces: readonly PlacedFace[],
): Corners[][] {
  const combine = (waysOf: (corner: LineCorner) => readonly CornerChoice[]): Corners[] =>
    corners
      .reduce<Corners[]>(
        (all, corner) =>
          all.flatMap((before) => (corner ? waysOf(corner) : [null]).map((way) => [...before, way])),
        [[]],
      )
      .filter((ways) =>
        faces.every(({ length }, index) => {
          const { left, right } = takenOf(index, ways);
          return left + right <= length + SAME_PLACE;
        }),
      );
  const full = combine(({ filled }) => filled);
  const withEmpty = combine(({ filled, empty }) => (empty ? [...filled, empty] : filled));
  return withEmpty.length > full.length ? [full, withEmpty] : [full];
}

/** What corners that are filled take of the ends of a face. */
export function takenOf(index: number, corners: Corners): TakenEnds {
  const [before, after] = [corners[index - 1], corners[index]];
  return {
    left: before?.beginning ?? 0,
    right: after?.ending ?? 0,
    leftCorner: !!before,
    rightCorner: !!after,
  };
}

/** The first face on which no way to fill a corner of it finds room: what is free there, and the least that it would take, mm. */
export function tightFace(
  corners: readonly (LineCorner | null)[],
  faces: readonly PlacedFace[],
): { face: string; length: number; least: number } | undefined {
  for (const [index, corner] of corners.entries()) {
    if (!corner || corner.filled.length > 0 || corner.empty) continue;
    for (const side of cornerSides) {
      const least = corner.least[side];
      const beside = corner.open.free[side].filter(({ from }) => from < least);
      const length = Math.max(...beside.map(({ from, to }) => to - from));
      if (least > length)
        return { face: faces[side === 'ending' ? index : index + 1]!.letter, length, least };
    }
  }
  for (const [index, { letter, length }] of faces.entries()) {
    const least = (corners[index - 1]?.least.beginning ?? 0) + (corners[index]?.least.ending ?? 0);
    if (least > length + SAME_PLACE) return { face: letter, length, least };
  }
  return undefined;
}
