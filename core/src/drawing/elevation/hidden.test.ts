import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { editFaces } from '../../commands/edit-faces';
import { solidsOf } from '../../solids/solids';
import { hides } from './hidden';
import { topAt, type Panel } from './panels';
import { drawView, roomViews } from './views';

const solidA = () => {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 0);
  builder.set('F600', 'face-a', 600);
  return solidsOf(builder.design).filter(({ of }) => of === 'item');
};
const [one, other] = solidA();
const panel = (change: Partial<Panel>): Panel => ({
  ...{ solid: one!, left: 0, right: 600, low: 0, high: 870, outLeft: 560, outRight: 560 },
  ...{ edgeLeft: true, edgeRight: true, parts: [], from: 0, shrink: 1, section: false },
  ...change,
});
const far = panel({ solid: other! });

describe('what hides what in an elevation', () => {
  it('is nearer by more than what two flush fronts may differ by', () => {
    const by = (out: number) => hides(panel({ outLeft: 560 + out, outRight: 560 + out }), far);
    expect([by(1), by(0.011), by(0.009), by(0), by(-0.011), by(-1)]).toEqual([
      true,
      true,
      false,
      false,
      false,
      false,
    ]);
  });

  it('is judged in the middle of what both share, where one falls away', () => {
    const falling = panel({ left: 0, right: 1000, outLeft: 460, outRight: 760 });
    // Shared from 0 to 600: 550 in the middle; from 400 to 1000: 670.
    expect(hides(falling, far)).toBe(false);
    expect(hides(falling, panel({ solid: other!, left: 400, right: 1000 }))).toBe(true);
  });

  it('is nothing beside, above or below it, nor another side of the same body', () => {
    const near = { outLeft: 900, outRight: 900 };
    expect(hides(panel({ ...near, left: 600, right: 900 }), far)).toBe(false);
    expect(hides(panel({ ...near, left: 599, right: 900 }), far)).toBe(true);
    expect([
      hides(panel({ ...near, low: 870, high: 900 }), far),
      hides(panel({ ...near, low: -9, high: 0 }), far),
    ]).toEqual([false, false]);
    expect(hides(panel(near), panel({}))).toBe(false);
  });
});

describe('the upper edge of a wall under a sloped ceiling', () => {
  it('rises with its slope from where the wall begins', () => {
    const sloped = { slope: { high: 2000, rise: 0.25 }, high: 9, from: 100 };
    expect([topAt(sloped, 100), topAt(sloped, 500), topAt({ high: 870, from: 0 }, 500)]).toEqual([
      2000, 2100, 870,
    ]);
  });

  it('is drawn from the ceiling over one corner to that over the other', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-b', 'face-c'], change: { ceilingHeight: 3000 } });
    const view = roomViews(builder.design).find(({ id }) => id === 'face-a')!;
    const drawn = JSON.stringify(drawView(builder.design, view, 20));
    const corners = [...drawn.matchAll(/{"x":(-?[\d.e-]+),"y":(-?[\d.e-]+)}/g)].map(([, x, y]) => [
      Math.round(Number(x)),
      Math.round(Number(y)),
    ]);
    expect(corners).toContainEqual([0, 2400]);
    expect(corners).toContainEqual([4000, 3000]);
    expect(corners).not.toContainEqual([0, 3000]);
    expect(corners).not.toContainEqual([4000, 2400]);
  });
});
