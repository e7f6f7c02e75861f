import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { putFixed } from '../commands/put-fixed';
import { putStandpoint } from '../commands/put-standpoint';
import { removeThings } from '../commands/remove-things';
import { recordsOf } from '../document/design';
import { distance } from '../geometry/point';
import { refusalText } from '../wording/refusal-text';
import { findWay, wayThere } from './path';
import { canStand } from './walk';

const length = (way: readonly { x: number; y: number }[]) =>
  way.slice(1).reduce((sum, to, index) => sum + distance(way[index]!, to), 0);

describe('a way through the room', () => {
  it('is straight where nothing is in between', () => {
    const { design } = rectangle(5000, 4000);
    const [from, to] = [
      { x: 600, y: -600 },
      { x: 4400, y: -3300 },
    ];
    expect(findWay(design, from, to)).toEqual([from, to]);
  });

  it('goes round what stands in between, close to the shortest, and can be walked', () => {
    const builder = rectangle(5000, 4000);
    builder.run(putFixed, {
      kind: 'fixed',
      id: 'wall',
      type: 'partition',
      ...{ width: 3000, depth: 100, height: 2400, up: 0 },
      placement: { on: 'floor', x: 0, y: -2000, turn: 0 },
    });
    const [from, to] = [
      { x: 1000, y: -1000 },
      { x: 1000, y: -3000 },
    ];
    const way = findWay(builder.design, from, to)!;
    expect(way.length).toBeGreaterThan(2);
    // Round the free end at 3000, 200 clear of it: at the least twice the hypotenuse of 2000 and 1000.
    expect(length(way)).toBeGreaterThan(2 * Math.hypot(2000, 950));
    expect(length(way)).toBeLessThan(1.15 * 2 * Math.hypot(2250, 1000));
    way.slice(1).forEach((b, index) => {
      const a = way[index]!;
      for (let t = 0; t <= 1; t += 0.05)
        expect(canStand(builder.design, { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t })).toBe(true);
    });
  });

  it('is none into a closed corner', () => {
    const builder = rectangle(5000, 4000);
    builder.run(putFixed, {
      kind: 'fixed',
      id: 'wall',
      type: 'partition',
      ...{ width: 5000, depth: 100, height: 2400, up: 0 },
      placement: { on: 'floor', x: 0, y: -2000, turn: 0 },
    });
    expect(findWay(builder.design, { x: 1000, y: -1000 }, { x: 1000, y: -3000 })).toBeNull();
  });
});

describe('a walk to a place that is pointed at', () => {
  it('goes there in even steps, or as near as one comes', () => {
    const { design } = rectangle(5000, 4000);
    const [from, to] = [
      { x: 600, y: -600 },
      { x: 3600, y: -600 },
    ];
    expect(wayThere(design, from, to, 3).map(({ x }) => Math.round(x))).toEqual([1600, 2600, 3600]);
    const [end] = wayThere(design, from, { x: 4990, y: -600 }, 1);
    expect(end!.x).toBeGreaterThan(4700);
    expect(canStand(design, end!)).toBe(true);
    // Nowhere to go.
    expect(wayThere(design, from, from, 2)).toEqual([from, from]);
  });
});

describe('a standpoint', () => {
  const point = {
    kind: 'standpoint',
    id: 'p',
    name: ' From the door ',
    x: 2000,
    y: -1500,
    eye: 1600,
    turn: 7,
    nod: 0,
  } as const;

  it('is kept where one can stand, and can be taken away again', () => {
    const builder = rectangle(4000, 3000);
    builder.run(putStandpoint, point);
    const [kept] = recordsOf(builder.design, 'standpoint');
    expect([kept!.name, kept!.turn]).toEqual(['From the door', expect.closeTo(7 - 2 * Math.PI, 9)]);
    const wrong = putStandpoint.run(builder.design, { ...point, x: 50 });
    expect(!wrong.ok && refusalText(wrong.refusal)).toContain('Nobody can stand there');
    expect(putStandpoint.run(builder.design, { ...point, eye: 100 }).ok).toBe(false);
    builder.run(removeThings, ['p']);
    expect(recordsOf(builder.design, 'standpoint')).toEqual([]);
  });
});
