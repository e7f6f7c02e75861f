import { doorStyles, leafBoards, type DoorStyle, type HandleStyle, type LiningStyle } from 'goodreach';

/** A door of 300 by 400 as a small drawing, 24 by 24. */
function drawn(style: DoorStyle): string {
  const [wide, high, scale] = [300, 400, 0.05];
  const rect = (left: number, right: number, low: number, high_: number) => {
    const x = (at: number) => (4.5 + at * scale).toFixed(1);
    const y = (at: number) => (22 - at * scale).toFixed(1);
    return `M${x(left)} ${y(low)}H${x(right)}V${y(high_)}H${x(left)}Z`;
  };
  const edged = leafBoards(style, { wide, high }).filter((board) => board.edged);
  // More boards than this run together at such a size.
  const shown = edged.length > 5 ? edged.filter((_, index) => index % 2 === 0) : edged;
  const inner = shown.map(({ left, right, low, high: top }) => rect(left, right, low, top));
  const glass = style === 'glazed' ? 'M9 14L14 9' : '';
  return [rect(0, wide, 0, high), ...inner, glass].join('');
}

export const doorWays = Object.fromEntries(doorStyles.map((style) => [style, drawn(style)])) as Record<
  DoorStyle,
  string
>;

/** A piece of wall, and what stands before it. */
const WALL = 'M3 3H21V21H3Z';
export const liningWays: Record<LiningStyle, string> = {
  plain: `${WALL}M6 3V21`,
  boards: 'M3 9H21V21H3ZM7.5 9V21M12 9V21M16.5 9V21',
  'boards-across': 'M3 9H21V21H3ZM3 13H21M3 17H21',
  panelled: 'M3 9H21V21H3ZM5.5 11.5H10.8V18H5.5ZM13.2 11.5H18.5V18H13.2Z',
  slatted: 'M4 3V21M8 3V21M12 3V21M16 3V21M20 3V21',
};

/** A drawer front, and what it is taken hold of by. */
const FRONT = 'M2 6H22V18H2Z';
export const handleWays: Record<HandleStyle, string> = {
  bar: `${FRONT}M8 11H16`,
  'long-bar': `${FRONT}M4.5 11H19.5`,
  knob: `${FRONT}M10 12A2 2 0 1 0 14 12A2 2 0 1 0 10 12`,
  cup: `${FRONT}M8 13A4 4 0 0 1 16 13Z`,
  edge: `${FRONT}M7 6V9H17V6`,
  none: 'M2 9H22V18H2ZM2 5H22',
};
