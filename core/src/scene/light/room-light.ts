import { roomOf, type Design } from '../../document/design';
import { signedArea } from '../../geometry/polygon';
import { roomShape } from '../../survey/room-shape';
import type { Place } from '../mesh';
import { emittersOf, EVEN, power, skyEmitters, type Emitter } from './emitters';
import { lampsOf, type Lamp } from './lamps';
import { daylights, sunAt, type DayTime, type Light } from './sun';

/** What light falls into a room, or on it where it is seen from outside. */
export interface RoomLight {
  /** The direction the sun shines from, and its light, klx. */
  sun: Place;
  sunlight: Light;
  lamps: readonly Lamp[];
}

/** The small lights that make a picture in soft light, and by what light is multiplied in it so that it is neither dark nor pale. */
export interface SoftRoom {
  emitters: readonly Emitter[];
  exposure: number;
}

/** How light a white wall is in the picture, of 1; walls give back about so much. */
const WALL = 1.1;
const WHITE = 0.82;
/** Cabinets and the like have about so much of a room's faces besides. */
const BESIDES = 1.35;
/** The sun on a room seen from outside, beside its sky: softened, so that its shadows don't hide what stands in them. */
const OUTSIDE_SUN = 0.35;

export function roomLight(design: Design, time: DayTime, within: boolean): RoomLight {
  const { sun } = daylights[time === 'night' && !within ? 'evening' : time];
  const by = within ? 1 : OUTSIDE_SUN;
  return {
    sun: sunAt(design, time),
    sunlight: [sun[0] * by, sun[1] * by, sun[2] * by],
    lamps: within ? lampsOf(design) : [],
  };
}

/** The room in soft light, of about so many small lights. */
export function softRoom(design: Design, time: DayTime, within: boolean, count: number): SoftRoom {
  const emitters = within ? emittersOf(design, time, count) : skyEmitters(count);
  const all = emitters.reduce((sum, { light }) => sum + power(light), 0);
  // What falls on a face on average: all light there is over all faces, or the sky on a level one.
  const mean = within ? (Math.PI * all) / (BESIDES * envelope(design)) : Math.PI * EVEN;
  return { emitters, exposure: mean > 0 ? (WALL * Math.PI) / (WHITE * mean) : 1 };
}

/** Floor, ceiling and walls, m². */
function envelope(design: Design): number {
  const { outline, faces } = roomShape(design);
  const walls = faces.reduce((sum, { length }) => sum + length, 0) * roomOf(design).ceilingHeight;
  return (2 * Math.abs(signedArea(outline)) + walls) / 1e6;
}
