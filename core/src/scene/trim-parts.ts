import type { Design } from '../document/design';
import { remember } from '../document/remember';
import { subtract, unit } from '../geometry/point';
import type { Finish } from '../surfaces/finishes';
import { trimFinish } from '../surfaces/trim-finish';
import { type TrimPiece } from '../surfaces/trim-piece';
import { trims } from '../surfaces/trims';
import { grained, swept, type Mesh } from './mesh';
import type { SceneGroup } from './scene-part';

/** The trims of a room in three dimensions. */
export const trimGroups = (design: Design): SceneGroup[] =>
  trims(design).map((piece) => madeGroup(piece, { finish: trimFinish(design, piece) }));

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
