import type { ConstructionMethod } from '../../ranges/construction';
import type { ItemKind } from '../../ranges/item-kind';
import type { FrontPart } from '../../solids/front-parts';
import type { Side } from '../../document/records';
import type { Blocked } from '../../setting/cut-round';
import { backBefore, headBefore, type Slant } from '../../setting/slant';
import type { Span } from './board';

/** A row of a front: what is one above the other in it is one row by itself. Heights from the underside of the cabinet, mm. */
export interface Row {
  shows: FrontPart['shows'];
  low: number;
  high: number;
  parts: readonly FrontPart[];
  /** Which of the rows of one's own it is. */
  of?: number;
}

/** What the boards of a box follow from. Lengths mm. */
export interface CabinetBox {
  kind: ItemKind;
  made: ConstructionMethod;
  width: number;
  depth: number;
  height: number;
  /** How high its plinth is, and how far the kick under it stands back where the box goes down to the floor; null where there is none before it. */
  foot: number;
  /** Whether it hangs rather than stands. */
  hung: boolean;
  kickBack: number | null;
  hand: Side;
  /** What shows on its front, from the top down. */
  rows: readonly Row[];
  /** How much of its front is hidden in a corner, and at which end. */
  hidden: { end: Side; width: number } | null;
  /** How many shelves it is known to have. */
  shelves: number | undefined;
  /** What is built in where it stands. */
  blocked: readonly Blocked[];
  /** What its boards keep within, where something slants behind it. */
  slant: Slant | null;
  /** Where its hinges are, from its underside. */
  cups: readonly number[];
}

/** A clear height within a box between what parts it, and the row of the front before it. */
export interface Zone {
  row: Row | null;
  low: number;
  high: number;
}

/** The heights of a box: where its bottom and top are, what parts it, and what is clear between them. */
export interface Inside {
  bottom: Span;
  top: Span;
  dividers: readonly Span[];
  zones: readonly Zone[];
}

/** The rows of a front's parts, the uppermost first. */
export function rowsOf(parts: readonly FrontPart[]): Row[] {
  const rows: (Omit<Row, 'parts'> & { parts: FrontPart[] })[] = [];
  for (const part of parts) {
    const open = rows.find(({ low, high }) => part.low >= low - SAME && part.high <= high + SAME);
    if (open) open.parts.push(part);
    else {
      const { shows, low, high, row } = part;
      rows.push({ shows, low, high, parts: [part], ...(row !== undefined && { of: row }) });
    }
  }
  return rows.sort((a, b) => b.high - a.high);
}
const SAME = 1e-6;

/** What holds an appliance: open at its back, its clear height that of the appliance. */
export const holdsAppliance = ({ kind }: Pick<CabinetBox, 'kind'>): boolean =>
  kind.rows?.some(({ shows }) => shows === 'niche') ?? false;

/** Whether something hangs down into a box from its top, or stands in it up to there. */
export const isLetInto = ({ symbol }: ItemKind): boolean => ['sink', 'hob', 'oven'].includes(symbol);

/** Whether a box has rails instead of a top: a countertop goes over it. */
export const hasRails = ({ kind, depth, made }: Pick<CabinetBox, 'depth' | 'kind' | 'made'>): boolean =>
  kind.top === 'under' && !kind.plan && depth >= made.build.rails.least;

/** From where up what is let into the top of a box has its rails on edge, mm; nothing where none stand so. */
export const railsFoot = (box: Pick<CabinetBox, 'depth' | 'height' | 'kind' | 'made'>): number =>
  isLetInto(box.kind) && hasRails(box) ? box.height - box.made.build.rails.wide : Infinity;

/** The heights of a box, from its underside. */
export function insideOf(box: CabinetBox): Inside {
  const { made, foot, height, rows } = box;
  const { board, frame } = made.build;
  const floor = foot + (frame ? frame.wide : board);
  const under = frame && !hasRails(box) ? height - frame.wide : height - board;
  const bottom: Span = [floor - board, floor];
  const top: Span = [under, under + board];
  // Nothing goes across where rails are on edge.
  const low = box.kind.own ? Math.min(railsFoot(box), under) : under;
  const dividers: Span[] = [];
  for (const [index, upper] of rows.slice(0, -1).entries()) {
    const between = dividerBetween(box, upper, rows[index + 1]!);
    if (between && between[0] > floor && between[1] < low) dividers.push(between);
  }
  const edges = [top, ...dividers, bottom];
  const zones = edges.slice(1).map(([, low], index): Zone => {
    const high = edges[index]![0];
    const middle = (low + high) / 2;
    const row = rows.find((one) => one.low <= middle && middle <= one.high) ?? null;
    return { row, low, high };
  });
  return { bottom, top, dividers, zones };
}

/** The board that parts a box between two rows: under and over an appliance, and in tall boxes between doors and what is below them. */
function dividerBetween({ kind, made }: CabinetBox, upper: Row, lower: Row): Span | null {
  const { board, frame } = made.build;
  const middle = (upper.low + lower.high) / 2;
  if (kind.own && !isParted(upper, lower)) return null;
  if (kind.own || holdsAppliance({ kind })) {
    const [above, below] = [upper.shows === 'niche', lower.shows === 'niche'];
    if (!frame && above && !below) return [upper.low - board, upper.low];
    if (!frame && below && !above) return [lower.high, lower.high + board];
    if (!kind.own && !above && !below) return null;
  } else if (kind.group !== 'tall' || kind.id === 'tall-fridge' || kind.id === 'tall-broom') return null;
  // Behind a frame its upper face is level with the rail's.
  return frame
    ? [middle + frame.wide / 2 - board, middle + frame.wide / 2]
    : [middle - board / 2, middle + board / 2];
}

/** Whether a board goes between two rows of one's own: under what things are put in or stand on, about what stands open, and under and over what is side by side. */
function isParted(upper: Row, lower: Row): boolean {
  const isCut = ({ parts }: Row) => parts.some(({ cell }) => cell !== undefined);
  return PUT_IN.has(upper.shows) || lower.shows === 'niche' || isCut(upper) || isCut(lower);
}

/** Whether every board that goes between rows of one's own has its place. */
export const isDivided = (box: CabinetBox): boolean =>
  !box.kind.own ||
  insideOf(box).dividers.length ===
    box.rows.slice(1).filter((row, index) => isParted(box.rows[index]!, row)).length;

const PUT_IN: ReadonlySet<FrontPart['shows']> = new Set(['door', 'flap', 'niche'] as const);

/** The clear opening a row has for what stands in it: between what parts the box, half of the gaps to the rows beside it, or the rails of a frame. */
export function openingOf({ made, rows, foot, height }: CabinetBox, inside: Inside, row: Row): Span {
  const { frame } = made.build;
  const index = rows.indexOf(row);
  const [above, below] = [rows[index - 1], rows[index + 1]];
  const half = frame ? frame.wide / 2 : 0;
  const low = below ? (row.low + below.high) / 2 + half : foot + (frame ? frame.wide : 0);
  const high = above ? (row.high + above.low) / 2 - half : height - (frame ? frame.wide : 0);
  const walls = inside.zones.filter((zone) => zone.high > low && zone.low < high);
  return [
    Math.max(low, Math.min(...walls.map((zone) => zone.low))),
    Math.min(high, Math.max(...walls.map((zone) => zone.high))),
  ];
}

/** From where to where the inside of a box reaches across, and from the face of its back to the front of its boards. */
export function clearOf({ made, width, depth }: Pick<CabinetBox, 'depth' | 'made' | 'width'>): {
  x: Span;
  y: Span;
} {
  const { board, back, frame } = made.build;
  return { x: [board, width - board], y: [back.from + back.thick, depth - (frame?.thick ?? 0)] };
}

/** How far out of its back what stands in a box begins, for what slants behind it between two places across and two heights, mm. */
export const slantBack = ({ slant }: Pick<CabinetBox, 'slant'>, x: Span, z: Span): number =>
  slant ? backBefore(slant, x, z) : 0;

/** From where to where what a box with a thin back hangs by reaches up: under its top, or under what slants over its back. */
export function hangSpan(box: CabinetBox, { top, zones }: Inside): Span {
  const { board: thick, rails } = box.made.build;
  const { x, y } = clearOf(box);
  const head = box.slant ? Math.min(top[0], headBefore(box.slant, x, [y[0], y[0] + thick])) : top[0];
  return [Math.max(head - rails.wide, Math.min(zones[0]!.low, head)), head];
}

/** How far shelves stay back from the front of a box: as it is built, and clear of doors that lie in their frame and of what closes a part of its front. */
export function shelfBack({ made, hidden }: Pick<CabinetBox, 'hidden' | 'made'>): number {
  const { shelves, frame, front, board } = made.build;
  const doors = frame && made.proud <= 0 ? front - frame.thick : 0;
  return Math.max(shelves.back, doors, hidden && !frame ? board : 0);
}
