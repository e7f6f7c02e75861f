import { recordOf, styleOf, type Design } from '../../document/design';
import { trimProfiles, type TrimUse } from '../../document/limits';
import { builtAs } from '../../solids/solids';
import { findBox } from '../../setting/item-box';
import { profileName } from '../../surfaces/own-profiles';
import { boardLength, type EdgeBoard } from '../../surfaces/edge-boards';
import { plinths, plinthStock } from '../../surfaces/plinths';
import { trimCuts } from '../../surfaces/trim-facts';
import { trimCut, type TrimPiece } from '../../surfaces/trim-piece';
import { trims } from '../../surfaces/trims';
import { count, cellOf, NONE, words, type ScheduleLine } from '../../schedules/schedule';
import { fromStock, runWords } from '../../wording/shop-words';
import { shopLength } from './shop-style';

/** A board of a plinth that goes through a run: what it stands under, its size, mm. */
export interface RunPlinth {
  items: readonly string[];
  length: number;
  height: number;
  thickness: number;
}

/** The boards of plinths that belong to runs: not the kicks that boxes have of their own. */
export function runPlinths(design: Design): RunPlinth[] {
  return plinths(design).flatMap(({ low, high, boards }) =>
    boards.flatMap((board): RunPlinth[] => {
      const items = [...new Set(board.at.map(({ item }) => item))];
      const length = lengthWithoutKicks(design, board);
      if (length < LEAST) return [];
      return [{ items, length, height: high - low, thickness: thicknessOf(design, items) }];
    }),
  );
}
/** Shorter boards are none, mm. */
const LEAST = 1;

/** Whether an item has a kick of its own before its box. */
function hasOwnKick(design: Design, item: string): boolean {
  const box = findBox(design, item);
  if (!box || box.kind.plan || !box.kind.rows) return false;
  return builtAs(design, box)?.build.kick === 'box' && box.kind.group !== 'appliances';
}

function lengthWithoutKicks(design: Design, board: EdgeBoard): number {
  const covered = board.at
    .filter(({ item, side }) => side === 'front' && hasOwnKick(design, item))
    .reduce((sum, { item }) => sum + (recordOf(design, 'item', item)?.width ?? 0), 0);
  return Math.max(0, boardLength(board) - covered);
}

function thicknessOf(design: Design, items: readonly string[]): number {
  const made = items.flatMap((item) => {
    const box = findBox(design, item);
    return box ? (builtAs(design, box) ?? []) : [];
  });
  return made[0]?.plinth.thick ?? 0;
}

/** How long each trim is, and the first thing it goes along, mm. */
export const trimLengths = (design: Design): { id: string; piece: TrimPiece; length: number }[] =>
  trims(design).map((piece) => {
    const { along } = piece;
    const id = 'items' in along ? along.items[0].item : 'face' in along ? along.face : along.fixed;
    return { id, piece, length: trimCut(piece).length };
  });

/** Plinths and trims that go along runs and walls, alike ones together. */
export function lengthLines(design: Design): ScheduleLine[] {
  const say = shopLength(styleOf(design));
  const length = cellOf(say);
  const boards = runPlinths(design);
  const stock = plinthStock(design);
  const sum = boards.reduce((total, board) => total + board.length, 0);
  const plinthLines = boards.map((board, index): ScheduleLine => ({
    ids: board.items,
    cells: [
      words(runWords.plinth),
      ...[board.height, board.thickness].map(length),
      count(1),
      length(board.length),
      length(board.length),
      index === 0 ? words(fromStock(say(stock), Math.ceil(sum / stock - 1e-9))) : NONE,
    ],
  }));
  const trimLines = (Object.keys(trimProfiles) as TrimUse[]).flatMap((use) =>
    trimCuts(design, use).map(({ profile, cut, count: number }): ScheduleLine => ({
      ids: [],
      cells: [
        words(runWords[use]),
        ...[NONE, NONE],
        count(number),
        length(cut.length),
        length(cut.length * number),
        words(profileName(design, profile)),
      ],
    })),
  );
  return [...plinthLines, ...trimLines];
}
