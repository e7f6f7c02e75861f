import { perDesign, roomOf, type Design } from '../document/design';
import { cross, place, scale, subtract, add, type Point } from '../geometry/point';
import { without, type Region } from '../geometry/region';
import { doorLeaf, placedOpenings, type PlacedOpening } from '../survey/openings';
import { roomShape, type PlacedFace } from '../survey/room-shape';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive } from './primitives';

/** The cut walls: a band behind every face, cut through by the openings. */
export const wallRegion: (design: Design) => Region = perDesign((design) => {
  const { faces, outline: inner } = roomShape(design);
  const { wallThickness } = roomOf(design);
  const outer = faces.map((face, index) => outerCorner(faces.at(index - 1)!, face, wallThickness));
  const slots = placedOpenings(design).map(({ face, left, right }) =>
    across(face, left, right, -1, wallThickness + 1),
  );
  return without([outer], [inner, ...slots]);
});

/** Where the outsides of two walls meet: the offset lines' crossing; for walls in line, straight behind the corner. */
function outerCorner(before: PlacedFace, after: PlacedFace, thickness: number): Point {
  const turn = cross(before.u, after.u);
  const a = place(before.start, before.u, 0, before.n, -thickness);
  const b = place(after.start, after.u, 0, after.n, -thickness);
  if (Math.abs(turn) < 1e-6) return b;
  return add(a, scale(before.u, cross(subtract(b, a), after.u) / turn));
}

/** A rectangle through a wall between two places along its face, from `near` behind the face to `far` behind it. */
function across(face: PlacedFace, left: number, right: number, near: number, far: number): Point[] {
  const at = (s: number, behind: number) => place(face.start, face.u, s, face.n, -behind);
  return [at(left, near), at(right, near), at(right, far), at(left, far)];
}

/** Walls, openings and the letters of the faces. */
export function drawWalls(design: Design, scaleBy: number): Primitive[] {
  const region = wallRegion(design);
  const { wallThickness } = roomOf(design);
  const walls: Primitive = {
    type: 'path',
    layer: 'walls',
    rings: region,
    closed: true,
    weight: WEIGHT.cut,
    ink: 'drawing',
    fill: 'poche',
  };
  return [
    walls,
    ...roomShape(design).faces.flatMap((face) => letterOf(design, face, wallThickness, scaleBy)),
    ...placedOpenings(design).flatMap((opening) => drawOpening(opening, wallThickness, scaleBy)),
  ];
}

/** The letter of a face, in its wall, in the middle of the longest part without an opening. */
function letterOf(design: Design, face: PlacedFace, thickness: number, scaleBy: number): Primitive[] {
  const ends = placedOpenings(design).filter((opening) => opening.face === face);
  let at = 0;
  let best = { from: 0, to: 0 };
  for (const { left, right } of [...ends, { left: face.length, right: face.length }]) {
    if (left - at > best.to - best.from) best = { from: at, to: left };
    at = Math.max(at, right);
  }
  const size = Math.min(TEXT.normal, (thickness / scaleBy) * 0.62);
  const where = place(face.start, face.u, (best.from + best.to) / 2, face.n, -thickness / 2);
  return [
    {
      type: 'text',
      layer: 'walls',
      at: where,
      text: face.letter,
      size,
      anchor: 'middle',
      turn: 0,
      ink: 'paper',
      bold: true,
      source: face.id,
    },
  ];
}

function drawOpening(opening: PlacedOpening, thickness: number, scaleBy: number): Primitive[] {
  const { record, face, left, right, name } = opening;
  const source = record.id;
  const rectangle = (near: number, far: number) => across(face, left, right, near, far);
  const [a, b, c, d] = rectangle(0, thickness) as [Point, Point, Point, Point];
  const label: Primitive = {
    type: 'text',
    layer: 'labels',
    at: place(
      face.start,
      face.u,
      (left + right) / 2,
      face.n,
      record.type === 'window' ? -thickness / 2 : -thickness - 2.6 * scaleBy,
    ),
    text: name,
    size: TEXT.small,
    anchor: 'middle',
    turn: 0,
    ink: 'drawing',
    ground: true,
    source,
  };
  if (record.type === 'window') {
    const [p, q] = rectangle(thickness * 0.3, 0) as [Point, Point];
    const [r, s] = rectangle(thickness * 0.7, 0) as [Point, Point];
    return [
      { ...outline('openings', [a, b, c, d], WEIGHT.top, 'drawing', 'paper'), source },
      { ...line('openings', [p, q], WEIGHT.thin, 'drawing'), source },
      { ...line('openings', [r, s], WEIGHT.thin, 'drawing'), source },
      label,
    ];
  }
  const threshold: Primitive[] = [
    { ...outline('openings', [a, b, c, d], 0, 'drawing', 'paper'), source },
    { ...line('openings', [a, b], WEIGHT.thin, 'drawing', DASH), source },
    { ...line('openings', [d, c], WEIGHT.thin, 'drawing', DASH), source },
  ];
  return record.type === 'cased' ? [...threshold, label] : [...threshold, ...drawLeaf(opening), label];
}

/** The leaf at a right angle to its wall, and the quarter circle its edge sweeps. */
function drawLeaf(opening: PlacedOpening): Primitive[] {
  const { record, face } = opening;
  const { hinge, open } = doorLeaf(opening);
  const towards = record.hinge === 'left' ? 1 : -1;
  const inside = scale(face.u, towards * record.leaf);
  const inward = record.swing === 'in';
  const starts = record.hinge === 'left' ? (inward ? -Math.PI / 2 : 0) : inward ? Math.PI : Math.PI / 2;
  return [
    {
      ...outline(
        'openings',
        [hinge, open, add(open, inside), add(hinge, inside)],
        WEIGHT.object,
        'drawing',
        'paper',
      ),
      source: record.id,
    },
    {
      type: 'arc',
      layer: 'openings',
      centre: hinge,
      radius: record.width,
      from: face.turn + starts,
      sweep: Math.PI / 2,
      weight: WEIGHT.thin,
      ink: 'drawing',
      source: record.id,
    },
  ];
}
