import { place } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import type { Body } from '../../setting/bodies';
import type { ItemBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { bandBeside, bandPlace, FAR, nearestAlong } from '../facts/ahead';
import { fixtures } from '../facts/fixtures';
import type { Measure } from '../measure';

/** What is built so high parts a compartment off, mm. */
const PARTS = 1_800;

/** The width and depth of a toilet's compartment: between walls, or what is built like one, that are no wider apart than so much. */
export const toiletCompartment: Measure<ItemBox> = {
  id: 'toilet-compartment',
  subjects: (design) => fixtures(design, 'toilet'),
  take(box, look, { widest = 0, deepest = 0 }) {
    const { faces } = look.at(roomShape);
    const isWall = ({ box: item, low, high }: Body) => !item && low < 100 && high >= PARTS;
    const walls = look.near(box.rectangle, FAR).filter(isWall);
    const [left, right] = (['left', 'right'] as const).map(
      (side) => nearestAlong(bandBeside(box, side, 0), faces, walls).away,
    );
    const { origin, u, n, record } = box;
    const off = record.placement.on === 'face' ? record.placement.off : 0;
    const back = place(origin, u, 0, n, -off + TOUCH);
    const ahead = { origin: back, u: n, n: u, near: TOUCH, far: record.width - TOUCH };
    const depth = nearestAlong(ahead, faces, walls).away + TOUCH;
    const width = left! + right!;
    if (width > widest || depth > deepest) return [];
    const middle = place(origin, u, record.width / 2 - left!, n, -off);
    return [
      {
        key: box.id,
        ids: [box.id],
        place: bandPlace({ origin: middle, u: n, n: u, near: 0, far: width }, depth),
        about: [{ of: box.id }],
        values: { 'compartment-width': width, 'compartment-depth': depth },
      },
    ];
  },
};
