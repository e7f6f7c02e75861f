import { perDesign, roomOf, type Design } from '../../document/design';
import { cross, distance, dot, inward, subtract, unit } from '../../geometry/point';
import { SAME_PLACE, TOUCH } from '../../geometry/tolerance';
import { itemNumbers } from '../../setting/item-numbers';
import { finishAlong } from '../../surfaces/finish-of';
import type { Finish } from '../../surfaces/finishes';
import type { SplashPiece } from '../../surfaces/splash-pieces';
import { splashes, splashThickness } from '../../surfaces/splashes';
import { slabOf } from '../../surfaces/top-joints';
import { tops } from '../../surfaces/tops';
import { waterfalls, type Waterfall } from '../../surfaces/waterfalls';
import { roomShape } from '../../survey/room-shape';
import { placedServices } from '../../survey/services';
import { toDegrees } from '../../units/angles';
import { isIn, materialOf, profileSums, runsAlong, type Template, type TemplateEdge } from './templates';

/** A board that stands: its length along what it stands at, seen from its face from the left, and its heights. Lengths mm. */
interface Upright {
  of: 'splash' | 'waterfall';
  items: readonly string[];
  finish: Finish | null;
  thickness: number;
  long: number;
  low: number;
  high: number;
  /** By how many degrees its ends go back under its face, at the left and the right; 0: square. */
  ends: readonly [left: number, right: number];
  /** Its veins run up, as those of the top over it run out to its end. */
  up: boolean;
  bent: boolean;
  services: NonNullable<Template['services']>;
}

/** What stands and is cut from slabs: every splash, and what tops go down to the floor by. */
export const uprightTemplates: (design: Design) => readonly Template[] = perDesign((design) =>
  [...falls(design), ...strips(design)].flatMap(({ upright, number }) =>
    piecesOf(design, upright).map((piece, index) => templateOf(design, piece, { number, index })),
  ),
);

const numbered = (all: readonly Upright[]) =>
  all.filter(({ finish }) => isSlab(finish)).map((upright, index) => ({ upright, number: index + 1 }));

/** What is tiled, painted or hung is not cut from a slab. */
const isSlab = (finish: Finish | null): boolean => !finish || !NO_SLAB.has(finish.of);
const NO_SLAB: ReadonlySet<Finish['of']> = new Set(['fabric', 'paint', 'tile'] as const);

function falls(design: Design) {
  const all = tops(design).flatMap((top) =>
    (waterfalls(design).get(top) ?? []).map((fall): Upright => {
      const items = [...new Set(fall.at.map(({ item }) => item))];
      const thickness = top.surface - top.underside;
      // Seen from outside: it runs with the top on its left.
      const { long, ends } = seenAlong(fall, { thickness, onLine: true });
      return {
        ...{ of: 'waterfall', items, thickness, long, low: fall.low, high: top.surface, ends },
        ...{ finish: finishAlong(design, 'top', top.items), bent: false, services: [] },
        up: fall.at[0].side === 'left' || fall.at[0].side === 'right',
      };
    }),
  );
  return numbered(all);
}

interface Run {
  face: string | null;
  items: string[];
  pieces: SplashPiece[];
  bent: boolean;
}

/** Splashes piece by piece, what goes on alike as one: beside and under openings, from chord to chord of a bent wall. */
function strips(design: Design) {
  const bent = new Set(roomShape(design).faces.flatMap(({ id, arc }) => (arc ? [id] : [])));
  const runs: Run[] = [];
  for (const { face, at, pieces } of splashes(design)) {
    const items = at.map(({ item }) => item);
    for (const piece of pieces) {
      const isBent = face !== null && bent.has(face);
      const before = runs.find((run) => run.face === face && goesOn(run, piece));
      if (before) {
        before.pieces.push(piece);
        before.items.push(...items);
      } else runs.push({ face, items: [...items], pieces: [piece], bent: isBent });
    }
  }
  const thickness = splashThickness(roomOf(design));
  return numbered(runs.map((run) => stripOf(design, run, thickness)));
}

/** Whether a run of splash goes on in a piece: from where it ends, as high, and straight on unless its wall is bent. */
function goesOn({ pieces, bent }: Run, next: SplashPiece): boolean {
  const last = pieces.at(-1)!;
  const [u, v] = [last, next].map(({ a, b }) => unit(subtract(b, a)));
  return (
    distance(last.b, next.a) < SAME_PLACE &&
    Math.abs(last.low - next.low) < TOUCH &&
    Math.abs(last.high - next.high) < TOUCH &&
    (bent || Math.abs(cross(u!, v!)) < STRAIGHT)
  );
}
const STRAIGHT = 1e-6;

function stripOf(design: Design, { face, items, pieces, bent }: Run, thickness: number): Upright {
  const [first, last] = [pieces[0]!, pieces.at(-1)!];
  const { low, high } = first;
  const footprint = pieces.flatMap((piece) => piece.footprint);
  const whole = { a: first.a, b: last.b, footprint };
  // It runs with the room on its left: seen from there it goes to the left.
  const along = bent
    ? { long: pieces.reduce((sum, { a, b }) => sum + distance(a, b), 0), ends: [0, 0] as const, from: 0 }
    : seenAlong(whole, { thickness, onLine: false });
  const services = placedServices(design).flatMap(({ id, at, against, record: { up, type } }) => {
    if (against?.face.id !== face || up <= low || up >= high) return [];
    // From the end of the piece it is behind, and past all after that; a mitre may go on beyond the last.
    const beyond = along.from - (bent ? 0 : distance(first.a, last.b));
    const x = pieces.reduceRight<{ past: number; found: number | null }>(
      ({ past, found }, { a, b }) => {
        const long = distance(a, b);
        const on = dot(subtract(at, a), unit(subtract(b, a)));
        return { past: past + long, found: found ?? (on > 0 && on <= long ? past + long - on : null) };
      },
      { past: beyond, found: null },
    ).found;
    return x === null ? [] : [{ id, type, at: [x, up - low] as const }];
  });
  const own = [...new Set(items)];
  return {
    ...{ of: 'splash', items: own, thickness, low, high, bent, services, up: false },
    ...{ long: along.long, ends: along.ends, finish: finishAlong(design, 'splash', own) },
  };
}

/** How long something that stands is, how its ends go back under the face it is seen by, and how far along its line its left end is as it is seen: on its line, or so thick off it. */
function seenAlong(
  { a, b, footprint }: Pick<Waterfall, 'a' | 'b' | 'footprint'>,
  { thickness, onLine }: { thickness: number; onLine: boolean },
): { long: number; ends: readonly [number, number]; from: number } {
  const u = unit(subtract(b, a));
  const of = (isOnLine: boolean) =>
    footprint
      .filter((at) => Math.abs(dot(subtract(at, a), inward(u))) < thickness / 2 === isOnLine)
      .map((at) => dot(subtract(at, a), u));
  const [face, back] = [of(onLine), of(!onLine)];
  const [begin, end] = [Math.min(...face, ...back), Math.max(...face, ...back)];
  const turned = (by: number) => (Math.abs(by) < TOUCH ? 0 : toDegrees(Math.atan2(by, thickness)));
  const atA = turned(Math.min(...back) - Math.min(...face));
  const atB = turned(Math.max(...face) - Math.max(...back));
  // What is seen off its line is seen from the other side of it.
  return onLine
    ? { long: end - begin, ends: [atA, atB], from: begin }
    : { long: end - begin, ends: [atB, atA], from: end };
}

/** A piece of a board that stands, from one place of its length to another. */
interface UprightPiece extends Upright {
  /** Whether it is joined to the next at its left and its right. */
  joined: readonly [left: boolean, right: boolean];
}

/** The fewest equal pieces that come out of the slab along its length. */
function piecesOf(design: Design, upright: Upright): UprightPiece[] {
  const slab = slabOf(design);
  const most = upright.up ? slab.width : slab.length;
  const count = Math.max(1, Math.ceil(upright.long / most - 1e-9));
  const long = upright.long / count;
  return Array.from({ length: count }, (_, index) => {
    const [isFirst, isLast] = [index === 0, index === count - 1];
    const from = index * long;
    return {
      ...upright,
      long,
      ends: [isFirst ? upright.ends[0] : 0, isLast ? upright.ends[1] : 0],
      joined: [!isFirst, !isLast],
      services: upright.services.flatMap(({ at: [x, y], ...rest }) =>
        x >= from && x < from + long ? [{ ...rest, at: [x - from, y] as const }] : [],
      ),
    };
  });
}

function templateOf(
  design: Design,
  piece: UprightPiece,
  { number, index }: { number: number; index: number },
): Template {
  const numbers = itemNumbers(design);
  const { of, items, finish, thickness, long, low, high, up, bent, services } = piece;
  const tall = high - low;
  const edges = edgesOf(piece, tall);
  const slab = slabOf(design);
  const [length, width] = up ? [tall, long] : [long, tall];
  const turns = !runsAlong(finish);
  const fits = (l: number, w: number) => isIn(l, slab.length) && isIn(w, slab.width);
  return {
    ...{ of, top: number, piece: index + 1, material: materialOf(finish), thickness, length, width, edges },
    items: items.map((id) => numbers.get(id)!).sort((one, other) => one - other),
    ...{ area: long * tall, netArea: long * tall, cutOuts: [], profiles: profileSums(edges), along: !turns },
    fitsSlab: fits(length, width) || (turns && fits(width, length)),
    ...(services.length > 0 && { services }),
    ...(bent && { bent }),
    ...(up && { lying: up }),
  };
}

/** The edges of a piece, counter-clockwise: from its left end along its foot; what has its veins running up is told lying on its right side, its foot to the left. */
function edgesOf({ of, long, ends, joined, up }: UprightPiece, tall: number): TemplateEdge[] {
  const end = (at: 0 | 1): Pick<TemplateEdge, 'mitre' | 'profile' | 'role'> => ({
    role: joined[at] ? 'joint' : 'end',
    profile: joined[at] || ends[at] !== 0 ? 'raw' : 'eased',
    ...(ends[at] !== 0 && { mitre: ends[at] }),
  });
  const sides: (Pick<TemplateEdge, 'mitre' | 'profile' | 'role'> & { turn: readonly Place[] })[] = [
    { role: 'foot', profile: 'raw', turn: [at(0, 0), at(long, 0)] },
    { ...end(1), turn: [at(long, 0), at(long, tall)] },
    of === 'waterfall'
      ? { role: 'head', profile: 'raw', mitre: 45, turn: [at(long, tall), at(0, tall)] }
      : { role: 'head', profile: 'eased', turn: [at(long, tall), at(0, tall)] },
    { ...end(0), turn: [at(0, tall), at(0, 0)] },
  ];
  const laid = ([x, y]: Place): Place => (up ? at(y, long - x) : at(x, y));
  return sides.map(({ turn: [from, to], ...side }) => ({
    ...side,
    ...{ from: laid(from!), to: laid(to!), length: Math.hypot(to![0] - from![0], to![1] - from![1]) },
    angle: 90,
  }));
}
type Place = readonly [number, number];
const at = (x: number, y: number): Place => [x, y];
