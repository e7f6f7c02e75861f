import type { Axis, Board, BoardFace, Machining, Span } from './board';
import { slantBack, type CabinetBox } from './cabinet-box';

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

/** From where to where a board is joined to the side at an end of it; null where it does not come up to that. What is of an outline of its own goes as far as that does there, and no side goes on behind a slant: there, what stands on edge is not held. */
function jointSpan(box: CabinetBox, one: Board, end: 'left' | 'right'): Span | null {
  const { board: thick } = box.made.build;
  const side: Span = end === 'left' ? [0, thick] : [box.width - thick, box.width];
  const at = one.x[end === 'left' ? 0 : 1];
  if (Math.abs(at - side[end === 'left' ? 1 : 0]) > NEAR) return null;
  const { along } = wayOf(one);
  if (along === 'z')
    return slantBack(box, side, one.z) <= (one.y[0] + one.y[1] - DOWEL.size) / 2 + NEAR ? one.z : null;
  const own = one.ring?.filter(({ x }) => Math.abs(x - at) < NEAR).map(({ y }) => y) ?? one.y;
  const span: Span = [Math.max(slantBack(box, side, one.z), Math.min(...own)), Math.max(...own)];
  return span[1] - span[0] >= BORE.size ? span : null;
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
      const joint = jointSpan(box, one, face === 'right' ? 'left' : 'right');
      if (!joint) return [];
      const [from, to] = joint;
      const { connectors, dowels } = jointPlaces(to - from);
      const hole = (at: number, size: number, depth: number): Machining => ({
        ...{ type: 'hole', face, size, depth },
        at: { x, y: 0, z: 0, [along]: from + at, [across]: middle },
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
  const isLid = one.name === 'top' || one.name === 'rail-front' || one.name === 'rail-back';
  const camFace: BoardFace = across === 'y' ? 'back' : isLid ? 'top' : 'bottom';
  const isFar = camFace === 'top';
  return (['left', 'right'] as const).flatMap((face) => {
    const [end, inward] = face === 'left' ? [one.x[0], 1] : [one.x[1], -1];
    const joint = jointSpan(box, one, face);
    if (!joint) return [];
    const [from, to] = joint;
    const { connectors, dowels } = jointPlaces(to - from);
    const place = (at: number, x: number, over: number) => ({
      ...{ x, y: 0, z: 0 },
      [along]: from + at,
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
  for (const held of boards.filter((one) => isHeld(box, one) && JOINED.has(one.name))) {
    for (const end of ['left', 'right'] as const) {
      const joint = jointSpan(box, held, end);
      if (!joint) continue;
      const places = jointPlaces(joint[1] - joint[0]);
      connectors += places.connectors.length;
      dowels += places.dowels.length;
    }
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

/** How an upright is held by the boards it stands between: bores and cams in it, bolts and dowels in those, or screws through them where boards are let in. */
export interface UprightJoints {
  upright: readonly Machining[];
  /** By the board that holds it. */
  held: ReadonlyMap<Board, readonly Machining[]>;
  connectors: number;
  dowels: number;
  screws: number;
}

/** Screws through a board into the end of an upright. */
const THROUGH = 2;

/** The joints of an upright with the level boards at its foot and its head. */
export function uprightJoints({ made }: CabinetBox, one: Board, flats: readonly Board[]): UprightJoints {
  const { board: thick, housing } = made.build;
  const middle = (one.x[0] + one.x[1]) / 2;
  const found: {
    upright: Machining[];
    held: Map<Board, Machining[]>;
    connectors: number;
    dowels: number;
    screws: number;
  } = {
    ...{ upright: [], held: new Map(), connectors: 0, dowels: 0, screws: 0 },
  };
  for (const flat of flats) {
    if (flat.thin !== 'z' || flat.x[0] > middle || flat.x[1] < middle) continue;
    const isFoot = Math.abs(flat.z[1] - one.z[0]) < NEAR;
    if (!isFoot && Math.abs(flat.z[0] - one.z[1]) >= NEAR) continue;
    const [from, to] = [Math.max(flat.y[0], one.y[0]), Math.min(flat.y[1], one.y[1])];
    if (to - from < 2 * BORE.size) continue;
    if (housing > 0) {
      found.screws += THROUGH;
      continue;
    }
    const { connectors, dowels } = jointPlaces(to - from);
    const [end, face, on] = isFoot
      ? ([one.z[0], 'bottom', 'top'] as const)
      : ([one.z[1], 'top', 'bottom'] as const);
    const at = (along: number, x: number, z: number) => ({ x, y: from + along, z });
    const bores = connectors.flatMap((along): Machining[] => [
      { type: 'hole', face, at: at(along, middle, end), size: BORE.size, depth: BORE.deep },
      {
        ...{ type: 'hole', face: 'left', size: CAM.size, depth: Math.min(CAM.deep, thick - 2) },
        at: at(along, one.x[0], end + (isFoot ? CAM.from : -CAM.from)),
      },
    ]);
    found.upright.push(
      ...bores,
      ...dowels.map((along): Machining => ({
        type: 'hole',
        face,
        at: at(along, middle, end),
        size: DOWEL.size,
        depth: DOWEL.end,
      })),
    );
    // Another may stand under or over it: neither goes more than half through.
    const half = (deep: number) => Math.min(deep, (thick - 2) / 2);
    const surface = isFoot ? flat.z[1] : flat.z[0];
    found.held.set(flat, [
      ...connectors.map((along): Machining => ({
        type: 'hole',
        face: on,
        at: at(along, middle, surface),
        size: BOLT.size,
        depth: half(BOLT.deep),
      })),
      ...dowels.map((along): Machining => ({
        type: 'hole',
        face: on,
        at: at(along, middle, surface),
        size: DOWEL.size,
        depth: half(DOWEL.side),
      })),
    ]);
    found.connectors += connectors.length;
    found.dowels += dowels.length;
  }
  return found;
}
const NEAR = 1e-6;
