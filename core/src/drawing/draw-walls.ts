import { perDesign, styleOf, type Design } from '../document/design';
import type { FaceRecord } from '../document/records';
import { without, type Region } from '../geometry/region';
import { openingsOn, placedOpenings } from '../survey/openings';
import { facePath, facePoint, frameAt, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { wallOutside, wallRings } from '../survey/wall-outline';
import { formatLength } from '../units/format-length';
import type { LengthStyle } from '../units/units';
import { readingTurn } from './reading-turn';
import { textWidth } from './text-layout';
import { across, drawOpening } from './draw-openings';
import { line, outline, TEXT, WEIGHT, type Primitive } from './primitives';
import { rememberedMarks } from './remembered-marks';

/** Half walls lower than this are seen from above rather than cut by the plan, mm. */
const CUT_HEIGHT = 1_200;
/** How far behind its wall the note of a face stands, paper mm. */
const BEHIND = 2.6;

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

function isLow({ wallHeight }: PlacedFace): boolean {
  return wallHeight !== null && wallHeight < CUT_HEIGHT;
}

/** Walls, openings and the letters of the faces. */
export function drawWalls(design: Design, scaleBy: number): Primitive[] {
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
    ...faces.flatMap((face) => lettersOf(design, face, scaleBy)),
    ...placedOpenings(design).flatMap((opening) => drawOpening(opening, scaleBy)),
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

/** The middle of the longest part of a face without an opening, mm along it. */
function clearPlace(design: Design, face: PlacedFace): number {
  const ends = openingsOn(design, face.id);
  let at = 0;
  let best = { from: 0, to: 0 };
  for (const { left, right } of [...ends, { left: face.length, right: face.length }]) {
    if (left - at > best.to - best.from) best = { from: at, to: left };
    at = Math.max(at, right);
  }
  return (best.from + best.to) / 2;
}

/** What is written on a face: its letter, and a note. */
function lettersOf(design: Design, face: PlacedFace, scaleBy: number): readonly Primitive[] {
  return letterMarks(face.record, { face, along: clearPlace(design, face), scaleBy, style: styleOf(design) });
}

interface Lettered {
  face: PlacedFace;
  along: number;
  scaleBy: number;
  style: LengthStyle;
}

const letterMarks = rememberedMarks((_: FaceRecord, { face, along, scaleBy, style }: Lettered) => [
  letterOf(face, along, scaleBy),
  ...noteOf(face, along, scaleBy, style),
]);

/** What can't be seen of a wall in plan, noted behind it: how its face is bent, the height and cap of a half wall, its own finish. One that is longer than its face at this scale is left away. */
function noteOf(face: PlacedFace, along: number, scaleBy: number, style: LengthStyle): Primitive[] {
  const { arc, record, thickness, wallHeight } = face;
  const shown = (mm: number) => formatLength(mm, style);
  const parts = [
    ...(arc ? [`R ${shown(arc.radius)}`, `depth ${shown(Math.abs(record.bend!))}`] : []),
    ...(wallHeight === null ? [] : [`${shown(wallHeight)} high`]),
    ...(wallHeight !== null && record.cap ? [`cap ${shown(record.cap)}`] : []),
    ...(record.finish ? [record.finish] : []),
  ];
  const text = parts.join(', ');
  if (text === '' || textWidth(text, TEXT.normal) * scaleBy > face.length) return [];
  const { u } = frameAt(face, along);
  return [
    {
      type: 'text',
      layer: 'dimensions',
      at: facePoint(face, along, -thickness - BEHIND * scaleBy),
      text,
      size: TEXT.normal,
      anchor: 'middle',
      turn: readingTurn(Math.atan2(u.y, u.x)),
      ink: 'measure',
      ground: true,
      source: face.id,
    },
  ];
}

/** The letter of a face, in its wall. */
function letterOf(face: PlacedFace, along: number, scaleBy: number): Primitive {
  const size = Math.min(TEXT.normal, (face.thickness / scaleBy) * 0.62);
  return {
    type: 'text',
    layer: 'walls',
    at: facePoint(face, along, -face.thickness / 2),
    text: face.letter,
    size,
    anchor: 'middle',
    turn: 0,
    ink: isLow(face) ? 'drawing' : 'paper',
    bold: true,
    source: face.id,
  };
}
