import type { Design } from '../document/design';
import type { RunBand } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { bandFillers } from '../ranges/bands';
import { kindOf } from '../ranges/kinds';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { ok, refuse, type Result } from '../result';
import { facePlacement } from '../setting/face-placement';
import { findBox, HUNG, itemBoxes } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { openLengths, type OpenLength } from '../setting/open-lengths';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { itemOf } from './set-item';
import { setBeforeLining } from '../setting/linings';
import { guarded, type Command } from './command';

/** A place in an open length: the face, a distance along it, mm, and the height band; that on the floor unless given. */
export interface GapPlace {
  face: string;
  at: number;
  band?: RunBand;
}

/** Closes an open length with a filler made to it, as deep and high as the cabinet beside it. */
export const fillGap: Command<GapPlace & { id: string }> = {
  id: 'fill-gap',
  run(design, { id, ...place }) {
    const gap = findGap(design, place);
    if (!gap.ok) return gap;
    const type = bandFillers[gap.value.band];
    const { least, most } = kindOf(type).trim!;
    const width = quantise(gap.value.length);
    if (width > most) return refuse('filler-too-wide', { width, most });
    if (width < least) return refuse('filler-too-narrow', { width, least });
    const neighbour = neighbourOf(design, gap.value);
    const stock = shelfOf(neighbour.range, rangesOf(design)).filter((one) => one.type === type);
    const shelf = stock.find((item) => item.width >= width - 1e-6) ?? stock.at(-1);
    if (!shelf) return refuse('code-unknown', { range: neighbour.range, code: 'filler' });
    const made = { ...shelf, width, depth: neighbour.depth, height: neighbour.height, up: neighbour.up };
    return guarded(
      design,
      patchOf(design, [
        setBeforeLining(
          design,
          itemOf(id, made, facePlacement(gap.value.face, gap.value.from, width), nextNumber(design)),
        ),
      ]),
    );
  },
};

/** The open length at a place, as it is now. */
export function findGap(design: Design, { face, at, band }: GapPlace): Result<OpenLength> {
  const gap = openLengths(design).find(
    (open) =>
      open.face.id === face &&
      at >= open.from - 1e-6 &&
      at <= open.to + 1e-6 &&
      (band === undefined ? open.band !== 'wall' : open.band === band),
  );
  return gap ? ok(gap) : refuse('gap-missing', { face: roomShape(design).byId.get(face)?.letter ?? face });
}

/** The cabinet beside a gap whose depth and height a filler takes: a box if there is one, never an appliance. */
function neighbourOf(design: Design, open: OpenLength): ItemRecord {
  const { left, right, face, band } = open;
  const boxes = itemBoxes(design);
  const beside = [left, right].flatMap((by) => (by?.kind === 'item' ? (findBox(design, by.id) ?? []) : []));
  const onFace = boxes.filter((box) => box.against?.face === face && (band === 'wall') === box.low >= HUNG);
  const cabinet = [...beside, ...onFace].find(({ kind }) => kind.trim !== null);
  return (cabinet ?? beside[0] ?? onFace[0]!).record;
}
