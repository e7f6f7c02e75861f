import { styleOf, type Design } from '../../document/design';
import {
  count,
  cellOf,
  NONE,
  words,
  type Cell,
  type Schedule,
  type ScheduleLine,
} from '../../schedules/schedule';
import { scheduleIds } from '../../schedules/find-schedule';
import { scheduleOf } from '../../schedules/schedules';
import { columnsOf as scheduleColumnsOf } from '../../schedules/schedule-columns';
import { itemBoxes } from '../../setting/item-box';
import { itemNumbers } from '../../setting/item-numbers';
import { rangeName, rangesOf } from '../../ranges/shelf';
import { inNumberedOrder, inOrder } from '../../wording/in-order';
import { kindName } from '../../wording/kind-names';
import type { ScheduleColumnId, ScheduleId } from '../../wording/schedule-words';
import {
  boardNames,
  edgedSidesWords,
  edgedWords,
  hardwareNames,
  templateWords,
  type ShopListId,
} from '../../wording/shop-words';
import { madeItems, type MadeItem } from '../parts/design-parts';
import { hardwareCode, type HardwareLine } from '../parts/hardware';
import { materialName } from '../parts/materials';
import { sawnWidth, type Part } from '../parts/part';
import { edgingNeeded } from './edging';
import type { ListId } from './find-list';
import { jointBolts } from '../templates/joint-bolts';
import { slabLayouts, slabPieces } from '../templates/slab-layout';
import { lengthLines } from './lengths';
import { costOf } from '../cost/cost';
import type { PriceBook } from '../cost/price-book';
import { costGroupNames, priceUnitNames, type PriceUnit } from '../../wording/cost-words';
import { shopLength } from './shop-style';

/** The columns of every list of the shop. */
const columnsOf: Readonly<Record<ShopListId, readonly ScheduleColumnId[]>> = {
  cut: [
    'number',
    'part',
    'count',
    'cutLength',
    'cutWidth',
    'thickness',
    'material',
    'edging',
    'length',
    'width',
    'code',
  ],
  edging: ['edging', 'total', 'count', 'items'],
  hardware: ['code', 'name', 'count', 'items'],
  lengths: ['name', 'height', 'thickness', 'count', 'length', 'total', 'note'],
  order: ['range', 'code', 'item', 'count', 'items'],
  cost: ['group', 'name', 'quantity', 'unitPrice', 'amount'],
  packing: ['number', 'code', 'item', 'width', 'depth', 'height', 'count', 'note'],
};

const lines: Readonly<Record<ShopListId, (design: Design, prices?: PriceBook) => ScheduleLine[]>> = {
  cut: cutLines,
  edging: edgingLines,
  hardware: hardwareLines,
  lengths: lengthLines,
  order: orderLines,
  packing: packingLines,
  cost: costLines,
};

/** The columns of a schedule or a list. */
export const listColumns = (id: ListId): readonly ScheduleColumnId[] =>
  isSchedule(id) ? scheduleColumnsOf[id] : columnsOf[id];

const isSchedule = (id: ListId): id is ScheduleId => scheduleIds.some((one) => one === id);

/** A schedule of the room or a list of the shop; what it costs by the prices that are given, or by the usual ones. */
export const listOf = (design: Design, id: ListId, prices?: PriceBook): Schedule =>
  isSchedule(id) ? scheduleOf(design, id) : { id, columns: columnsOf[id], lines: lines[id](design, prices) };

/** Everything that is cut, by material and thickness, the longest first. */
function cutLines(design: Design): ScheduleLine[] {
  const length = cellOf(shopLength(styleOf(design)));
  return madeItems(design)
    .flatMap((made) => made.parts.map((part) => ({ made, part, material: materialName(part.material) })))
    .sort(
      (a, b) =>
        inOrder(a.material, b.material) ||
        b.part.material.thick - a.part.material.thick ||
        b.part.length - a.part.length ||
        b.part.width - a.part.width,
    )
    .map(({ made, part, material }) => ({
      ids: [made.record.id],
      cells: [
        count(made.number),
        words(boardNames[part.name]),
        count(part.qty),
        ...[part.cutLength, sawnWidth(part), part.material.thick].map(length),
        words(material),
        words(saidEdges(part)),
        ...[part.length, part.width].map(length),
        words(made.record.code),
      ],
    }));
}

function saidEdges({ edged, edgedSides }: Part): string {
  if (edgedSides) return edgedSidesWords(edgedSides.length);
  const long = edged.filter((edge) => edge.startsWith('l')).length;
  return edgedWords(long, edged.length - long);
}

/** How much of every edging there is. */
function edgingLines(design: Design): ScheduleLine[] {
  const length = cellOf(shopLength(styleOf(design)));
  return edgingNeeded(design).map(({ name, long, edges, items }) => ({
    ids: items.map(({ record }) => record.id),
    cells: [words(name), length(long), count(edges), numbersOf(items)],
  }));
}

const numbersOf = (items: readonly Pick<MadeItem, 'number'>[]): Cell =>
  words([...new Set(items.map(({ number }) => number))].join(', '));

interface Numbered {
  id: string;
  number: number;
}
const numbered = ({ record, number }: MadeItem): Numbered => ({ id: record.id, number });

/** What is bought for the cabinets and to join tops, all of one sort together. */
function hardwareLines(design: Design): ScheduleLine[] {
  const found = new Map<string, { name: string; qty: number; items: Numbered[] }>();
  const add = (line: HardwareLine, items: readonly Numbered[]) => {
    const code = hardwareCode(line);
    const known = found.get(code) ?? { name: hardwareNames[line.id], qty: 0, items: [] };
    found.set(code, { ...known, qty: known.qty + line.qty, items: [...known.items, ...items] });
  };
  for (const made of madeItems(design)) for (const line of made.hardware) add(line, [numbered(made)]);
  const numbers = itemNumbers(design);
  for (const { top, bolts } of jointBolts(design))
    add(
      { id: 'top-bolt', long: null, qty: bolts },
      top.items.map((id) => ({ id, number: numbers.get(id)! })),
    );
  return [...found]
    .sort(([a], [b]) => inNumberedOrder(a, b))
    .map(([code, { name, qty, items }]) => ({
      ids: [...new Set(items.map(({ id }) => id))],
      cells: [words(code), words(name), count(qty), numbersOf(items)],
    }));
}

/** What is bought whole, by the range it is from, and the slabs that tops, waterfalls and splashes are cut from. */
function orderLines(design: Design): ScheduleLine[] {
  return [...wholeLines(design), ...slabLines(design)];
}

function slabLines(design: Design): ScheduleLine[] {
  const say = shopLength(styleOf(design));
  const pieces = slabPieces(design);
  const ids = new Map([...itemNumbers(design)].map(([id, number]) => [number, id]));
  return slabLayouts(design).flatMap(({ material, thickness, slabs, case: of }): ScheduleLine[] => {
    if (slabs.length === 0) return [];
    const { l, w } = of.stock[0]!;
    const laid = slabs.flatMap(({ parts }) => parts.flatMap(({ id }) => pieces[Number(id)]!.items));
    const numbers = [...new Set(laid)].sort((one, other) => one - other);
    return [
      {
        ids: numbers.map((number) => ids.get(number)!),
        cells: [
          words(templateWords.slabs),
          material === null ? NONE : words(material),
          words([l, w, thickness].map(say).join(' × ')),
          count(slabs.length),
          numbersOf(numbers.map((number) => ({ number }))),
        ],
      },
    ];
  });
}

function wholeLines(design: Design): ScheduleLine[] {
  const made = new Set(madeItems(design).map(({ record }) => record.id));
  const numbers = itemNumbers(design);
  const known = rangesOf(design);
  const found = new Map<string, { cells: Cell[]; ids: string[]; items: { number: number }[] }>();
  for (const { id, record, kind } of itemBoxes(design)) {
    if (made.has(id) || kind.group === 'shapes' || kind.top === 'own') continue;
    const key = `${record.range} ${record.code}`;
    const name = record.name ?? kindName(record.type);
    const line = found.get(key) ?? {
      cells: [words(rangeName(record.range, known) ?? record.range), words(record.code), words(name)],
      ...{ ids: [], items: [] },
    };
    line.ids.push(id);
    line.items.push({ number: numbers.get(id)! });
    found.set(key, line);
  }
  return [...found]
    .sort(([a], [b]) => inNumberedOrder(a, b))
    .map(([, { cells, ids, items }]) => ({ ids, cells: [...cells, count(ids.length), numbersOf(items)] }));
}

/** What the room costs, line by line. */
function costLines(design: Design, prices?: PriceBook): ScheduleLine[] {
  return costOf(design, prices).lines.map(({ group, name, qty, unit, price, cents, of }) => ({
    ids: [...new Set(of.map(({ id }) => id))],
    cells: [
      words(costGroupNames[group]),
      words(name),
      { said: saidQuantity(qty, unit), value: qty },
      { said: price.toFixed(2), value: price },
      { said: (cents / 100).toFixed(2), value: cents / 100 },
    ],
  }));
}

const saidQuantity = (qty: number, unit: PriceUnit): string =>
  unit === 'share' ? `${round(qty * 100)} %` : `${round(qty)} ${priceUnitNames[unit]}`;
const round = (value: number): number => Math.round(value * 100) / 100;

/** Everything that leaves the shop, in the order of the drawing: how many parts it is of. */
function packingLines(design: Design): ScheduleLine[] {
  const length = cellOf(shopLength(styleOf(design)));
  return madeItems(design).map(({ number, record, parts }) => ({
    ids: [record.id],
    cells: [
      count(number),
      words(record.code),
      words(record.name ?? kindName(record.type)),
      ...[record.width, record.depth, record.height].map(length),
      count(parts.reduce((sum, { qty }) => sum + qty, 0)),
      record.finish ? words(record.finish) : NONE,
    ],
  }));
}
