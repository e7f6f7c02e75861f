import { isMovable, isObject, isOwnTop } from '../ranges/item-kind';
import { perDesign, recordsOf, roomOf, type Design } from '../document/design';
import type { FinishPart } from '../document/limits';
import type { DesignRecord } from '../document/records';
import { constructionBeside, constructionOf, plinthUnder } from '../ranges/construction';
import { findRange, rangesOf } from '../ranges/shelf';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { inRuns } from '../setting/runs';
import { isItemPart, ownFinish } from './finish-of';
import { tops } from './tops';

/** How wide something reaches from what is chosen: that alone, all in line with the first of it, all of its kind, all that does not say otherwise, all. */
export const finishReaches = ['one', 'run', 'kind', 'room', 'everywhere'] as const;
export type FinishReach = (typeof finishReaches)[number];

/** What is given a finish or a style: some items, some walls or linings of them, what the whole room follows, or that and all that had one of its own. */
export type FinishTarget =
  | { items: readonly [string, ...string[]] }
  | { faces: readonly [string, ...string[]] }
  | { room: 'usual' | 'everywhere' };

/** What a finish or a style would go to, and the items or faces that would show it. */
export interface FinishScope {
  reach: FinishReach;
  to: FinishTarget;
  covers: readonly string[];
}

/** The items that carry a top. */
const carriers = perDesign((design) => new Set(tops(design).flatMap(({ items }) => items)));

/** Whether an item has a part that is finished by itself. */
export function hasPart(design: Design, { kind, record, low }: ItemBox, part: FinishPart): boolean {
  const isCabinet = kind.rows !== undefined && ['base', 'wall', 'tall', 'vanity'].includes(kind.group);
  switch (part) {
    case 'front':
      return (
        isCabinet ||
        (kind.flat && kind.group !== 'accessories' && kind.group !== 'dressing') ||
        kind.symbol === 'filler'
      );
    case 'box':
    case 'handle':
      return isCabinet;
    case 'dressing':
      return kind.group === 'dressing' && kind.id !== 'plant' && !isObject(kind);
    case 'end':
      return kind.group === 'panels' && !isOwnTop(kind);
    case 'trim':
      return kind.group === 'wall' || kind.group === 'tall';
    case 'top':
    case 'splash':
      return carriers(design).has(record.id);
    case 'plinth': {
      const known = rangesOf(design);
      const room = findRange(roomOf(design).range, known);
      const usual = room ? constructionOf(room) : null;
      return low === 0 && plinthUnder(kind, record, constructionBeside(record, kind, { known, usual })) > 0;
    }
    default:
      return false;
  }
}

/**
 * How far a part's finish can reach from items or faces that are chosen, the narrowest first; without any, over the room. A part that none of them has
 * reaches over the room only; along runs and kinds what is locked is passed over.
 */
export function finishScopes(design: Design, part: FinishPart, chosen: readonly string[]): FinishScope[] {
  const boxes = isItemPart(part) ? itemBoxes(design).filter((box) => hasPart(design, box, part)) : [];
  const own = chosen.flatMap((id) => boxes.find((box) => box.id === id) ?? []);
  const [from] = own;
  const faces = part === 'wall' ? chosen.filter((id) => isWall(design.records[id])) : [];
  const scopes: FinishScope[] = [];
  const add = (reach: FinishReach, covers: readonly string[]) => {
    const [first, ...more] = covers;
    if (first !== undefined) scopes.push({ reach, to: { items: [first, ...more] }, covers });
  };
  if (from) {
    // A top is one piece, and its splash with it.
    if (part !== 'top' && part !== 'splash') add('one', ids(own));
    const free = boxes.filter((box) => box === from || !box.record.locked);
    add('run', runOf(design, free, from, part));
    add('kind', ids(free.filter(({ record }) => record.type === from.record.type)));
  }
  const [face, ...more] = faces;
  if (face !== undefined) scopes.push({ reach: 'one', to: { faces: [face, ...more] }, covers: faces });
  const walls = () => [...recordsOf(design, 'face'), ...recordsOf(design, 'fixed').filter(isWall)];
  const all = part === 'wall' ? walls().map(({ id }) => id) : ids(boxes);
  const free = all.filter((id) => {
    const record = design.records[id];
    if (record?.kind === 'face' || record?.kind === 'fixed') return record.finish === undefined;
    return record?.kind === 'item' && isItemPart(part) && ownFinish(record, part) === undefined;
  });
  scopes.push({ reach: 'room', to: { room: 'usual' }, covers: free });
  // Where nothing has one of its own these are the same.
  if (free.length < all.length) scopes.push({ reach: 'everywhere', to: { room: 'everywhere' }, covers: all });
  // One that reaches no further than the one before is left out.
  return scopes.filter(({ to, covers }, index) => {
    const before = scopes[index - 1];
    return !before || 'room' in to || before.covers.length < covers.length;
  });
}

/** Walls, and what lines them. */
const isWall = (record: DesignRecord | undefined): boolean =>
  record?.kind === 'face' || (record?.kind === 'fixed' && record.type === 'lining');

const ids = (boxes: readonly ItemBox[]): string[] => boxes.map(({ id }) => id);

/** All in line with an item that have the part: of a top and its splash all that carries it. */
function runOf(
  design: Design,
  boxes: readonly ItemBox[],
  from: ItemBox,
  part: FinishPart,
): readonly string[] {
  if (part === 'top' || part === 'splash')
    return tops(design).find(({ items }) => items.includes(from.id))?.items ?? [from.id];
  // A dishwasher between two cabinets has no such part, but parts no run.
  const band = ({ kind }: ItemBox) => (kind.group === 'wall' ? 'wall' : 'floor');
  const line = itemBoxes(design).filter((box) => !isMovable(box.kind) && band(box) === band(from));
  const run = new Set(
    ids(inRuns(design, line).find((one) => one.some(({ id }) => id === from.id)) ?? [from]),
  );
  return ids(boxes).filter((id) => run.has(id));
}
