import type { Point } from '../geometry/point';
import { boundsOf, type Bounds, type Polygon } from '../geometry/polygon';
import type { Edge, ZoneEdges } from './zone-edges';

/** A part of a piece that is left of it in one, mm²; outlines counter-clockwise, holes clockwise. */
export interface Part {
  area: number;
  outline(): readonly Polygon[];
}

/** Levels nearer than this are one, mm. */
const LEVEL = 1e-9;
/** Strips that share less than this of a level are not one part, mm. */
const SHARED = 1e-7;

/** A stretch of the zone within a piece between two levels, where neither has a corner or a crossing. */
interface Strip {
  low: readonly [left: number, right: number];
  high: readonly [left: number, right: number];
  bottom: number;
  top: number;
  part: number;
}

/**
 * What a piece has in common with a zone, part by part: both are cut into level strips at every corner and crossing, in which what lies in both is between two edges. No
 * number is rounded; a hair of a strip is left out.
 */
export function partsWithin(piece: Polygon, zone: ZoneEdges, near: readonly Edge[]): Part[] {
  const extent = boundsOf(piece);
  const own = piece.map((a, index): Edge => ({ a, b: piece[(index + 1) % piece.length]! }));
  const levels = levelsOf(own, near, extent, zone.plain);
  const beside = besideOf(zone, near, extent);
  const middle = (extent.left + extent.right) / 2;
  const strips: Strip[] = [];
  let below: Strip[] = [];
  const parts = new Joined();
  for (let index = 1; index < levels.length; index++) {
    const [bottom, top] = [levels[index - 1]!, levels[index]!];
    const made = stripsBetween(bottom, top, { own, near, beside, middle }, parts);
    for (const strip of made)
      for (const under of below)
        if (Math.min(strip.low[1], under.high[1]) - Math.max(strip.low[0], under.high[0]) > SHARED)
          parts.join(strip.part, under.part);
    strips.push(...made);
    below = made;
  }
  const byPart = new Map<number, Strip[]>();
  for (const strip of strips) {
    const part = parts.find(strip.part);
    const all = byPart.get(part);
    if (all) all.push(strip);
    else byPart.set(part, [strip]);
  }
  return [...byPart.values()].map((all) => ({
    area: all.reduce((sum, one) => sum + areaOf(one), 0),
    outline: () => stackOutline(all) ?? outlineOf(all),
  }));
}

/** What of a zone is as high as an extent but not near it. */
function besideOf(zone: ZoneEdges, near: readonly Edge[], { bottom, top }: Bounds): Edge[] {
  // Of few it is quicker to look through them than to keep them so.
  const kept = near.length > 16 ? new Set(near) : null;
  const found: Edge[] = [];
  for (const edge of zone.edges) {
    const { a, b } = edge;
    if (a.y <= bottom && b.y <= bottom) continue;
    if (a.y >= top && b.y >= top) continue;
    if (!(kept ? kept.has(edge) : near.includes(edge))) found.push(edge);
  }
  return found;
}

const areaOf = ({ low, high, bottom, top }: Strip): number =>
  ((low[1] - low[0] + high[1] - high[0]) / 2) * (top - bottom);

/** Which of some numbered things are one. */
class Joined {
  readonly #to: number[] = [];

  add(): number {
    return this.#to.push(this.#to.length) - 1;
  }

  find(one: number): number {
    let at = one;
    while (this.#to[at] !== at) at = this.#to[at]!;
    this.#to[one] = at;
    return at;
  }

  join(one: number, other: number): void {
    this.#to[this.find(one)] = this.find(other);
  }
}

/** The heights of all corners and crossings within a piece's extent, from the lowest up. The edges of a plain zone cross none of their own. */
function levelsOf(
  own: readonly Edge[],
  near: readonly Edge[],
  { bottom, top }: Bounds,
  plain: boolean,
): number[] {
  const levels = [bottom, top];
  const keep = (y: number | null) => {
    if (y !== null && y > bottom && y < top) levels.push(y);
  };
  for (const { a } of own) keep(a.y);
  for (let index = 0; index < near.length; index++) {
    const edge = near[index]!;
    keep(edge.a.y);
    keep(edge.b.y);
    for (const side of own) keep(crossingLevel(side, edge));
    if (!plain) for (let other = 0; other < index; other++) keep(crossingLevel(near[other]!, edge));
  }
  levels.sort(upwards);
  let count = 1;
  for (let index = 1; index < levels.length; index++)
    if (levels[index]! - levels[index - 1]! > LEVEL) levels[count++] = levels[index]!;
  levels.length = count;
  return levels;
}

const upwards = (a: number, b: number): number => a - b;

/** How high two edges cross; null where they do not, or lie along one another. */
function crossingLevel({ a, b }: Edge, { a: c, b: d }: Edge): number | null {
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
  const turn = ux * vy - uy * vx;
  if (turn === 0) return null;
  const t = ((c.x - a.x) * vy - (c.y - a.y) * vx) / turn;
  const s = ((c.x - a.x) * uy - (c.y - a.y) * ux) / turn;
  return t >= 0 && t <= 1 && s >= 0 && s <= 1 ? a.y + uy * t : null;
}

interface Lines {
  own: readonly Edge[];
  near: readonly Edge[];
  /** What else of the zone is as high, to the left or the right of the piece. */
  beside: readonly Edge[];
  /** How far on the middle of the piece is. */
  middle: number;
}

/** An edge across a strip: where it is at its levels, and what grows to the right of it. */
interface Across {
  low: number;
  high: number;
  own: number;
  zone: number;
}

const xAt = ({ a, b }: Edge, y: number) => a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y);

/** What grows to the right of an edge at a level. */
const grownBy = ({ a, b }: Edge, level: number): number =>
  a.y > level === b.y > level ? 0 : b.y < a.y ? 1 : -1;

const fromTheLeft = (one: Across, other: Across): number => one.low + one.high - other.low - other.high;

function stripsBetween(bottom: number, top: number, lines: Lines, parts: Joined): Strip[] {
  const { own, near, beside, middle } = lines;
  const level = (bottom + top) / 2;
  const across: Across[] = [];
  for (const edge of own) {
    const by = grownBy(edge, level);
    if (by !== 0) across.push({ low: xAt(edge, bottom), high: xAt(edge, top), own: by, zone: 0 });
  }
  for (const edge of near) {
    const by = grownBy(edge, level);
    if (by !== 0) across.push({ low: xAt(edge, bottom), high: xAt(edge, top), own: 0, zone: by });
  }
  let zone = 0;
  for (const edge of beside) {
    const by = grownBy(edge, level);
    if (by !== 0 && xAt(edge, level) < middle) zone += by;
  }
  across.sort(fromTheLeft);
  const found: Strip[] = [];
  let inPiece = 0;
  for (let index = 0; index + 1 < across.length; index++) {
    const [one, next] = [across[index]!, across[index + 1]!];
    inPiece += one.own;
    zone += one.zone;
    if (inPiece <= 0 || zone <= 0) continue;
    const { low, high } = uncrossed(one, next);
    if (low[1] - low[0] + high[1] - high[0] <= 2 * LEVEL) continue;
    const last = found.at(-1);
    // Nothing but edges that lie on one another is between.
    if (last && low[0] - last.low[1] + high[0] - last.high[1] <= 2 * LEVEL) {
      last.low = [last.low[0], low[1]];
      last.high = [last.high[0], high[1]];
    } else found.push({ low, high, bottom, top, part: parts.add() });
  }
  return found;
}

/**
 * The stretches between two edges at their levels. Edges that lie almost along the levels can cross between these, since levels that are a hair apart are one: then there is nothing on
 * the other side of where they cross.
 */
function uncrossed(one: Across, next: Across): Pick<Strip, 'high' | 'low'> {
  const [low, high] = [next.low - one.low, next.high - one.high];
  if (low >= 0 && high >= 0) return { low: [one.low, next.low], high: [one.high, next.high] };
  const at = one.low + (one.high - one.low) * (low / (low - high));
  return low < 0
    ? { low: [at, at], high: [one.high, next.high] }
    : { low: [one.low, next.low], high: [at, at] };
}

/** Places are the same to so much when lines are put together, mm. */
const SAME = 1e-6;
const keyOf = ({ x, y }: Point) => `${Math.round(x / SAME)} ${Math.round(y / SAME)}`;

/** The outline of strips that stand one on the other, as most do: up their right sides, and down their left ones. Null where they do not. */
function stackOutline(strips: readonly Strip[]): Point[][] | null {
  const ring: Point[] = [];
  for (const [index, { low, high, bottom, top }] of strips.entries()) {
    if (index > 0 && strips[index - 1]!.top !== bottom) return null;
    ring.push({ x: low[1], y: bottom }, { x: high[1], y: top });
  }
  for (let index = strips.length - 1; index >= 0; index--) {
    const { low, high, bottom, top } = strips[index]!;
    ring.push({ x: high[0], y: top }, { x: low[0], y: bottom });
  }
  const corners = cornersOf(ring);
  return corners.length > 2 ? [corners] : [];
}

/** The outline of strips that are one part: their sides, and what of a level has a strip on one side of it only. */
function outlineOf(strips: readonly Strip[]): Point[][] {
  const lines: Edge[] = [];
  const levels = new Map<number, { from: number; to: number; by: number }[]>();
  const level = (y: number, [from, to]: readonly [number, number], by: number) => {
    if (to - from <= SHARED) return;
    const all = levels.get(y);
    if (all) all.push({ from, to, by });
    else levels.set(y, [{ from, to, by }]);
  };
  for (const { low, high, bottom, top } of strips) {
    lines.push({ a: { x: high[0], y: top }, b: { x: low[0], y: bottom } });
    lines.push({ a: { x: low[1], y: bottom }, b: { x: high[1], y: top } });
    level(bottom, low, 1);
    level(top, high, -1);
  }
  for (const [y, all] of levels) {
    const stops = all.flatMap(({ from, to }) => [from, to]).sort((a, b) => a - b);
    for (const [index, from] of stops.entries()) {
      const to = stops[index + 1];
      if (to === undefined || to - from <= SHARED) continue;
      const middle = (from + to) / 2;
      const by = all.reduce((sum, one) => sum + (one.from < middle && one.to > middle ? one.by : 0), 0);
      const [left, right] = [
        { x: from, y },
        { x: to, y },
      ];
      if (by > 0) lines.push({ a: left, b: right });
      else if (by < 0) lines.push({ a: right, b: left });
    }
  }
  return ringsOf(lines);
}

/** Lines end to end, those in line as one. */
function ringsOf(lines: readonly Edge[]): Point[][] {
  const from = new Map<string, Edge[]>();
  for (const line of lines) {
    const key = keyOf(line.a);
    const all = from.get(key);
    if (all) all.push(line);
    else from.set(key, [line]);
  }
  const rings: Point[][] = [];
  /** The line that begins nearest to a place where none begins, since a hair was left out there; none where the ring's own start is nearer. */
  const nearest = (end: Point, start: Point): Edge | undefined => {
    if (keyOf(end) === keyOf(start)) return undefined;
    let found: { all: Edge[]; index: number; off: number } | null = null;
    for (const all of from.values())
      for (const [index, { a }] of all.entries()) {
        const off = Math.hypot(a.x - end.x, a.y - end.y);
        if (!found || off < found.off) found = { all, index, off };
      }
    const own = Math.hypot(start.x - end.x, start.y - end.y);
    return found && found.off < own ? found.all.splice(found.index, 1)[0] : undefined;
  };
  for (const all of from.values())
    while (all.length > 0) {
      const ring: Point[] = [];
      for (let line = all.pop(); line; line = from.get(keyOf(line.b))?.pop() ?? nearest(line.b, ring[0]!))
        ring.push(line.a);
      const corners = cornersOf(ring);
      if (corners.length > 2) rings.push(corners);
    }
  return rings;
}

/** A ring without what is in line, or twice. */
function cornersOf(ring: readonly Point[]): Point[] {
  const apart = ring.filter((corner, index) => isApart(corner, ring.at(index - 1)!));
  return apart.filter((corner, index) => isCorner(apart, corner, index));
}

/** Of corners that are nearer to one another than this one stays, mm: else each could be in line with what the other leaves. */
const APART = 1e-5;
const isApart = (one: Point, other: Point): boolean =>
  Math.abs(one.x - other.x) > APART || Math.abs(one.y - other.y) > APART;

function isCorner(ring: readonly Point[], at: Point, index: number): boolean {
  const [before, after] = [ring.at(index - 1)!, ring[(index + 1) % ring.length]!];
  const [ux, uy, vx, vy] = [at.x - before.x, at.y - before.y, after.x - at.x, after.y - at.y];
  return Math.abs(ux * vy - uy * vx) > SAME * Math.hypot(ux, uy) || ux * vx + uy * vy < 0;
}
