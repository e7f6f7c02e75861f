import { roomOf, type Design } from '../document/design';
import { sectorOutline } from '../geometry/sector';
import { LEAST_OPEN } from '../geometry/tolerance';
import { faceBand } from '../setting/face-band';
import { HUNG } from '../setting/item-box';
import { isInTheWay, type Band } from '../setting/occupancy';
import { freeStretches, type FreeStretch } from '../setting/open-lengths';
import { doorSweeps, floorBefore, placedOpenings } from '../survey/openings';
import type { PlacedFace } from '../survey/placed-face';

/** Nothing is proposed so near before an opening of another face, mm. */
const BEFORE = 100;
/** A sweep as a polygon is drawn about its arc by corners so far apart, radians. */
const STEP = Math.PI / 72;

/** The stretches of a face in which a run can be proposed: free in its band, and out of the way of the openings of the other faces and of the doors that swing into the room. */
export function runStretches(design: Design, face: PlacedFace, band: Band): FreeStretch[] {
  // A top stands out before and past what carries it, and no door swings through it.
  const { frontOverhang, endOverhang, counterHeight } = roomOf(design);
  const carriesTop = band.low < HUNG && band.high <= counterHeight;
  const [out, past] = carriesTop ? [frontOverhang, endOverhang] : [0, 0];
  const [floor, under] = [faceBand(face, band.depth), faceBand(face, band.depth + out)];
  const kept = placedOpenings(design)
    .filter(({ record }) => isInTheWay(record, band))
    .flatMap((opening) => {
      const sweeps = doorSweeps(opening).map((sector) =>
        sectorOutline({ ...sector, radius: sector.radius / Math.cos(STEP / 2) }, STEP),
      );
      // What is before an opening of the face itself is taken already.
      const before = opening.face.id === face.id ? [] : [floorBefore(opening, opening.record.casing, BEFORE)];
      const by = { kind: 'opening' as const, id: opening.record.id };
      return [
        ...before.map((outline) => ({ taken: floor.ofPolygon(outline), past: 0 })),
        ...sweeps.map((outline) => ({ taken: under.ofPolygon(outline), past })),
      ].flatMap(({ taken, past: more }) =>
        taken ? [{ from: taken[0] - more, to: taken[1] + more, by }] : [],
      );
    });
  return kept.reduce<FreeStretch[]>(
    (free, { from, to, by }) =>
      free.flatMap((stretch) => {
        if (to <= stretch.from || from >= stretch.to) return [stretch];
        return [
          { ...stretch, to: from, right: by },
          { ...stretch, from: to, left: by },
        ]
          .filter((part) => part.to - part.from >= LEAST_OPEN)
          .map((part) => ({ ...part, length: part.to - part.from, alongFace: part.to - part.from }));
      }),
    freeStretches(design, face, band),
  );
}
