import { named, type Noun } from '../nouns';
import { recordOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { bandFillers } from '../ranges/bands';
import type { Range, ShelfItem } from '../ranges/range';
import { findRange, itemsOf, rangesOf, shelfOf } from '../ranges/shelf';
import { must, ok, refuse, type Result } from '../result';
import { findBox } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import type { Values } from './fill-problem';
import { IslandLine } from './island';
import { looseSet } from './loose-items';
import { MOST_LOOSE, type ProposalRequest } from './request';
import { bestFillings } from './search';
import { FillLine } from './fill-line';

/** A computed way to fill an open length, a face or several: what is taken away, what is set, and what it is worth. */
export interface Proposal {
  values: Values;
  /** Whether it is proven that no way comes before it. */
  proven: boolean;
  removed: readonly string[];
  items: readonly ItemRecord[];
  /** How the corners between the faces are filled, in walking order. */
  corners: readonly Noun[];
}

/**
 * The best few ways to fill what is asked about, the best first; refused where nothing of the range closes it. Corners that nothing stands
 * in are left empty only where no corner cabinet goes into them.
 */
export function propose(
  design: Design,
  request: ProposalRequest,
  newId: () => string,
  known: readonly Range[] = rangesOf(design),
): Result<Proposal[]> {
  const range = findRange(request.range, known);
  const family = range && itemsOf(range).filter((item) => item.family.code === request.family);
  if (!range || !family || family.length === 0)
    return refuse('code-unknown', { range: range?.name ?? request.range, code: named(request.family) });
  const filler = fillerOf(range, request, known);
  if (!filler) return refuse('code-unknown', { range: range.name, code: 'filler' });
  if (request.island !== undefined) return proposeIsland(design, request, range, family, filler, newId);
  const { byId } = roomShape(design);
  const missing = request.faces.find((id) => !byId.has(id));
  if (missing !== undefined || request.faces.length === 0)
    return refuse('record-missing', { id: missing ?? '', what: 'face' });
  const bent = request.faces.map((id) => byId.get(id)!).find(({ arc }) => arc);
  if (bent && request.faces.length > 1) return refuse('face-bent', { face: bent.letter, only: 'propose' });
  const loose = request.loose.map((id) => findBox(design, id));
  const gone = loose.findIndex((box) => !box);
  if (gone >= 0) return refuse('record-missing', { id: request.loose[gone]!, what: 'item' });
  if (loose.length > MOST_LOOSE)
    return refuse('number-range', {
      what: 'loose-items',
      ...{ value: loose.length, least: 0, most: MOST_LOOSE },
    });
  const sets = loose.map((box) => looseSet(design, box!));
  const moved = sets.flatMap(({ parts }) => parts.map(({ record }) => record.id));
  const replaced = request.replaced.filter((id) => recordOf(design, 'item', id) && !moved.includes(id));
  const removed = [...replaced, ...moved];
  const cleared = must(applyPatch(design, patchOf(design, [], removed)));
  const line = new FillLine(cleared, request, range, family, filler, sets);
  if (!line.isOpen) return refuse('nothing-open', { faces: line.letters });
  for (const choices of line.cornerWays()) {
    const problems = choices.map((corners) => line.problem(corners));
    const { fillings, proven } = bestFillings(problems, request.order, request.most);
    if (fillings.length > 0)
      return ok(
        fillings.map((filling) => ({
          values: line.valuesOf(filling),
          proven,
          removed,
          items: line.itemsOf(filling, problems[filling.problem]!, choices[filling.problem]!, newId),
          corners: choices[filling.problem]!.flatMap((corner) => (corner ? [corner.name] : [])),
        })),
      );
  }
  const open = line.unclosed();
  return refuse('nothing-fits', { family: family[0]!.name, range: range.name, ...(open ? { open } : {}) });
}

/** A free-standing block is taken away, and runs stand in its place. */
function proposeIsland(
  design: Design,
  request: ProposalRequest,
  range: Range,
  family: readonly ShelfItem[],
  filler: ShelfItem,
  newId: () => string,
): Result<Proposal[]> {
  const island = request.island!;
  if (!recordOf(design, 'item', island)) return refuse('record-missing', { id: island, what: 'item' });
  const line = new IslandLine(design, { ...request, island }, range, family, filler);
  const { fillings, proven } = bestFillings([line.problem()], request.order, request.most);
  if (fillings.length === 0) return refuse('nothing-fits', { family: family[0]!.name, range: range.name });
  return ok(
    fillings.map((filling) => ({
      values: filling.values,
      proven,
      removed: [island],
      items: line.itemsOf(filling, newId),
      corners: [],
    })),
  );
}

function fillerOf(range: Range, { band }: ProposalRequest, known: readonly Range[]): ShelfItem | undefined {
  return shelfOf(range.id, known).find(({ type }) => type === bandFillers[band]);
}
