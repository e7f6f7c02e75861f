import { perDesign, roomOf, type Design } from '../../document/design';
import { remember, rememberBoth } from '../../document/remember';
import { isDressing } from '../../ranges/item-kind';
import { extent } from '../../geometry/convex';
import { distance, dot, inward, subtract, unit, type Point } from '../../geometry/point';
import type { Polygon } from '../../geometry/polygon';
import { AGAINST } from '../../geometry/tolerance';
import { boxesAgainst, itemBoxes, type ItemBox } from '../../setting/item-box';
import { projectOn, wallHeightAt, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';

/** A place in front of what is looked at: along it from its left end, and out from it towards the viewer, mm. */
export interface Seen {
  along: number;
  out: number;
}

/** What an elevation looks at: a length of room, seen square from in front, cut by an upright plane before it. Lengths mm. */
export interface ViewFrame {
  project(point: Point): Seen;
  /** The direction in plan it is looked along from left to right; null for a bent face. */
  u: Point | null;
  length: number;
  /** How far out the room is cut: what is nearer to the viewer is not drawn. */
  cut: number;
  /** The upper edge of what is looked at: along and up. */
  above: readonly Point[];
}

type View = Omit<ViewFrame, 'project'>;

/** A frame is all data, so that two can be told to be alike: how it sees places follows from them. */
abstract class ViewOf implements ViewFrame {
  readonly u: Point | null;
  readonly length: number;
  readonly cut: number;
  readonly above: readonly Point[];

  constructor({ u, length, cut, above }: View) {
    this.u = u;
    this.length = length;
    this.cut = cut;
    this.above = above;
  }

  abstract project(point: Point): Seen;
}

/** Along a face and off it; a bent one is unrolled. */
class FaceView extends ViewOf {
  constructor(
    readonly face: PlacedFace,
    view: View,
  ) {
    super(view);
  }

  project(point: Point): Seen {
    return projectOn(this.face, point);
  }
}

/** Square to a direction: n points out to the viewer from the origin, where it is so far along and out. */
export class StraightView extends ViewOf {
  constructor(
    readonly origin: Point,
    readonly n: Point,
    readonly shift: Seen,
    view: View,
  ) {
    super(view);
  }

  project(point: Point): Seen {
    const off = subtract(point, this.origin);
    const u = { x: -this.n.y, y: this.n.x };
    return { along: dot(off, u) + this.shift.along, out: dot(off, this.n) + this.shift.out };
  }
}

/** What is within this of square to a view (the cosine) is looked at from in front. */
export const SQUARE = 0.999;

/** How many states of a view are remembered: the committed one, and what a drag makes of it. */
export const VIEWS_KEPT = 3;

/** What is this far behind the face is not seen, mm: things let into the wall are openings. */
export const BEHIND = 1;
/** At the least the room is cut this far before a face, mm: in front of a base run. */
const LEAST_CUT = 650;
/** The cut stands this far clear of the deepest thing against the face, mm. */
export const CLEAR = 10;

/** The elevation of a face: from its left to its right end as standing before it, cut before the deepest run that stands against it. A bent face is unrolled. */
export function faceFrame(design: Design, face: PlacedFace): ViewFrame {
  const known = frames(design);
  let frame = known.get(face);
  if (!frame) known.set(face, (frame = frameOfFace(design, face)));
  return frame;
}

const frames = perDesign(() => new Map<PlacedFace, ViewFrame>());

function frameOfFace(design: Design, face: PlacedFace): ViewFrame {
  const { frontOverhang } = roomOf(design);
  const reach = boxesAgainst(design, face.id).reduce(
    (most, box) => Math.max(most, extentBefore(face, box).front),
    0,
  );
  const wanted = Math.max(LEAST_CUT, reach + frontOverhang + CLEAR);
  const cut = Math.min(wanted, opposite(design, face) - CLEAR, standingBefore(design, face, reach) - CLEAR);
  return faceView(face, { cut });
}

/** A view of a face cut so far before it: the very same as it was and as a drag makes it. */
const faceView = remember(
  (face: PlacedFace, { cut }: { cut: number }): ViewFrame => {
    const ends = face.arc ? steps.map((share) => face.length * share) : [0, face.length];
    const above = ends.map((along) => ({ x: along, y: wallHeightAt(face, along) }));
    return new FaceView(face, { u: face.arc ? null : face.u, length: face.length, cut, above });
  },
  { kept: VIEWS_KEPT },
);

/** Where an item lies before a face, mm: along it, and how far out it begins and ends. */
const extentBefore = rememberBoth((face: PlacedFace, { rectangle }: ItemBox) => {
  const corners = rectangle.map((corner) => projectOn(face, corner));
  const [alongs, outs] = [corners.map(({ along }) => along), corners.map(({ out }) => out)];
  return {
    left: Math.min(...alongs),
    right: Math.max(...alongs),
    back: Math.min(...outs),
    front: Math.max(...outs),
  };
});

/** How near before a face something stands that is against none, mm, past what is against the face: an island is not cut for the wall behind it. */
function standingBefore(design: Design, face: PlacedFace, reach: number): number {
  let nearest = Infinity;
  for (const box of itemBoxes(design)) {
    if (box.against || isDressing(box.kind)) continue;
    const { left, right, back } = extentBefore(face, box);
    if (right > 0 && left < face.length && back > reach + CLEAR) nearest = Math.min(nearest, back);
  }
  return nearest;
}

const steps = [0, 0.25, 0.5, 0.75, 1];

/** How near before a face another wall comes that stands across from it, mm; what is beyond that is not in front of it. */
function opposite(design: Design, face: PlacedFace): number {
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const beside = [faces.at(index - 1), faces[(index + 1) % faces.length]];
  let nearest = Infinity;
  for (const other of faces) {
    if (other === face || beside.includes(other) || other.arc || face.arc) continue;
    const [a, b] = [projectOn(face, other.start), projectOn(face, other.end)];
    const [left, right] = [Math.min(a.along, b.along), Math.max(a.along, b.along)];
    if (right < 1 || left > face.length - 1) continue;
    const out = Math.min(a.out, b.out);
    if (out > CLEAR) nearest = Math.min(nearest, out);
  }
  return nearest;
}

/** Some bodies by themselves, seen from the direction n points in: nothing behind them, nothing before them. */
export function bodiesFrame(footprints: readonly Polygon[], n: Point, above: number): ViewFrame {
  const u = { x: -n.y, y: n.x };
  const corners = footprints.flat();
  const [left, right] = extent(corners, u);
  const [back, front] = extent(corners, n);
  return new StraightView(
    { x: 0, y: 0 },
    n,
    { along: -left, out: CLEAR - back },
    {
      u,
      length: right - left,
      cut: front - back + LEAST_CUT / 2,
      above: level(right - left, above),
    },
  );
}

/** What stands before an upright side of something built, from its left end to its right as standing before it: like a face. */
export function sideFrame(design: Design, left: Point, right: Point, high: number): ViewFrame {
  const length = distance(left, right);
  const u = unit(subtract(right, left));
  const n = inward(u);
  const project = (point: Point): Seen => {
    const off = subtract(point, left);
    return { along: dot(off, u), out: dot(off, n) };
  };
  // What has its back to the side is not cut.
  const against = itemBoxes(design).filter((box) => {
    const outs = box.rectangle.map((corner) => project(corner));
    const alongs = outs.map(({ along }) => along);
    return (
      Math.abs(Math.min(...outs.map(({ out }) => out))) < AGAINST &&
      Math.max(...alongs) > 0 &&
      Math.min(...alongs) < length
    );
  });
  const reach = Math.max(
    0,
    ...against.flatMap(({ rectangle }) => rectangle.map((corner) => project(corner).out)),
  );
  const cut = Math.max(LEAST_CUT, reach + roomOf(design).frontOverhang + CLEAR);
  return new StraightView(left, n, { along: 0, out: 0 }, { u, length, cut, above: level(length, high) });
}

function level(length: number, high: number): Point[] {
  return [
    { x: 0, y: high },
    { x: length, y: high },
  ];
}
