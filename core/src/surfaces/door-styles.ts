import type { DoorStyle } from '../document/limits';

/** A board of a front, mm: from where to where in the front's own frame (from its low left corner), and from how far behind its face to how far. */
export interface LeafBoard {
  left: number;
  right: number;
  low: number;
  high: number;
  back: number;
  face: number;
  of: 'front' | 'glass';
  /** Which part of a front it is. */
  part?: 'bead' | 'field' | 'pane' | 'panel' | 'rail' | 'rib' | 'stile' | 'whole';
  /** Whether its grain lies across. */
  across?: true;
  /** Whether its outline is seen from before. */
  edged?: true;
}

/** Usual thickness of a front, mm. */
export const FRONT = 18;

/** Thickness of the panel in a frame, mm. */
const PANEL = 6;

/** How wide the frame of each framed style is, and how far its panel lies back in it, mm. */
const frames: Partial<Record<DoorStyle, { rail: number; sunk: number }>> = {
  'slim-frame': { rail: 22, sunk: 5 },
  frame: { rail: 62, sunk: 9 },
  'wide-frame': { rail: 90, sunk: 9 },
  beaded: { rail: 62, sunk: 9 },
  raised: { rail: 62, sunk: 9 },
  glazed: { rail: 62, sunk: 9 },
};
/** A frame narrower than this is none: the front is plain. */
const LEAST_RAIL = 18;
/** A bead on the panel stands so wide within a frame, so far back. */
const BEAD = { wide: 8, back: 3 };
/** A raised field leaves so much of the panel about it, and comes out to so far behind the face. */
const FIELD = { margin: 32, back: 2 };
/** Boards about so wide, with grooves between them. */
const GROOVED = { board: 100, gap: 4, deep: 5 };
const SLATTED = { board: 22, gap: 10, deep: 8 };

/** How wide the frame of a front is in a style; null for what has none, or no room for it. */
export function railOf(style: DoorStyle, wide: number, high: number): number | null {
  const frame = frames[style];
  if (!frame) return null;
  const rail = Math.min(frame.rail, wide / 4, high / 4);
  return rail < LEAST_RAIL ? null : rail;
}

/** The boards a front of a size is made of, in a style; a glazed kind has glass in its frame whatever its style. One definition for elevations and three dimensions. */
export function leafBoards(
  style: DoorStyle,
  {
    wide,
    high,
    glass = false,
    thick = FRONT,
    panel: board = PANEL,
  }: { wide: number; high: number; glass?: boolean; thick?: number; panel?: number },
): LeafBoard[] {
  const whole = { left: 0, right: wide, low: 0, high };
  const plain: LeafBoard[] = [{ ...whole, back: -thick, face: 0, of: 'front', part: 'whole' }];
  if (!glass && (style === 'grooved' || style === 'slatted'))
    return boardsUpright(whole, style === 'grooved' ? GROOVED : SLATTED, thick);
  const frame = frames[style] ?? (glass ? frames.frame : undefined);
  if (!frame) return plain;
  const rail = Math.min(frame.rail, wide / 4, high / 4);
  if (rail < LEAST_RAIL) return plain;
  const inner = { left: rail, right: wide - rail, low: rail, high: high - rail };
  const solid = { back: -thick, face: 0, of: 'front' } as const;
  // Stiles from top to bottom, rails between them.
  const about: LeafBoard[] = [
    { ...whole, right: rail, ...solid, part: 'stile' },
    { ...whole, left: wide - rail, ...solid, part: 'stile' },
    { left: rail, right: wide - rail, low: 0, high: rail, ...solid, across: true, part: 'rail' },
    { left: rail, right: wide - rail, low: high - rail, high, ...solid, across: true, part: 'rail' },
  ];
  if (glass || style === 'glazed')
    return [
      ...about,
      { ...inner, back: 6 - thick, face: 10 - thick, of: 'glass', edged: true, part: 'pane' },
    ];
  // A slim frame is milled out of one board with its field.
  const behind = style === 'slim-frame' ? -thick : -frame.sunk - board;
  const panel: LeafBoard = {
    ...{ ...inner, back: behind, face: -frame.sunk, of: 'front', edged: true, part: 'panel' },
  };
  if (style === 'beaded') return [...about, ...bead(inner, frame.sunk), panel];
  const field = within(inner, FIELD.margin);
  if (style === 'raised' && field.right - field.left > FIELD.margin && field.high - field.low > FIELD.margin)
    return [...about, panel, { ...panel, ...field, back: -frame.sunk, face: -FIELD.back, part: 'field' }];
  return [...about, panel];
}

type Extent = Pick<LeafBoard, 'high' | 'left' | 'low' | 'right'>;

const within = ({ left, right, low, high }: Extent, by: number): Extent => ({
  left: left + by,
  right: right - by,
  low: low + by,
  high: high - by,
});

/** A narrow moulding about the inside of a frame. */
function bead(inner: Extent, sunk: number): LeafBoard[] {
  const { left, right, low, high } = inner;
  const { wide, back } = BEAD;
  const of = { back: -sunk, face: -back, of: 'front', edged: true, part: 'bead' } as const;
  return [
    { left, right: left + wide, low, high, ...of },
    { left: right - wide, right, low, high, ...of },
    { left: left + wide, right: right - wide, low, high: low + wide, ...of, across: true },
    { left: left + wide, right: right - wide, low: high - wide, high, ...of, across: true },
  ];
}

/** Boards side by side, all of one width, on a back. */
export function boardsUpright(
  whole: Extent,
  { board, gap, deep }: { board: number; gap: number; deep: number },
  thick = FRONT,
): LeafBoard[] {
  const wide = whole.right - whole.left;
  const count = Math.max(1, Math.round((wide + gap) / (board + gap)));
  const each = (wide - gap * (count - 1)) / count;
  return [
    { ...whole, back: -thick, face: -deep, of: 'front', part: 'whole' },
    ...Array.from({ length: count }, (_, index): LeafBoard => {
      const left = whole.left + index * (each + gap);
      return {
        ...whole,
        left,
        right: left + each,
        back: -deep,
        face: 0,
        of: 'front',
        edged: true,
        part: 'rib',
      };
    }),
  ];
}
