import { perDesign, type Design } from '../document/design';
import { without, type Region } from '../geometry/region';
import { placedOpenings } from '../survey/openings';
import { facePath, isLow, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { wallOutside, wallRings } from '../survey/wall-outline';
import { across, drawOpening } from './draw-openings';
import { line, outline, WEIGHT, type Primitive } from './primitives';

/** The cut walls: a band behind every face, cut through by the openings; half walls below the cut are not in it. */
export const wallRegion: (design: Design) => Region = perDesign((design) => {
  const { faces, outline: inner } = roomShape(design);
  const slots = placedOpenings(design)
    .filter(({ record }) => record.type !== 'niche')
    .map((opening) => {
      const beyond = opening.bulge + 1;
      return across(opening, 0, opening.record.width, -beyond, opening.face.thickness + beyond);
    });
  const low = faces.some(isLow) ? wallRings(faces).filter((_, index) => isLow(faces[index]!)) : [];
  return without([wallOutside(faces)], [inner, ...slots, ...low]);
});

/** Walls and openings. */
export function drawWalls(design: Design): Primitive[] {
  const { faces } = roomShape(design);
  const rings = faces.some(isLow) ? wallRings(faces) : [];
  const walls: Primitive = {
    type: 'path',
    layer: 'walls',
    rings: wallRegion(design),
    closed: true,
    weight: WEIGHT.cut,
    ink: 'drawing',
    fill: 'poche',
  };
  return [
    walls,
    ...faces.flatMap((face, index) =>
      isLow(face)
        ? [{ ...outline('walls', rings[index]!, WEIGHT.object, 'drawing', 'paper'), source: face.id }]
        : [],
    ),
    ...faces.flatMap(linings),
    ...placedOpenings(design).flatMap(drawOpening),
  ];
}

/** Where the build-up ends within a wall, on either side. */
function linings(face: PlacedFace): Primitive[] {
  const { lining = 0, backLining = 0 } = face.record;
  return [lining, backLining > 0 ? face.thickness - backLining : 0]
    .filter((behind) => behind > 0 && behind < face.thickness)
    .map((behind) =>
      line('walls', facePath(face, 0, face.length, -behind), WEIGHT.thin, isLow(face) ? 'drawing' : 'paper'),
    );
}
