import type { Design } from '../document/design';
import type { OpeningRecord } from '../document/records';
import { fixedThings } from '../survey/fixed-things';
import { placedOpenings } from '../survey/openings';
import { facePath, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { HUNG, itemBoxes } from './item-box';
import { faceBand } from './face-band';
import { merged } from './strip';

/** A stretch of a face that is taken: by an item or a fixed thing, by an opening that reaches the floor, or by a wall that comes into the band. */
export interface Stretch {
  from: number;
  to: number;
  by: { kind: 'fixed' | 'item' | 'opening' | 'wall'; id: string };
}

/** The band of a face asked about: how deep from the face, between which heights, and what to leave out. */
export interface Band {
  depth: number;
  low: number;
  high: number;
  except?: string;
  /** Only what is built in, walls and fixed things, counts. */
  builtOnly?: boolean;
}

/** What takes up a face within a band, sorted along the face; stretches may overlap. Millimetres from the face's left end. */
export function occupied(design: Design, face: PlacedFace, band: Band): Stretch[] {
  const stretches: Stretch[] = [];
  const floor = faceBand(face, band.depth);
  const add = (stretch: [number, number] | null, kind: Stretch['by']['kind'], id: string) => {
    if (!stretch) return;
    const [from, to] = [Math.max(0, stretch[0]), Math.min(face.length, stretch[1])];
    if (to > from) stretches.push({ from, to, by: { kind, id } });
  };
  for (const box of band.builtOnly ? [] : itemBoxes(design)) {
    if (box.id === band.except || box.low >= band.high || box.high <= band.low) continue;
    add(floor.ofPolygon(box.footprint), 'item', box.id);
  }
  for (const thing of fixedThings(design)) {
    if (thing.low >= band.high || thing.high <= band.low) continue;
    const pieces = thing.pieces.flatMap((piece) => {
      const stretch = floor.ofPolygon(piece);
      return stretch ? [stretch] : [];
    });
    for (const stretch of merged(pieces)) add(stretch, 'fixed', thing.id);
  }
  for (const { record, face: host, left, right } of band.builtOnly ? [] : placedOpenings(design)) {
    if (host.id === face.id && isInTheWay(record, band)) add([left, right], 'opening', record.id);
  }
  for (const other of roomShape(design).faces) {
    if (other.id === face.id) continue;
    for (const stretch of floor.ofPath(facePath(other))) add(stretch, 'wall', other.id);
  }
  return stretches.sort((a, b) => a.from - b.from || a.to - b.to);
}

/** What hangs, or stands higher than this, covers a window it is before, mm. */
const TALL = 1_500;

/** Whether nothing of a band can stand before an opening: people go through it, or it is a window that would be covered. */
function isInTheWay({ type, sill, height }: OpeningRecord, { low, high }: Band): boolean {
  if (sill >= high || sill + height <= low) return false;
  return type === 'door' || type === 'cased' || low >= HUNG || high > TALL;
}
