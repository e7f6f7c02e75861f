import type { Nest, NestCase } from '../src/shop/nest/nest-types';

/** Lengths that differ by less are the same, mm. */
const SAME = 1e-6;

interface Region {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

/**
 * What is wrong with a nest: parts that are missing, out of size or turned against their grain, off the trimmed sheet, nearer together than a kerf; cuts that do not
 * go right across what is left there, or do not set every part free. Knows nothing of how nests are made.
 */
export function nestFaults(one: NestCase, { sheets, count, sheetArea, yield: share }: Nest): string[] {
  const faults: string[] = [];
  const left = new Map(one.parts.map((part) => [part.id, part.qty]));
  const used = new Map<string, number>();
  let [area, cut] = [0, 0];
  for (const [index, { stock: id, parts, cuts }] of sheets.entries()) {
    const stock = one.stock.find((size) => size.id === id);
    if (!stock) {
      faults.push(`sheet ${index}: no stock ${id}`);
      continue;
    }
    used.set(id, (used.get(id) ?? 0) + 1);
    area += stock.l * stock.w;
    for (const { id: of, x, y, l, w, turned } of parts) {
      const part = one.parts.find((known) => known.id === of);
      if (!part) {
        faults.push(`sheet ${index}: no part ${of}`);
        continue;
      }
      cut += l * w;
      left.set(of, left.get(of)! - 1);
      const [long, wide] = turned ? [part.w, part.l] : [part.l, part.w];
      if (Math.abs(long - l) > SAME || Math.abs(wide - w) > SAME)
        faults.push(`sheet ${index}: ${of} out of size`);
      if (turned && part.grain) faults.push(`sheet ${index}: ${of} against its grain`);
      if (
        x < one.trim - SAME ||
        y < one.trim - SAME ||
        x + l > stock.l - one.trim + SAME ||
        y + w > stock.w - one.trim + SAME
      )
        faults.push(`sheet ${index}: ${of} off the trimmed sheet`);
    }
    parts.forEach((a, at) => {
      for (const b of parts.slice(0, at)) {
        const apart = Math.max(a.x - b.x - b.l, b.x - a.x - a.l, a.y - b.y - b.w, b.y - a.y - a.w);
        if (apart < one.kerf - SAME) faults.push(`sheet ${index}: ${a.id} and ${b.id} ${apart} apart`);
      }
    });
    const whole = { x0: one.trim, y0: one.trim, x1: stock.l - one.trim, y1: stock.w - one.trim };
    let regions: Region[] = [whole];
    for (const one_ of cuts) {
      const isAcross = 'x' in one_;
      const at = isAcross ? one_.x : one_.y;
      const found = regions.find(({ x0, y0, x1, y1 }) => {
        const [from, to, low, high] = isAcross ? [y0, y1, x0, x1] : [x0, x1, y0, y1];
        const isRight = Math.abs(from - one_.from) < SAME && Math.abs(to - one_.to) < SAME;
        return isRight && at > low - SAME && at < high - SAME;
      });
      if (!found) {
        faults.push(`sheet ${index}: cut ${JSON.stringify(one_)} is across nothing`);
        continue;
      }
      regions = regions.filter((region) => region !== found);
      const [first, second] = isAcross
        ? [
            { ...found, x1: at },
            { ...found, x0: at + one.kerf },
          ]
        : [
            { ...found, y1: at },
            { ...found, y0: at + one.kerf },
          ];
      regions.push(first, ...(second.x1 - second.x0 > SAME && second.y1 - second.y0 > SAME ? [second] : []));
    }
    for (const { id: of, x, y, l, w } of parts) {
      const isFree = regions.some(
        ({ x0, y0, x1, y1 }) =>
          Math.abs(x0 - x) < SAME &&
          Math.abs(y0 - y) < SAME &&
          Math.abs(x1 - x - l) < SAME &&
          Math.abs(y1 - y - w) < SAME,
      );
      if (!isFree) faults.push(`sheet ${index}: ${of} is not cut free`);
    }
  }
  for (const [of, many] of left) if (many !== 0) faults.push(`${of}: ${many} left`);
  for (const { id, count: most = Infinity } of one.stock)
    if ((used.get(id) ?? 0) > most) faults.push(`stock ${id}: ${used.get(id)} of ${most}`);
  if (count !== sheets.length) faults.push('count');
  if (Math.abs(sheetArea - area) > 1e-3) faults.push('sheet area');
  if (area > 0 && Math.abs(share - cut / area) > 1e-9) faults.push('yield');
  return faults;
}
