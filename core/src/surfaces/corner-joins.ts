import { groupedBy } from '../document/grouped';
import { add, cross, dot, place, scale, subtract, type Point } from '../geometry/point';
import { hasLegs } from '../ranges/handing';
import type { ItemBox } from '../setting/item-box';
import type { Run } from '../setting/runs';
import type { PlacedFace } from '../survey/placed-face';
import { BACK_REACH, deepest } from './run-strip';
import { SAME_PLACE, TOUCH } from '../geometry/tolerance';
import type { KeyedPolygon } from './top-edge';

/** The least and the most that an inside corner measures which a top is carried round, radians (20 to 170 degrees). */
const LEAST_TURN = (20 * Math.PI) / 180;
const MOST_TURN = (170 * Math.PI) / 180;

/** An end of a run near the end of a straight face it stands against. */
export interface RunEnd {
  run: Run;
  face: PlacedFace;
  side: 'left' | 'right';
  /** From the face's corner to the boxes, mm. */
  free: number;
  /** From the face to the boxes' front line, and how far the top stands out past it, mm. */
  front: number;
  over: number;
  /** How far what fills the corner takes of the next face, mm; 0 where that is no corner cabinet. */
  beyond: number;
}

/** The ends of a run that stands against one straight face. */
export function endsOf(run: Run, frontOverhang: number): RunEnd[] {
  const face = run[0]!.against?.face;
  if (!face || face.arc || run.some(({ against }) => against?.face.id !== face.id)) return [];
  const [first, last] = [run[0]!, run.at(-1)!];
  const front = dot(subtract(first.origin, face.start), face.n) + deepest(run);
  const end = (box: ItemBox, side: 'left' | 'right', free: number): RunEnd => {
    const inCorner = box.record.leg !== undefined && hasLegs(box.kind) && box.record.hand === side;
    return {
      ...{ run, face, side, free, front },
      over: box.record.overhangs?.front ?? frontOverhang,
      beyond: inCorner ? box.record.depth : 0,
    };
  };
  return [
    end(first, 'left', first.against!.along),
    end(last, 'right', face.length - last.against!.along - last.record.width),
  ];
}

/**
 * What two runs that meet in the corner of two faces (the right end of the first, the left end of the second) carry there: each runs on until
 * their front lines cross and their backs meet. Nothing where one of them ends before the corner, by more than a reach, mm.
 */
export function cornerJoin(
  before: RunEnd,
  after: RunEnd,
  reach = BACK_REACH,
): [KeyedPolygon, KeyedPolygon] | null {
  const [a, b] = [before.face, after.face];
  // The inside angle, from the way back along the first face to the way along the second.
  const back = scale(a.u, -1);
  const angle = Math.atan2(cross(back, b.u), dot(back, b.u));
  if (angle < LEAST_TURN || angle > MOST_TURN) return null;
  const corner = b.start;
  const meet = (first: number, second: number): Point => {
    const [p, q] = [place(corner, a.n, first, a.u, 0), place(corner, b.n, second, b.u, 0)];
    return add(p, scale(a.u, cross(subtract(q, p), b.u) / cross(a.u, b.u)));
  };
  // How far from the corner the boxes' front lines cross, along either face: no box can come nearer than that to one that runs on.
  const boxes = meet(before.front, after.front);
  const taken = (point: Point) => [-dot(subtract(point, corner), a.u), dot(subtract(point, corner), b.u)];
  const [first, second] = taken(boxes);
  const slack = reach + SAME_PLACE;
  // Beside a corner cabinet the next begins where that ends.
  const ends = [Math.max(first!, after.beyond), Math.max(second!, before.beyond)] as const;
  if (before.free > ends[0] + slack || after.free > ends[1] + slack) return null;
  const inner = meet(before.front + before.over, after.front + after.over);
  const outer = meet(-BACK_REACH, -BACK_REACH);
  const [start, stop] = taken(inner);
  const from = Math.max(before.free, start!);
  const to = Math.max(after.free, stop!);
  return [
    {
      ring: [
        place(corner, a.u, -from, a.n, before.front + before.over),
        inner,
        outer,
        place(corner, a.u, -from, a.n, -BACK_REACH),
      ],
      sides: [{ role: 'front', boxes: before.run, id: null }, null, null, null],
    },
    {
      ring: [
        inner,
        place(corner, b.u, to, b.n, after.front + after.over),
        place(corner, b.u, to, b.n, -BACK_REACH),
        outer,
      ],
      sides: [{ role: 'front', boxes: after.run, id: null }, null, null, null],
    },
  ];
}

/** An end of a run, and the height of what it carries, mm. */
export interface LevelEnd {
  end: RunEnd;
  run: Run;
  level: number;
}

/** What runs of one height carry in the corners of the faces they meet in. */
export function joinsInCorners(
  faces: readonly PlacedFace[],
  ends: readonly LevelEnd[],
  join: (before: RunEnd, after: RunEnd) => readonly KeyedPolygon[] | null,
): Map<Run, KeyedPolygon[]> {
  const lefts = groupedBy(
    ends.filter(({ end }) => end.side === 'left'),
    ({ end }) => end.face.id,
  );
  const next = new Map(faces.map(({ id }, index) => [id, faces[(index + 1) % faces.length]!.id]));
  const joins = new Map<Run, KeyedPolygon[]>();
  for (const before of ends) {
    if (before.end.side === 'left') continue;
    for (const after of lefts.get(next.get(before.end.face.id)!) ?? []) {
      if (before.run === after.run || Math.abs(before.level - after.level) > TOUCH) continue;
      for (const [index, polygon] of (join(before.end, after.end) ?? []).entries()) {
        const { run } = [before, after][index]!;
        joins.set(run, [...(joins.get(run) ?? []), polygon]);
      }
    }
  }
  return joins;
}
