import { describe, expect, it } from 'vitest';
import { allFound, asks, eased, worse } from '../../../testing/eased';
import { execute } from '../../commands/command';
import { shiftItems } from '../../commands/shift-items';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { hallBath } from '../../demo/hall-bath';
import { laundry } from '../../demo/laundry';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { wetRoom } from '../../demo/wet-room';
import { recordsOf, roomOf } from '../../document/design';
import { randomFrom } from '../../geometry/random';
import { easesFor } from './eases';

let count = 0;
const newId = () => `new-${++count}`;
const rooms = { orchardKitchen, galleyWithBay, wetRoom, hallBath, laundry };

describe('eases', () => {
  it.each(Object.entries(rooms))(
    'cure what they are for and break nothing, with things pushed into trouble: %s',
    (_, room) => {
      const random = randomFrom(room.name.length * 31);
      let told = 0;
      for (let run = 0; run < 3; run++) {
        let design = room();
        const items = recordsOf(design, 'item').filter(({ locked }) => !locked);
        const pushed = items[Math.floor(random() * items.length)]!;
        const by = { x: Math.round(300 * random() - 150), y: Math.round(300 * random() - 150) };
        const moved = execute(shiftItems, design, { ids: [pushed.id], by });
        if (moved.ok) design = moved.value.design;
        const open = [...allFound(design).values()].filter(asks);
        for (const finding of open.slice(run, run + 4)) {
          const eases = easesFor(design, finding.key, newId);
          told += eases.length;
          expect(eases.map((one) => one.moved)).toEqual(eases.map((one) => one.moved).sort((a, b) => a - b));
          for (const { steps, cures } of eases) {
            const now = eased(design, steps);
            const still = allFound(now);
            expect(cures).toContain(finding.key);
            for (const key of cures)
              expect([key, asks(still.get(key) ?? { ...finding, verdict: 'clear' })]).toEqual([key, false]);
            expect(worse(design, now)).toEqual([]);
          }
        }
      }
      if (room === orchardKitchen) expect(told).toBeGreaterThan(0);
    },
  );

  it('are the least: no move along the walls by less cures an aisle and breaks nothing', () => {
    const design = orchardKitchen();
    const island = 'item-20';
    const [tight] = [...allFound(design).values()].filter(
      ({ measure, ids }) => measure === 'aisle' && ids.includes(island) && ids.includes('item-9'),
    );
    const [least] = easesFor(design, tight!.key, newId).filter(({ steps }) => steps[0]?.do === 'shift');
    const { step } = roomOf(design);
    for (let by = step; by < least!.moved - step / 2; by += step)
      for (const [x, y] of [
        [by, 0],
        [-by, 0],
        [0, by],
        [0, -by],
      ] as const) {
        const moved = execute(shiftItems, design, { ids: [island], by: { x, y } });
        if (!moved.ok) continue;
        const found = allFound(moved.value.design).get(tight!.key);
        const cures = !found || !asks(found);
        expect([x, y, cures && worse(design, moved.value.design).length === 0]).toEqual([x, y, false]);
      }
    expect(least!.moved).toBeGreaterThan(step);
  });

  it('round corners, and add as few sockets as are enough', () => {
    const design = orchardKitchen();
    const found = [...allFound(design).values()];
    const corner = found.find(({ measure, verdict }) => measure === 'sharp-corners' && verdict === 'tight')!;
    const [rounded] = easesFor(design, corner.key, newId);
    expect(rounded!.steps).toHaveLength(corner.values['sharp-corners']!);
    expect(rounded!.steps[0]).toMatchObject({ do: 'corner', radius: 25.4 });
    for (const socket of found.filter(
      ({ measure, verdict }) => measure === 'counter-sockets' && verdict === 'blocked',
    )) {
      const [added] = easesFor(design, socket.key, newId);
      expect(added!.steps.every((step) => step.do === 'service' && step.service.protected)).toBe(true);
      expect(worse(design, eased(design, added!.steps))).toEqual([]);
      const fewer = eased(design, added!.steps.slice(1));
      expect(asks(allFound(fewer).get(socket.key)!)).toBe(true);
    }
  });

  it('are none for what is kept, not known, or not there', () => {
    const design = orchardKitchen();
    const clear = [...allFound(design).values()].find(({ verdict }) => verdict === 'clear')!;
    const unjudged = [...allFound(design).values()].find(({ verdict }) => verdict === 'unjudged')!;
    for (const key of [clear.key, unjudged.key, 'K06 none']) expect(easesFor(design, key, newId)).toEqual([]);
  });
});
