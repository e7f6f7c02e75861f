import { roomOf, type Design } from '../../document/design';
import type { Place } from '../mesh';

/** Times of a clear day the room can be looked at; at night its lamps are its only light. */
export const dayTimes = ['morning', 'noon', 'evening', 'night'] as const;
export type DayTime = (typeof dayTimes)[number];

/** Shares of red, green and blue light. */
export type Light = readonly [red: number, green: number, blue: number];

/** The light of a time of day. */
export interface Daylight {
  /** Where the sun stands, degrees: clockwise from north, and above the horizon. */
  bearing: number;
  up: number;
  /** What the sun gives on a face square to it, klx; 0 when it is down. */
  sun: Light;
  /** How bright the sky is, kcd/m². */
  sky: Light;
}

/** Of a clear spring day in the middle latitudes, the sun's light softened a little as a camera's eye would need it. */
export const daylights: Record<DayTime, Daylight> = {
  morning: { bearing: 105, up: 24, sun: [10, 8.6, 6.5], sky: [2.6, 2.8, 3.2] },
  noon: { bearing: 180, up: 46, sun: [13, 12.1, 10.7], sky: [3.9, 4.2, 4.7] },
  evening: { bearing: 255, up: 22, sun: [10, 7.5, 5], sky: [2.4, 2.4, 2.6] },
  night: { bearing: 255, up: 22, sun: [0, 0, 0], sky: [0.01, 0.014, 0.03] },
};

/** The direction the sun shines from, of length 1: x and y as in plan, z up. North is where the room says it is. */
export function sunAt(design: Design, time: DayTime): Place {
  const { north = 0 } = roomOf(design);
  const { bearing, up } = daylights[time];
  const turn = Math.PI / 2 + north - (bearing * Math.PI) / 180;
  const high = (up * Math.PI) / 180;
  return [Math.cos(turn) * Math.cos(high), Math.sin(turn) * Math.cos(high), Math.sin(high)];
}
