import { distance, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { dxfLines } from './dxf-lines';

/** Ends nearer than this are one, mm. */
const CLOSED = 0.05;
/** Lines are joined end to end where they are no more than so many. */
const MOST_LINES = 1_000;

/**
 * The cross section a DXF drawing shows, mm: its largest closed line, whether it is one polyline or lines and arcs that meet end to end. `unit` is
 * millimetres a drawing unit, for a drawing that does not say. Refused when there is no closed line.
 */
export function dxfProfile(text: string, unit: number): Result<Point[]> {
  const drawing = dxfLines(text);
  if (!drawing.ok) return drawing;
  const size = drawing.value.mmPerUnit ?? unit;
  const lines = drawing.value.lines
    .map((line) => line.map(({ x, y }) => ({ x: x * size, y: y * size })))
    .filter((line) => line.length > 1);
  const isClosed = (line: readonly Point[]) => line.length > 3 && distance(line[0]!, line.at(-1)!) < CLOSED;
  const open = lines.filter((line) => !isClosed(line));
  const loops = [
    ...lines.filter(isClosed),
    ...(open.length <= MOST_LINES ? joined(open).filter(isClosed) : []),
  ];
  const [largest] = loops
    .map((line) => line.slice(0, -1))
    .sort((a, b) => Math.abs(signedArea(b)) - Math.abs(signedArea(a)));
  return largest ? ok(largest) : refuse('dxf-unreadable', { reason: 'no-closed-line' });
}

/** Lines joined where their ends meet, as far as they go on; each line once. */
function joined(lines: readonly (readonly Point[])[]): Point[][] {
  const left = lines.map((line) => [...line]);
  const chains: Point[][] = [];
  for (let chain = left.pop(); chain; chain = left.pop()) {
    for (;;) {
      const end = chain.at(-1)!;
      const at = left.findIndex(
        (line) => distance(line[0]!, end) < CLOSED || distance(line.at(-1)!, end) < CLOSED,
      );
      if (at < 0 || (chain.length > 3 && distance(chain[0]!, end) < CLOSED)) break;
      const [next] = left.splice(at, 1);
      if (distance(next![0]!, end) >= CLOSED) next!.reverse();
      chain.push(...next!.slice(1));
    }
    chains.push(chain);
  }
  return chains;
}
