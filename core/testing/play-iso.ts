/** A small reader of machine files for tests, which shares nothing with the program's own: what tool goes where, and how deep. */
export interface Pass {
  tool: number;
  /** The way of the tool's middle, its arcs in small steps; one place of a plunge. */
  path: { x: number; y: number }[];
  depth: number;
}

const word = /([A-Z])(-?\d+(?:\.\d+)?)/g;

/** Everything that is cut below the sheet's upper face, movement by movement. */
export function playIso(text: string): Pass[] {
  const passes: Pass[] = [];
  let [x, y, z, mode, tool] = [0, 0, 100, 0, 0];
  for (const line of text.split('\n')) {
    if (line.startsWith('(') || line.startsWith('%')) continue;
    const said: Record<string, number> = {};
    for (const [, letter, value] of line.matchAll(word)) {
      if (letter === 'G' && Number(value) <= 3) mode = Number(value);
      else if (letter === 'T') tool = Number(value);
      else if (letter !== 'G' && letter !== 'M') said[letter!] = Number(value);
    }
    const to = { x: said['X'] ?? x, y: said['Y'] ?? y, z: said['Z'] ?? z };
    if (mode > 0 && Math.min(z, to.z) < 0) {
      const path =
        mode === 1
          ? [
              { x, y },
              { x: to.x, y: to.y },
            ]
          : turned({ x, y }, to, { x: x + (said['I'] ?? 0), y: y + (said['J'] ?? 0) }, mode);
      passes.push({ tool, path, depth: -Math.min(z, to.z) });
    }
    ({ x, y, z } = to);
  }
  return passes;
}

interface At {
  x: number;
  y: number;
}

function turned(from: At, to: At, centre: At, mode: number): At[] {
  const radius = Math.hypot(from.x - centre.x, from.y - centre.y);
  const angleOf = (one: At) => Math.atan2(one.y - centre.y, one.x - centre.x);
  const a = angleOf(from);
  let b = angleOf(to);
  if (mode === 2 && b >= a) b -= 2 * Math.PI;
  if (mode === 3 && b <= a) b += 2 * Math.PI;
  return Array.from({ length: 61 }, (_, step) => {
    const angle = a + ((b - a) * step) / 60;
    return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) };
  });
}

/** How far a place is from a way, mm. */
export function farFrom({ x, y }: At, path: readonly At[]): number {
  let least = Infinity;
  for (let i = 0; i + 1 < path.length; i++) {
    const [a, b] = [path[i]!, path[i + 1]!];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const share = Math.max(0, Math.min(1, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1)));
    least = Math.min(least, Math.hypot(x - a.x - share * dx, y - a.y - share * dy));
  }
  return least;
}
