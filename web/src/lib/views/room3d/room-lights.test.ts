import type { Emitter, Lamp, RoomLight } from 'goodreach';
import { Box3, DirectionalLight, PointLight, SpotLight, Vector3, type Light } from 'three';
import { describe, expect, it } from 'vitest';
import { RoomLights } from './room-lights';

const box = new Box3(new Vector3(0, 0, -3), new Vector3(4, 2.4, 0));
const lamp = (x: number): Lamp => ({
  kind: 'ceiling',
  from: [x, -1_500, 2_360],
  to: [x, -1_500, 2_360],
  half: 90,
  way: [0, 0, -1],
  light: [2, 2, 2],
  service: null,
});
const room = (count: number): RoomLight => ({
  sun: [0, -0.6, 0.8],
  sunlight: [13, 12, 10],
  lamps: Array.from({ length: count }, (_, i) => lamp(500 + 600 * i)),
});
const near: Emitter = { at: [1_000, -500, 2_000], way: [0, 0, -1], light: [0.1, 0.2, 0.3], far: false };
const soft = { emitters: [near, near, near, near], exposure: 1, balance: [1, 0.5, 2] as const };

/** The lights that are drawn with, by what they are. */
function shown(lights: RoomLights): string[] {
  return lights.all.flatMap((one) => ((one as Light).isLight && one.visible ? [one.type] : [])).sort();
}
const only = <T>(lights: RoomLights, type: new (...args: never[]) => T): T[] =>
  lights.all.filter((one): one is T & typeof one => one instanceof type);

describe('the lights of a picture', () => {
  it('are always as many, however many lamps the room has, so that one shader draws them', () => {
    const lights = new RoomLights();
    lights.set(room(0), box);
    lights.quick('stand');
    const usual = shown(lights);
    for (const count of [1, 3, 9]) {
      lights.set(room(count), box);
      lights.quick('stand');
      expect(shown(lights)).toEqual(usual);
      expect(only(lights, PointLight).filter(({ intensity }) => intensity > 0)).toHaveLength(
        Math.min(4, count),
      );
    }
    // Seen from outside the room's lamps don't shine.
    lights.quick('model');
    expect(only(lights, PointLight).every(({ intensity }) => intensity === 0)).toBe(true);
  });

  it('are the sun and one small light for all of their number in soft light', () => {
    const lights = new RoomLights();
    lights.set(room(2), box);
    lights.one(near, 0, soft);
    expect(shown(lights)).toEqual(['DirectionalLight', 'SpotLight']);
    const [spot] = only(lights, SpotLight);
    expect(spot!.position.toArray()).toEqual([1, 2, 0.5]);
    expect(spot!.target.position.distanceTo(new Vector3(1, 1, 0.5))).toBeLessThan(1e-9);
    [0.4, 0.8, 1.2].forEach((wanted, k) => expect(spot!.color.toArray()[k]).toBeCloseTo(wanted, 9));
    expect(spot!.decay).toBe(2);
    const [sun] = only(lights, DirectionalLight);
    expect(sun!.color.toArray()).toEqual([13, 6, 20]);
    // From the direction of the sun, x and z up as in the room, seen from its middle.
    const way = sun!.position.clone().sub(sun!.target.position).normalize();
    expect(way.distanceTo(new Vector3(0, 0.8, 0.6))).toBeLessThan(0.02);
    // Far lights shine alike everywhere, from one direction.
    lights.one({ at: [0, 0, 1], way: [0, 0, -1], light: [1, 1, 1], far: true }, 1, soft);
    expect(spot!.decay).toBe(0);
    expect(spot!.position.y).toBeGreaterThan(10);
    lights.quick('stand');
    expect(shown(lights)).not.toContain('SpotLight');
  });
});
