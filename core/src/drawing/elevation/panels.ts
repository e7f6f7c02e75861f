import { add, scale, subtract, type Point } from '../../geometry/point';
import { heightIn } from '../../survey/ceiling';
import type { FrontPart } from '../../solids/front-parts';
import type { Solid } from '../../solids/solids';
import { seenPieces } from '../../solids/seen-pieces';
import { BEHIND, type Seen, type ViewFrame } from './view-frame';

/** A side of a body as an elevation shows it: an upright rectangle, its depth even or falling from end to end. Lengths mm. */
export interface Panel {
  solid: Solid;
  left: number;
  right: number;
  low: number;
  high: number;
  /** How far out its left and right end stand, towards the viewer. */
  outLeft: number;
  outRight: number;
  /** Which of its ends are true edges of the body, rather than where the view ends. */
  edgeLeft: boolean;
  edgeRight: boolean;
  parts: readonly FrontPart[];
  /** From the body's own side to the panel: where its left end lies, and how much narrower it is seen. */
  from: number;
  shrink: number;
  /** Cut by the plane of the section. */
  section: boolean;
  /** Of a wall or an item under a slope: how high its upper edge is over `from`, and how much it rises with each mm to the right. */
  slope?: { high: number; rise: number };
}

/** How high the upper edge of a panel is at a place along the view. */
export function topAt({ slope, high, from }: Pick<Panel, 'from' | 'high' | 'slope'>, along: number): number {
  return slope ? slope.high + slope.rise * (along - from) : high;
}

/** What stands on a plinth is seen from over it. */
const bottomOf = ({ low, foot = 0 }: Solid): number => low + foot;

/** Sides seen narrower than this are seen from their edge, mm. */
const EDGE_ON = 0.01;

/** What an elevation shows of some bodies: the sides that look at the viewer, and where the bodies are cut. Nothing of what is behind the face or before the cut. */
export function panelsOf(frame: ViewFrame, solids: readonly Solid[]): Panel[] {
  return solids.flatMap((solid) => {
    const outline = solid.footprint.map((point) => frame.project(point));
    const outs = outline.map(({ out }) => out);
    const nearest = Math.min(...outs);
    const furthest = Math.max(...outs);
    if (nearest >= frame.cut || furthest <= BEHIND) return [];
    // What ends right at the cut is seen whole, though rounding may put it past it.
    const cut = furthest > frame.cut + EDGE_ON ? sections(frame, solid, outline) : [];
    if (solid.round)
      return [
        ...cut,
        ...within(frame, roundPanel(solid, outline, Math.min(furthest, frame.cut))).flatMap(inPieces),
      ];
    const sides = solid.sides.flatMap(({ from, to, parts, smooth, tops }) => {
      const [a, b] = [frame.project(from), frame.project(to)];
      const seen = b.along - a.along;
      if (seen <= EDGE_ON) return [];
      const whole = Math.hypot(to.x - from.x, to.y - from.y);
      return within(frame, {
        solid,
        left: a.along,
        right: b.along,
        low: bottomOf(solid),
        high: solid.high,
        outLeft: a.out,
        outRight: b.out,
        edgeLeft: !smooth?.from,
        edgeRight: !smooth?.to,
        parts,
        from: a.along,
        shrink: seen / whole,
        section: false,
        ...(tops ? { slope: { high: tops[0], rise: (tops[1] - tops[0]) / seen } } : {}),
      })
        .flatMap(inPieces)
        .flatMap((panel) => underSlope(panel, a, b, [from, to]));
    });
    return [...cut, ...sides];
  });
}

/** A panel of what is cut to a slope, as far as it goes under that: level, sloped, or one part each. Its ends are told as they are seen, and where they are in the room. */
function underSlope(panel: Panel, a: Seen, b: Seen, ends: readonly [Point, Point]): Panel[] {
  const { slope } = panel.solid;
  if (!slope) return [panel];
  const [first, last] = ends.map((end) => heightIn(slope, end)) as [number, number];
  const rise = (last - first) / (b.along - a.along);
  const over = (along: number) => first + rise * (along - a.along);
  const { left, right, high, from } = panel;
  const [atLeft, atRight] = [over(left) < high, over(right) < high];
  const sloped = { ...panel, slope: { high: over(from), rise } };
  if (!atLeft && !atRight) return [panel];
  if (atLeft && atRight) return [sloped];
  const at = a.along + (high - first) / rise;
  const [before, after] = atLeft ? [sloped, panel] : [panel, sloped];
  return [
    { ...before, right: at, edgeRight: false, outRight: outAt(panel, at) },
    { ...after, left: at, edgeLeft: false, outLeft: outAt(panel, at) },
  ];
}

const outAt = ({ left, right, outLeft, outRight }: Panel, along: number): number =>
  outLeft + ((outRight - outLeft) * (along - left)) / (right - left);

/** A panel as what is seen of it: one piece, or the legs and boards of a stool. */
function inPieces(panel: Panel): Panel[] {
  const pieces = seenPieces(panel.solid.box?.kind);
  if (pieces.length === 1) return [panel];
  const { left, right, low, high } = panel;
  return pieces.map((piece) => ({
    ...panel,
    left: left + (right - left) * piece.left,
    right: left + (right - left) * piece.right,
    low: low + (high - low) * piece.low,
    high: low + (high - low) * piece.high,
  }));
}

function roundPanel(solid: Solid, outline: readonly Seen[], out: number): Panel {
  const left = Math.min(...outline.map(({ along }) => along));
  const right = Math.max(...outline.map(({ along }) => along));
  const { high } = solid;
  const low = bottomOf(solid);
  const ends = { edgeLeft: true, edgeRight: true, from: left, shrink: 1 };
  return { solid, left, right, low, high, outLeft: out, outRight: out, ...ends, parts: [], section: false };
}

/** The part of a panel within the length of the view and behind the cut. */
function within({ length, cut }: ViewFrame, panel: Panel): Panel[] {
  const { left, right, outLeft, outRight } = panel;
  let [from, to] = [Math.max(0, left), Math.min(length, right)];
  const fall = (outRight - outLeft) / (right - left);
  if (Math.abs(fall) < 1e-9) {
    if (outLeft >= cut + EDGE_ON) return [];
  } else {
    const at = left + (cut - outLeft) / fall;
    if (fall > 0) to = Math.min(to, at);
    else from = Math.max(from, at);
  }
  if (to - from <= EDGE_ON) return [];
  const out = (along: number) => outLeft + (along - left) * fall;
  if (Math.max(out(from), out(to)) < BEHIND && panel.solid.of !== 'top') return [];
  return [
    {
      ...panel,
      left: from,
      right: to,
      outLeft: out(from),
      outRight: out(to),
      edgeLeft: panel.edgeLeft && from === left,
      edgeRight: panel.edgeRight && to === right,
    },
  ];
}

/** Where a body is cut: the stretches its outline takes of the plane. */
function sections(frame: ViewFrame, solid: Solid, outline: readonly Seen[]): Panel[] {
  const crossings: { seen: Seen; at: Point }[] = [];
  outline.forEach((a, index) => {
    const next = (index + 1) % outline.length;
    const b = outline[next]!;
    if (a.out > frame.cut === b.out > frame.cut) return;
    const share = (frame.cut - a.out) / (b.out - a.out);
    const [p, q] = [solid.footprint[index]!, solid.footprint[next]!];
    crossings.push({
      seen: { along: a.along + (b.along - a.along) * share, out: frame.cut },
      at: add(p, scale(subtract(q, p), share)),
    });
  });
  crossings.sort((a, b) => a.seen.along - b.seen.along);
  const { high } = solid;
  const low = bottomOf(solid);
  const { cut } = frame;
  const found: Panel[] = [];
  for (let i = 0; i + 1 < crossings.length; i += 2) {
    const [a, b] = [crossings[i]!, crossings[i + 1]!];
    const [left, right] = [a.seen.along, b.seen.along];
    const ends = { edgeLeft: true, edgeRight: true, from: left, shrink: 1, parts: [], section: true };
    found.push(
      ...within(
        { ...frame, cut: cut + 1 },
        { solid, left, right, low, high, outLeft: cut, outRight: cut, ...ends },
      ).flatMap((panel) => underSlope(panel, a.seen, b.seen, [a.at, b.at])),
    );
  }
  return found;
}
