import type { Axis, Board, BoardFace, Machining } from './board';
import type { CabinetBox } from './cabinet-box';

/** Connectors: the hole for the bolt in the side, the bore in the end of what it holds and the cam's in its face; dowels beside them. Sizes and depths mm. */
const BOLT = { size: 5, deep: 11 };
const BORE = { size: 8, deep: 24 };
const CAM = { size: 15, deep: 13, from: 24 };
const DOWEL = { size: 8, side: 12, end: 22 };
/** From the ends of a joint to its outer connectors, and from those to the dowels; what is longer has one more in the middle. */
const END = 60;
const BESIDE = 32;
const LONG = 450;
/** Shorter joints have one connector, in the middle; still shorter ones no dowels beside it. */
const SHORT = 150;
const LEAST = 90;

/** Where along a joint so long its connectors and dowels are, from its beginning. */
export function jointPlaces(long: number): { connectors: number[]; dowels: number[] } {
  if (long < SHORT) {
    const middle = long / 2;
    return { connectors: [middle], dowels: long < LEAST ? [] : [middle - BESIDE, middle + BESIDE] };
  }
  const ends = [END, long - END];
  const middle = long > LONG ? [long / 2] : [];
  return { connectors: [...ends, ...middle], dowels: [END + BESIDE, long - END - BESIDE] };
}

/** The direction a board's joint with a side runs along, and the other one. */
function wayOf({ thin }: Board): { along: Axis; across: Axis } {
  return thin === 'z' ? { along: 'y', across: 'z' } : { along: 'z', across: 'y' };
}

const isHeld = ({ made, width }: CabinetBox, { x, thin }: Board): boolean =>
  made.build.housing === 0 && thin !== 'x' && x[0] > 0 && x[1] < width;

/** The holes a side has for what stands between it and the other. */
export function boredFor(box: CabinetBox, between: readonly Board[], face: BoardFace): Machining[] {
  const { width, made } = box;
  const x = face === 'right' ? made.build.board : width - made.build.board;
  return between
    .filter((one) => isHeld(box, one))
    .flatMap((one) => {
      const { along, across } = wayOf(one);
      const middle = (one[across][0] + one[across][1]) / 2;
      const { connectors, dowels } = jointPlaces(one[along][1] - one[along][0]);
      const hole = (at: number, size: number, depth: number): Machining => ({
        ...{ type: 'hole', face, size, depth },
        at: { x, y: 0, z: 0, [along]: one[along][0] + at, [across]: middle },
      });
      return [
        ...connectors.map((at) => hole(at, BOLT.size, BOLT.deep)),
        ...dowels.map((at) => hole(at, DOWEL.size, DOWEL.side)),
      ];
    });
}

/** The bores in the ends of what stands between two sides, and those of the cams: from below, or from behind what stands on edge; of a lid from above. */
export function boredEnds(box: CabinetBox, one: Board): Machining[] {
  if (!isHeld(box, one)) return [];
  const { along, across } = wayOf(one);
  const middle = (one[across][0] + one[across][1]) / 2;
  const { connectors, dowels } = jointPlaces(one[along][1] - one[along][0]);
  const isLid = one.name === 'top' || one.name === 'rail-front' || one.name === 'rail-back';
  const camFace: BoardFace = across === 'y' ? 'back' : isLid ? 'top' : 'bottom';
  const isFar = camFace === 'top';
  return (['left', 'right'] as const).flatMap((face) => {
    const [end, inward] = face === 'left' ? [one.x[0], 1] : [one.x[1], -1];
    const place = (at: number, x: number, over: number) => ({
      ...{ x, y: 0, z: 0 },
      [along]: one[along][0] + at,
      [across]: over,
    });
    return [
      ...connectors.flatMap((at): Machining[] => [
        { type: 'hole', face, at: place(at, end, middle), size: BORE.size, depth: BORE.deep },
        {
          ...{ type: 'hole', face: camFace, size: CAM.size, depth: CAM.deep },
          at: place(at, end + inward * CAM.from, one[across][isFar ? 1 : 0]),
        },
      ]),
      ...dowels.map((at): Machining => ({
        ...{ type: 'hole', face, size: DOWEL.size, depth: DOWEL.end },
        at: place(at, end, middle),
      })),
    ];
  });
}

/** How many connectors and dowels hold some boards at both ends. */
export function jointCounts(
  box: CabinetBox,
  boards: readonly Board[],
): { connectors: number; dowels: number } {
  let [connectors, dowels] = [0, 0];
  for (const one of boards.filter((held) => isHeld(box, held) && JOINED.has(held.name))) {
    const { along } = wayOf(one);
    const places = jointPlaces(one[along][1] - one[along][0]);
    connectors += 2 * places.connectors.length;
    dowels += 2 * places.dowels.length;
  }
  return { connectors, dowels };
}
const JOINED: ReadonlySet<Board['name']> = new Set([
  'bottom',
  'divider',
  'rail-back',
  'rail-front',
  'top',
] as const);
