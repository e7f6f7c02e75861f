import { describe, expect, it } from 'vitest';
import { nestFaults } from '../../../testing/nest-faults';
import { setFinish } from '../../commands/set-finish';
import { setRoom } from '../../commands/set-room';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { hallBath } from '../../demo/hall-bath';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import type { Design } from '../../document/design';
import { applyPatch } from '../../document/patch';
import { must } from '../../result';
import { listOf } from '../lists/lists';
import { boltPlaces, jointBolts } from './joint-bolts';
import { slabLayouts, slabPieces } from './slab-layout';
import { templatesOf } from './templates';

const rooms = [galleyWithBay, orchardKitchen, hallBath];
const topped = (design: Design, finish: string): Design =>
  must(applyPatch(design, must(setFinish.run(design, { part: 'top', finish, to: { room: 'everywhere' } }))));
/** A room whose slabs are so large. */
const slabbed = (design: Design, slabLength: number, slabWidth: number): Design =>
  must(applyPatch(design, must(setRoom.run(design, { slabLength, slabWidth }))));

describe('slabs of tops', () => {
  it('have every piece once, cut right across, along their veins where they have some', () => {
    for (const make of rooms)
      for (const finish of ['Foam', 'Shell', 'Drift oak']) {
        const design = topped(make(), finish);
        const templates = slabPieces(design);
        const layouts = slabLayouts(design);
        const laid = layouts.flatMap(({ slabs, tooLarge }) => [
          ...slabs.flatMap(({ parts }) => parts.map(({ id }) => Number(id))),
          ...tooLarge,
        ]);
        expect(laid.sort((a, b) => a - b)).toEqual(templates.map((_, index) => index));
        for (const { case: one, slabs, used, bound, along, material, thickness } of layouts) {
          const { l, w } = one.stock[0]!;
          const area = slabs.flatMap(({ parts }) => parts).reduce((sum, part) => sum + part.l * part.w, 0);
          const nested = { id: one.id, sheets: slabs, count: slabs.length, sheetArea: slabs.length * l * w };
          const share = area / nested.sheetArea;
          expect(nestFaults(one, { ...nested, bound: {}, proven: false, yield: share })).toEqual([]);
          expect(slabs.length).toBeGreaterThanOrEqual(bound);
          const pieces = slabs.flatMap(({ parts }) => parts.map(({ id }) => templates[Number(id)]!.area));
          const sum = (of: readonly number[]) => of.reduce((all, each) => all + each, 0);
          expect(sum(used) * l * w).toBeCloseTo(sum(pieces), 3);
          expect(along).toBe(finish !== 'Shell');
          for (const { id, turned, ...part } of slabs.flatMap(({ parts }) => parts)) {
            const template = templates[Number(id)]!;
            expect([template.material, template.thickness]).toEqual([material, thickness]);
            expect(turned ? [part.w, part.l] : [part.l, part.w]).toEqual([
              expect.closeTo(template.length, 5),
              expect.closeTo(template.width, 5),
            ]);
            if (along) expect(turned).toBe(false);
          }
        }
      }
  });

  it('turn pieces only where that saves a slab, and never what has veins', () => {
    const parts = (of: Design) => slabLayouts(of).flatMap(({ slabs }) => slabs.flatMap((one) => one.parts));
    const turned = (of: Design) => parts(of).filter((part) => part.turned).length;
    const slabsOf = (of: Design) => slabLayouts(of).reduce((sum, { slabs }) => sum + slabs.length, 0);
    const galley = topped(galleyWithBay(), 'Shell');
    expect(turned(slabbed(galley, 3_600, 1_400))).toBe(0);
    // On these a piece turned saves a slab; with veins it takes that slab.
    const small = slabbed(galley, 2_000, 1_600);
    const veined = slabbed(topped(galleyWithBay(), 'Foam'), 2_000, 1_600);
    expect(turned(small)).toBeGreaterThan(0);
    expect(turned(veined)).toBe(0);
    expect(slabsOf(veined)).toBe(slabsOf(small) + 1);
    // What no slab holds is told.
    const narrow = slabbed(galley, 3_000, 800);
    expect(slabLayouts(narrow).flatMap(({ tooLarge }) => tooLarge).length).toBeGreaterThan(0);
  });
});

describe('bolts of joints', () => {
  it('keep off the ends and no further apart than they may, the same from both ends', () => {
    for (const [long, count] of [
      [100, 1],
      [239.9, 1],
      [240, 2],
      [410, 2],
      [410.1, 3],
      [660, 3],
      [660.1, 4],
    ] as const) {
      const places = boltPlaces(long);
      expect(places, String(long)).toHaveLength(count);
      places.forEach((at, index) => expect(at + places[count - 1 - index]!).toBeCloseTo(long, 9));
      if (count > 1) expect(places[0]).toBe(80);
    }
  });

  it('are in both pieces of a joint, and bought once; stone has none', () => {
    const design = topped(galleyWithBay(), 'Drift oak');
    const bolts = jointBolts(design).reduce((sum, one) => sum + one.bolts, 0);
    expect(bolts).toBe(6);
    const drawn = templatesOf(design).flatMap(({ edges }) => edges.flatMap((edge) => edge.bolts ?? []));
    expect(drawn).toHaveLength(2 * bolts);
    const bought = (of: Design) =>
      listOf(of, 'hardware').lines.filter(({ cells }) => cells[0]!.said === 'TB');
    const line = bought(design);
    expect(line.map(({ cells }) => cells[2]!.value)).toEqual([bolts]);
    expect(line[0]!.ids).toEqual([...new Set(line[0]!.ids)]);
    const stone = topped(design, 'Foam');
    expect(jointBolts(stone)).toEqual([]);
    expect(bought(stone)).toEqual([]);
    expect(templatesOf(stone).flatMap(({ edges }) => edges.filter((edge) => 'bolts' in edge))).toEqual([]);
  });
});
