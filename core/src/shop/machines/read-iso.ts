import type { Point } from '../../geometry/point';

/** A movement that a machine file asks for, of which line; mm. `tool` is the number of the one in the spindle, null before the first. */
export interface PlayedStroke {
  line: number;
  way: 'arc-left' | 'arc-right' | 'line' | 'rapid';
  from: Place;
  to: Place;
  centre: Point | null;
  tool: number | null;
  turning: boolean;
  /** mm a minute; of a rapid movement nothing. */
  feed: number;
}
/** Where the tool's end is; a height nobody has said yet is unknown, and taken for high. */
export interface Place {
  x: number;
  y: number;
  z: number;
}

/** Why a line of a machine file can't be played. */
export interface IsoFault {
  line: number;
  why: 'arc' | 'feed' | 'number' | 'unit' | 'word';
  word: string;
}

/** Where tools are changed: so high over the sheet, mm. */
export const CHANGE_HEIGHT = 200;
/** The start and the end of an arc are as far from its centre, to so much, mm. */
const SAME_RADIUS = 0.01;

const WAYS = { 0: 'rapid', 1: 'line', 2: 'arc-right', 3: 'arc-left' } as const;
/** What changes nothing of what is played: planes, millimetres, absolute places, no corrections. */
const QUIET: ReadonlySet<string> = new Set(['G17', 'G21', 'G40', 'G49', 'G54', 'G80', 'G90', 'M8', 'M9']);

/**
 * The movements of a file of ISO 6983 in millimetres and absolute places, with arcs told by their centre from where they begin. It goes
 * once over the text. What it does not know is a fault with its line, never passed over.
 */
export function readIso(text: string): { strokes: PlayedStroke[]; faults: IsoFault[] } {
  const strokes: PlayedStroke[] = [];
  const faults: IsoFault[] = [];
  let at: Place = { x: 0, y: 0, z: CHANGE_HEIGHT };
  let way: keyof typeof WAYS | null = null;
  let [tool, next]: [number | null, number | null] = [null, null];
  let [turning, feed, ended] = [false, 0, false];
  for (const [index, whole] of text.split('\n').entries()) {
    const line = index + 1;
    const fault = (why: IsoFault['why'], word: string) => void faults.push({ line, why, word });
    const values = new Map<string, number>();
    for (const word of wordsOf(whole)) {
      if (ended) continue;
      const [letter, rest] = [word[0]!, word.slice(1)];
      const value = rest === '' ? NaN : Number(rest);
      if (!Number.isFinite(value)) {
        fault('number', word);
        continue;
      }
      const code = `${letter}${value}`;
      if (letter === 'G' && value in WAYS) way = value as keyof typeof WAYS;
      else if (code === 'G20' || code === 'G91') fault('unit', word);
      else if (code === 'M6') [tool, at, turning] = [next, { ...at, z: CHANGE_HEIGHT }, false];
      else if (code === 'M3' || code === 'M4') turning = true;
      else if (code === 'M5') turning = false;
      else if (code === 'M30' || code === 'M2') ended = true;
      else if (letter === 'T') next = value;
      else if (letter === 'F') feed = value;
      else if ('XYZIJ'.includes(letter)) values.set(letter, value);
      else if (!QUIET.has(code) && letter !== 'S' && letter !== 'N') fault('word', word);
    }
    if (values.size === 0) continue;
    const to: Place = { x: values.get('X') ?? at.x, y: values.get('Y') ?? at.y, z: values.get('Z') ?? at.z };
    if (way === null) {
      fault('word', whole.trim());
      continue;
    }
    const isArc = way === 2 || way === 3;
    const centre = isArc ? { x: at.x + (values.get('I') ?? 0), y: at.y + (values.get('J') ?? 0) } : null;
    if (centre && !isOnArc(at, to, centre)) fault('arc', whole.trim());
    if (way !== 0 && feed <= 0) fault('feed', whole.trim());
    strokes.push({ line, way: WAYS[way], from: at, to, centre, tool, turning, feed: way === 0 ? 0 : feed });
    at = to;
  }
  return { strokes, faults };
}

function isOnArc(from: Place, to: Place, centre: Point): boolean {
  const [a, b] = [from, to].map(({ x, y }) => Math.hypot(x - centre.x, y - centre.y)) as [number, number];
  return a > SAME_RADIUS && Math.abs(a - b) <= SAME_RADIUS;
}

/** The words of a line, each a letter with its number, without spaces, comments and the signs about a program. */
function wordsOf(line: string): string[] {
  const words: string[] = [];
  let isComment = false;
  for (const sign of line.toUpperCase()) {
    if (sign === '(') isComment = true;
    else if (sign === ')') isComment = false;
    else if (sign === ';') break;
    else if (isComment || sign === '%' || sign <= ' ') continue;
    else if (sign >= 'A' && sign <= 'Z') words.push(sign);
    else if (words.length === 0) words.push(sign);
    else words[words.length - 1] += sign;
  }
  return words;
}
