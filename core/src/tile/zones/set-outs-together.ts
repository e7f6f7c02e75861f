import type { SetOutAim } from '../../document/limits';
import { gridEdgesAmong, within, type GridEdge, type GridEdges, type LongEdge } from '../grid-edges';
import { bestStart, distinct } from '../grid-starts';
import { isBetterSetOut, type SetOutScore } from './set-out-score';
import {
  different,
  laidAs,
  layingOf,
  middleStarts,
  scored,
  startsOf,
  widestOf,
  type SetOut,
  type SetOutQuestion,
  type SetOuts,
  type ZoneLaying,
} from './set-outs';
import { tiedWays, type SharedLine, type TiedWay } from './shared-lines';
import { borderOf } from './zone-areas';
import { layZone } from './zone-laying';
import { ofEveryRow, zoneRows, type ZoneRows } from './zone-rows';

/** A zone that is set out together with others: what is asked of each, and the lines it could share. */
export interface SharingZone extends Pick<SetOutQuestion, 'holes' | 'prices' | 'rings' | 'sight' | 'zone'> {
  lines: readonly SharedLine[];
}

export interface TogetherQuestion {
  /** The first is the one in hand. */
  zones: readonly SharingZone[];
  aims: readonly SetOutAim[];
  /** The ways they may be laid, each with one for every zone; as they are only unless given. */
  layings?: readonly (readonly ZoneLaying[])[];
}

/** Each start of a set is tried with the best of the others, so many times over. */
const ROUNDS = 2;

/**
 * Looks for the best set-outs of zones that share joints, judged by all of them: slivers, cuts and what falls short are summed up, the narrowest cut is that of all. Each set of ways that share
 * their joints has one start; between two tries the share that is done is told. Zones that are laid in no rows are left out.
 */
export function* searchTogether({ zones, aims, layings }: TogetherQuestion): Generator<number, SetOuts> {
  const ways = layings ?? [zones.map(({ zone }) => layingOf(zone))];
  const found: SetOut[] = [];
  let proven = true;
  for (const [index, laid] of ways.entries()) {
    const sharing = zones.flatMap((one, at) => rowed(one, laid[at]!) ?? []);
    if (sharing.length === 0) continue;
    const search = searchSets(sharing, aims, found);
    let step = search.next();
    for (; !step.done; step = search.next()) yield (index + step.value) / ways.length;
    proven &&= step.value;
  }
  const answers = different(found, { zone: zones[0]!.zone, aims });
  return { answers, widest: widestOf(found), proven: proven && found.length > 0 };
}

/** The same, all at once. */
export function bestSetOutsTogether(question: TogetherQuestion): SetOuts {
  const search = searchTogether(question);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

/** A zone laid in rows, with the edges of its field. */
interface RowedQuestion extends SharingZone {
  rows: ZoneRows;
}

function rowed(one: SharingZone, laying: ZoneLaying): RowedQuestion | null {
  const zone = laidAs(one.zone, laying);
  const rings = borderOf(zone, one.rings, one.holes)?.field ?? one.rings;
  const rows = zoneRows(zone, rings);
  return rows && { ...one, zone, rings, rows };
}

/** A set of ways with one start: its edges and the starts that are tried, in its own places. */
interface WaySet {
  ways: TiedWay[];
  best: number;
  starts: number[];
}

/** Tries the starts of each set, adding to what was found. Whether none can have a wider narrowest cut. */
function* searchSets(
  zones: readonly RowedQuestion[],
  aims: readonly SetOutAim[],
  found: SetOut[],
): Generator<number, boolean> {
  const ways = tiedWays(zones);
  const sets = [...new Set(ways.map(({ set }) => set))].map((set) =>
    waySet(
      zones,
      ways.filter((one) => one.set === set),
    ),
  );
  const known = new Map<string, SetOut | null>();
  const lay = (starts: readonly number[]): SetOut | null => {
    const laid = zones.map((zone, index) => {
      const at: [number, number] = [0, 0];
      for (const [set, { ways: own }] of sets.entries())
        for (const way of own) if (way.zone === index) at[way.way] = startIn(way, starts[set]!);
      const key = `${index} ${at[0]} ${at[1]}`;
      if (!known.has(key)) known.set(key, scored(zone, zone.rows.frame.from({ x: at[0], y: at[1] })));
      return known.get(key)!;
    });
    const whole = laid.filter((one) => one !== null);
    return whole.length === zones.length ? together(whole) : null;
  };
  let now = sets.map(({ best }) => best);
  let first = lay(now);
  if (first) found.push(first);
  const tries = ROUNDS * sets.reduce((sum, { starts }) => sum + starts.length, 0);
  let done = 0;
  for (let round = 0; round < ROUNDS; round++)
    for (const [set, { starts }] of sets.entries()) {
      let best: { score: SetOutScore; start: number } | null = first && {
        score: first.score,
        start: now[set]!,
      };
      for (const start of starts) {
        const one = lay(now.with(set, start));
        done += 1;
        yield done / tries;
        if (!one) continue;
        found.push(one);
        if (!best || isBetterSetOut(one.score, best.score, aims) < 0) best = { score: one.score, start };
        if (best.start === start) first = one;
      }
      if (best) now = now.with(set, best.start);
    }
  return zones.every(({ rows }) => isExact(rows));
}

/** Whether what the edges of rows say of the narrowest cut is all there is to it: none lies askew, and at each end every row of a bond ends. */
const isExact = ({ slanted, shifts, ends, up }: ZoneRows): boolean =>
  !slanted && (shifts.length === 1 || ends.every(({ long }) => long >= shifts.length * (up.size + up.joint)));

function waySet(zones: readonly RowedQuestion[], ways: TiedWay[]): WaySet {
  const row = ways[0]!.row;
  const own = ways.map((way) => ({ way, ...zones[way.zone]! }));
  const edges = own.flatMap(({ way, rows }) => edgesOf(way, rows).map((edge) => inSet(way, edge)));
  const seen = own.flatMap((one) => seenEdgesOf(one).map((edge) => inSet(one.way, edge)));
  const whole = seen.map(({ at, side }) => (side === 'low' ? at : at - row.size));
  const middles = own.flatMap(({ way, rows: { bounds } }) => {
    const ends = way.way === 0 ? [bounds.left, bounds.right] : [bounds.bottom, bounds.top];
    const [from, to] = ends.map((end) => way.sign * (end - way.from)) as [number, number];
    return middleStarts([from, to], row);
  });
  const { start } = bestStart(edges, row);
  const starts = startsOf(edges, row, [...middles, ...whole], start).map((one) => one.start);
  // What is whole in sight is tried, however narrow another edge becomes by it.
  return { ways, best: start, starts: distinct([...starts, ...whole.map((at) => within(at, row))]) };
}

const edgesOf = ({ way }: TiedWay, { ends, sides }: ZoneRows): readonly LongEdge[] =>
  way === 0 ? ends : sides;

/** The edges across a way that the eye meets first. */
function seenEdgesOf({ way, zone, rings, sight, rows }: RowedQuestion & { way: TiedWay }): GridEdge[] {
  if (sight.length === 0) return [];
  const laid = layZone(zone, rings);
  const known = laid.ok ? laid.value.edges : [];
  const seen: GridEdges = gridEdgesAmong(
    sight.flatMap((index) => {
      const edge = known[index];
      return edge ? [{ a: rows.frame.to(edge.a), b: rows.frame.to(edge.b) }] : [];
    }),
  );
  return way.way === 0 ? ofEveryRow(seen.x, rows.shifts) : seen.y;
}

/** An edge of a zone in the places of its set. */
function inSet({ sign, from }: TiedWay, { at, side }: GridEdge): GridEdge {
  if (sign > 0) return { at: at - from, side };
  return { at: from - at, side: side === 'low' ? 'high' : 'low' };
}

/** Where tiles of a zone begin that begin at a place of its set: those that run against it at their other side. */
const startIn = ({ sign, from, row }: TiedWay, start: number): number =>
  sign > 0 ? from + start : from - start - row.size;

/** One set-out of all zones, the first leading. */
function together(zones: readonly SetOut[]): SetOut {
  const sum = (value: (score: SetOutScore) => number) =>
    zones.reduce((all, one) => all + value(one.score), 0);
  return {
    ...zones[0]!,
    score: {
      slivers: sum(({ slivers }) => slivers),
      sight: sum(({ sight }) => sight),
      narrowest: Math.min(...zones.map(({ score }) => score.narrowest)),
      balance: sum(({ balance }) => balance),
      cut: sum(({ cut }) => cut),
      pieces: sum(({ pieces }) => pieces),
      price: sum(({ price }) => price),
    },
    others: zones.slice(1).map(({ id, origin, laying }) => ({ id, origin, laying })),
  };
}
