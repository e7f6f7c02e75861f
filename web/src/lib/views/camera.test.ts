import { describe, expect, it } from 'vitest';
import { fitCamera, keptInSight, LEAST_ZOOM, MOST_ZOOM, toRoom, toScreen } from './camera';

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

  it('keeps the room itself in sight at half the view, whatever is written round it', () => {
    const least = keptInSight({ k: 0.01, x: 0, y: 0 }, room, 840, 640);
    expect(least.k).toBe(0.1);
    expect(toScreen(least, { x: 2000, y: -1500 })).toEqual({ x: 420, y: 320 });
    const enough = { k: 0.1, x: 5, y: 6 };
    expect(keptInSight(enough, room, 840, 640)).toBe(enough);
    expect(keptInSight({ ...enough, k: 0.0999 }, room, 840, 640)).toEqual(least);
  });
});
