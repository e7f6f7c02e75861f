import { roomOf, type Design } from '../document/design';

/** Times of a clear day the room can be looked at. */
export const dayTimes = ['morning', 'noon', 'evening'] as const;
export type DayTime = (typeof dayTimes)[number];

/** Where the sun stands then, degrees: clockwise from north, and above the horizon; of a spring day in the middle latitudes. */
const suns: Record<DayTime, { bearing: number; up: number }> = {
  morning: { bearing: 105, up: 24 },
  noon: { bearing: 180, up: 46 },
  evening: { bearing: 255, up: 22 },
};

/** The direction the sun shines from, of length 1: x and y as in plan, z up. North is where the room says it is. */
export function sunAt(design: Design, time: DayTime): { x: number; y: number; z: number } {
  const { north = 0 } = roomOf(design);
  const { bearing, up } = suns[time];
  const turn = Math.PI / 2 + north - (bearing * Math.PI) / 180;
  const high = (up * Math.PI) / 180;
  return { x: Math.cos(turn) * Math.cos(high), y: Math.sin(turn) * Math.cos(high), z: Math.sin(high) };
}
