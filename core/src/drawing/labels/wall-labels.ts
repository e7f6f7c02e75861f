import { styleOf, type Design } from '../../document/design';
import type { FaceRecord, OpeningRecord } from '../../document/records';
import { place, type Point } from '../../geometry/point';
import { openingsOn, placedOpenings, type PlacedOpening } from '../../survey/openings';
import { facePoint, frameAt, isLow, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { formatLength } from '../../units/format-length';
import type { LengthStyle } from '../../units/units';
import { TEXT, type Layer, type Primitive } from '../primitives';
import { readingTurn } from '../reading-turn';
import { rememberedMarks } from '../remembered-marks';
import { CAP_HEIGHT } from '../text-layout';
import type { Label, LabelPlace } from './place-labels';
import { lineSize } from './text-label';

/** How far behind its wall a text stands, and how far from row to row of them, paper mm. */
const BEHIND = 2.6;
const ROW = 3.3;
/** How much more of a wall than its letters a text in it needs, paper mm. */
const IN_WALL = 0.9;
/** Where along the free part of a wall a text may stand, and how far along a step is, paper mm. */
const ALONG = [0.5, 0.3, 0.7, 0.15, 0.85] as const;
const STEP = 4;

/** A label of one line of text. */
interface Line {
  words: string;
  size: number;
  bold?: boolean;
  layer: Layer;
  source: string;
}

const sizeOf = ({ words, size, bold }: Line, scale: number) => lineSize(words, size, scale, bold);

/** Whether a text fits into a wall, paper mm. */
const fitsIn = ({ thickness }: PlacedFace, size: number, scale: number): boolean =>
  thickness / scale >= size * CAP_HEIGHT + IN_WALL;

/** The stretches of a face without an opening, the longest first, mm along it. */
function clearParts(design: Design, face: PlacedFace): { from: number; to: number }[] {
  const parts: { from: number; to: number }[] = [];
  let from = 0;
  for (const { left, right } of [...openingsOn(design, face.id), { left: face.length, right: face.length }]) {
    if (left > from) parts.push({ from, to: left });
    from = Math.max(from, right);
  }
  parts.sort((a, b) => b.to - b.from - (a.to - a.from));
  return parts.length > 0 ? parts : [{ from: 0, to: face.length }];
}

/** The letters of the faces, in their walls; behind those that are too thin for one. */
export function faceLetters(design: Design, scale: number): Label[] {
  return roomShape(design).faces.map((face): Label => {
    const within = fitsIn(face, TEXT.normal, scale);
    const line = {
      words: face.letter,
      size: TEXT.normal,
      bold: true,
      layer: 'walls',
      source: face.id,
    } as const;
    const out = within ? face.thickness / 2 : face.thickness + BEHIND * scale;
    const at = (along: number, row = 0): LabelPlace => ({
      at: facePoint(face, along, -out - row * ROW * scale),
    });
    return {
      ...{ layer: line.layer, source: face.id, ...sizeOf(line, scale) },
      places: clearParts(design, face).flatMap(({ from, to }) =>
        ALONG.map((share) => at(from + (to - from) * share)),
      ),
      further: (ring) => ALONG.map((share) => at(face.length * share, ring + (within ? 2 : 1))),
      draw: ({ at }) => letterMarks(face.record, { line, at, onWall: within && !isLow(face) }),
    };
  });
}

const letterMarks = rememberedMarks(
  (_: FaceRecord, { line, at, onWall }: { line: Line; at: Point; onWall: boolean }) => [
    { ...textOf(line, at, 0), ink: onWall ? 'paper' : 'drawing', ground: !onWall },
  ],
);

/** What can't be seen of a wall in plan, noted behind it: how its face is bent, the height and cap of a half wall, its own finish. */
export function wallNotes(design: Design, scale: number): Label[] {
  const style = styleOf(design);
  return roomShape(design).faces.flatMap((face): Label[] => {
    const words = noteOf(face, style);
    if (words === '') return [];
    const line = { words, size: TEXT.normal, layer: 'dimensions', source: face.id } as const;
    const at = (along: number, row: number): LabelPlace => {
      const { u } = frameAt(face, along);
      const out = face.thickness + (BEHIND + row * ROW) * scale;
      return { at: facePoint(face, along, -out), turn: readingTurn(Math.atan2(u.y, u.x)) };
    };
    const [longest] = clearParts(design, face);
    const { from, to } = longest!;
    const row = (index: number) => ALONG.map((share) => at(from + (to - from) * share, index));
    return [
      {
        ...{ layer: line.layer, source: face.id, ...sizeOf(line, scale) },
        places: row(0),
        further: (ring) => row(ring + 1),
        draw: ({ at, turn = 0 }) => noteMarks(face.record, { line, at, turn }),
      },
    ];
  });
}

const noteMarks = rememberedMarks(
  (_: FaceRecord, { line, at, turn }: { line: Line; at: Point; turn: number }) => [
    { ...textOf(line, at, turn), ink: 'measure', ground: true },
  ],
);

function noteOf({ arc, record, wallHeight }: PlacedFace, style: LengthStyle): string {
  const shown = (mm: number) => formatLength(mm, style);
  return [
    ...(arc ? [`R ${shown(arc.radius)}`, `depth ${shown(Math.abs(record.bend!))}`] : []),
    ...(wallHeight === null ? [] : [`${shown(wallHeight)} high`]),
    ...(wallHeight !== null && record.cap ? [`cap ${shown(record.cap)}`] : []),
    ...(record.finish ? [record.finish] : []),
  ].join(', ');
}

/** The names of the openings: in the wall where it is thick enough and something closes it there, else behind or before it. */
export function openingNames(design: Design, scale: number): Label[] {
  return placedOpenings(design).map((opening): Label => {
    const { record, face, name } = opening;
    const line = { words: name, size: TEXT.small, layer: 'labels', source: record.id } as const;
    const size = sizeOf(line, scale);
    const inWall = record.type !== 'door' && record.type !== 'cased';
    const fits = inWall && fitsIn(face, TEXT.small, scale) && size.width < record.width;
    const within: LabelPlace[] = fits ? [{ at: placeAt(opening, 0, -face.thickness / 2), over: true }] : [];
    const behind = -face.thickness - BEHIND * scale;
    const before = BEHIND * scale;
    const sideways = [0, STEP, -STEP, 2 * STEP, -2 * STEP].map((by) => by * scale);
    const foot = placeAt(opening, 0, -face.thickness);
    return {
      ...{ layer: line.layer, source: record.id, ...size },
      places: [
        ...within,
        ...[behind, before].flatMap((out) => sideways.map((by) => ({ at: placeAt(opening, by, out) }))),
      ],
      further: (ring) =>
        [0, 1, -1, 2, -2, 3, -3].map((by) => ({
          at: placeAt(opening, by * STEP * scale, behind - (ring + 1) * ROW * scale),
          foot,
        })),
      draw: ({ at }) => nameMarks(record, { line, at }),
    };
  });
}

const nameMarks = rememberedMarks((_: OpeningRecord, { line, at }: { line: Line; at: Point }) => [
  { ...textOf(line, at, 0), ink: 'drawing', ground: true },
]);

/** A place at the middle of an opening, so far along its wall and out from its face. */
const placeAt = ({ at, u, n, record }: PlacedOpening, along: number, out: number): Point =>
  place(at, u, record.width / 2 + along, n, out);

function textOf({ words, size, bold, layer, source }: Line, at: Point, turn: number) {
  return {
    ...{ type: 'text' as const, layer, at, text: words, size, anchor: 'middle' as const, turn },
    ...(bold ? { bold } : {}),
    source,
  } satisfies Partial<Primitive>;
}
