import type { OpeningRecord } from '../document/records';
import { add, direction, place, scale, type Point } from '../geometry/point';
import { holeDepth } from '../survey/hole-depth';
import { doorLeaves, type PlacedOpening } from '../survey/openings';
import { facePath } from '../survey/placed-face';
import { DASH, line, outline, WEIGHT, type PathMark, type Primitive } from './primitives';
import { rememberedMarks } from './remembered-marks';

/** How far a casing stands off its face on the drawing, mm. */
const CASING_DEPTH = 18;

/** A rectangle in the wall at an opening, between two places right of its left jamb, from `near` behind its face to `far` behind it. */
export function across(
  { at, u, n }: PlacedOpening,
  left: number,
  right: number,
  near: number,
  far: number,
): Point[] {
  const corner = (along: number, behind: number) => place(at, u, along, n, -behind);
  return [corner(left, near), corner(right, near), corner(right, far), corner(left, far)];
}

/** An opening in plan: what closes it, how it opens, and its casing. */
export function drawOpening(opening: PlacedOpening): readonly Primitive[] {
  return openingMarks(opening.record, { opening });
}

const openingMarks = rememberedMarks(
  ({ id: source }: OpeningRecord, { opening }: { opening: PlacedOpening }) =>
    [...bodyOf(opening), ...casingOf(opening)].map((mark) => ({ ...mark, source })),
);

function bodyOf(opening: PlacedOpening): Primitive[] {
  const { record } = opening;
  const { thickness } = opening.face;
  switch (record.type) {
    case 'window':
      return drawWindow(opening);
    case 'niche':
      return [outline('openings', nicheGround(opening), WEIGHT.top, 'drawing', 'paper')];
    case 'hatch': {
      const [a, b, c, d] = across(opening, 0, record.width, 0, thickness) as [Point, Point, Point, Point];
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

/** A niche in plan: along its wall, bent where that is, and its flat back. */
function nicheGround(opening: PlacedOpening): Point[] {
  const { face, left, right, record } = opening;
  const [, , backRight, backLeft] = across(opening, 0, record.width, 0, holeDepth(opening));
  return [...facePath(face, left, right), backRight!, backLeft!];
}

function threshold(opening: PlacedOpening): PathMark[] {
  const { record, face } = opening;
  const [a, b, c, d] = across(opening, 0, record.width, 0, face.thickness) as [Point, Point, Point, Point];
  return [
    outline('openings', [a, b, c, d], 0, 'drawing', 'paper'),
    line('openings', [a, b], WEIGHT.thin, 'drawing', DASH),
    line('openings', [d, c], WEIGHT.thin, 'drawing', DASH),
  ];
}

/** Glass lines in the wall: one for fixed lights, a swing for a casement, two for a sash, two halves that pass for a slider. */
function drawWindow(opening: PlacedOpening): Primitive[] {
  const { record } = opening;
  const { thickness } = opening.face;
  const { width } = record;
  const glass = (from: number, to: number, depth: number): PathMark => {
    const [a, b] = across(opening, from, to, thickness * depth, thickness) as [Point, Point];
    return line('openings', [a, b], WEIGHT.thin, 'drawing');
  };
  const frame = outline(
    'openings',
    across(opening, 0, record.width, 0, thickness),
    WEIGHT.top,
    'drawing',
    'paper',
  );
  switch (record.action) {
    case 'sash':
      return [frame, glass(0, width, 0.35), glass(0, width, 0.5), glass(0, width, 0.65)];
    case 'sliding':
      return [frame, glass(0, width * 0.55, 0.4), glass(width * 0.45, width, 0.6)];
    case 'casement':
      return [frame, glass(0, width, 0.3), glass(0, width, 0.7)];
    default:
      return [frame, glass(0, width, 0.5)];
  }
}

function drawDoor(opening: PlacedOpening): Primitive[] {
  const { record } = opening;
  const { thickness } = opening.face;
  const { width } = record;
  const panel = (from: number, to: number, behind: number, dashed = false): PathMark => ({
    ...outline(
      'openings',
      across(opening, from, to, behind - record.leaf / 2, behind + record.leaf / 2),
      WEIGHT.object,
      'drawing',
      'paper',
    ),
    ...(dashed ? { dash: DASH, weight: WEIGHT.thin } : {}),
  });
  switch (record.action) {
    case 'sliding':
      return [
        panel(0, width * 0.53, thickness / 2 - record.leaf * 0.6),
        panel(width * 0.47, width, thickness / 2 + record.leaf * 0.6),
      ];
    case 'pocket': {
      const slid = record.hinge === 'left' ? [-width, 0] : [width, 2 * width];
      return [panel(slid[0]!, slid[1]!, thickness / 2, true), panel(0, width, thickness / 2)];
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
    const towards = opening.record.swing === 'in' ? opening.n : scale(opening.n, -1);
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

function casingOf(opening: PlacedOpening): PathMark[] {
  const { casing, width } = opening.record;
  if (casing === 0) return [];
  return [
    across(opening, -casing, 0, -CASING_DEPTH, 0),
    across(opening, width, width + casing, -CASING_DEPTH, 0),
  ].map((ring) => outline('openings', ring, WEIGHT.thin, 'drawing', 'paper'));
}
