import type { Design } from '../document/design';
import type { OpeningRecord } from '../document/records';
import { remember } from '../document/remember';
import type { Point } from '../geometry/point';
import { AGAINST } from '../geometry/tolerance';
import { placedOpenings } from '../survey/openings';
import { facePath, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { bodiesNear } from './bodies';
import { HUNG } from './item-box';
import { faceBand, type FaceBand } from './face-band';
import { lines } from './linings';
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
  except?: ReadonlySet<string>;
  /** Only what is built in, walls and fixed things, counts. */
  builtOnly?: boolean;
}

const bandOf = remember((face: PlacedFace, { depth }: { depth: number }) => faceBand(face, depth), {
  kept: 4,
});

/** What takes up a face within a band, or bounds it at an end, sorted along the face; stretches may overlap. Millimetres from the face's left end. */
export function occupied(design: Design, face: PlacedFace, band: Band): Stretch[] {
  const stretches: Stretch[] = [];
  const floor = bandOf(face, { depth: band.depth });
  const add = (stretch: [number, number] | null, kind: Stretch['by']['kind'], id: string) => {
    if (!stretch) return;
    const [from, to] = [Math.max(0, stretch[0]), Math.min(face.length, stretch[1])];
    if (to > from) stretches.push({ from, to, by: { kind, id } });
    // What stands right past an end bounds the face there, though it takes nothing of it.
    else if (kind !== 'wall' && to > from - AGAINST) {
      const end = to < face.length ? 0 : face.length;
      stretches.push({ from: end, to: end, by: { kind, id } });
    }
  };
  const reach = [...facePath(face), ...facePath(face, 0, face.length, band.depth)];
  for (const body of bodiesNear(design, reach)) {
    if (body.low >= band.high || body.high <= band.low) continue;
    if (body.box && (band.builtOnly || band.except?.has(body.id))) continue;
    // What lines the face parts nothing: it is stood before.
    if (!body.box && lines(design, body.id, face.id)) continue;
    for (const stretch of stretchesOf(floor, body.pieces)) add(stretch, body.box ? 'item' : 'fixed', body.id);
  }
  for (const { record, face: host, left, right } of band.builtOnly ? [] : placedOpenings(design)) {
    if (host.id === face.id && isInTheWay(record, band))
      add([left - record.casing, right + record.casing], 'opening', record.id);
  }
  for (const other of roomShape(design).faces) {
    if (other.id === face.id) continue;
    for (const stretch of floor.ofPath(facePath(other))) add(stretch, 'wall', other.id);
  }
  return stretches.sort((a, b) => a.from - b.from || a.to - b.to);
}

/** What convex pieces take of a band together: asked for all of a face after every edit, and the same for the same body. */
function stretchesOf(floor: FaceBand, pieces: Pieces): readonly [number, number][] {
  let known = taken.get(floor);
  if (!known) taken.set(floor, (known = new WeakMap()));
  let stretches = known.get(pieces);
  if (!stretches) known.set(pieces, (stretches = stretchesTaken(floor, pieces)));
  return stretches;
}
const taken = new WeakMap<FaceBand, WeakMap<Pieces, readonly [number, number][]>>();
type Pieces = readonly (readonly Point[])[];

function stretchesTaken(floor: FaceBand, pieces: Pieces): readonly [number, number][] {
  if (pieces.length === 1) {
    const stretch = floor.ofPolygon(pieces[0]!);
    return stretch ? [stretch] : [];
  }
  return merged(
    pieces.flatMap((piece) => {
      const stretch = floor.ofPolygon(piece);
      return stretch ? [stretch] : [];
    }),
  );
}

/** What hangs, or stands higher than this, covers a window it is before, and is no base, mm. */
export const TALL = 1_500;

/** Whether nothing of a band can stand before an opening: people go through it, or it is a window that would be covered. */
export function isInTheWay({ type, sill, height }: OpeningRecord, { low, high }: Band): boolean {
  if (sill >= high || sill + height <= low) return false;
  return type === 'door' || type === 'cased' || low >= HUNG || high > TALL;
}
