import type { Design } from '../document/design';
import { dot, subtract, type Point } from '../geometry/point';
import { hasLegs, ONE_DOOR } from '../ranges/handing';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { placedOpenings } from '../survey/openings';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { line, outline, WEIGHT, type Ink, type Primitive } from './primitives';

/** A small elevation shows no less than this of the height above the floor, mm. */
const LEAST_HIGH = 1_000;

/**
 * What stands against some faces, seen from the room, the faces side by side in the order given, mm: x along from the first face's left
 * end, y up from the floor. Items that are new are drawn in full, the others faint.
 */
export function smallElevation(
  design: Design,
  faces: readonly string[],
  fresh: ReadonlySet<string>,
): Primitive[] {
  const { byId } = roomShape(design);
  let x = 0;
  return faces.flatMap((id) => {
    const face = byId.get(id);
    if (!face) return [];
    const marks = onFace(design, face, x, fresh);
    x += face.length;
    return marks;
  });
}

/** Free-standing items that face one way, seen from in front, mm: x along the way their backs run from the first one's left end. */
export function rowElevation(row: readonly ItemBox[]): Primitive[] {
  const [first] = row;
  if (!first) return [];
  const along = (box: ItemBox) => dot(subtract(box.origin, first.origin), first.u);
  const [from, to] = [
    Math.min(...row.map(along)),
    Math.max(...row.map((box) => along(box) + box.record.width)),
  ];
  const ground = [from, to].map((x) => ({ x, y: 0 }));
  return [
    ...row.flatMap((box) => frontOf(box, along(box), true)),
    line('walls', ground, WEIGHT.cut, 'drawing'),
  ];
}

function onFace(design: Design, face: PlacedFace, x: number, fresh: ReadonlySet<string>): Primitive[] {
  const boxes = itemBoxes(design)
    .filter(({ against }) => against?.face.id === face.id)
    .sort((a, b) => a.record.depth - b.record.depth);
  const high = Math.max(LEAST_HIGH, ...boxes.map(({ high }) => high));
  const openings = placedOpenings(design).filter((one) => one.face.id === face.id && one.record.sill < high);
  return [
    ...openings.map(({ record, left, right }) =>
      outline(
        'openings',
        rectangle(x + left, record.sill, x + right, Math.min(high, record.sill + record.height)),
        WEIGHT.thin,
        'faint',
      ),
    ),
    ...cornersOn(design, face).flatMap(({ box, from, to }) =>
      frontOf(box, x + from, fresh.has(box.id), to - from),
    ),
    ...boxes.flatMap((box) => frontOf(box, x + box.against!.along, fresh.has(box.id))),
    line(
      'walls',
      [
        { x, y: 0 },
        { x: x + face.length, y: 0 },
      ],
      WEIGHT.cut,
      'drawing',
    ),
    ...[x, x + face.length].map((end) =>
      line(
        'walls',
        [
          { x: end, y: 0 },
          { x: end, y: high },
        ],
        WEIGHT.thin,
        'drawing',
      ),
    ),
  ];
}

/** The corner cabinets of the faces beside a face that have a leg along it: how much of it they take. */
function cornersOn(design: Design, face: PlacedFace): { box: ItemBox; from: number; to: number }[] {
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const [before, after] = [faces.at(index - 1), faces[(index + 1) % faces.length]];
  return itemBoxes(design).flatMap((box) => {
    const { kind, record, against } = box;
    if (!hasLegs(kind) || !against) return [];
    if (against.face === before && record.hand === 'right') return [{ box, from: 0, to: record.depth }];
    if (against.face === after && record.hand === 'left')
      return [{ box, from: face.length - record.depth, to: face.length }];
    return [];
  });
}

/** The plinth under what stands on the floor, mm. */
const PLINTH = 120;

function frontOf(box: ItemBox, left: number, isFresh: boolean, width = box.record.width): Primitive[] {
  const { kind, record, low } = box;
  const right = left + width;
  const ink: Ink = isFresh ? 'drawing' : 'poche';
  const bottom = kind.front && low < 1 ? Math.min(PLINTH, record.height / 4) : low;
  const body = {
    ...outline(
      'items',
      rectangle(left, low, right, box.high),
      isFresh ? WEIGHT.object : WEIGHT.thin,
      ink,
      'paper',
    ),
    source: box.id,
  };
  if (kind.symbol === 'filler')
    return [
      body,
      line(
        'items',
        [
          { x: left, y: low },
          { x: right, y: box.high },
        ],
        WEIGHT.thin,
        ink,
      ),
    ];
  const across = (y: number) =>
    line(
      'items',
      [
        { x: left, y },
        { x: right, y },
      ],
      WEIGHT.thin,
      ink,
    );
  const middle = (from: number) =>
    line(
      'items',
      [
        { x: (left + right) / 2, y: from },
        { x: (left + right) / 2, y: box.high },
      ],
      WEIGHT.thin,
      ink,
    );
  const marks: Primitive[] = [body];
  if (bottom > low) marks.push(across(bottom));
  if (kind.opens === 'drawers')
    marks.push(...[1, 2].map((third) => across(bottom + ((box.high - bottom) * third) / 3)));
  if (kind.opens === 'doors' && width > ONE_DOOR) marks.push(middle(bottom));
  return marks;
}

function rectangle(left: number, low: number, right: number, high: number): Point[] {
  return [
    { x: left, y: low },
    { x: right, y: low },
    { x: right, y: high },
    { x: left, y: high },
  ];
}
