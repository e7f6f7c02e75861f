import { roomOf, type Design } from '../../document/design';
import { signedArea } from '../../geometry/polygon';
import { roomShape } from '../../survey/room-shape';
import type { Place } from '../mesh';
import { emittersOf, EVEN, power, shares, skyEmitters, type Emitter } from './emitters';
import { lampsOf, type Lamp } from './lamps';
import { daylights, sunAt, type DayTime, type Light } from './sun';

/** What light falls into a room, or on it where it is seen from outside. */
export interface RoomLight {
  /** The direction the sun shines from, and its light, klx. */
  sun: Place;
  sunlight: Light;
  lamps: readonly Lamp[];
}

/** The small lights that make a picture in soft light, by what light is multiplied in it so that it is neither dark nor pale, and by what the sun's is besides. */
export interface SoftRoom {
  emitters: readonly Emitter[];
  exposure: number;
  balance: Light;
}

/** How far the eye takes the light it is in for white: not at all at 0, wholly at 1. */
const ADAPTS = 0.7;

/** How bright a white wall is on average, where 1 is what the tone curve of pictures shows at half; what share of light it gives back. */
const WALL = 1.35;
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
  const balance = balanceOf(emitters);
  return {
    emitters: emitters.map((one) => ({ ...one, light: tinted(one.light, balance) })),
    exposure: mean > 0 ? (WALL * Math.PI) / (WHITE * mean) : 1,
    balance,
  };
}

const tinted = (light: Light, by: Light): Light => [light[0] * by[0], light[1] * by[1], light[2] * by[2]];

/** By what the colours of light are multiplied so that what is white in it is seen nearly white, as bright as before. */
function balanceOf(emitters: readonly Emitter[]): Light {
  const sum = emitters.reduce<Light>(
    ([r, g, b], { light }) => [r + light[0], g + light[1], b + light[2]],
    [0, 0, 0],
  );
  if (power(sum) <= 0) return [1, 1, 1];
  const by = sum.map((one) => (power(sum) / Math.max(one, 1e-9)) ** ADAPTS) as [number, number, number];
  return shares(by, power(sum) / power(tinted(sum, by)));
}

/** Floor, ceiling and walls, m². */
function envelope(design: Design): number {
  const { outline, faces } = roomShape(design);
  const walls = faces.reduce((sum, { length }) => sum + length, 0) * roomOf(design).ceilingHeight;
  return (2 * Math.abs(signedArea(outline)) + walls) / 1e6;
}
