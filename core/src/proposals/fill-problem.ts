/** What a face is filled with: one width of a family. */
export interface Piece {
  code: string;
  /** mm. */
  width: number;
  price: number;
}

/** Where in a segment that which no cabinet fills is closed. */
export type SlackAt = 'left' | 'right' | 'both';

/** The filler of one end, mm: from a least to a greatest width, a greatest of 0 for none; optional: or none. */
export interface EndFiller {
  least: number;
  most: number;
  optional: boolean;
}

/** A stretch between two things that stay, to be filled with cabinets side by side, mm along the face. */
export interface FillSegment {
  from: number;
  to: number;
  /** The filler of either end. */
  left: EndFiller;
  right: EndFiller;
  slackAt: readonly SlackAt[];
}

/**
 * A face, or several laid one after the other on one line, to be filled between what stays. Lengths are millimetres, places along
 * the line.
 */
export interface FillProblem {
  pieces: readonly Piece[];
  /** From left to right. */
  segments: readonly FillSegment[];
  /** The edges of what stays, sorted. */
  joints: readonly number[];
  /** A centre line, and the stretch about it that should look the same on both sides. */
  centre: { at: number; from: number; to: number } | null;
  /** The edges of what stands above or below, sorted: doors look best in line with them. */
  aligned: readonly number[];
  /** Things that must stand in the segments, anywhere, beside the cabinets: their widths. They count as none. */
  loose: readonly number[];
  /** The narrowest and the widest filler that can be made; whether what is narrower is closed by a scribe strip. */
  filler: { least: number; most: number; scribed: boolean };
  /** What is decided before anything is filled: corner cabinets and the fillers beside them. */
  decided: { filler: number; widths: readonly number[]; price: number };
}

/** What a filling is judged by, each the less the better. */
export const criteria = ['filler', 'symmetry', 'items', 'widths', 'alignment', 'price'] as const;
export type Criterion = (typeof criteria)[number];

/** Total width of fillers (mm); how far joints mirrored at the centre line are from others, all together (mm); cabinets; different widths; joints of what is above or below without one here; price. */
export type Values = Readonly<Record<Criterion, number>>;

/** How one segment is filled: pieces by their place in the problem's list, and of the loose things the first as -1, the second as -2, left to right, between two fillers (mm, 0 for none). */
export interface FilledSegment {
  left: number;
  pieces: readonly number[];
  right: number;
}

/** A way to fill a problem, and what it is worth. */
export interface Filling {
  /** Which of the problems asked about. */
  problem: number;
  segments: readonly FilledSegment[];
  values: Values;
}

/** Joints no farther out of line than this look in line, mm. */
export const IN_LINE = 3;

/** Less than this is not left open, mm. */
export const CLOSED = 1;
