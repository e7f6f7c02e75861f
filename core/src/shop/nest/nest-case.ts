import { CaseReader } from '../../document/case-reader';
import type { Result } from '../../result';
import type { NestCase, NestPart, NestStock } from './nest-types';

/** So many sizes of sheets, kinds of parts, and parts in all are taken on; a sheet is no longer than this, mm, and a search no longer, s. */
const MOST_SIZES = 40;
const MOST_KINDS = 2_000;
const MOST_PARTS = 5_000;
const MOST_SHEET = 20_000;
const MOST_KERF = 50;
const MOST_SECONDS = 600;

/** A case as it is read from JSON, or every fault of it with its place. */
export function readNestCase(raw: unknown, path: string): Result<NestCase> {
  const read = new CaseReader();
  const all = read.object(raw, path, ['id', 'kerf', 'trim', 'stock', 'parts', 'seconds']);
  const stock = read.list(all['stock'], `${path}.stock`, MOST_SIZES).map((value, index): NestStock => {
    const place = `${path}.stock[${index}]`;
    const given = read.object(value, place, ['id', 'l', 'w', 'count']);
    const count = given['count'];
    return {
      id: read.text(given['id'], `${place}.id`),
      ...{
        l: read.number(given['l'], `${place}.l`, 1, MOST_SHEET),
        w: read.number(given['w'], `${place}.w`, 1, MOST_SHEET),
      },
      ...(count !== undefined && { count: read.whole(count, `${place}.count`, 0, MOST_PARTS) }),
    };
  });
  const parts = read.list(all['parts'], `${path}.parts`, MOST_KINDS).map((value, index): NestPart => {
    const place = `${path}.parts[${index}]`;
    const given = read.object(value, place, ['id', 'l', 'w', 'grain', 'qty']);
    const grain = given['grain'];
    if (typeof grain !== 'boolean') read.fault(`${place}.grain`, grain, 'no-boolean');
    return {
      ...{ id: read.text(given['id'], `${place}.id`), grain: grain === true },
      ...{
        l: read.number(given['l'], `${place}.l`, 0.1, MOST_SHEET),
        w: read.number(given['w'], `${place}.w`, 0.1, MOST_SHEET),
      },
      qty: read.whole(given['qty'], `${place}.qty`, 1, MOST_PARTS),
    };
  });
  stock.forEach(({ id }, index) => {
    if (stock.findIndex((other) => other.id === id) < index)
      read.fault(`${path}.stock[${index}].id`, id, 'there-twice');
  });
  const total = parts.reduce((sum, { qty }) => sum + qty, 0);
  if (total > MOST_PARTS) read.fault(`${path}.parts`, total, { because: 'at-most', most: MOST_PARTS });
  const seconds = all['seconds'];
  return read.result({
    id: read.text(all['id'], `${path}.id`),
    kerf: read.number(all['kerf'], `${path}.kerf`, 0, MOST_KERF),
    trim: read.number(all['trim'], `${path}.trim`, 0, MOST_SHEET / 4),
    ...{ stock, parts },
    ...(seconds !== undefined && { seconds: read.number(seconds, `${path}.seconds`, 0, MOST_SECONDS) }),
  });
}
