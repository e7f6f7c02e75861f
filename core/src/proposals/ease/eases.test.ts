import { describe, expect, it } from 'vitest';
import { execute } from '../../commands/command';
import { ease } from '../../commands/ease';
import { shiftItems } from '../../commands/shift-items';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { hallBath } from '../../demo/hall-bath';
import { laundry } from '../../demo/laundry';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { wetRoom } from '../../demo/wet-room';
import { recordsOf, roomOf, type Design } from '../../document/design';
import { randomFrom } from '../../geometry/random';
import { checkBy } from '../../reach/check-reach';
import type { Finding } from '../../reach/finding';
import { packsOf } from '../../reach/packs';
import { must } from '../../result';
import { easeAll, type EasePlan } from './ease-all';
import { easesFor } from './eases';
import type { Ease } from './search';

let count = 0;
const newId = () => `new-${++count}`;
const rooms = { orchardKitchen, galleyWithBay, wetRoom, hallBath, laundry };

const asks = ({ verdict }: Finding) => verdict === 'tight' || verdict === 'blocked';
const all = (design: Design): ReadonlyMap<string, Finding> =>
  new Map(checkBy(design, packsOf(design), true).findings.map((finding) => [finding.key, finding]));
const after = (design: Design, steps: Ease['steps']) => must(execute(ease, design, { steps })).design;

/** The keys of what one design's rules find that is graver than in another, or short of a limit by more. */
function worse(before: Design, now: Design): string[] {
  const was = all(before);
  const weight = { blocked: 2, tight: 1, unjudged: 0, clear: 0 };
  return [...all(now).values()].flatMap((finding) => {
    const own = was.get(finding.key);
    if (!asks(finding)) return [];
    if (!own || weight[finding.verdict] > weight[own.verdict]) return [finding.key];
    if (weight[finding.verdict] < weight[own.verdict]) return [];
    const isShorter = finding.checks.some((check) => {
      const other = own.checks.find(({ id }) => id === check.id);
      if (check.held !== false) return false;
      const short = Math.abs(check.measured! - check.required!);
      const wasShort = other?.held === false ? Math.abs(other.measured! - other.required!) : 0;
      return short > wasShort + 0.021;
    });
    return isShorter ? [finding.key] : [];
  });
}

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
        const open = [...all(design).values()].filter(asks);
        for (const finding of open.slice(run, run + 4)) {
          const eases = easesFor(design, finding.key, newId);
          told += eases.length;
          expect(eases.map((one) => one.moved)).toEqual(eases.map((one) => one.moved).sort((a, b) => a - b));
          for (const { steps, cures } of eases) {
            const eased = after(design, steps);
            const still = all(eased);
            expect(cures).toContain(finding.key);
            for (const key of cures)
              expect([key, asks(still.get(key) ?? { ...finding, verdict: 'clear' })]).toEqual([key, false]);
            expect(worse(design, eased)).toEqual([]);
          }
        }
      }
      if (room === orchardKitchen) expect(told).toBeGreaterThan(0);
    },
    120_000,
  );

  it('are the least: no move along the walls by less cures an aisle and breaks nothing', () => {
    const design = orchardKitchen();
    const island = 'item-20';
    const [tight] = [...all(design).values()].filter(
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
        const found = all(moved.value.design).get(tight!.key);
        const cures = !found || !asks(found);
        expect([x, y, cures && worse(design, moved.value.design).length === 0]).toEqual([x, y, false]);
      }
    expect(least!.moved).toBeGreaterThan(step);
  }, 60_000);

  it('round corners, and add as few sockets as are enough', () => {
    const design = orchardKitchen();
    const found = [...all(design).values()];
    const corner = found.find(({ measure, verdict }) => measure === 'sharp-corners' && verdict === 'tight')!;
    const [rounded] = easesFor(design, corner.key, newId);
    expect(rounded!.steps).toHaveLength(corner.values['sharp-corners']!);
    expect(rounded!.steps[0]).toMatchObject({ do: 'corner', radius: 25.4 });
    for (const socket of found.filter(
      ({ measure, verdict }) => measure === 'counter-sockets' && verdict === 'blocked',
    )) {
      const [added] = easesFor(design, socket.key, newId);
      expect(added!.steps.every((step) => step.do === 'service' && step.service.protected)).toBe(true);
      expect(worse(design, after(design, added!.steps))).toEqual([]);
      const fewer = after(design, added!.steps.slice(1));
      expect(asks(all(fewer).get(socket.key)!)).toBe(true);
    }
  }, 60_000);

  it('are none for what is kept, not known, or not there', () => {
    const design = orchardKitchen();
    const clear = [...all(design).values()].find(({ verdict }) => verdict === 'clear')!;
    const unjudged = [...all(design).values()].find(({ verdict }) => verdict === 'unjudged')!;
    for (const key of [clear.key, unjudged.key, 'K06 none']) expect(easesFor(design, key, newId)).toEqual([]);
  });
});

describe('easing all', () => {
  it('clears all it says, breaks nothing, and needs each of its changes', () => {
    const design = orchardKitchen();
    const search = easeAll(design, newId);
    let next = search.next();
    let looked = 0;
    while (!next.done) {
      looked += 1;
      expect(next.value.looked).toBeLessThanOrEqual(next.value.open);
      next = search.next();
    }
    const plan: EasePlan = next.value;
    expect(looked).toBeGreaterThan(10);
    expect(plan.cured.length).toBeGreaterThan(8);
    const eased = after(design, plan.steps);
    const open = (one: Design) =>
      [...all(one).values()]
        .filter(asks)
        .map(({ key }) => key)
        .sort();
    expect(open(eased)).toEqual([...plan.left].sort());
    expect([...plan.cured, ...plan.left].sort()).toEqual(open(design));
    expect(worse(design, eased)).toEqual([]);
    for (const step of plan.steps) {
      const done = execute(ease, design, { steps: plan.steps.filter((one) => one !== step) });
      if (done.ok) expect(open(done.value.design).length).toBeGreaterThan(plan.left.length);
    }
  }, 120_000);
});
