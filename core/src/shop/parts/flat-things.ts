import type { ItemRecord } from '../../document/records';
import type { ConstructionMethod } from '../../ranges/construction';
import type { ItemKind } from '../../ranges/item-kind';
import { board, type Axis, type Board, type BoardFace, type BoardOf, type Extent, type Span } from './board';

/** How what is one board by itself lies: what it is thin in, where its grain runs, which of its faces are edged. */
interface Flat {
  of: BoardOf;
  thin: Axis;
  grain: Axis;
  edged: readonly BoardFace[];
}

const around: readonly BoardFace[] = ['left', 'right', 'bottom', 'top'];
const upright = (thin: Axis, edged: readonly BoardFace[]): Flat => ({ of: 'end', thin, grain: 'z', edged });
const along = (of: BoardOf, edged: readonly BoardFace[] = []): Flat => ({ of, thin: 'y', grain: 'x', edged });

const flats = {
  'end-panel': upright('x', ['front']),
  'fridge-panel': upright('x', ['front']),
  'back-panel': upright('y', ['left', 'right']),
  'appliance-door': { ...upright('y', around), of: 'front' },
  valance: { ...along('end', ['bottom']) },
  shelf: { of: 'end', thin: 'z', grain: 'x', edged: ['front', 'left', 'right'] },
  'bar-top': { of: 'end', thin: 'z', grain: 'x', edged: ['front', 'back', 'left', 'right'] },
  bracket: upright('x', ['front']),
  plinth: along('plinth', ['bottom']),
  cornice: along('trim'),
  'light-rail': along('trim'),
  scribe: upright('y', []),
} satisfies Record<string, Flat>;

const names: Record<keyof typeof flats, Board['name']> = {
  'end-panel': 'end-panel',
  'fridge-panel': 'end-panel',
  'back-panel': 'back-panel',
  'appliance-door': 'appliance-door',
  valance: 'valance',
  shelf: 'floating-shelf',
  'bar-top': 'bar-top',
  bracket: 'bracket',
  plinth: 'plinth',
  cornice: 'cornice',
  'light-rail': 'light-rail',
  scribe: 'scribe',
};

const fillers: ReadonlySet<string> = new Set(['filler', 'filler-blind', 'filler-tall', 'filler-wall']);
/** How deep the return behind a filler is, mm. */
const RETURN = 100;

/** The boards of what is no box: panels, fillers, shelves and trims of a range. */
export function flatThing(
  { width, depth, height, leg, hand }: Pick<ItemRecord, 'depth' | 'hand' | 'height' | 'leg' | 'width'>,
  kind: ItemKind,
  { made, foot }: { made: ConstructionMethod; foot: number },
): Board[] {
  const extent: Extent = { x: [0, width], y: [0, depth], z: [foot, height] };
  if (fillers.has(kind.id)) return filler(extent, made);
  if (kind.id === 'filler-corner')
    return cornerFiller(extent, Math.min(leg ?? made.build.front, width, depth), hand === 'left');
  const flat = kind.id in flats ? flats[kind.id as keyof typeof flats] : null;
  if (!flat) return [];
  const { of, thin, grain, edged } = flat;
  const front = made.build.front;
  // A door before an appliance is as thick as the others, its face at the item's.
  const own =
    kind.id === 'appliance-door' && depth > front ? { ...extent, y: [depth - front, depth] as Span } : extent;
  return board(names[kind.id as keyof typeof flats], of, own, [thin, grain], { edged });
}

/** A strip at the front of what it fills, and a return behind it where there is depth for one. */
function filler({ x, y, z }: Extent, made: ConstructionMethod): Board[] {
  const { front, board: thick } = made.build;
  if (y[1] - y[0] <= front + thick) return board('filler', 'end', { x, y, z }, ['y', 'z']);
  const back = y[1] - front;
  const behind: Span = [Math.max(y[0], back - RETURN), back];
  return [
    ...board('filler', 'end', { x, y: [back, y[1]], z }, ['y', 'z']),
    ...(x[1] - x[0] >= thick
      ? board('filler-return', 'box', { x: [x[0], x[0] + thick], y: behind, z }, ['x', 'z'])
      : []),
  ];
}

/** Two strips that meet in a corner. */
function cornerFiller({ x, y, z }: Extent, leg: number, isLeft: boolean): Board[] {
  const [across, beside]: [Span, Span] = [
    [y[0], y[0] + leg],
    isLeft ? [x[0], x[0] + leg] : [x[1] - leg, x[1]],
  ];
  return [
    ...board('filler', 'end', { x, y: across, z }, ['y', 'z']),
    ...board('filler', 'end', { x: beside, y: [across[1], y[1]], z }, ['x', 'z']),
  ];
}
