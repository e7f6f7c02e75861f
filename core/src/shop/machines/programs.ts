import { distance, type Point } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { turnedName } from '../../wording/shop-words';
import type { NestedSheet, NestStock } from '../nest/nest-types';
import { cuttersFor, drillFor, SAME, type Machine, type MachineTool } from './machine';
import { laidWork, pieceWork, type PlacedPocket, type PlacedWork } from './placed-work';
import { cutOut, drilled, milledOut, milledRound, type Stroke } from './strokes';
import type { BoreWork, WorkPiece } from './work-piece';

/** What a router does to a sheet or a piece that lies on its bed, tool after tool. mm. */
export interface MachineProgram {
  name: string;
  size: readonly [number, number];
  thick: number;
  sections: readonly ProgramSection[];
  /** What is worked, where it lies: what the sheet is to be held against. */
  works: readonly PlacedWork[];
}

export interface ProgramSection {
  tool: MachineTool;
  strokes: readonly Stroke[];
}

/** One thing to be done with one tool, and where it begins. */
interface Job {
  tool: MachineTool;
  at: Point;
  strokes: readonly Stroke[];
}

/** What lies on the bed. */
interface Lying {
  name: string;
  size: readonly [number, number];
  thick: number;
}

/** A nested sheet: all its parts are drilled and milled from above, then cut out one after the other. Refused: tools that lack, parts that lie nearer than the cutter is wide, a sheet larger than the bed. */
export function sheetProgram(
  sheet: NestedSheet,
  {
    name,
    stock,
    kerf,
    pieceOf,
  }: { name: string; stock: NestStock; kerf: number; pieceOf: (id: string) => WorkPiece },
  machine: Machine,
): Result<MachineProgram> {
  const laid = sheet.parts.map((part) => laidWork(part, pieceOf(part.id)));
  const thick = Math.max(...sheet.parts.map(({ id }) => pieceOf(id).thick));
  const widest = cuttersFor(machine, kerf, thick + machine.through)[0];
  if (!widest) return refuse('machine-kerf', { kerf, thick });
  return program({ name, size: [stock.l, stock.w], thick }, laid, { machine, cut: true, widest: kerf });
}

/** One piece that is sawn already, one of its faces up: drilled and milled; cut along its outline only where that is no rectangle. It lies turned a quarter, and is told so, where the bed has room for it only then. */
export function pieceProgram(
  piece: WorkPiece,
  { name, side }: { name: string; side: 'down' | 'up' },
  machine: Machine,
): Result<MachineProgram> {
  const { length, width, thick } = piece;
  const how = { machine, cut: side === 'up' && !isRectangle(piece), widest: Infinity };
  if (fits(machine, length, width))
    return program({ name, size: [length, width], thick }, [pieceWork(name, piece, side)], how);
  if (!fits(machine, width, length))
    return refuse('machine-bed', { part: name, length, width, bed: [...machine.bed] });
  const turned = { name: turnedName(name), size: [width, length], thick } as const;
  return program(turned, [pieceWork(name, piece, side, true)], how);
}

const fits = ({ bed: [long, wide] }: Machine, l: number, w: number): boolean =>
  l <= long + SAME && w <= wide + SAME;

const isRectangle = ({ outline }: WorkPiece): boolean =>
  outline.length === 4 &&
  outline.every(({ x, y }, index) => {
    const next = outline[(index + 1) % 4]!;
    return Math.abs(x - next.x) < SAME || Math.abs(y - next.y) < SAME;
  });

function program(
  lying: Lying,
  works: readonly PlacedWork[],
  { machine, cut, widest }: { machine: Machine; cut: boolean; widest: number },
): Result<MachineProgram> {
  const [l, w] = lying.size;
  if (!fits(machine, l, w))
    return refuse('machine-bed', { part: null, length: l, width: w, bed: [...machine.bed] });
  const jobs: Job[] = [];
  const outlines: Job[] = [];
  const freed: Job[] = [];
  const bySize = [...works].sort((a, b) => signedArea(a.outline) - signedArea(b.outline));
  for (const work of bySize) {
    for (const bore of work.bores) {
      const found = boreJob(bore, lying.thick, machine);
      if (!found.ok) return found;
      jobs.push(found.value);
    }
    for (const pocket of work.pockets) {
      const found = pocketJob(pocket, lying.thick, machine);
      if (!found.ok) return found;
      jobs.push(found.value);
    }
    if (!cut) continue;
    const found = outlineJobs(work, { thick: lying.thick, machine, widest });
    if (!found.ok) return found;
    outlines.push(found.value.cut);
    if (found.value.freed) freed.push(found.value.freed);
  }
  // What is small is cut out first, while all about it still holds it; what a skin holds is cut free at the end.
  const cuts = [outlines, freed].flatMap((own) => bySections(own, (all) => all));
  return ok({ ...lying, works, sections: [...bySections(jobs, nearestNext), ...cuts] });
}

function boreJob(bore: BoreWork, thick: number, machine: Machine): Result<Job> {
  const depth = bore.depth >= thick - SAME ? thick + machine.through : bore.depth;
  const tool = drillFor(machine, bore.size, depth);
  if (tool) return ok({ tool, at: bore.at, strokes: drilled(bore, depth, machine.clear) });
  const cutter = cuttersFor(machine, bore.size, depth)[0];
  if (!cutter) return refuse('machine-hole', { size: bore.size, depth });
  return ok({ tool: cutter, at: bore.at, strokes: milledRound(bore, depth, cutter, machine.clear) });
}

function pocketJob(pocket: PlacedPocket, thick: number, machine: Machine): Result<Job> {
  const narrow = Math.min(...pocket.size);
  const deeper = pocket.depth >= thick - SAME ? machine.through : 0;
  const { open } = pocket;
  const tool = cuttersFor(machine, narrow, pocket.depth + deeper)[0];
  if (!tool) return refuse('machine-pocket', { width: narrow, depth: pocket.depth });
  const strokes = milledOut(pocket, open, { tool, clear: machine.clear, deeper });
  return ok({ tool, at: pocket.at, strokes });
}

/** A part cut out along its outline; where a skin holds it, down to that, and then free. */
function outlineJobs(
  { id, outline }: PlacedWork,
  { thick, machine, widest }: { thick: number; machine: Machine; widest: number },
): Result<{ cut: Job; freed: Job | null }> {
  const depth = thick + machine.through;
  const skin = isHeld(outline, machine) ? Math.min(machine.skin ?? 0, thick / 2) : 0;
  const upTo = thick - skin;
  for (const tool of cuttersFor(machine, widest, depth)) {
    const jobOf = (from: number, to: number): Job | null => {
      const strokes = cutOut(outline, [from, to], tool, machine.clear);
      return strokes && { tool, at: outline[0]!, strokes };
    };
    const cut = jobOf(0, skin > 0 ? upTo : depth);
    if (cut) return ok({ cut, freed: skin > 0 ? jobOf(upTo, depth) : null });
  }
  return refuse('machine-outline', { id, thick });
}

/** Whether a part is so narrow that it is held by a skin until all others are cut out. */
function isHeld(outline: readonly Point[], { narrow = 0 }: Machine): boolean {
  const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
  const wide = Math.min(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  return wide < narrow - SAME;
}

/** Jobs by their tools, those of the highest numbers first (drills before cutters), each tool's in an order of their own. */
function bySections(
  jobs: readonly Job[],
  ordered: (own: readonly Job[]) => readonly Job[],
): ProgramSection[] {
  const tools = [...new Set(jobs.map(({ tool }) => tool))].sort((a, b) => b.number - a.number);
  return tools.map((tool) => ({
    tool,
    strokes: ordered(jobs.filter((job) => job.tool === tool)).flatMap(({ strokes }) => strokes),
  }));
}

/** Most jobs whose nearest is looked for among all: more are done in their order. */
const MOST_ORDERED = 2_000;

function nearestNext(jobs: readonly Job[]): Job[] {
  if (jobs.length > MOST_ORDERED) return [...jobs];
  const left = [...jobs];
  const found: Job[] = [];
  let at: Point = { x: 0, y: 0 };
  while (left.length > 0) {
    let best = 0;
    for (let index = 1; index < left.length; index++)
      if (distance(left[index]!.at, at) < distance(left[best]!.at, at) - SAME) best = index;
    const [next] = left.splice(best, 1);
    found.push(next!);
    at = next!.at;
  }
  return found;
}
