/** Groups of labels larger than this are solved label by label, the one in the way of most moved first. */
const MOST_EXACT = 40;

/**
 * Which of some labels must leave their own place, as few as can be: of every two that are in each other's way one. `inTheWay` says for each
 * label which others are; a vertex cover, exact for groups that hang together up to a size.
 */
export function fewestMoved(inTheWay: readonly ReadonlySet<number>[]): Set<number> {
  const moved = new Set<number>();
  const seen = new Set<number>();
  inTheWay.forEach((others, start) => {
    if (others.size === 0 || seen.has(start)) return;
    const group = [start];
    seen.add(start);
    for (const one of group)
      for (const other of inTheWay[one]!)
        if (!seen.has(other)) {
          seen.add(other);
          group.push(other);
        }
    const graph: Graph = new Map(group.map((one) => [one, new Set(inTheWay[one])]));
    for (const one of group.length <= MOST_EXACT ? exact(graph, Infinity)! : greedy(graph)) moved.add(one);
  });
  return moved;
}

type Graph = Map<number, Set<number>>;

/** The smallest cover of a graph with fewer than so many; null where there is none. */
function exact(graph: Graph, fewerThan: number): number[] | null {
  const left: Graph = new Map([...graph].map(([one, others]) => [one, new Set(others)]));
  const taken: number[] = [];
  // What has one neighbour only keeps its place: that neighbour moves.
  for (;;) {
    const end = [...left].find(([, others]) => others.size === 1);
    if (!end) break;
    const [only] = end[1];
    taken.push(only!);
    remove(left, only!);
  }
  const most = mostInTheWay(left);
  if (most === null) return taken.length < fewerThan ? taken : null;
  // Of every two beside one another one moves, and none covers more than the most.
  const edges = [...left.values()].reduce((sum, others) => sum + others.size, 0) / 2;
  if (taken.length + Math.ceil(edges / left.get(most)!.size) >= fewerThan) return null;
  const without = (gone: Iterable<number>): Graph => {
    const rest: Graph = new Map([...left].map(([one, others]) => [one, new Set(others)]));
    for (const one of gone) remove(rest, one);
    return rest;
  };
  let best: number[] | null = null;
  const others = [...left.get(most)!];
  for (const gone of [[most], others]) {
    const bound = (best?.length ?? fewerThan - taken.length) - gone.length;
    const found = exact(without(gone), bound);
    if (found) best = [...gone, ...found];
  }
  return best && [...taken, ...best];
}

/** A cover in which none could stay: what is in the way of most moves first. */
function greedy(graph: Graph): number[] {
  const left: Graph = new Map([...graph].map(([one, others]) => [one, new Set(others)]));
  const taken = new Set<number>();
  for (let most = mostInTheWay(left); most !== null; most = mostInTheWay(left)) {
    taken.add(most);
    remove(left, most);
  }
  for (const one of [...taken])
    if ([...graph.get(one)!].every((other) => taken.has(other))) taken.delete(one);
  return [...taken];
}

/** The one with most others in its way, of as many the last; null where none is in any other's. */
function mostInTheWay(graph: Graph): number | null {
  let most: number | null = null;
  let count = 0;
  for (const [one, others] of graph)
    if (others.size > 0 && (others.size > count || (others.size === count && one > most!)))
      [most, count] = [one, others.size];
  return most;
}

function remove(graph: Graph, one: number): void {
  for (const other of graph.get(one) ?? []) graph.get(other)!.delete(one);
  graph.delete(one);
}
