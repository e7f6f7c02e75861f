import { perDesign, type Design } from '../../document/design';
import { remember } from '../../document/remember';
import { isDressing, isInRun } from '../../ranges/item-kind';
import { rangesOf } from '../../ranges/shelf';
import { priceOf } from '../../ranges/specials';
import { itemBoxes } from '../../setting/item-box';
import { MM2_PER_M2, MM_PER_M } from '../../units/units';
import { kindName } from '../../wording/kind-names';
import { hardwareNames } from '../../wording/shop-words';
import { costGroupNames, priceNames, type CostGroup, type PriceKey } from '../../wording/cost-words';
import { edgedLength } from '../lists/edging';
import { madeItems, type MadeItem } from '../parts/design-parts';
import { hardwareCode } from '../parts/hardware';
import { edgingName, materialName } from '../parts/materials';
import type { Cost, CostLine, Need, Taken } from './cost-types';
import { lengthNeeds, liningNeeds } from './length-needs';
import { priceUnder, usualPrices, type PriceBook } from './price-book';
import { surfaceNeeds } from './surface-needs';

/** The parts of a job in the order they are told. */
const groups = Object.keys(costGroupNames) as CostGroup[];

/** What a room costs by the prices of a book. Every amount is rounded by itself, so that the lines add up to the total. */
export function costOf(design: Design, book: PriceBook = usualPrices): Cost {
  return priced(needsOf(design), { book });
}

const needsOf: (design: Design) => readonly Need[] = perDesign((design) => [
  ...boardNeeds(madeItems(design)),
  ...edgingNeeds(madeItems(design)),
  ...hardwareNeeds(madeItems(design)),
  ...lengthNeeds(design),
  ...liningNeeds(design),
  ...boughtNeeds(design),
  ...surfaceNeeds(design),
  ...workNeeds(design),
]);

const priced = remember((needs: readonly Need[], { book }: { book: PriceBook }): Cost => {
  const asked = new Map<string, string[]>();
  const lines: CostLine[] = [];
  const add = (group: CostGroup, code: string, rest: Omit<CostLine, 'cents' | 'code' | 'group'>) =>
    lines.push({ group, code, ...rest, cents: Math.round(rest.qty * rest.price * 100) });
  for (const { group, codes, name, of, price, unit, rate } of needs) {
    const qty = of.reduce((sum, one) => sum + one.qty, 0);
    if (qty <= 0) continue;
    const row = price === undefined ? priceUnder(book, ...codes) : { price, unit: unit ?? 'piece' };
    const hour = rate ? priceUnder(book, rate) : null;
    if (!row || (rate && !hour)) {
      const code = rate && row ? rate : codes[0]!;
      asked.set(code, [...(asked.get(code) ?? []), ...of.map(({ id }) => id)]);
      continue;
    }
    // Work is told in hours, at what an hour costs.
    if (hour)
      add(group, codes[0]!, {
        ...{ name, unit: 'hour', price: hour.price, qty: qty * row.price },
        of: of.map((one) => ({ id: one.id, qty: one.qty * row.price })),
      });
    else add(group, codes[0]!, { name, of, qty, unit: row.unit, price: row.price });
  }
  const over = boardsOver(lines, book);
  if (over) lines.push(over);
  lines.sort((a, b) => groups.indexOf(a.group) - groups.indexOf(b.group));
  const sum = () => lines.reduce((total, { cents }) => total + cents, 0);
  const delivery = priceUnder(book, 'delivery');
  const all = [...new Set(lines.flatMap(({ of }) => of.map(({ id }) => id)))];
  const each = all.map((id) => ({ id, qty: 1 / all.length }));
  if (delivery && lines.length > 0)
    add('delivery', 'delivery', {
      name: priceNames.delivery,
      qty: 1,
      unit: 'job',
      price: delivery.price,
      of: each,
    });
  for (const share of ['overhead', 'margin', 'tax'] as const) {
    const row = priceUnder(book, share);
    if (!row || lines.length === 0) continue;
    const cents = Math.round(sum() * row.price);
    lines.push({
      group: share,
      code: share,
      name: priceNames[share],
      qty: row.price,
      unit: 'share',
      price: sum() / 100,
      cents,
      of: each,
    });
  }
  return { lines, cents: sum(), asked: [...asked].map(([code, ids]) => ({ code, ids: [...new Set(ids)] })) };
});

/** What boards cost over what is cut of them: whole sheets are bought. Each thing has its share of it as it has of the boards. */
function boardsOver(lines: readonly CostLine[], book: PriceBook): CostLine | null {
  const row = priceUnder(book, 'board-waste');
  const boards = lines.filter(({ group }) => group === 'boards');
  const cents = boards.reduce((sum, line) => sum + line.cents, 0);
  if (!row || cents === 0) return null;
  const shares = new Map<string, number>();
  for (const line of boards)
    for (const { id, qty } of line.of)
      shares.set(id, (shares.get(id) ?? 0) + ((qty / line.qty) * line.cents) / cents);
  return {
    ...{ group: 'boards', code: row.code, name: priceNames['board-waste'] },
    ...{ qty: row.price, unit: 'share', price: cents / 100, cents: Math.round(cents * row.price) },
    of: [...shares].map(([id, qty]) => ({ id, qty })),
  };
}

/** Needs of one sort as one, by a key. */
function gathered(needs: readonly (Need & { key: string })[]): Need[] {
  const found = new Map<string, Need & { of: Taken[] }>();
  for (const { key, of, ...need } of needs) {
    const known = found.get(key);
    if (known) known.of.push(...of);
    else found.set(key, { ...need, of: [...of] });
  }
  return [...found.values()];
}

/** Boards by their material: what is cut of them. */
function boardNeeds(items: readonly MadeItem[]): Need[] {
  const needs = items.flatMap(({ record, parts }) =>
    parts.map(({ material, cutLength, cutWidth, scribe = 0, qty }) => ({
      key: material.key,
      group: 'boards' as const,
      codes: [`${material.stuff} ${material.thick}`, material.stuff],
      name: `${material.thick} ${materialName(material)}`,
      of: [{ id: record.id, qty: (cutLength * (cutWidth + scribe) * qty) / MM2_PER_M2 }],
    })),
  );
  return gathered(needs);
}

function edgingNeeds(items: readonly MadeItem[]): Need[] {
  const needs = items.flatMap(({ record, parts }) =>
    parts.map((part) => {
      const name = edgingName(part.material, part.edging);
      return {
        ...{ key: name, group: 'edging' as const, codes: ['edging'], name },
        of: [{ id: record.id, qty: (edgedLength(part).long * part.qty) / MM_PER_M }],
      };
    }),
  );
  return gathered(needs.filter(({ of }) => of[0]!.qty > 0));
}

function hardwareNeeds(items: readonly MadeItem[]): Need[] {
  const needs = items.flatMap(({ record, hardware }) =>
    hardware.map((line) => {
      const code = hardwareCode(line);
      return {
        ...{ key: code, group: 'hardware' as const, codes: [code, hardwareCode({ ...line, long: null })] },
        ...{ name: `${code} ${hardwareNames[line.id]}`, of: [{ id: record.id, qty: line.qty }] },
      };
    }),
  );
  return gathered(needs);
}

/** What is bought whole, at its range's price; what has none is asked for. What only dresses the room is not part of the job. */
function boughtNeeds(design: Design): Need[] {
  const made = new Set(madeItems(design).map(({ record }) => record.id));
  const known = rangesOf(design);
  const needs = itemBoxes(design)
    .filter(
      ({ id, kind }) => !made.has(id) && !isDressing(kind) && kind.group !== 'shapes' && kind.top !== 'own',
    )
    .map(({ id, record }) => {
      const price = priceOf(record, known);
      const name = `${record.code} ${record.name ?? kindName(record.type)}`;
      return {
        ...{
          key: `${record.range} ${record.code} ${price}`,
          group: 'bought' as const,
          codes: [record.code],
          name,
        },
        ...{ of: [{ id, qty: 1 }], ...(price !== null && { price }) },
      };
    });
  return gathered(needs);
}

/** Work by the pieces, metres and holes there are; on site by what is fitted. */
function workNeeds(design: Design): Need[] {
  const made = madeItems(design);
  const work = (group: 'shop' | 'site', code: PriceKey, of: Taken[]): Need => ({
    ...{ group, codes: [code], name: priceNames[code], of },
    rate: group === 'shop' ? 'shop-rate' : 'site-rate',
  });
  const per = (qtyOf: (one: MadeItem) => number) =>
    made.map((one) => ({ id: one.record.id, qty: qtyOf(one) }));
  const summed = ({ parts }: MadeItem, of: (part: MadeItem['parts'][number]) => number) =>
    parts.reduce((sum, part) => sum + of(part) * part.qty, 0);
  const fitted = itemBoxes(design)
    .filter(
      ({ kind }) =>
        isInRun(kind) || kind.group === 'wall' || kind.group === 'fixtures' || kind.group === 'tall',
    )
    .map(({ id }) => ({ id, qty: 1 }));
  return [
    work(
      'shop',
      'sawing',
      per((one) => summed(one, () => 1)),
    ),
    work(
      'shop',
      'banding',
      per((one) => summed(one, (part) => edgedLength(part).long / MM_PER_M)),
    ),
    work(
      'shop',
      'boring',
      per((one) => summed(one, (part) => part.machining.length)),
    ),
    work(
      'shop',
      'assembling',
      per(({ parts }) => (parts.length > 2 ? 1 : 0)),
    ),
    work('site', 'fitting', fitted),
  ];
}

/** What every part of the job costs, or what some things of the room take of it; in the currency, in the order they are told. */
export function costByGroup(
  { lines }: Cost,
  ids: ReadonlySet<string> | null = null,
): { group: CostGroup; amount: number }[] {
  return groups.flatMap((group) => {
    const cents = lines
      .filter((line) => line.group === group)
      .reduce((sum, line) => sum + line.cents * (ids ? shareOf(line, ids) : 1), 0);
    return cents > 0 ? [{ group, amount: cents / 100 }] : [];
  });
}

/** The share that some things have in a line. */
function shareOf({ of }: CostLine, ids: ReadonlySet<string>): number {
  const sum = (some: readonly Taken[]) => some.reduce((total, { qty }) => total + qty, 0);
  const all = sum(of);
  return all > 0 ? sum(of.filter(({ id }) => ids.has(id))) / all : 0;
}
