import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { constructionOf } from '../ranges/construction';
import { kindOf } from '../ranges/kinds';
import { ranges } from '../ranges/shelf';
import { frontParts, type FrontSizes } from './front-parts';
import { solidsOf } from './solids';

const frameless = constructionOf(ranges.find(({ id }) => id === 'fathom')!)!;
const framed = constructionOf(ranges.find(({ id }) => id === 'saltbox')!)!;
const sizes = (type: string, more: Partial<FrontSizes> = {}): FrontSizes => ({
  kind: kindOf(type),
  width: 600,
  height: 870,
  up: 0,
  hand: 'left',
  ...more,
});

describe('the parts of a front', () => {
  it('of one door: short of the box by its reveal, over the plinth, held at the top away from the hinge', () => {
    const [door] = frontParts(sizes('base-doors'), frameless);
    expect(door).toMatchObject({
      shows: 'door',
      left: 1.5,
      right: 598.5,
      low: 151.5,
      high: 868.5,
      hinge: 'left',
    });
    expect(door!.pull).toEqual({ across: 598.5 - 45, up: 868.5 - 80, upright: true });
  });

  it('of two doors: hinged outside, 3 mm between them', () => {
    const [left, right] = frontParts(sizes('base-doors', { width: 900 }), frameless);
    expect([left!.hinge, right!.hinge]).toEqual(['left', 'right']);
    expect(right!.left - left!.right).toBeCloseTo(3, 9);
    expect([left!.pull!.across, right!.pull!.across]).toEqual([left!.right - 45, right!.left + 45]);
  });

  it('of a wall cabinet: held at the bottom, without a plinth', () => {
    const parts = frontParts(sizes('wall-doors', { height: 720, up: 1400, hand: 'right' }), frameless);
    expect(parts).toMatchObject([
      { shows: 'door', hinge: 'right', pull: { across: 1.5 + 45, up: 1.5 + 80 } },
    ]);
  });

  it('of a tall door: held at hand height', () => {
    const [door] = frontParts(sizes('tall-broom', { height: 2070 }), frameless);
    expect(door!.pull!.up).toBe(1050);
  });

  it.each([2, 3, 4, 5])('of %i drawers: they and their gaps make the front', (drawers) => {
    for (const made of [frameless, framed]) {
      const parts = frontParts(sizes('base-drawers', { drawers }), made).filter(
        ({ shows }) => shows === 'drawer',
      );
      expect(parts).toHaveLength(drawers);
      const sum = parts.reduce((all, { low, high }) => all + high - low, 0);
      expect(sum + made.between * (drawers - 1) + 2 * made.frontShort + made.plinth.height).toBeCloseTo(
        870,
        9,
      );
      parts.slice(1).forEach(({ high }, i) => expect(parts[i]!.low - high).toBeCloseTo(made.between, 9));
    }
  });

  it('of an oven housing: the oven’s niche keeps its height, the door takes the rest', () => {
    const parts = frontParts(sizes('tall-oven', { height: 2150 }), frameless);
    const niche = parts.find(({ shows }) => shows === 'niche')!;
    expect(niche.high - niche.low).toBeCloseTo(595, 9);
    expect(parts.map(({ shows }) => shows)).toEqual(['door', 'niche', 'drawer', 'drawer']);
    expect(Math.max(...parts.map(({ high }) => high))).toBe(2150 - 1.5);
  });
});

describe('solids', () => {
  it('have their front on the side they are worked at, seen from outside left to right', () => {
    const builder = rectangle();
    const id = builder.set('F600', 'face-a', 500);
    const { sides } = solidsOf(builder.design).find((solid) => solid.id === id && solid.of === 'item')!;
    const front = sides.filter((side) => side.front);
    expect(front).toHaveLength(1);
    expect(front[0]).toMatchObject({ from: { x: 500, y: -560 }, to: { x: 1100, y: -560 } });
    expect(sides.filter(({ parts }) => parts.length > 0)).toEqual(front);
  });

  it('of a corner cabinet have a front on each leg, turning away from the corner; a blind one only where it is seen', () => {
    const builder = rectangle();
    const corner = builder.set('F900-L', 'face-a', 0);
    const of = (id: string) =>
      solidsOf(builder.design).find((solid) => solid.id === id && solid.of === 'item')!;
    const fronts = of(corner).sides.filter(({ front }) => front);
    expect(fronts.map(({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y))).toEqual([340, 340]);
    const hinges = fronts.map(({ parts }) => parts.find(({ shows }) => shows === 'door')!.hinge);
    expect(hinges.sort()).toEqual(['left', 'right']);
    const blind = builder.set('F1000-C', 'face-c', 1000);
    builder.run(editItems, { ids: [blind], change: { hand: 'left' } });
    const [front] = of(blind).sides.filter(({ front }) => front);
    const door = front!.parts.find(({ shows }) => shows === 'door')!;
    expect(door.left).toBeGreaterThan(600);
    expect(door.hinge).toBe('right');
  });

  it('are the same objects for what has not changed', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const other = builder.set('F600', 'face-c', 0);
    const before = solidsOf(builder.design);
    builder.run(editItems, { ids: [other], change: { width: 500 } });
    const after = solidsOf(builder.design);
    const kept = after.filter((solid) => before.includes(solid) && solid.of !== 'trim');
    expect(kept.map(({ id, of }) => `${id} ${of}`)).toEqual([
      'item-1 item',
      'item-1 top',
      // Before it, and at its free end.
      'item-1 plinth',
      'item-1 plinth',
    ]);
  });
});
