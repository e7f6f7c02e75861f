import { perDesign, recordsOf, type Design } from '../../document/design';
import { groupedBy } from '../../document/grouped';
import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import {
  boundsMeet,
  boundsOf,
  contains,
  distanceToSegment,
  forEachEdge,
  segmentsCross,
  signedArea,
  type Polygon,
} from '../../geometry/polygon';
import { rememberOne } from '../../document/remember';
import { intersect, without, type Region } from '../../geometry/region';
import { SAME_PLACE } from '../../geometry/tolerance';
import { openingsOn } from '../../survey/openings';
import { facePoint, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { clockwise, counterClockwise, faceHoles, floorHoles, rectangleOf } from './tiled-around';
import { surfaceOf, type ZoneSurface } from './zone-surface';

/** A zone with what of its surface it takes: outlines counter-clockwise, holes clockwise, in its own places, mm. Holes may touch and stick out. */
export interface ZoneArea {
  id: string;
  record: ZoneRecord;
  /** T1, T2 …: those of the floor first, then of the faces in walking order; of one surface the largest first. */
  letter: string;
  surface: ZoneSurface;
  rings: readonly Polygon[];
}

/** Every zone with its area: all of its surface or what lies within its own outline, without what is tiled round and without smaller zones that are let into it. */
export const zoneAreas: (design: Design) => readonly ZoneArea[] = perDesign((design) => {
  const { faces } = roomShape(design);
  const order = new Map(faces.map(({ id }, index) => [id, index + 1]));
  const surfaceKey = ({ placement }: ZoneRecord) => (placement.on === 'face' ? placement.face : '');
  const records = recordsOf(design, 'zone');
  const bySurface = groupedBy(records, surfaceKey);
  return records
    .toSorted(
      (a, b) =>
        (order.get(surfaceKey(a)) ?? 0) - (order.get(surfaceKey(b)) ?? 0) ||
        (sizeOf(b) > sizeOf(a) ? 1 : sizeOf(b) < sizeOf(a) ? -1 : 0),
    )
    .map((record, index): ZoneArea => {
      const surface = surfaceOf(design, record);
      const letter = `T${index + 1}`;
      const others = bySurface.get(surfaceKey(record))!.filter((other) => isLetInto(other, record));
      if (others.some(({ corners }) => !corners))
        return { id: record.id, record, letter, surface, rings: [] };
      const all = surface.face ? wholeFace(surface.face, surface.zero) : wholeFloor(design, surface, record);
      const outlines = record.corners ? within(counterClockwise(record.corners), all) : all;
      const [bounds, holes] = [boundsOf(outlines.flat()), holesOf(design, surface)];
      const inlays = others.map((other) => moved(design, other, surface));
      const cutting = [...holes, ...inlays].filter((hole) => boundsMeet(boundsOf(hole), bounds));
      return {
        ...{ id: record.id, record, letter, surface },
        rings: [...outlines, ...cutting.map(clockwise)],
      };
    });
});

/** An area as outlines with holes that neither touch nor stick out, as drawings need it: right to 0.001 mm. */
export const zoneRegion = rememberOne((rings: readonly Polygon[]): Region =>
  without(
    rings.filter((ring) => signedArea(ring) > 0),
    rings.filter((ring) => signedArea(ring) < 0),
  ),
);

export const findZone = (design: Design, id: string): ZoneArea | undefined =>
  zoneAreas(design).find((zone) => zone.id === id);

const sizeOf = ({ corners }: ZoneRecord): number => (corners ? Math.abs(signedArea(corners)) : Infinity);

/** Whether a zone takes what it has out of another: the smaller one; of two as large, or that both have all of the surface, the one whose name comes first. */
function isLetInto(one: ZoneRecord, other: ZoneRecord): boolean {
  if (one === other) return false;
  const [own, its] = [sizeOf(one), sizeOf(other)];
  return own < its || (own === its && one.id < other.id);
}

/** The outline of a zone in the places of another surface of the same kind. */
function moved(design: Design, record: ZoneRecord, to: ZoneSurface): Point[] {
  const from = surfaceOf(design, record);
  if (to.face) return record.corners!.map(({ x, y }) => ({ x: x + from.zero - to.zero, y }));
  return record.corners!.map((corner) => to.fromPlan(from.toPlan(corner)));
}

function holesOf(design: Design, { face, zero, fromPlan }: ZoneSurface): Point[][] {
  if (!face) return floorHoles(design).map((hole) => hole.map(fromPlan));
  return faceHoles(design, face).map((hole) =>
    rectangleOf({ ...hole, left: hole.left - zero, right: hole.right - zero }),
  );
}

function wholeFace(face: PlacedFace, zero: number): Point[][] {
  const [left, right] = face.wallHeight === null ? face.ceiling : [face.wallHeight, face.wallHeight];
  return [
    [
      { x: -zero, y: 0 },
      { x: face.length - zero, y: 0 },
      { x: face.length - zero, y: right },
      { x: -zero, y: left },
    ],
  ];
}

/** The floor, and as much of each doorway as the zone goes into it. */
function wholeFloor(design: Design, { fromPlan }: ZoneSurface, { threshold = 0 }: ZoneRecord): Point[][] {
  const { outline, faces } = roomShape(design);
  const doorways = threshold === 0 ? [] : faces.flatMap((face) => openingsOn(design, face.id));
  const thresholds = doorways
    .filter(({ record: { type, sill } }) => (type === 'door' || type === 'cased') && sill < 1)
    .map(({ face, left, right }) => {
      const deep = Math.min(threshold, face.thickness);
      return [
        facePoint(face, left),
        facePoint(face, left, -deep),
        facePoint(face, right, -deep),
        facePoint(face, right),
      ].map(fromPlan);
    });
  return [outline.map(fromPlan), ...thresholds].map(counterClockwise);
}

/** An outline, as far as it lies in others. One that lies in one of them altogether stays as it is; any other is right to 0.001 mm. */
function within(outline: Polygon, others: readonly Polygon[]): Polygon[] {
  if (others.some((other) => liesIn(outline, other))) return [outline];
  return intersect([outline], others);
}

function liesIn(outline: Polygon, other: Polygon): boolean {
  const isAt = (corner: Point) => {
    let at = false;
    forEachEdge(other, (a, b) => {
      at ||= distanceToSegment(corner, a, b) <= SAME_PLACE;
    });
    return at;
  };
  if (!outline.every((corner) => contains(other, corner) || isAt(corner))) return false;
  let crossing = false;
  forEachEdge(outline, (a, b) => {
    forEachEdge(other, (c, d) => {
      const touching = [a, b].some((end) => distanceToSegment(end, c, d) <= SAME_PLACE);
      const cornered = [c, d].some((end) => distanceToSegment(end, a, b) <= SAME_PLACE);
      crossing ||= touching || cornered ? false : segmentsCross(a, b, c, d);
    });
  });
  return (
    !crossing &&
    outline.every((a, index) => {
      const b = outline[(index + 1) % outline.length]!;
      const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
      return contains(other, middle) || isAt(middle);
    })
  );
}
