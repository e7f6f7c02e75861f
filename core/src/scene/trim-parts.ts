import { recordOf, type Design } from '../document/design';
import { remember } from '../document/remember';
import { subtract, unit } from '../geometry/point';
import { finishAlong } from '../surfaces/finish-of';
import { finishNamed, type Finish } from '../surfaces/finishes';
import { type TrimPiece } from '../surfaces/trim-piece';
import { trims } from '../surfaces/trims';
import { grained, swept, type Mesh } from './mesh';
import type { SceneGroup } from './scene-part';

/** The trims of a room in three dimensions: along cabinets they have the finish of the fronts there, on a lining that of it. */
export const trimGroups = (design: Design): SceneGroup[] =>
  trims(design).map((piece) => groupOf(design, piece));

function groupOf(design: Design, piece: TrimPiece): SceneGroup {
  const { along } = piece;
  const items = 'items' in along ? along.items.map(({ item }) => item) : [];
  // A capping is as the lining it is on.
  const lining = piece.use === 'capping' && 'fixed' in along ? recordOf(design, 'fixed', along.fixed) : null;
  const finish = finishNamed(design, lining?.finish) ?? finishAlong(design, 'trim', items);
  return madeGroup(piece, { finish });
}

const madeGroup = remember((piece: TrimPiece, { finish }: { finish: Finish | null }): SceneGroup => {
  const { along, use, path, level } = piece;
  const source = 'items' in along ? along.items[0].item : 'face' in along ? along.face : along.fixed;
  const at = [path[0]!.x, path[0]!.y, level].map((one) => one.toFixed(2)).join(' ');
  return {
    key: `${use} ${source} ${at}`,
    source,
    of: 'items' in along ? 'item' : 'face' in along ? 'wall' : 'fixed',
    parts: [
      {
        substance: 'items' in along ? 'front' : 'joinery',
        ...(finish && { finish }),
        mesh: trimMesh(piece),
      },
    ],
  };
});

/** A length of trim as it is swept, its grain along it. */
export function trimMesh(piece: TrimPiece): Mesh {
  const { path, out, level, along } = piece;
  const u = unit(subtract(path[1]!, path[0]!));
  const shape = piece.shape.map(({ x, y }) => ({ x, y: y + level }));
  return grained(swept(shape, { path, out, outside: 'items' in along ? 'right' : 'left' }), [u.x, u.y, 0]);
}
