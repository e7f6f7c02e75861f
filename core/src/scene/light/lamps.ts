import { perDesign, type Design } from '../../document/design';
import { place } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { facePoint, projectOn } from '../../survey/placed-face';
import { fixedThings } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import { placedServices, type PlacedService } from '../../survey/services';
import { isLit, recessStrip } from '../lining-parts';
import type { Place } from '../mesh';
import type { Light } from './sun';

/** A lamp: the line it shines from, how far to each side of that, mm, the way it shines, how much light it gives, klm. */
export interface Lamp {
  kind: 'ceiling' | 'under' | 'wall';
  from: Place;
  to: Place;
  half: number;
  way: Place;
  light: Light;
  /** The service it belongs to; null where the room says nothing of lamps. */
  service: string | null;
}

/** So near under a hanging item a light on the wall is one under the item, mm. */
const UNDER = 200;
/** A strip under an item ends so far before its ends, hangs so far below it, mm. */
const MARGIN = 40;
const BELOW = 14;
/** A ceiling lamp shines from so far below the ceiling, a wall lamp from so far before the wall, mm. */
const HANGS = 40;
const BEFORE = 110;

/** Warm white, klm: of a ceiling lamp, of a wall lamp, and of a metre of strip. */
const warm = (klm: number): Light => [klm, klm * 0.92, klm * 0.78];
const CEILING = 2.4;
const WALL = 0.8;
const STRIP = 0.9;

/** All lamps of a room; where it has no lights, one in the middle of the ceiling, or two in a long room. */
export const lampsOf: (design: Design) => readonly Lamp[] = perDesign((design) => {
  const lights = placedServices(design).filter(({ record }) => record.type === 'light');
  const lamps = lights.length > 0 ? lights.map((light) => lampOf(design, light)) : usualLamps(design);
  return [...lamps, ...litLinings(design), ...dressingLamps(design)];
});

/** How much light lamps give that one can carry off, klm, and the heights they shine from as shares of their own. */
const DRESSING = { 'lamp-pendant': [1, 0.01], 'lamp-floor': [0.9, 0.8], 'lamp-table': [0.45, 0.55] } as const;

/** Lamps among what dresses the room: they shine down from their shades. */
const dressingLamps = (design: Design): Lamp[] =>
  itemBoxes(design).flatMap(({ kind, origin, u, n, low, high, record: { width, depth } }): Lamp[] => {
    if (!(kind.id in DRESSING)) return [];
    const [klm, share] = DRESSING[kind.id as keyof typeof DRESSING];
    const { x, y } = place(origin, u, width / 2, n, depth / 2);
    const at: Place = [x, y, low + (high - low) * share - 6];
    return [
      {
        kind: 'ceiling',
        from: at,
        to: at,
        half: width * 0.4,
        way: [0, 0, -1],
        light: warm(klm),
        service: null,
      },
    ];
  });

/** The strips in the light recesses of linings, shining up. */
const litLinings = (design: Design): Lamp[] =>
  fixedThings(design).flatMap((thing): Lamp[] => {
    if (!isLit(thing.record)) return [];
    const [from, to] = recessStrip(thing);
    const light = warm((STRIP * thing.record.width) / 1_000);
    return [{ kind: 'under', from, to, half: 8, way: [0, 0, 1], light, service: null }];
  });

const ceilingLamp = (at: Place, service: string | null): Lamp => ({
  kind: 'ceiling',
  from: at,
  to: at,
  half: 90,
  way: [0, 0, -1],
  light: warm(CEILING),
  service,
});

function lampOf(design: Design, service: PlacedService): Lamp {
  const { id, record, at, against } = service;
  if (!against) return ceilingLamp([at.x, at.y, record.up - HANGS], id);
  const over = itemOver(design, service);
  if (over) {
    const [left, right] = stripOf(over);
    const long = Math.hypot(right[0] - left[0], right[1] - left[1]);
    const light = warm((STRIP * long) / 1_000);
    return { kind: 'under', from: left, to: right, half: 8, way: [0, 0, -1], light, service: id };
  }
  const { x, y } = facePoint(against.face, projectOn(against.face, at).along, BEFORE);
  const place: Place = [x, y, record.up];
  const { n } = against.face;
  return {
    kind: 'wall',
    from: place,
    to: place,
    half: 50,
    way: [n.x, n.y, 0],
    light: warm(WALL),
    service: id,
  };
}

/** The hanging item a light on the wall is right under; undefined where there is none. */
function itemOver(design: Design, { at, record, against }: PlacedService): ItemBox | undefined {
  const { face } = against!;
  const { along } = projectOn(face, at);
  return itemBoxes(design).find((own) => {
    if (own.against?.face.id !== face.id || own.low < 900) return false;
    if (own.low < record.up - 1 || own.low > record.up + UNDER) return false;
    const places = own.footprint.map((corner) => projectOn(face, corner).along);
    return along >= Math.min(...places) && along <= Math.max(...places);
  });
}

/** The ends of a strip under an item, mm. */
function stripOf({ origin, u, n, low, record: { width, depth } }: ItemBox): [Place, Place] {
  const end = (across: number): Place => [
    origin.x + u.x * across + n.x * depth * 0.6,
    origin.y + u.y * across + n.y * depth * 0.6,
    low - BELOW,
  ];
  const margin = Math.min(MARGIN, width / 4);
  return [end(margin), end(width - margin)];
}

function usualLamps(design: Design): Lamp[] {
  const { outline, ceiling } = roomShape(design);
  const { left, right, bottom, top } = boundsOf(outline);
  const [wide, deep] = [right - left, top - bottom];
  const count = Math.max(wide, deep) > 2_600 ? 2 : 1;
  const low =
    'flat' in ceiling ? ceiling.flat : Math.min(...ceiling.facets.flatMap(({ heights }) => heights));
  return Array.from({ length: count }, (_, index) => {
    const share = (index + 0.5) / count;
    const place: Place = [
      wide > deep ? left + wide * share : (left + right) / 2,
      wide > deep ? (bottom + top) / 2 : bottom + deep * share,
      low - HANGS,
    ];
    return ceilingLamp(place, null);
  });
}
