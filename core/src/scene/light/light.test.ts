import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putService } from '../../commands/put-service';
import { setRoom } from '../../commands/set-room';
import { demoJobs } from '../../demo/demo-jobs';
import type { Design } from '../../document/design';
import { contains, distanceToPath } from '../../geometry/polygon';
import { itemBoxes } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { box, type Frame, type Place } from '../mesh';
import { sceneOf } from '../scene';
import type { SceneGroup, Substance } from '../scene-part';
import { emittersOf, power, skyEmitters, type Emitter } from './emitters';
import { lampsOf } from './lamps';
import { raysThrough } from './rays';
import { softRoom } from './room-light';
import { sunAt } from './sun';

const frame: Frame = { origin: { x: 0, y: 0 }, u: { x: 1, y: 0 }, n: { x: 0, y: 1 } };
const groupOf = (
  substance: Substance,
  ...size: Parameters<typeof box> extends [Frame, ...infer S] ? S : never
) =>
  ({
    key: substance,
    source: null,
    of: 'item',
    parts: [{ substance, mesh: box(frame, ...size) }],
  }) as SceneGroup;
const flux = (emitters: readonly Emitter[]) =>
  emitters.reduce((sum, { light }) => sum + Math.PI * power(light), 0);

/** What near lights give on a level face that looks up at a place, klx, nothing in between. */
function onLevel(emitters: readonly Emitter[], [x, y, z]: Place): number {
  return emitters.reduce((sum, { at, way, light }) => {
    const to = [x - at[0], y - at[1], z - at[2]].map((mm) => mm / 1_000);
    const far = Math.hypot(...to);
    const leaves = (to[0]! * way[0] + to[1]! * way[1] + to[2]! * way[2]) / far;
    return sum + (Math.max(0, leaves) * power(light) * Math.max(0, -to[2]! / far)) / far ** 2;
  }, 0);
}

describe('rays through a room', () => {
  it('meet the nearest face from either side, and go through glass', () => {
    const cast = raysThrough([
      groupOf('wall', [0, 100], [0, 1_000], [0, 1_000]),
      groupOf('front', [500, 520], [0, 1_000], [0, 1_000]),
      groupOf('glass', [300, 310], [0, 1_000], [0, 1_000]),
    ]);
    const met = cast([400, 500, 500], [-1, 0, 0])!;
    expect([met.far, ...met.normal, met.part.substance]).toEqual([300, 1, 0, 0, 'wall']);
    expect(cast([400, 500, 500], [1, 0, 0])!.part.substance).toBe('front');
    // From within a body its faces are seen from behind.
    expect(cast([50, 500, 500], [1, 0, 0])!.normal[0]).toBe(-1);
    expect(cast([400, 500, 500], [0, 0, 1])).toBeNull();
    // Aslant: 400 along for 300 back is as far as the hypotenuse.
    expect(cast([400, 300, 500], [-0.6, 0.8, 0])!.far).toBeCloseTo(500, 9);
    expect(cast([400, 700, 500], [-0.6, 0.8, 0])).toBeNull();
  });
});

describe('the light of a room', () => {
  const whole = rectangle(4000, 3000);

  it('is that of its lamps, and what every face gives back of it, in a closed room', () => {
    const { design } = whole;
    const given = lampsOf(design).reduce((sum, { light }) => sum + power(light), 0);
    const emitters = emittersOf(design, 'night', 1_500);
    // Light goes round as a sum of ever smaller shares: between what the floor and what the whitest ceiling would make of it.
    const share = flux(emitters) / given;
    expect(share).toBeGreaterThan(1 / (1 - 0.45));
    expect(share).toBeLessThan(1 / (1 - 0.92));
    const half = flux(emittersOf(design, 'night', 300)) / given;
    expect(Math.abs(half / share - 1)).toBeLessThan(0.1);
    for (const { at, way } of emitters) {
      expect(Math.hypot(...way)).toBeCloseTo(1, 9);
      expect(at[2]).toBeGreaterThan(-1e-6);
      expect(at[2]).toBeLessThan(2_400);
    }
  });

  it('comes through a window as through a bright face of its size', () => {
    const builder = rectangle(4000, 3000);
    builder.open('face-a', 'window', 1_500, { width: 1_000, sill: 1_000, height: 1_000 });
    const { design } = builder;
    const pane = sceneOf(design)
      .flatMap((group) => group.parts)
      .find(({ substance }) => substance === 'glass')!.mesh.positions;
    const xs = pane.filter((_, i) => i % 3 === 0);
    const zs = pane.filter((_, i) => i % 3 === 2);
    const ys = pane.filter((_, i) => i % 3 === 1);
    const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...zs), Math.max(...zs)];
    const lamps = lampsOf(design).map(({ from }) => from);
    const emitters = emittersOf(design, 'noon', 3_000);
    const first = emitters.filter(
      ({ at, way }) =>
        way[1] < -0.99 &&
        at[0] >= left &&
        at[0] <= right &&
        at[2] >= low &&
        at[2] <= high &&
        Math.abs(at[1] - Math.min(...ys) + 4) < 1e-6,
    );
    expect(lamps.length).toBe(2);
    const at: Place = [2_000, -2_000, 0];
    // The light of an upright rectangle of even brightness on a level place below it (the closed formula of its configuration factor), piece by piece.
    const out = Math.abs(Math.min(...ys) + 4 - at[1]);
    const factor = (x: number, z: number) => {
      const [a, b] = [x / out, z / out];
      const root = Math.hypot(1, b);
      return (Math.atan(a) - Math.atan(a / root) / root) / (2 * Math.PI);
    };
    const brightness = 0.85 * power([3.9, 4.2, 4.7]);
    const half = (right - left) / 2;
    const expected = Math.PI * brightness * 2 * (factor(half, high) - factor(half, low));
    expect(onLevel(first, at) / expected).toBeCloseTo(1, 1);
  });

  it('is the same every time, and in such an order that its first half is like its whole', () => {
    const [kitchen] = demoJobs().flatMap(({ rooms }) => rooms);
    const emitters = emittersOf(kitchen!, 'noon', 200);
    expect(emittersOf(kitchen!, 'noon', 200)).toEqual(emitters);
    expect(emitters.length).toBeGreaterThan(120);
    expect(emitters.length).toBeLessThan(320);
    const first = flux(emitters.slice(0, emitters.length / 2));
    expect(Math.abs((2 * first) / flux(emitters) - 1)).toBeLessThan(0.2);
    const night = emittersOf(kitchen!, 'night', 200);
    expect(flux(night)).toBeLessThan(flux(emitters));
    // Pictures by day and by night are neither dark nor pale.
    // Light that is reddish on the whole is seen nearly white, as bright as it was.
    const soft = softRoom(kitchen!, 'night', true, 200);
    const sums = (all: readonly Emitter[]) =>
      [0, 1, 2].map((k) => all.reduce((sum, { light: own }) => sum + own[k]!, 0));
    const [was, seen] = [sums(night), sums(soft.emitters)];
    expect(flux(soft.emitters) / flux(night)).toBeCloseTo(1, 6);
    expect(seen[0]! / seen[2]! - 1).toBeLessThan((was[0]! / was[2]! - 1) / 2);
    expect(seen[0]!).toBeGreaterThan(seen[2]!);
    const [day, dark] = (['noon', 'night'] as const).map(
      (time) => softRoom(kitchen!, time, true, 200).exposure,
    );
    expect(dark!).toBeGreaterThan(day!);
  });

  it('stays in the rooms of the demo jobs', () => {
    for (const design of demoJobs().flatMap(({ rooms }) => rooms)) {
      const { outline, faces } = roomShape(design);
      const thick = Math.max(...faces.map(({ thickness }) => thickness));
      const places = emittersOf(design, 'noon', 100).map(({ at: [x, y] }) => ({ x, y }));
      const inside = places.filter(
        (at) => contains(outline, at) || distanceToPath(at, [...outline, outline[0]!]) <= thick,
      );
      // Some light leaves over a half wall, and comes back from what stands beyond.
      const open = faces.some(({ wallHeight }) => wallHeight !== null);
      expect(inside.length / places.length).toBeGreaterThanOrEqual(open ? 0.95 : 1);
    }
  });

  it('of the open sky is even all round, and fainter from the ground', () => {
    const emitters = skyEmitters(400);
    const level = emitters.reduce((sum, { at, light }) => sum + power(light) * Math.max(0, at[2]), 0);
    expect(level / (Math.PI * 4)).toBeCloseTo(1, 2);
    const under = emitters.reduce((sum, { at, light }) => sum + power(light) * Math.max(0, -at[2]), 0);
    expect(under / level).toBeCloseTo(0.35, 2);
  });
});

describe('lamps', () => {
  const light = (design: Design, id: string) => lampsOf(design).find(({ service }) => service === id);

  it('are where the room has lights: at the ceiling, on a wall, in a strip under what hangs there', () => {
    const builder = rectangle(4000, 3000);
    expect(lampsOf(builder.design).map(({ kind }) => kind)).toEqual(['ceiling', 'ceiling']);
    const item = builder.set('U800/720', 'face-a', 1_000);
    const own = itemBoxes(builder.design).find(({ id }) => id === item)!;
    const on = (distance: number) =>
      ({ on: 'face', face: 'face-a', from: 'left', distance, off: 0 }) as const;
    const put = (id: string, up: number, placement: object) =>
      builder.run(putService, { kind: 'service', id, type: 'light', up, placement: placement as never });
    put('ceiling', 2_400, { on: 'floor', x: 2_000, y: -1_500, turn: 0 });
    put('under', own.low - 50, on(1_200));
    put('wall', 1_900, on(3_000));
    const { design } = builder;
    expect(light(design, 'ceiling')).toMatchObject({
      kind: 'ceiling',
      from: [2_000, -1_500, 2_360],
      way: [0, 0, -1],
    });
    const strip = light(design, 'under')!;
    expect(strip.kind).toBe('under');
    expect([strip.from[0], strip.to[0], strip.from[2]]).toEqual([1_040, 1_760, own.low - 14]);
    expect(light(design, 'wall')).toMatchObject({ kind: 'wall', way: [0, -1, 0] });
    expect(light(design, 'wall')!.from[1]).toBeCloseTo(-110, 9);
    // Beside the item it is a lamp on the wall.
    put('under', own.low - 50, on(2_200));
    expect(light(builder.design, 'under')!.kind).toBe('wall');
  });
});

describe('the sun', () => {
  it('rises in the east, stands in the south at noon, and goes with north', () => {
    const builder = rectangle(4000, 3000);
    const [morning, noon, evening] = (['morning', 'noon', 'evening'] as const).map((time) =>
      sunAt(builder.design, time),
    );
    expect([morning![0] > 0.8, noon![1] < -0.6, evening![0] < -0.8]).toEqual([true, true, true]);
    expect(Math.hypot(...noon!)).toBeCloseTo(1, 9);
    // North a quarter to the left of the top of the plan: south is to the right.
    builder.run(setRoom, { north: Math.PI / 2 });
    expect(sunAt(builder.design, 'noon')[0]).toBeGreaterThan(0.6);
    builder.run(setRoom, { north: 0 });
    expect(sunAt(builder.design, 'noon')).toEqual(noon);
  });
});
