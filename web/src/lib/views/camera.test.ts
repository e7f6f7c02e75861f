import { describe, expect, it } from 'vitest';
import {
  fitCamera,
  fitUnder,
  keptInSight,
  loweredUnder,
  LEAST_ZOOM,
  MOST_ZOOM,
  toRoom,
  toScreen,
} from './camera';

const room = { left: 0, right: 4000, bottom: -3000, top: 0 };

describe('the camera', () => {
  it('shows bounds in the middle of the view with a margin, no nearer and no farther than it goes', () => {
    const camera = fitCamera(room, 840, 640, 20);
    expect(camera.k).toBe(0.2);
    expect(toScreen(camera, { x: 2000, y: -1500 })).toEqual({ x: 420, y: 320 });
    expect(toRoom(camera, { x: 20, y: 20 })).toEqual({ x: 0, y: 0 });
    expect(fitCamera({ ...room, right: 1e7 }, 840, 640, 20).k).toBe(LEAST_ZOOM);
    expect(fitCamera({ left: 0, right: 1, bottom: 0, top: 1 }, 840, 640, 20).k).toBe(MOST_ZOOM);
  });

  it('shows bounds under what stands in the upper left corner, where they would come under it', () => {
    const camera = fitCamera(room, 840, 640, 20);
    // The drawing begins at 20, 20: beside or above that nothing is hidden.
    for (const corner of [
      { right: 20, bottom: 60 },
      { right: 100, bottom: 20 },
    ])
      expect(fitUnder(room, [room], 840, 640, 20, corner)).toEqual(camera);
    const under = fitUnder(room, [room], 840, 640, 20, { right: 21, bottom: 60 });
    expect(under.k).toBeCloseTo(540 / 3000, 12);
    expect(toScreen(under, { x: 2000, y: 0 })).toEqual({ x: 420, y: 80 });
    expect(toScreen(under, { x: 2000, y: -3000 }).y).toBeCloseTo(620, 9);
  });

  it('goes by the parts that are drawn, not by the corner of them all', () => {
    const cross = [
      { left: 0, right: 4000, bottom: -1600, top: -1400 },
      { left: 1900, right: 2100, bottom: -3000, top: 0 },
    ];
    const camera = fitCamera(room, 840, 640, 20);
    const corner = { right: 200, bottom: 100 };
    expect(fitUnder(room, cross, 840, 640, 20, corner)).toEqual(camera);
    expect(loweredUnder(camera, room, cross, 640, corner)).toBe(camera);
    // The standing part begins 400 across, the lying one 300 down.
    expect(fitUnder(room, cross, 840, 640, 20, { right: 401, bottom: 100 })).not.toEqual(camera);
    expect(fitUnder(room, cross, 840, 640, 20, { right: 200, bottom: 301 })).not.toEqual(camera);
  });

  it('is lowered under that corner as far as there is room', () => {
    const camera = fitCamera(room, 840, 640, 20);
    expect(loweredUnder(camera, room, [room], 640, { right: 20, bottom: 60 })).toBe(camera);
    expect(loweredUnder(camera, room, [room], 640, { right: 60, bottom: 30 }).y).toBe(camera.y + 10);
    // 20 pixels are free under it.
    expect(loweredUnder(camera, room, [room], 640, { right: 60, bottom: 60 }).y).toBe(camera.y + 20);
    expect(loweredUnder(camera, room, [room], 610, { right: 60, bottom: 60 }).y).toBe(camera.y);
  });

  it('keeps the room itself in sight at half the view, whatever is written round it', () => {
    const least = keptInSight({ k: 0.01, x: 0, y: 0 }, room, 840, 640);
    expect(least.k).toBe(0.1);
    expect(toScreen(least, { x: 2000, y: -1500 })).toEqual({ x: 420, y: 320 });
    const enough = { k: 0.1, x: 5, y: 6 };
    expect(keptInSight(enough, room, 840, 640)).toBe(enough);
    expect(keptInSight({ ...enough, k: 0.0999 }, room, 840, 640)).toEqual(least);
  });
});
