import { styleOf, type Design } from '../document/design';
import { itemBoxes } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import type { FrontPart } from '../solids/front-parts';
import { highAt } from '../solids/cut-fronts';
import { solidOfItem } from '../solids/solids';
import { finishOf } from '../surfaces/finish-of';
import { formatLength } from '../units/format-length';
import type { LengthStyle } from '../units/units';
import { scheduleWords } from '../wording/schedule-words';
import { doorStyleNames } from '../wording/things';
import { count, lengthCell, NONE, words, type ScheduleLine } from './schedule';

/** What of a front is a front by itself, made and hung. */
const MADE = { door: 'door', drawer: 'drawer', flap: 'flap', drop: 'drop' } as const;

/** The doors and drawer fronts of cabinets, those of one that are alike in one line: as large as they are seen, without what is behind. */
export function frontLines(design: Design): ScheduleLine[] {
  const style = styleOf(design);
  const length = lengthCell(style);
  const numbers = itemNumbers(design);
  return itemBoxes(design)
    .filter(({ kind }) => kind.group !== 'appliances' && kind.group !== 'fixtures')
    .sort((a, b) => numbers.get(a.id)! - numbers.get(b.id)!)
    .flatMap((box) => {
      const fronts = solidOfItem(design, box).sides.flatMap(({ parts }) => parts.filter(isMade));
      const finish = finishOf(design, 'front', box.id);
      return alike(fronts).map(({ front, times }) => ({
        ids: [box.id],
        cells: [
          count(numbers.get(box.id)!),
          words(box.record.code),
          words(scheduleWords.front[MADE[front.shows as keyof typeof MADE]]),
          count(times),
          length(front.right - front.left),
          length(front.high - front.low),
          front.hinge ? words(scheduleWords.hinge[front.hinge]) : NONE,
          words(styleOfFront(front, style)),
          finish ? words(`${finish.code} ${finish.name}`) : NONE,
        ],
      }));
    });
}

/** How a front is made; of one that is cut to a slope, how high it is where it is lowest. */
function styleOfFront(front: FrontPart, style: LengthStyle): string {
  const made = front.glass ? scheduleWords.glazed : doorStyleNames[front.style ?? 'slab'];
  if (!front.heads) return made;
  return scheduleWords.sloping(made, formatLength(Math.min(...endsOf(front)), style));
}

/** How high a front is at its left and its right, mm. */
const endsOf = (front: FrontPart): number[] =>
  [front.left, front.right].map((across) => highAt(front, across) - front.low);

const isMade = ({ shows }: FrontPart): boolean => shows in MADE;

/** Sizes that differ by less are one, mm. */
const SAME = 0.01;

function alike(fronts: readonly FrontPart[]): { front: FrontPart; times: number }[] {
  const found: { front: FrontPart; times: number }[] = [];
  for (const front of fronts) {
    const same = found.find(
      ({ front: one }) =>
        one.shows === front.shows &&
        one.hinge === front.hinge &&
        one.glass === front.glass &&
        one.style === front.style &&
        Math.abs(one.right - one.left - (front.right - front.left)) < SAME &&
        Math.abs(one.high - one.low - (front.high - front.low)) < SAME &&
        endsOf(one).every((high, end) => Math.abs(high - endsOf(front)[end]!) < SAME),
    );
    if (same) same.times += 1;
    else found.push({ front, times: 1 });
  }
  return found;
}
