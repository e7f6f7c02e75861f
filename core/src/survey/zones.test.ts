import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { insertCorner } from '../commands/insert-corner';
import { moveFace } from '../commands/move-face';
import { putDivider } from '../commands/put-divider';
import { setRoom } from '../commands/set-room';
import type { DividerRecord } from '../document/records';
import { drawPlan } from '../drawing/plan';
import { splitPolygon } from '../geometry/split-polygon';
import { signedArea } from '../geometry/polygon';
import type { Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { roomShape } from './room-shape';
import { zonesOf } from './zones';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const across = (change: Partial<DividerRecord> = {}): DividerRecord => ({
  kind: 'divider',
  id: 'line',
  name: 'Dining',
  from: { face: 'face-a', from: 'left', distance: 2500 },
  to: { face: 'face-c', from: 'right', distance: 2500 },
  side: 'left',
  ...change,
});

describe('a dividing line', () => {
  it('parts off what lies on its side, and the room keeps the rest', () => {
    const builder = rectangle();
    builder.run(putDivider, across());
    expect(zonesOf(builder.design).map(({ name, area }) => [name, Math.round(area / 1e4)])).toEqual([
      ['Test room', 750],
      ['Dining', 450],
    ]);
    builder.run(putDivider, across({ side: 'right' }));
    expect(zonesOf(builder.design).map(({ area }) => Math.round(area / 1e4))).toEqual([450, 750]);
    const lines = drawPlan(builder.design, 20).filter(({ source }) => source === 'line');
    expect(lines).toHaveLength(1);
    const words = drawPlan(builder.design, 20).flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));
    expect(words).toEqual(expect.arrayContaining(['Dining', '7.50 m²', 'Test room', '4.50 m²']));
  });

  it('may start where another ends, and all parts add up to the room', () => {
    const builder = rectangle();
    builder.run(putDivider, across());
    builder.run(
      putDivider,
      across({ id: 'second', name: 'Pantry', to: { face: 'face-b', from: 'left', distance: 1800 } }),
    );
    const zones = zonesOf(builder.design);
    expect(zones.map(({ name }) => name)).toEqual(['Test room', 'Dining', 'Pantry']);
    expect(zones.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(roomShape(builder.design).area, 3);
  });

  it.each([
    [
      'along a face',
      across({ to: { face: 'face-a', from: 'right', distance: 200 } }),
      'does not divide the room',
    ],
    [
      'past its end',
      across({ to: { face: 'face-c', from: 'left', distance: 4500 } }),
      'The distance along face C can’t be 4500 mm',
    ],
    [
      'on a face that is not there',
      across({ to: { face: 'face-x', from: 'left', distance: 0 } }),
      'no longer in this room',
    ],
  ])('is refused %s', (_, record, reason) => {
    expect(sentence(putDivider.run(rectangle().design, record))).toContain(reason);
  });

  it('is refused across another, and keeps its place when its face is split or moved', () => {
    const builder = rectangle();
    builder.run(putDivider, across());
    const crossing = across({
      id: 'second',
      from: { face: 'face-b', from: 'left', distance: 1500 },
      to: { face: 'face-d', from: 'left', distance: 1500 },
    });
    expect(sentence(putDivider.run(builder.design, crossing))).toContain('cross no other');
    builder.run(insertCorner, { face: 'face-a', distance: 1000, id: 'new' });
    builder.run(moveFace, { face: 'face-d', by: 300 });
    // Its far end is measured from the corner that moved, and goes with it.
    expect(zonesOf(builder.design).map(({ area }) => Math.round(area / 1e4))).toEqual([795, 495]);
  });
});

describe('splitting a polygon', () => {
  it('loses no area, whatever the cut', () => {
    const l = [
      { x: 0, y: 0 },
      { x: 400, y: 0 },
      { x: 400, y: -200 },
      { x: 200, y: -200 },
      { x: 200, y: -500 },
      { x: 0, y: -500 },
    ];
    const on = fc.tuple(fc.nat(5), fc.double({ min: 0.01, max: 0.99, noNaN: true }));
    fc.assert(
      fc.property(on, on, (p, q) => {
        const [a, b] = [p, q].map(([edge, t]) => {
          const [s, e] = [l[edge]!, l[(edge + 1) % 6]!];
          return { x: s.x + (e.x - s.x) * t, y: s.y + (e.y - s.y) * t };
        });
        const parts = splitPolygon(l, a!, b!);
        if (!parts) return;
        const sum = parts.reduce((all, part) => all + signedArea(part), 0);
        expect(sum).toBeCloseTo(signedArea(l), 6);
      }),
    );
  });
});

describe('the room’s number', () => {
  it('goes before its name on the plan, and can be given up', () => {
    const builder = rectangle();
    builder.run(setRoom, { number: ' 0.12 ' });
    const words = drawPlan(builder.design, 20).flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));
    expect(words).toContain('0.12 Test room');
    builder.run(setRoom, { number: '' });
    expect(builder.design).toEqual(rectangle().design);
  });
});
