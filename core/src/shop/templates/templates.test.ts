import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { setRoom } from '../../commands/set-room';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { hallBath } from '../../demo/hall-bath';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { roomOf } from '../../document/design';
import { netArea, topCutOuts } from '../../surfaces/top-cut-outs';
import { tops } from '../../surfaces/tops';
import { templatesOf, type Template } from './templates';

/** Area of an outline by its own places: of its chords, and between its arcs and their chords. */
function areaOf({ edges }: Template): number {
  return edges.reduce((sum, { from, to, arc }) => {
    const chord = (from[0] * to[1] - to[0] * from[1]) / 2;
    if (!arc) return sum + chord;
    const sweep = (arc.sweep * Math.PI) / 180;
    return sum + chord + (arc.radius ** 2 * (sweep - Math.sin(sweep))) / 2;
  }, 0);
}

describe('templates of tops', () => {
  it('have their front below, cut-outs from their finished edges, and square corners where they are', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F800-S', 'face-a', 500);
    builder.set('F600', 'face-a', 1300);
    const { design } = builder;
    const { endOverhang, frontOverhang } = roomOf(design);
    const [template] = templatesOf(design);
    const [top] = tops(design);
    const bowl = topCutOuts(design)
      .get(top!)!
      .find(({ use }) => use === 'bowl')!;
    expect(template!.length).toBeCloseTo(1400 + 2 * endOverhang, 6);
    expect(template!.width).toBeCloseTo(560 + frontOverhang, 6);
    expect(template!.edges.map(({ angle }) => Math.round(angle * 1e6) / 1e6)).toEqual([90, 90, 90, 90]);
    const front = template!.edges.find(({ role }) => role === 'front')!;
    expect([...front.from, ...front.to].map(Math.round)).toEqual([0, 0, 1400 + 2 * endOverhang, 0]);
    // The room's face A runs from left to right as one stands before it: the sink's base is on the left.
    const cut = template!.cutOuts.find(({ use }) => use === 'bowl')!;
    expect(cut.fromLeft + cut.size[0] / 2).toBeCloseTo(endOverhang + 400, 6);
    expect(cut.fromLeft + cut.size[0] + cut.fromRight).toBeCloseTo(template!.length, 6);
    expect(cut.nearestEdge).toBeCloseTo(
      Math.min(cut.fromFront, template!.width - cut.fromFront - cut.size[1]),
      6,
    );
    expect(bowl.cut.area).toBeLessThan(cut.size[0] * cut.size[1]);
    expect(template!.profiles).toEqual({
      eased: expect.closeTo(template!.length + 2 * template!.width, 6) as number,
    });
  });

  it('of every room close, and their pieces are together the tops with what is cut out of them', () => {
    for (const design of [galleyWithBay(), orchardKitchen(), hallBath()]) {
      const templates = templatesOf(design);
      expect(templates.length).toBeGreaterThan(0);
      for (const one of templates) {
        expect(areaOf(one)).toBeCloseTo(one.area, 3);
        one.edges.forEach(({ to }, index) => {
          const { from } = one.edges[(index + 1) % one.edges.length]!;
          expect(Math.hypot(to[0] - from[0], to[1] - from[1])).toBeLessThan(1e-6);
        });
        // All corners of a closed outline turn once round, arcs with them.
        const turned = one.edges.reduce((sum, { angle, arc }) => sum + 180 - angle + (arc?.sweep ?? 0), 0);
        expect(turned).toBeCloseTo(360, 6);
      }
      tops(design).forEach((top, index) => {
        const own = templates.filter((one) => one.top === index + 1);
        expect(own.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(top.area, 2);
        expect(own.reduce((sum, one) => sum + one.netArea, 0)).toBeCloseTo(netArea(design, top), 2);
        expect(own.flatMap(({ cutOuts }) => cutOuts).length).toBe(topCutOuts(design).get(top)?.length ?? 0);
      });
    }
  });

  it('are told when they do not come out of the slab', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F1200', 'face-a', 500);
    expect(templatesOf(builder.design).map(({ fitsSlab }) => fitsSlab)).toEqual([true]);
    builder.run(setRoom, { slabLength: 1250, slabWidth: 500 });
    expect(templatesOf(builder.design).every(({ fitsSlab }) => fitsSlab)).toBe(false);
  });
});
