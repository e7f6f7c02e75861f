import { loopOf, perRecords, recordOf, recordsOf, roomOf, type Design } from '../document/design';
import type { DesignRecord, FacePlace, FaceRecord, LoopRecord, RoomRecord } from '../document/records';
import { remember } from '../document/remember';
import { dot, middle, subtract, type Point } from '../geometry/point';
import { crossingEdges, signedArea } from '../geometry/polygon';
import { must, ok, refuse, type Result } from '../result';
import { lettersOf, placeName } from './face-letters';
import { ceilingOver, volumeUnder, type Ceiling } from './ceiling';
import { insideAngle, type LoopPlace, type Observation } from './observations';
import { bendArea, faceLine, facePath, type PlacedFace } from './placed-face';
import type { Misclosure } from './start-shapes';
import { solveLoop, type LoopDistance, type LoopFace } from './solve-loop';

/** The measured shape of a room. */
export interface RoomShape {
  faces: PlacedFace[];
  /** The letters of the faces. */
  letters: readonly string[];
  byId: Map<string, PlacedFace>;
  /** Corners in walking order, clockwise: corner i starts face i. */
  corners: Point[];
  /** The floor's outline, clockwise: the corners, and between those of a bent face a line of chords. */
  outline: Point[];
  ceiling: Ceiling;
  /** Floor area mm², perimeter mm, wall area mm² (openings not taken off), volume mm³. */
  area: number;
  perimeter: number;
  wallArea: number;
  volume: number;
  /** By how much walking the faces as given fails to close. */
  misclosure: Misclosure;
  /** Every value the shape was adjusted from, the excluded ones too. */
  observations: readonly Observation[];
}

/** The shape of the room, or why its measurements give none; computed once for the records it is made from. */
export const tryRoomShape: (design: Design) => Result<RoomShape> = perRecords(surveyed, (design) => {
  const records = loopOf(design).faces.map((id) => recordOf(design, 'face', id)!);
  const letters = lettersOf(loopOf(design));
  const room = roomOf(design);
  const solved = solveLoop(
    records.map((record, index) => loopFace(record, letters[index]!, room)),
    distancesOf(design, letters),
  );
  if (!solved.ok) return solved;
  const { corners, misclosure, observations } = solved.value;
  const heights = records.map((record) => record.ceilingHeight ?? room.ceilingHeight);
  const faces = records.map((record, index) => placeFace(record, index, letters, corners, heights, room));
  const paths = faces.map((face) => facePath(face).slice(0, -1));
  const outline = paths.flat();
  const crossing = crossingEdges(outline);
  if (crossing) {
    const [first, second] = crossing.map((edge) => letters[pathOfEdge(paths, edge)]!) as [string, string];
    return refuse('survey-crossing', { first, second });
  }
  const area = faces.reduce((sum, face) => sum + bendArea(face), -signedArea(corners));
  if (area <= 0) return refuse('survey-impossible', { detail: '' });
  const over = faces.flatMap(({ ceiling: [left, right] }, index) => {
    const path = paths[index]!;
    return path.map((_, at) => left + ((right - left) * at) / path.length);
  });
  const ceiling = ceilingOver(outline, over);
  return ok({
    faces,
    letters,
    byId: new Map(faces.map((face) => [face.id, face])),
    corners,
    outline,
    ceiling,
    area,
    perimeter: faces.reduce((sum, { length }) => sum + length, 0),
    wallArea: faces.reduce((sum, face) => sum + face.length * meanHeight(face), 0),
    volume: volumeUnder(ceiling, area),
    misclosure,
    observations,
  });
});

/** Which of several paths that follow one another an edge of their whole outline belongs to. */
function pathOfEdge(paths: readonly Point[][], edge: number): number {
  let before = 0;
  return paths.findIndex((path) => edge < (before += path.length));
}

/** The shape of a valid design; throws for one whose measurements give none. */
export function roomShape(design: Design): RoomShape {
  return must(tryRoomShape(design));
}

/** The other faces of a room, the one most squarely and farthest across from a face first. */
export function facesAcross(faces: readonly PlacedFace[], face: PlacedFace): PlacedFace[] {
  const facing = (one: PlacedFace) =>
    -dot(one.n, face.n) * dot(subtract(middle(one.start, one.end), face.start), face.n);
  return faces.filter((one) => one !== face).sort((a, b) => facing(b) - facing(a));
}

/** What of the room's record the shape follows from. */
type Measures = Pick<
  RoomRecord,
  'ceilingHeight' | 'cornerUncertainty' | 'lengthUncertainty' | 'wallThickness'
>;

/** A room record of these measures and nothing else, the very same one for the same: a room that is renamed, or shown in another unit, keeps its shape. */
const measuresOnly = remember(
  (_loop: LoopRecord, measures: Measures): RoomRecord =>
    ({ kind: 'room', id: 'room', ...measures }) as Measures as RoomRecord,
  { kept: 4 },
);

/** The records the shape is computed from. */
function surveyed(design: Design): readonly DesignRecord[] {
  const loop = loopOf(design);
  const faces = loop.faces.map((id) => recordOf(design, 'face', id)!);
  const { lengthUncertainty, cornerUncertainty, wallThickness, ceilingHeight } = roomOf(design);
  const room = measuresOnly(loop, { lengthUncertainty, cornerUncertainty, wallThickness, ceilingHeight });
  return [loop, room, ...faces, ...recordsOf(design, 'measurement')];
}

function loopFace(record: FaceRecord, name: string, room: RoomRecord): LoopFace {
  return {
    id: record.id,
    name,
    length: record.length,
    lengthStanding: record.lengthFrom === 'measured' ? 'measured' : 'excluded',
    lengthSigma: record.lengthUncertainty ?? room.lengthUncertainty,
    corner: record.corner,
    cornerStanding: record.cornerFrom,
    cornerSigma: record.cornerUncertainty ?? room.cornerUncertainty,
  };
}

function distancesOf(design: Design, letters: readonly string[]): LoopDistance[] {
  const { lengthUncertainty } = roomOf(design);
  const order = new Map(loopOf(design).faces.map((id, index) => [id, index]));
  const at = (place: FacePlace): LoopPlace => ({ ...place, face: order.get(place.face)! });
  return recordsOf(design, 'measurement').map((record) => {
    const [from, to] = [at(record.from), at(record.to)];
    const name = `${placeName(from, letters)} to ${placeName(to, letters)}`;
    const sigma = record.uncertainty ?? lengthUncertainty;
    return { id: record.id, name, from, to, length: record.length, standing: record.standing, sigma };
  });
}

/** Mean height of a wall over its length, mm. */
function meanHeight({ ceiling: [left, right], wallHeight }: PlacedFace): number {
  return wallHeight ?? (left + right) / 2;
}

function placeFace(
  record: FaceRecord,
  index: number,
  letters: readonly string[],
  corners: readonly Point[],
  heights: readonly number[],
  room: RoomRecord,
): PlacedFace {
  const count = corners.length;
  const start = corners[index]!;
  const end = corners[(index + 1) % count]!;
  return {
    id: record.id,
    letter: letters[index]!,
    ...faceLine(start, end, record.bend),
    corner: insideAngle(corners[(index - 1 + count) % count]!, start, end),
    thickness: record.thickness ?? room.wallThickness,
    ceiling: [heights[index]!, heights[(index + 1) % count]!],
    wallHeight: record.wallHeight ?? null,
    record,
  };
}
