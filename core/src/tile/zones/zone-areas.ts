import { perDesign, recordsOf, type Design } from '../../document/design';
import { groupedBy } from '../../document/grouped';
import { revealSides } from '../../document/limits';
import type { ZoneRecord } from '../../document/records';
import { setIn } from '../../geometry/set-in';
import { liesIn } from '../../geometry/lies-in';
import type { Point } from '../../geometry/point';
import { boundsMeet, boundsOf, contains, signedArea, type Polygon } from '../../geometry/polygon';
import { rememberOne } from '../../document/remember';
import { intersect, union, without, type Region } from '../../geometry/region';
import { openingsOn } from '../../survey/openings';
import { facePoint, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { bordered, type Bordered } from '../borders/border';
import { isPlainZone } from '../zone-edges';
import { serviceHoles, type ServiceHole } from './service-holes';
import { sideRank } from './thing-sides';
import {
  clockwise,
  counterClockwise,
  faceHoles,
  floorHoles,
  rectangleOf,
  sideHoles,
  topHoles,
} from './tiled-around';
import { betweenSurfaces, surfaceOf, type ZoneSurface } from './zone-surface';

/** A zone with what of its surface it takes, as outlines counter-clockwise and holes clockwise, in its own places, mm. Holes may touch and stick out. */
export interface ZoneArea {
  id: string;
  record: ZoneRecord;
  /** T1, T2 …: those of the floor first, then of the faces in walking order; of one surface the largest first. */
  letter: string;
  surface: ZoneSurface;
  /** All it takes. */
  taken: readonly Polygon[];
  /** What of that is tiled: all but the gap at its edges. */
  rings: readonly Polygon[];
  /** What of that its pattern is laid on: all but its border. */
  field: readonly Polygon[];
  /** The holes of services in it. */
  holes: readonly ServiceHole[];
}

/** Every zone with its area: all of its surface or what lies within its own outline, without what is tiled round and without smaller zones that are let into it. */
export const zoneAreas: (design: Design) => readonly ZoneArea[] = perDesign((design) => {
  const { faces } = roomShape(design);
  const order = new Map(faces.map(({ id }, index) => [id, index + 1]));
  const placed = recordsOf(design, 'zone').map((record) => ({ record, surface: surfaceOf(design, record) }));
  const bySurface = groupedBy(placed, ({ surface }) => surface.key);
  /** The floor, then face by face, each with its holes from left to right and their sides after it, then the sides of things. */
  const ranks = ({ surface: { face, reveal, side }, record: { inside, upon } }: (typeof placed)[number]) => [
    upon ? Infinity : face ? order.get(face.id)! : 0,
    ...(side ? sideRank(design, side) : [0, 0, 0]),
    reveal ? reveal.opening.left : -Infinity,
    inside ? revealSides.indexOf(inside.side) : -1,
  ];
  const byRank = (a: readonly number[], b: readonly number[]) => {
    const at = a.findIndex((value, index) => value !== b[index]);
    return at < 0 ? 0 : a[at]! - b[at]!;
  };
  return placed
    .toSorted(
      (a, b) =>
        byRank(ranks(a), ranks(b)) ||
        (sizeOf(b.record) > sizeOf(a.record) ? 1 : sizeOf(b.record) < sizeOf(a.record) ? -1 : 0),
    )
    .map(({ record, surface }, index): ZoneArea => {
      const letter = `T${index + 1}`;
      const others = bySurface
        .get(surface.key)!
        .map((other) => other.record)
        .filter((other) => isLetInto(other, record));
      if (others.some(({ corners }) => !corners))
        return { id: record.id, record, letter, surface, taken: [], rings: [], field: [], holes: [] };
      const all = wholeSurface(design, surface, record);
      const outlines = record.corners ? within(counterClockwise(record.corners), all) : all;
      const [bounds, holes] = [boundsOf(outlines.flat()), holesOf(design, surface)];
      const inlays = others.map((other) =>
        other.corners!.map(betweenSurfaces(surfaceOf(design, other), surface)),
      );
      const meets = (hole: Polygon) => boundsMeet(boundsOf(hole), bounds);
      const inlaid = inlays.filter(meets).map(clockwise);
      const around = [...outlines, ...holes.filter(meets).map(clockwise)];
      const taken = [...around, ...inlaid];
      const rings = record.gap ? inlaidIn(offEdges(record, around), inlaid) : taken;
      const bored = serviceHoles(design, surface).filter(({ ring }) =>
        ring.some((at) => isCovered(rings, at)),
      );
      const field = borderOf(record, rings, bored)?.field ?? rings;
      return { id: record.id, record, letter, surface, taken, rings, field, holes: bored };
    });
});

/** What of an area tiles come to: all of it, or no nearer to its edges than their gap. */
function offEdges({ gap = 0 }: ZoneRecord, rings: readonly Polygon[]): readonly Polygon[] {
  return gap > 0 ? setIn(zoneRegion(rings), gap) : rings;
}

/** An area off its edges with what is let into it, which has a joint of its own about it. Where nothing of the area is left, nothing can be let into it. */
const inlaidIn = (area: readonly Polygon[], inlaid: readonly Polygon[]): readonly Polygon[] =>
  area.length > 0 ? [...area, ...inlaid] : [];

/** An area as outlines with holes that neither touch nor stick out, as drawings need it: right to 0.001 mm. */
export const zoneRegion = rememberOne((rings: readonly Polygon[]): Region =>
  without(
    rings.filter((ring) => signedArea(ring) > 0),
    rings.filter((ring) => signedArea(ring) < 0),
  ),
);

/** The border of a zone in its area; null where it has none. */
export function borderOf(
  { border, joint }: ZoneRecord,
  rings: readonly Polygon[],
  holes: readonly ServiceHole[] = [],
): Bordered | null {
  if (!border || rings.length === 0) return null;
  const region = isPlainZone(rings) ? rings : zoneRegion(rings);
  return bordered(border, { region, bored: holes.map(({ ring }) => ring), joint });
}

/** Whether a place lies in an area, whose holes may touch and stick out. */
const isCovered = (rings: readonly Polygon[], at: Point): boolean =>
  rings.reduce((sum, ring) => sum + (contains(ring, at) ? Math.sign(signedArea(ring)) : 0), 0) > 0;

export const findZone = (design: Design, id: string): ZoneArea | undefined =>
  zoneAreas(design).find((zone) => zone.id === id);

const sizeOf = ({ corners }: ZoneRecord): number => (corners ? Math.abs(signedArea(corners)) : Infinity);

/** Whether a zone takes what it has out of another: the smaller one; of two as large, or that both have all of the surface, the one whose name comes first. */
function isLetInto(one: ZoneRecord, other: ZoneRecord): boolean {
  if (one === other) return false;
  const [own, its] = [sizeOf(one), sizeOf(other)];
  return own < its || (own === its && one.id < other.id);
}

/** All of a zone's surface but what is tiled round. */
export const freeSurface = (design: Design, { record, surface }: ZoneArea): Region =>
  without(union(wholeSurface(design, surface, record)), holesOf(design, surface));

/** All of a surface, whatever is tiled round on it. */
function wholeSurface(design: Design, surface: ZoneSurface, record: ZoneRecord): Point[][] {
  const { face, apart, zero } = surface;
  if (apart) return apart.region.map((ring) => [...ring]);
  // Its face, its hole or its thing is no more, or of another kind.
  if (record.upon || record.inside || (record.placement.on === 'face' && !face)) return [];
  return face ? wholeFace(face, zero) : wholeFloor(design, surface, record);
}

function holesOf(design: Design, { face, reveal, side, zero, fromPlan }: ZoneSurface): Point[][] {
  if (reveal) return [];
  if (side)
    return side.upon.edge === undefined
      ? topHoles(design, side).map((hole) => hole.map(fromPlan))
      : sideHoles(design, side).map(rectangleOf);
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
