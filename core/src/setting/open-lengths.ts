import { isInRun } from '../ranges/item-kind';
import { perDesign, recordsOf, type Design } from '../document/design';
import type { RunBand } from '../document/limits';
import { dot } from '../geometry/point';
import { AGAINST, LEAST_OPEN } from '../geometry/tolerance';
import { widthIn, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { hasLegs } from '../ranges/handing';
import { quantise } from '../units/units';
import { builtAgainst, findBox, HUNG, type ItemBox } from './item-box';
import { occupied, TALL, type Band, type Stretch } from './occupancy';

/** What is left free along a face within a band, mm from the face's left end, and what bounds it on each side. */
export interface FreeStretch {
  face: PlacedFace;
  from: number;
  to: number;
  length: number;
  left: Stretch['by'] | null;
  right: Stretch['by'] | null;
  /** Its length along the face itself: longer than what is free where a wall leans into the band. */
  alongFace: number;
}

/** A free stretch of a run, in one height band. */
export interface OpenLength extends FreeStretch {
  band: RunBand;
  depth: number;
  low: number;
  high: number;
  /** The record that says it is left open on purpose. */
  leftOpen: string | null;
}

/** At an outside corner nothing has to be closed: what is left there, up to this, is no open length, mm. */
const FREE_END = 150;

/** Free stretches within a band between the ends of a face; null for a side means the end of the face. */
export function freeStretches(design: Design, face: PlacedFace, band: Band): FreeStretch[] {
  const open: FreeStretch[] = [];
  let at = 0;
  let bound: Stretch | null = null;
  const close = (to: number, next: Stretch | null) => {
    if (to - at < LEAST_OPEN) return;
    const start = bound?.by.kind === 'wall' ? bound.from : at;
    const end = next?.by.kind === 'wall' ? next.to : to;
    open.push({
      face,
      from: at,
      to,
      length: to - at,
      left: bound?.by ?? null,
      right: next?.by ?? null,
      alongFace: end - start,
    });
  };
  for (const stretch of occupied(design, face, band)) {
    close(stretch.from, stretch);
    if (stretch.to > at || (stretch.to === at && !bound)) [at, bound] = [stretch.to, stretch];
  }
  close(face.length, null);
  return open;
}

/** The band that the base run of a face stands in: as deep as its deepest item, legs of corner cabinets, and as high as its highest base; tall ones count only where there is nothing else. */
export function baseBand(onFace: readonly ItemBox[]): Band {
  const bases = onFace.filter(({ high }) => high <= TALL);
  return {
    depth: Math.max(...onFace.map(reachOf)),
    low: 0,
    high: Math.max(...(bases.length > 0 ? bases : onFace).map(({ high }) => high)),
  };
}

/** How far an item reaches off the face it stands against; the leg of a corner cabinet, mm. */
export function reachOf({ record }: ItemBox): number {
  return (record.leg ?? record.depth) + (record.placement.on === 'face' ? record.placement.off : 0);
}

/** Items that stand on the floor against a face. */
export function itemsOnFace(design: Design, faceId: string): ItemBox[] {
  return builtAgainst(design, faceId).filter(({ low }) => low < HUNG);
}

/** A leg of a corner cabinet stands along a wall that is no farther behind it, mm, and out of square by no more (as the cosine: 10 degrees). */
const LEG_NEAR = 60;
const LEG_ALONG = Math.cos(Math.PI / 18);

/** The corner cabinets against its neighbours whose other leg stands along a face. */
function legsOnFace(design: Design, face: PlacedFace): ItemBox[] {
  const { faces } = roomShape(design);
  const at = faces.indexOf(face);
  const beside = [
    ['right', faces.at(at - 1)!],
    ['left', faces[(at + 1) % faces.length]!],
  ] as const;
  return beside.flatMap(([hand, other]) =>
    builtAgainst(design, other.id).filter(({ kind, record, against, n }) => {
      if (!hasLegs(kind) || record.leg === undefined || record.hand !== hand || !against) return false;
      const off = hand === 'left' ? against.along : other.length - against.along - record.width;
      return off <= LEG_NEAR && Math.abs(dot(n, face.u)) >= LEG_ALONG;
    }),
  );
}

/** What stands on the floor along a face: against it, or with the leg of a corner cabinet. */
export const standingOnFace = (design: Design, face: PlacedFace): ItemBox[] => [
  ...itemsOnFace(design, face.id),
  ...legsOnFace(design, face).filter(({ low }) => low < HUNG),
];

/** The wall cabinets that hang along a face: against it, or with the leg of one in a corner. */
export const hangingOnFace = (design: Design, face: PlacedFace): ItemBox[] => [
  ...hungOnFace(design, face.id),
  ...legsOnFace(design, face).filter(isWallRun),
];

/** Whether something stands in a run on the floor, or is a vanity that hangs: not what is loose, and no fixture. */
function isBaseRun({ kind, low }: Pick<ItemBox, 'kind' | 'low'>): boolean {
  return isInRun(kind) && (low < HUNG || kind.group === 'vanity');
}

/** Whether something hangs in a run of wall cabinets: one of them, or the hood between them. */
export function isWallRun({ kind, low }: Pick<ItemBox, 'kind' | 'low'>): boolean {
  return low >= HUNG && (kind.group === 'wall' || kind.symbol === 'hood');
}

/** The wall cabinets that hang against a face. */
export function hungOnFace(design: Design, faceId: string): ItemBox[] {
  return builtAgainst(design, faceId).filter(isWallRun);
}

/** The band that wall cabinets of a face hang in. */
export function wallBand(hung: readonly ItemBox[]): Band {
  const cabinets = hung.filter(({ kind }) => kind.group === 'wall');
  const of = cabinets.length > 0 ? cabinets : hung;
  return {
    depth: Math.max(...of.map(reachOf)),
    low: Math.min(...of.map(({ low }) => low)),
    high: Math.max(...of.map(({ high }) => high)),
  };
}

/** The open lengths of every face that has a run on it, base runs before wall runs. */
export const openLengths: (design: Design) => readonly OpenLength[] = perDesign((design) =>
  roomShape(design).faces.flatMap((face) => openOnFace(design, face)),
);

function openOnFace(design: Design, face: PlacedFace): OpenLength[] {
  const onFace = [...builtAgainst(design, face.id), ...legsOnFace(design, face)].filter(isBaseRun);
  const base = onFace.length === 0 ? [] : openIn(design, face, 'base', baseBand(onFace));
  const closed = base.map((open) => asTall(design, open));
  const hung = hangingOnFace(design, face);
  if (hung.length === 0) return closed;
  const ids = new Set(hung.map(({ id }) => id));
  const isBeside = ({ left, right }: FreeStretch) => [left, right].some((by) => by && ids.has(by.id));
  const inTall = (one: FreeStretch) =>
    closed.some(({ band, from, to }) => band === 'tall' && one.from >= from - 1 && one.to <= to + 1);
  const wall = openIn(design, face, 'wall', wallBand(hung)).filter((one) => isBeside(one) && !inTall(one));
  return [...closed, ...wall];
}

function openIn(design: Design, face: PlacedFace, band: RunBand, at: Band): OpenLength[] {
  const { faces } = roomShape(design);
  const next = faces[(faces.indexOf(face) + 1) % faces.length]!;
  const free = { left: face.corner > Math.PI, right: next.corner > Math.PI };
  return (
    freeStretches(design, face, at)
      .filter(({ left, right, length }) => {
        const atFreeEnd = (!left && free.left) || (!right && free.right);
        return !atFreeEnd || length > FREE_END;
      })
      .filter((stretch) => closesRun(design, stretch) && !isInCorner(design, stretch, at.depth))
      // On a bent face fronts come together: what is left there may be too narrow for anything as deep as the run.
      .filter(({ length }) => widthIn(face, length, at.depth) >= LEAST_OPEN)
      .map((stretch) => ({ ...stretch, band, ...at, leftOpen: leftOpenIn(design, stretch, band) }))
  );
}

/** Whether a stretch ends a run or parts it: beside a cabinet or appliance, and not between it and a fixture or what stands about. */
function closesRun(design: Design, { left, right }: FreeStretch): boolean {
  const beside = [left, right].flatMap((by) => (by?.kind === 'item' ? (findBox(design, by.id) ?? []) : []));
  return (
    beside.length > 0 &&
    beside.every((box) => isBaseRun(box) || isWallRun(box) || box.kind.group === 'panels')
  );
}

/** The most that a blind cabinet is pulled off its corner, mm. */
export const MOST_PULL = 300;

/** Whether a stretch lies in an inside corner that is closed: behind a blind cabinet pulled off it, or behind the fillers of two runs that leave it empty. */
function isInCorner(
  design: Design,
  { face, from, to, left, right, length }: FreeStretch,
  depth: number,
): boolean {
  const atEnd = (by: Stretch['by'] | null) => !by || by.kind === 'wall';
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const [before, after] = [faces.at(index - 1)!, faces[(index + 1) % faces.length]!];
  const ends = [
    { beside: left, atCorner: atEnd(right), hand: 'right', other: after, at: face.length - from },
    { beside: right, atCorner: atEnd(left), hand: 'left', other: before, at: to },
  ];
  return ends.some(({ beside, atCorner, hand, other, at }) => {
    const box = beside?.kind === 'item' && atCorner ? findBox(design, beside.id) : undefined;
    if (!box) return false;
    if (box.kind.blind) return box.record.hand === hand && length <= MOST_PULL;
    const corner = hand === 'right' ? after.corner : face.corner;
    // Pulled off a wall that leans towards it.
    if (hasLegs(box.kind)) return length <= box.record.depth / Math.tan(corner) + AGAINST;
    const meeting = runsMeet(corner, depth);
    const behind = Math.abs(at - meeting) <= AGAINST && box.kind.symbol === 'filler';
    return (
      behind &&
      builtAgainst(design, other.id).some(({ kind, against, record }) => {
        if (!against || kind.symbol !== 'filler') return false;
        const off = hand === 'right' ? against.along : other.length - against.along - record.width;
        return Math.abs(off - meeting) <= AGAINST;
      })
    );
  });
}

/** How far from an inside corner of an angle two runs touch that end on both sides of it, each reaching as far off its wall, mm: that reach over the tangent of half the angle. */
export function runsMeet(corner: number, reach: number): number {
  return quantise(reach / Math.tan(corner / 2));
}

/** An open length between tall ones, or a tall one and what is built, that is free up to their height is one of the tall run. */
function asTall(design: Design, open: OpenLength): OpenLength {
  const beside = [open.left, open.right].flatMap((by) =>
    by?.kind === 'item' ? (findBox(design, by.id) ?? []) : [],
  );
  if (beside.length === 0 || beside.some(({ high }) => high <= TALL)) return open;
  const at = { depth: open.depth, low: 0, high: Math.min(...beside.map(({ high }) => high)) };
  const free = freeStretches(design, open.face, at).find(
    ({ from, to }) => from <= open.from + 1 && to >= open.to - 1,
  );
  return free ? { ...open, ...at, band: 'tall', leftOpen: leftOpenIn(design, open, 'tall') } : open;
}

/** The record that says a stretch is left open on purpose. */
function leftOpenIn(design: Design, { face, from, to }: FreeStretch, band: RunBand): string | null {
  const found = recordsOf(design, 'left-open').find((record) => {
    if (record.band !== band || record.at.face !== face.id) return false;
    const along = record.at.from === 'left' ? record.at.distance : face.length - record.at.distance;
    return along >= from && along <= to;
  });
  return found?.id ?? null;
}
