import { perDesign, type Design } from '../document/design';
import { place, type Point } from '../geometry/point';
import { without, type Region } from '../geometry/region';
import { placedOpenings } from '../survey/openings';
import { roomShape, type PlacedFace } from '../survey/room-shape';
import { wallBacks, wallQuads } from '../survey/wall-outline';
import { across, drawOpening } from './draw-openings';
import { line, outline, TEXT, WEIGHT, type Primitive } from './primitives';

/** Half walls lower than this are seen from above rather than cut by the plan, mm. */
const CUT_HEIGHT = 1_200;

/** The cut walls: a band behind every face, cut through by the openings; half walls below the cut are not in it. */
export const wallRegion: (design: Design) => Region = perDesign((design) => {
  const { faces, outline: inner } = roomShape(design);
  const outer = wallBacks(faces).flatMap(({ before, after }) =>
    before === after ? [before] : [before, after],
  );
  const slots = placedOpenings(design)
    .filter(({ record }) => record.type !== 'niche')
    .map(({ face, left, right }) => across(face, left, right, -1, face.thickness + 1));
  const quads = wallQuads(faces).filter((_, index) => isLow(faces[index]!));
  return without([outer], [inner, ...slots, ...quads]);
});

function isLow({ wallHeight }: PlacedFace): boolean {
  return wallHeight !== null && wallHeight < CUT_HEIGHT;
}

/** Walls, openings and the letters of the faces. */
export function drawWalls(design: Design, scaleBy: number): Primitive[] {
  const { faces } = roomShape(design);
  const quads = wallQuads(faces);
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
        ? [{ ...outline('walls', quads[index]!, WEIGHT.object, 'drawing', 'paper'), source: face.id }]
        : [],
    ),
    ...faces.flatMap(linings),
    ...faces.flatMap((face) => letterOf(design, face, scaleBy)),
    ...placedOpenings(design).flatMap((opening) => drawOpening(opening, scaleBy)),
  ];
}

/** Where the build-up ends within a wall, on either side. */
function linings(face: PlacedFace): Primitive[] {
  const { lining = 0, backLining = 0 } = face.record;
  return [lining, backLining > 0 ? face.thickness - backLining : 0]
    .filter((behind) => behind > 0 && behind < face.thickness)
    .map((behind) => {
      const [a, b] = across(face, 0, face.length, behind, behind) as [Point, Point];
      return line('walls', [a, b], WEIGHT.thin, isLow(face) ? 'drawing' : 'paper');
    });
}

/** The letter of a face, in its wall, in the middle of the longest part without an opening. */
function letterOf(design: Design, face: PlacedFace, scaleBy: number): Primitive[] {
  const ends = placedOpenings(design).filter((opening) => opening.face === face);
  let at = 0;
  let best = { from: 0, to: 0 };
  for (const { left, right } of [...ends, { left: face.length, right: face.length }]) {
    if (left - at > best.to - best.from) best = { from: at, to: left };
    at = Math.max(at, right);
  }
  const size = Math.min(TEXT.normal, (face.thickness / scaleBy) * 0.62);
  return [
    {
      type: 'text',
      layer: 'walls',
      at: place(face.start, face.u, (best.from + best.to) / 2, face.n, -face.thickness / 2),
      text: face.letter,
      size,
      anchor: 'middle',
      turn: 0,
      ink: isLow(face) ? 'drawing' : 'paper',
      bold: true,
      source: face.id,
    },
  ];
}
