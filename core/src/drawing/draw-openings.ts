import { add, direction, place, scale, type Point } from '../geometry/point';
import { doorLeaves, type PlacedOpening } from '../survey/openings';
import type { PlacedFace } from '../survey/room-shape';
import { DASH, line, outline, TEXT, WEIGHT, type PathMark, type Primitive } from './primitives';

/** How far a casing stands off its face on the drawing, mm. */
const CASING_DEPTH = 18;

/** A rectangle on a face between two places along it, from `near` behind the face to `far` behind it. */
export function across(face: PlacedFace, left: number, right: number, near: number, far: number): Point[] {
  const at = (s: number, behind: number) => place(face.start, face.u, s, face.n, -behind);
  return [at(left, near), at(right, near), at(right, far), at(left, far)];
}

/** An opening in plan: what closes it, how it opens, its casing and its name. */
export function drawOpening(opening: PlacedOpening, scaleBy: number): Primitive[] {
  const { record } = opening;
  const marks = [...bodyOf(opening), ...casingOf(opening)].map((mark) => ({ ...mark, source: record.id }));
  return [...marks, nameOf(opening, scaleBy)];
}

function bodyOf(opening: PlacedOpening): Primitive[] {
  const { record, face, left, right } = opening;
  const { thickness } = face;
  switch (record.type) {
    case 'window':
      return drawWindow(opening);
    case 'niche':
      return [
        outline('openings', across(face, left, right, 0, record.depth), WEIGHT.top, 'drawing', 'paper'),
      ];
    case 'hatch': {
      const [a, b, c, d] = across(face, left, right, 0, thickness) as [Point, Point, Point, Point];
      return [
        outline('openings', [a, b, c, d], WEIGHT.top, 'drawing', 'paper'),
        line('openings', [a, c], WEIGHT.thin, 'drawing', DASH),
        line('openings', [b, d], WEIGHT.thin, 'drawing', DASH),
      ];
    }
    default:
      return [...threshold(opening), ...(record.type === 'door' ? drawDoor(opening) : [])];
  }
}

function threshold({ face, left, right }: PlacedOpening): PathMark[] {
  const [a, b, c, d] = across(face, left, right, 0, face.thickness) as [Point, Point, Point, Point];
  return [
    outline('openings', [a, b, c, d], 0, 'drawing', 'paper'),
    line('openings', [a, b], WEIGHT.thin, 'drawing', DASH),
    line('openings', [d, c], WEIGHT.thin, 'drawing', DASH),
  ];
}

/** Glass lines in the wall: one for fixed lights, a swing for a casement, two for a sash, two halves that pass for a slider. */
function drawWindow({ record, face, left, right }: PlacedOpening): Primitive[] {
  const { thickness } = face;
  const glass = (from: number, to: number, depth: number): PathMark => {
    const [a, b] = across(face, from, to, thickness * depth, thickness) as [Point, Point];
    return line('openings', [a, b], WEIGHT.thin, 'drawing');
  };
  const frame = outline('openings', across(face, left, right, 0, thickness), WEIGHT.top, 'drawing', 'paper');
  const width = right - left;
  switch (record.action) {
    case 'sash':
      return [frame, glass(left, right, 0.35), glass(left, right, 0.5), glass(left, right, 0.65)];
    case 'sliding':
      return [frame, glass(left, left + width * 0.55, 0.4), glass(right - width * 0.55, right, 0.6)];
    case 'casement':
      return [frame, glass(left, right, 0.3), glass(left, right, 0.7)];
    default:
      return [frame, glass(left, right, 0.5)];
  }
}

function drawDoor(opening: PlacedOpening): Primitive[] {
  const { record, face, left, right } = opening;
  const { thickness } = face;
  const panel = (from: number, to: number, behind: number, dashed = false): PathMark => ({
    ...outline(
      'openings',
      across(face, from, to, behind - record.leaf / 2, behind + record.leaf / 2),
      WEIGHT.object,
      'drawing',
      'paper',
    ),
    ...(dashed ? { dash: DASH, weight: WEIGHT.thin } : {}),
  });
  const width = right - left;
  switch (record.action) {
    case 'sliding':
      return [
        panel(left, left + width * 0.53, thickness / 2 - record.leaf * 0.6),
        panel(right - width * 0.53, right, thickness / 2 + record.leaf * 0.6),
      ];
    case 'pocket': {
      const slid = record.hinge === 'left' ? [left - width, left] : [right, right + width];
      return [panel(slid[0]!, slid[1]!, thickness / 2, true), panel(left, right, thickness / 2)];
    }
    case 'folding':
      return drawFolds(opening);
    default:
      return doorLeaves(opening).flatMap(({ hinge, width: wide, open, closed, from, sweep }): Primitive[] => {
        const tip = add(hinge, scale(direction(open), wide));
        const thick = scale(direction(closed), record.leaf);
        return [
          outline(
            'openings',
            [hinge, tip, add(tip, thick), add(hinge, thick)],
            WEIGHT.object,
            'drawing',
            'paper',
          ),
          {
            type: 'arc',
            layer: 'openings',
            centre: hinge,
            radius: wide,
            from,
            sweep,
            weight: WEIGHT.thin,
            ink: 'drawing',
          },
        ];
      });
  }
}

/** Two leaves folded half open: the fold swings out, the far edge runs along the track. */
function drawFolds(opening: PlacedOpening): Primitive[] {
  return doorLeaves(opening).flatMap(({ hinge, width, closed, from, sweep }): Primitive[] => {
    const towards = opening.record.swing === 'in' ? opening.face.n : scale(opening.face.n, -1);
    const along = direction(closed);
    const half = Math.SQRT1_2 * width;
    const fold = add(hinge, add(scale(along, half), scale(towards, half)));
    const end = add(hinge, scale(along, 2 * half));
    return [
      line('openings', [hinge, fold, end], WEIGHT.object, 'drawing'),
      {
        type: 'arc',
        layer: 'openings',
        centre: hinge,
        radius: width,
        from,
        sweep,
        weight: WEIGHT.thin,
        ink: 'drawing',
        dash: DASH,
      },
    ];
  });
}

function casingOf({ record, face, left, right }: PlacedOpening): PathMark[] {
  const { casing } = record;
  if (casing === 0) return [];
  return [
    across(face, left - casing, left, -CASING_DEPTH, 0),
    across(face, right, right + casing, -CASING_DEPTH, 0),
  ].map((ring) => outline('openings', ring, WEIGHT.thin, 'drawing', 'paper'));
}

function nameOf({ record, face, left, right, name }: PlacedOpening, scaleBy: number): Primitive {
  const { thickness } = face;
  const inWall = record.type === 'window' || record.type === 'niche' || record.type === 'hatch';
  return {
    type: 'text',
    layer: 'labels',
    at: place(
      face.start,
      face.u,
      (left + right) / 2,
      face.n,
      inWall ? -thickness / 2 : -thickness - 2.6 * scaleBy,
    ),
    text: name,
    size: TEXT.small,
    anchor: 'middle',
    turn: 0,
    ink: 'drawing',
    ground: true,
    source: record.id,
  };
}
