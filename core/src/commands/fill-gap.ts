import type { Design } from '../document/design';
import { patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { kindOf } from '../ranges/kinds';
import { shelfOf } from '../ranges/shelf';
import { ok, refuse, type Result } from '../result';
import { facePlacement } from '../setting/hug';
import { itemBoxes } from '../setting/item-box';
import { openLengths, type OpenLength } from '../setting/open-lengths';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { itemOf } from './set-item';
import { guarded, type Command } from './command';

/** A place in an open length: the face, and a distance along it, mm. */
export interface GapPlace {
  face: string;
  at: number;
}

/** Closes an open length with a filler made to it, as deep and high as the cabinet beside it. */
export const fillGap: Command<GapPlace & { id: string }> = {
  id: 'fill-gap',
  label: () => 'Fill the open length',
  run(design, { id, face, at }) {
    const gap = findGap(design, { face, at });
    if (!gap.ok) return gap;
    const { least, most } = kindOf('filler').trim!;
    const width = quantise(gap.value.length);
    if (width > most) return refuse('filler-too-wide', { width, most });
    if (width < least) return refuse('filler-too-narrow', { width, least });
    const neighbour = neighbourOf(design, gap.value);
    const stock = shelfOf(neighbour.range).filter(({ type }) => type === 'filler');
    const shelf = stock.find((item) => item.width >= width - 1e-6) ?? stock.at(-1);
    if (!shelf) return refuse('code-unknown', { range: neighbour.range, code: 'filler' });
    const made = { ...shelf, width, depth: neighbour.depth, height: neighbour.height, up: neighbour.up };
    return guarded(
      design,
      patchOf(design, [itemOf(id, made, facePlacement(gap.value.face, gap.value.from, width))]),
    );
  },
};

/** The open length at a place, as it is now. */
export function findGap(design: Design, { face, at }: GapPlace): Result<OpenLength> {
  const gap = openLengths(design).find(
    (open) => open.face.id === face && at >= open.from - 1e-6 && at <= open.to + 1e-6,
  );
  return gap ? ok(gap) : refuse('gap-missing', { face: roomShape(design).byId.get(face)?.letter ?? face });
}

/** The cabinet beside a gap whose depth and height a filler takes: a box if there is one, never an appliance. */
function neighbourOf(design: Design, { left, right, face }: OpenLength): ItemRecord {
  const boxes = itemBoxes(design);
  const beside = [left, right].flatMap(
    (by) => boxes.find(({ id }) => by?.kind === 'item' && id === by.id) ?? [],
  );
  const onFace = boxes.filter(({ against }) => against?.face === face);
  const cabinet = [...beside, ...onFace].find(({ kind }) => kind.trim !== null);
  return (cabinet ?? beside[0] ?? onFace[0]!).record;
}
