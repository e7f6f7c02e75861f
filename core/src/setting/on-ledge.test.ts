import { describe, expect, it } from 'vitest';
import { floor, onA, put, rounded, settingFor } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import type { Setting } from './landing';
import { backToBack, hugLedge, nextOnLedge } from './on-ledge';
import { roomShape } from '../survey/room-shape';

describe('landing on an edge', () => {
  const run = () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'one', 'U600/720', onA(1000));
    put(builder, 'two', 'U900/720', onA(1600));
    put(builder, 'yon', 'U600/720', {
      ...({ on: 'face', face: 'face-c', from: 'left' } as const),
      ...{ distance: 1000, off: 0 },
    });
    return builder;
  };
  const rail = settingFor('KL2400');

  it('is beside what is chosen, an item of the row or the face it stands against, before others', () => {
    const { design } = run();
    const faceOf = (besideId?: string) => {
      const placement = nextOnLedge(design, rail, besideId)!.placement;
      return placement.on === 'face' && placement.face;
    };
    expect([undefined, 'two', 'yon', 'face-c', 'face-a'].map(faceOf)).toEqual([
      ...['face-a', 'face-a', 'face-c', 'face-c', 'face-a'],
    ]);
    expect(nextOnLedge(design, settingFor('F600'))).toBeNull();
  });

  it('says which item it is along, and is cut only while it is being set', () => {
    const { design } = run();
    const near = (x: number, change: Partial<Setting> = {}, range = {}) =>
      hugLedge(
        design,
        { ...rail, width: 300, ...change },
        { x, y: -341 },
        { snap: 20, reach: 300, ...range },
      );
    const at = (x: number) => {
      const landing = near(x)!;
      return [landing.caught!.id, rounded((landing.placement as { distance: number }).distance)];
    };
    expect(at(1100)).toEqual(['one', 1000]);
    expect(at(1749)).toEqual(['one', 1599]);
    expect(at(1750)).toEqual(['two', 1600]);
    // Drawn to the ends within the snap, not past it; kept on the edge beyond them.
    expect([at(1169.9), at(1170), at(1171)]).toEqual([
      ...[
        ['one', 1000],
        ['one', 1020],
        ['one', 1021],
      ],
    ]);
    expect([at(2330), at(2329), at(2600)]).toEqual([
      ...[
        ['two', 2180],
        ['two', 2179],
        ['two', 2200],
      ],
    ]);
    expect(near(1100)).toMatchObject({ up: 1365, caught: { by: 'edge' } });
    expect(near(1100)).not.toHaveProperty('width');
    expect(near(1700, { width: 1500 })).not.toHaveProperty('width');
    expect(near(1700, { width: 1501 })).toMatchObject({ width: 1500 });
    expect(near(1700, { width: 1501, except: new Set(['rail']) })).toBeNull();
    expect(near(1700, { width: 1501, edge: { of: 'underside', least: 1500 } })).not.toBeNull();
    expect(near(1700, { width: 1501, edge: { of: 'underside', least: 1501 } })).toBeNull();
  });

  it('is within reach, to the nearest of those there are, and on the face that is asked for only', () => {
    const builder = run();
    const near = (y: number, change = {}) =>
      hugLedge(builder.design, { ...rail, width: 300 }, { x: 1500, y }, { snap: 20, reach: 100, ...change });
    expect([near(-341 - 100) !== null, near(-341 - 101)]).toEqual([true, null]);
    const { byId } = roomShape(builder.design);
    expect(near(-341, { face: byId.get('face-b')! })).toBeNull();
    expect(near(-2000, { face: byId.get('face-a')! })?.placement).toMatchObject({ face: 'face-a' });
    expect(near(-2000, { face: byId.get('face-c')! })).toBeNull();
    const across = hugLedge(
      builder.design,
      { ...rail, width: 300 },
      { x: 4700, y: -3600 },
      { snap: 20, reach: 5000 },
    );
    expect(across!.caught!.id).toBe('yon');
  });

  it('back to back is beside, where the middle comes within reach of one that goes in', () => {
    const builder = rectangle(8000, 6000);
    put(builder, 'island', 'F1200', floor(2000, -2000));
    const at = (x: number, y: number, width = 600, reach = 100) =>
      backToBack(builder.design, settingFor('F600', { width }), { x, y }, 20, reach);
    const landing = at(2600, -1720)!;
    expect(landing.caught).toEqual({ by: 'beside', id: 'island' });
    expect(landing).not.toHaveProperty('up');
    const { placement } = landing;
    if (placement.on !== 'floor') throw new Error('against a face');
    expect([placement.x, placement.y, Math.abs(placement.turn)].map(rounded)).toEqual([
      ...[2900, -2000, rounded(Math.PI)],
    ]);
    expect([at(2600, -1620) !== null, at(2600, -1619)]).toEqual([true, null]);
    expect([at(2600, -1720, 1200) !== null, at(2600, -1720, 1201)]).toEqual([true, null]);
  });
});
