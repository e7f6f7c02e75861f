import { styleOf, type Design } from '../document/design';
import { isHanded } from '../ranges/handing';
import { isDressing } from '../ranges/item-kind';
import { itemBoxes } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { distance, type Point } from '../geometry/point';
import { jointedTops } from '../surfaces/top-joints';
import { plinths } from '../surfaces/plinths';
import { tops } from '../surfaces/tops';
import { trims } from '../surfaces/trims';
import { formatLength } from '../units/format-length';
import { groupNames, kindName } from '../wording/kind-names';
import { scheduleWords } from '../wording/schedule-words';
import { trimNames } from '../wording/things';
import { count, NONE, words, type ScheduleLine } from './schedule';

/** What must be in the van: everything that is set or fixed, what is alike in one line with the numbers it has on the drawings; then tops by their pieces, and what comes by length. */
export function fitterLines(design: Design): ScheduleLine[] {
  const style = styleOf(design);
  const numbers = itemNumbers(design);
  const long = (mm: number) => formatLength(mm, style);
  const items = new Map<string, { ids: string[]; group: string; name: string; code: string; size: string }>();
  const boxes = itemBoxes(design)
    .filter(({ kind }) => !isDressing(kind))
    .sort((a, b) => numbers.get(a.id)! - numbers.get(b.id)!);
  for (const { id, record, kind } of boxes) {
    const sizes = kind.flat ? [record.width, record.height] : [record.width, record.depth, record.height];
    const size = sizes.map(long).join(' × ');
    const hand =
      kind.rows !== undefined && isHanded(kind, record.width) ? ` ${scheduleWords.hand[record.hand]}` : '';
    const name = record.name ?? kindName(record.type);
    const key = [record.range, record.code, size, hand, name].join(' ');
    const known = items.get(key);
    if (known) known.ids.push(id);
    else
      items.set(key, {
        ids: [id],
        group: groupNames[kind.group],
        name: `${name}${hand}`,
        code: record.code,
        size,
      });
  }
  const order = Object.values(groupNames) as string[];
  const set = [...items.values()]
    .sort((a, b) => order.indexOf(a.group) - order.indexOf(b.group))
    .map(({ ids, group, name, code, size }) => ({
      ids,
      cells: [
        words(group),
        count(ids.length),
        words(name),
        words(code),
        words(size),
        words(ids.map((id) => numbers.get(id)).join(', ')),
      ],
    }));
  const byLength = (name: string, lengths: readonly number[], ids: readonly string[]): ScheduleLine[] =>
    lengths.length === 0
      ? []
      : [
          {
            ids: [...ids],
            cells: [
              words(scheduleWords.byLength),
              count(lengths.length),
              words(name),
              NONE,
              words(scheduleWords.inAll(long(lengths.reduce((sum, one) => sum + one, 0)))),
              words(lengths.map(long).join(', ')),
            ],
          },
        ];
  const boards = plinths(design).flatMap((row) => row.boards.map(({ a, b }) => distance(a, b)));
  const plinthIds = plinths(design).flatMap(({ items: ids }) => ids);
  const uses = [...new Set(trims(design).map(({ use }) => use))];
  return [
    ...set,
    ...tops(design).map((top, index): ScheduleLine => ({
      ids: top.items,
      cells: [
        words(scheduleWords.tops),
        count(jointedTops(design).get(top)!.joints.length + 1),
        words(scheduleWords.top(index + 1)),
        NONE,
        words(scheduleWords.thick(long(top.surface - top.underside))),
        words(scheduleWords.onItems(top.items.flatMap((id) => numbers.get(id) ?? []).join(', '))),
      ],
    })),
    ...byLength(scheduleWords.plinth, boards, plinthIds),
    ...uses.flatMap((use) =>
      byLength(
        trimNames[use],
        trims(design).flatMap((piece) => (piece.use === use ? [pathLength(piece.path)] : [])),
        [],
      ),
    ),
  ];
}

const pathLength = (path: readonly Point[]): number =>
  path.slice(1).reduce((sum, to, index) => sum + distance(path[index]!, to), 0);
