import { distance, type Point } from '../../geometry/point';
import {
  boundsMeet,
  boundsOf,
  contains,
  distanceToSegment,
  forEachEdge,
  segmentsCross,
  type Bounds,
} from '../../geometry/polygon';
import { nearestBetween } from '../../geometry/nearest-between';
import type { Machine, MachineTool } from './machine';
import type { PlacedWork } from './placed-work';
import { readIso, type PlayedStroke } from './read-iso';
import type { PlayFaultWhy } from '../../wording/shop-words';

/** What holds a sheet down: where it stands, and how high over the sheet it reaches, mm. */
export interface Clamp {
  at: Point;
  size: readonly [number, number];
  high: number;
}

/** What lies on the bed: how large and thick it is, what is to be made of it and what holds it; how far over its edges a tool may go, mm. */
export interface OnBed {
  size: readonly [number, number];
  thick: number;
  works: readonly PlacedWork[];
  clamps: readonly Clamp[];
  beyond: number;
}

/** Why a movement is refused, and of which part where it is about one. */
export interface PlayFault {
  line: number;
  why: PlayFaultWhy;
  /** The word that is not known, or the part that is met. */
  about: string;
  at: Point | null;
}

/** A machine file played over a sheet. */
export interface Played {
  strokes: readonly PlayedStroke[];
  faults: readonly PlayFault[];
  minutes: number;
}

/** What is met by less is not met, mm. */
const TOUCH = 0.02;
/** An arc is looked at in pieces that lie no farther from it, mm. */
const FLAT = 0.005;
/** How fast a machine goes where it cuts nothing, mm a minute, and how long it changes a tool, minutes. */
const RAPID = 25_000;
const CHANGE = 0.2;

/**
 * The router's stand-in: reads a machine file and plays it over what lies on the bed. It knows the parts, not how the file was made. Refused is what
 * leaves the sheet, meets a clamp, goes too deep, goes through the board at full speed, or takes away what belongs to a finished part.
 */
export function played(text: string, bed: OnBed, machine: Machine): Played {
  const { strokes, faults: unread } = readIso(text);
  const faults: PlayFault[] = unread.map(({ line, why, word }) => ({ line, why, about: word, at: null }));
  const tools = new Map(machine.tools.map((one) => [one.number, one]));
  const parts = bed.works.map((work) => ({ work, bounds: boundsOf(work.outline) }));
  let minutes = 0;
  let last: number | null = null;
  for (const stroke of strokes) {
    const tool = stroke.tool === null ? undefined : tools.get(stroke.tool);
    const path = strokePath(stroke);
    minutes += minutesOf(stroke, path) + (stroke.tool === last ? 0 : CHANGE);
    last = stroke.tool;
    const found = faultOf(stroke, tool, { path, bed, parts, machine });
    if (found) faults.push({ line: stroke.line, at: path.at(-1)!, about: '', ...found });
  }
  return { strokes, faults: faults.sort((a, b) => a.line - b.line), minutes };
}

type Found = Pick<PlayFault, 'why'> & Partial<Pick<PlayFault, 'about' | 'at'>>;
interface Around {
  path: readonly Point[];
  bed: OnBed;
  parts: readonly { work: PlacedWork; bounds: Bounds }[];
  machine: Machine;
}

function faultOf(stroke: PlayedStroke, tool: MachineTool | undefined, around: Around): Found | null {
  const { path, bed, machine } = around;
  const { from, to, way } = stroke;
  const low = Math.min(from.z, to.z);
  const radius = (tool?.size ?? 0) / 2;
  const held = bed.clamps.find((clamp) => low < clamp.high - TOUCH && meetsClamp(path, radius, clamp));
  if (held) return { why: 'clamp', at: held.at };
  if (low >= -TOUCH) return null;
  const isUp = from.x === to.x && from.y === to.y && to.z > from.z;
  if (way === 'rapid') return isUp ? null : { why: 'rapid' };
  if (!tool) return { why: 'no-tool' };
  if (!stroke.turning) return { why: 'not-turning' };
  if (tool.kind === 'drill' && path.length > 1 && distance(path[0]!, path.at(-1)!) > TOUCH)
    return { why: 'drill-sideways' };
  if (-low > bed.thick + machine.through + TOUCH) return { why: 'deep' };
  if (-low > tool.reach + TOUCH) return { why: 'reach' };
  const [l, w] = bed.size;
  const off = path.find(
    ({ x, y }) =>
      Math.min(x, y) - radius < -bed.beyond - TOUCH ||
      x + radius > l + bed.beyond + TOUCH ||
      y + radius > w + bed.beyond + TOUCH,
  );
  if (off) return { why: 'off-sheet', at: off };
  const bounds = boundsOf(path);
  const swept: Bounds = {
    left: bounds.left - radius,
    bottom: bounds.bottom - radius,
    right: bounds.right + radius,
    top: bounds.top + radius,
  };
  const met = around.parts.find(
    (one) =>
      boundsMeet(one.bounds, swept) &&
      meets(path, radius, one.work.outline) &&
      !isAsked(path, radius, -low, { ...bed, ...machine, work: one.work }),
  );
  return met ? { why: 'part', about: met.work.id } : null;
}

/** The way of a tool's middle in straight pieces. */
export function strokePath({ from, to, centre, way }: PlayedStroke): Point[] {
  if (!centre) return from.x === to.x && from.y === to.y ? [to] : [from, to];
  const radius = distance(from, centre);
  const start = Math.atan2(from.y - centre.y, from.x - centre.x);
  const end = Math.atan2(to.y - centre.y, to.x - centre.x);
  const turn = way === 'arc-left' ? 1 : -1;
  const full = 2 * Math.PI;
  // No movement is all the way round.
  const sweep = ((((end - start) * turn) % full) + full) % full || full;
  const step = 2 * Math.acos(1 - Math.min(1, FLAT / Math.max(radius, FLAT)));
  const count = Math.max(2, Math.ceil(sweep / step));
  return Array.from({ length: count + 1 }, (_, index): Point => {
    const at = start + (turn * sweep * index) / count;
    return { x: centre.x + radius * Math.cos(at), y: centre.y + radius * Math.sin(at) };
  });
}

function minutesOf({ from, to, way, feed }: PlayedStroke, path: readonly Point[]): number {
  const flat = path.slice(1).reduce((sum, at, index) => sum + distance(path[index]!, at), 0);
  const long = Math.hypot(flat, to.z - from.z);
  return long / (way === 'rapid' ? RAPID : Math.max(feed, 1));
}

const meetsClamp = (path: readonly Point[], radius: number, { at, size: [l, w] }: Clamp): boolean =>
  meets(path, radius, [at, { x: at.x + l, y: at.y }, { x: at.x + l, y: at.y + w }, { x: at.x, y: at.y + w }]);

/** Whether a tool so large takes away anything of an outline on its way. */
function meets(path: readonly Point[], radius: number, outline: readonly Point[]): boolean {
  if (path.some((at) => contains(outline, at))) return true;
  let isNear = false;
  forEachEdge(outline, (a, b) => {
    isNear ||=
      path.length === 1
        ? distanceToSegment(path[0]!, a, b) < radius - TOUCH
        : path.slice(1).some((to, index) => comesNear([path[index]!, to], [a, b], radius - TOUCH));
  });
  return isNear;
}

const comesNear = (one: readonly [Point, Point], other: readonly [Point, Point], by: number): boolean =>
  segmentsCross(...one, ...other) || nearestBetween(one, other).apart < by;

/** Whether what a tool takes away there, so deep, is what is to be bored or milled out. */
function isAsked(
  path: readonly Point[],
  radius: number,
  depth: number,
  { thick, through, work }: { thick: number; through: number; work: PlacedWork },
): boolean {
  const reaches = (asked: number) => depth <= (asked >= thick - TOUCH ? thick + through : asked) + TOUCH;
  const isBored = work.bores.some(
    (bore) =>
      reaches(bore.depth) && path.every((at) => distance(at, bore.at) + radius <= bore.size / 2 + TOUCH),
  );
  if (isBored) return true;
  return work.pockets.some(({ at, size: [l, w], depth: deep, open }) => {
    if (!reaches(deep)) return false;
    // Over an open side the tool goes out as far as it likes: what lies beyond is another's.
    const left = open.left ? -Infinity : at.x + radius;
    const right = open.right ? Infinity : at.x + l - radius;
    const low = open.low ? -Infinity : at.y + radius;
    const high = open.high ? Infinity : at.y + w - radius;
    return path.every(
      ({ x, y }) => x >= left - TOUCH && x <= right + TOUCH && y >= low - TOUCH && y <= high + TOUCH,
    );
  });
}
