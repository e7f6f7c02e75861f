import { CaseReader } from '../../document/case-reader';
import type { Result } from '../../result';

/** The criteria a fitted run is judged by, each the less the better. */
export const fitCriteria = ['filler', 'widths', 'symmetry', 'items'] as const;
export type FitCriterion = (typeof fitCriteria)[number];

/** A filler's least and greatest width, mm; optional: or none. A greatest of 0: none. */
export interface FillerLimits {
  min: number;
  max: number;
  optional?: boolean;
}

/** A thing that must stand in the run: its width, the place of its left edge where that is given, and what it must touch. Lengths mm. */
export interface FitItem {
  id: string;
  w: number;
  at?: number;
  nextTo?: readonly string[];
}

/** A length to be filled without a gap by cabinets, things that must stand in it, and fillers; everything stands on whole steps. Lengths mm. */
export interface FitCase {
  id: string;
  step: number;
  length: number;
  widths: readonly number[];
  ends: readonly [FillerLimits, FillerLimits];
  items: readonly FitItem[];
  /** The filler of a stretch between two things whose places are given; null for none. */
  inner: FillerLimits | null;
  /** Twice the place of the centre line. */
  centre2: number | null;
  order: readonly FitCriterion[];
}

/** The longest run and the most widths and items that are taken on. */
const MOST_STEPS = 1_000_000;
const MOST_WIDTHS = 60;
const MOST_ITEMS = 40;
/** Things that may stand anywhere are tried in every stretch. */
const MOST_FREE = 12;

/** A case as it is read from JSON, or every fault of it with its place. */
export function readFitCase(raw: unknown, path: string): Result<FitCase> {
  const read = new CaseReader();
  const all = read.object(raw, path, [
    ...['id', 'step', 'length', 'widths', 'ends', 'items', 'inner', 'centre2', 'order'],
  ]);
  const step = all['step'] === undefined ? 1 : Number(all['step']);
  if (typeof (all['step'] ?? 1) !== 'number' || !(step > 0) || !Number.isFinite(step))
    read.fault(`${path}.step`, all['step'], 'no-number-over');
  /** A length on whole steps. */
  const steps = (value: unknown, place: string, least: number): number => {
    if (typeof value !== 'number' || !Number.isFinite(value) || value < least || value / step > MOST_STEPS)
      return read.fault(place, value, { because: 'steps-range', least, most: MOST_STEPS }) ?? 0;
    if (Math.abs(value / step - Math.round(value / step)) > 1e-6)
      return read.fault(place, value, { because: 'between-steps', step }) ?? 0;
    return value;
  };
  const limits = (value: unknown, place: string): FillerLimits => {
    const given = read.object(value, place, ['min', 'max', 'optional']);
    const [min, max] = [steps(given['min'], `${place}.min`, 0), steps(given['max'], `${place}.max`, 0)];
    if (max > 0 && min > max) read.fault(`${place}.min`, min, 'least-over-most');
    if (given['optional'] !== undefined && typeof given['optional'] !== 'boolean')
      read.fault(`${place}.optional`, given['optional'], 'no-boolean');
    return { min, max, optional: given['optional'] === true };
  };
  const length = steps(all['length'], `${path}.length`, step);
  const widths = read
    .list(all['widths'], `${path}.widths`, MOST_WIDTHS)
    .map((width, index) => steps(width, `${path}.widths[${index}]`, step));
  const ends = read.list(all['ends'], `${path}.ends`, 2);
  if (ends.length !== 2) read.fault(`${path}.ends`, undefined, 'not-two-ends');
  const items = read.list(all['items'] ?? [], `${path}.items`, MOST_ITEMS).map((value, index): FitItem => {
    const place = `${path}.items[${index}]`;
    const given = read.object(value, place, ['id', 'w', 'at', 'nextTo']);
    return {
      id: read.text(given['id'], `${place}.id`),
      w: steps(given['w'], `${place}.w`, step),
      ...(given['at'] === undefined ? {} : { at: steps(given['at'], `${place}.at`, 0) }),
      ...(given['nextTo'] === undefined
        ? {}
        : {
            nextTo: read
              .list(given['nextTo'], `${place}.nextTo`, 2)
              .map((id) => read.text(id, `${place}.nextTo`)),
          }),
    };
  });
  if (items.filter(({ at }) => at === undefined).length > MOST_FREE)
    read.fault(`${path}.items`, undefined, { because: 'too-many-free', most: MOST_FREE });
  const ids = items.map(({ id }) => id);
  ids.forEach((id, index) => {
    if (ids.indexOf(id) !== index) read.fault(`${path}.items[${index}].id`, id, 'id-twice');
  });
  items.forEach(({ id, nextTo = [] }, index) => {
    for (const other of nextTo)
      if (!ids.includes(other) || other === id)
        read.fault(`${path}.items[${index}].nextTo`, other, 'id-unknown');
  });
  const order = read.list(all['order'], `${path}.order`, fitCriteria.length) as FitCriterion[];
  order.forEach((one, index) => {
    if (!fitCriteria.includes(one) || order.indexOf(one) !== index)
      read.fault(`${path}.order[${index}]`, one, {
        because: 'not-among-once',
        known: fitCriteria.join(', '),
      });
  });
  const centre2 = all['centre2'] ?? null;
  if (centre2 !== null && (typeof centre2 !== 'number' || !Number.isFinite(centre2)))
    read.fault(`${path}.centre2`, centre2, 'no-number-at-all');
  const made: FitCase = {
    id: read.text(all['id'], `${path}.id`),
    step,
    length,
    widths: [...new Set(widths)].sort((a, b) => b - a),
    ends: [limits(ends[0] ?? {}, `${path}.ends[0]`), limits(ends[1] ?? {}, `${path}.ends[1]`)],
    items,
    inner: all['inner'] == null ? null : limits(all['inner'], `${path}.inner`),
    centre2: centre2 as number | null,
    order: [...order, ...fitCriteria.filter((one) => !order.includes(one))],
  };
  return read.result(made);
}
