import { describe, expect, it } from 'vitest';
import { printedCabinets } from '../../../testing/made-rooms';
import { rectangle } from '../../../testing/rooms';
import { setRoom } from '../../commands/set-room';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import type { Design } from '../../document/design';
import { jointBolts } from '../templates/joint-bolts';
import { workPiece } from '../machines/work-piece';
import { madeItems } from '../parts/design-parts';
import { shopListIds } from './find-list';
import { runPlinths } from './lengths';
import { listColumns, listOf } from './lists';
import { shopLength } from './shop-style';

/** The values of a column of a list. */
const column = (design: Design, list: (typeof shopListIds)[number], name: string) => {
  const at = listColumns(list).findIndex((one) => one === name);
  return listOf(design, list).lines.map(({ cells }) => cells[at]!);
};
const sum = (values: readonly (number | undefined)[]) => values.reduce<number>((all, one) => all + one!, 0);

describe('the lists of the shop', () => {
  it('have every piece of every cabinet, edging to the millimetre, and all that is bought, as the parts say it', () => {
    for (const design of [galleyWithBay(), orchardKitchen()]) {
      const parts = printedCabinets(design).flatMap((cabinet) => cabinet.parts);
      expect(sum(column(design, 'cut', 'count').map(({ value }) => value))).toBe(
        sum(parts.map(({ qty }) => qty)),
      );
      expect(sum(column(design, 'packing', 'count').map(({ value }) => value))).toBe(
        sum(parts.map(({ qty }) => qty)),
      );
      const area = (rows: readonly (readonly [number, number, number])[]) =>
        sum(rows.map(([n, l, w]) => n * l * w));
      const at = ['count', 'cutLength', 'cutWidth'].map((name) => column(design, 'cut', name));
      expect(
        area(at[0]!.map((_, row) => [at[0]![row]!.value!, at[1]![row]!.value!, at[2]![row]!.value!])),
      ).toBeCloseTo(
        area(parts.map((part) => [part.qty, part.cutLength, part.cutWidth + (part.scribe ?? 0)])),
        0,
      );
      const edged = parts
        .filter(({ outline }) => !outline)
        .map((part) => {
          const on = (edge: 'l1' | 'l2' | 'w1' | 'w2') => (part.edging[edge] ? 1 : 0);
          return part.qty * ((on('l1') + on('l2')) * part.length + (on('w1') + on('w2')) * part.width);
        });
      const outlined = parts.filter(({ outline }) => outline).length;
      const total = sum(column(design, 'edging', 'total').map(({ value }) => value));
      if (outlined === 0) expect(total).toBeCloseTo(sum(edged), 3);
      else expect(total).toBeGreaterThanOrEqual(sum(edged) - 1e-3);
      const bought = new Map<string, number>();
      for (const { hardware } of printedCabinets(design))
        for (const { code, qty } of hardware) bought.set(code, (bought.get(code) ?? 0) + qty);
      for (const { bolts } of jointBolts(design)) bought.set('TB', (bought.get('TB') ?? 0) + bolts);
      const codes = column(design, 'hardware', 'code').map(({ said }) => said);
      expect(new Set(codes)).toEqual(new Set(bought.keys()));
      column(design, 'hardware', 'count').forEach(({ value }, row) =>
        expect(value).toBe(bought.get(codes[row]!)),
      );
    }
  });

  it('cut a strip at a wall wider by what is scribed off it, as its own facts say', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 50);
    const filler = builder.set('FL50', 'face-a', 0);
    const cabinet = printedCabinets(builder.design).find(({ id }) => id === filler)!;
    expect(cabinet.parts[0]).toMatchObject({ id: 'filler', width: 50, cutWidth: 50, scribe: 10 });
    const strip = listOf(builder.design, 'cut').lines.find(({ cells }) => cells[1]!.said === 'Filler')!;
    expect(strip.cells[4]!.value).toBe(60);
    // Between two cabinets there is nothing to scribe it to.
    builder.set('F600', 'face-a', 700);
    const between = builder.set('FL50', 'face-a', 650);
    expect(
      printedCabinets(builder.design).find(({ id }) => id === between)!.parts[0]!.scribe,
    ).toBeUndefined();
  });

  it('cut an end panel wider at its back, to be scribed to the wall it stands out from', () => {
    const builder = rectangle(4000, 3000);
    const at = builder.set('P18', 'face-a', 500);
    const off = builder.place('P18', { on: 'face', face: 'face-a', from: 'left', distance: 1500, off: 20 });
    const printedOf = (id: string) => printedCabinets(builder.design).find((one) => one.id === id)!.parts[0]!;
    expect(printedOf(at)).toMatchObject({ id: 'end-panel', width: 560, scribe: 10 });
    expect(printedOf(off).scribe).toBeUndefined();
    const lines = listOf(builder.design, 'cut').lines.filter(({ cells }) => cells[1]!.said === 'End panel');
    // Its front is edged, its back is where the scribe is.
    const edging = printedOf(off).width - printedOf(off).cutWidth;
    expect(edging).toBeGreaterThan(0);
    expect(lines.map(({ cells }) => cells[4]!.value).sort()).toEqual([560 - edging, 570 - edging]);
    const { parts } = madeItems(builder.design).find(({ record }) => record.id === at)!;
    expect(workPiece(parts[0]!).width).toBeCloseTo(570 - edging, 6);
  });

  it('order what is bought whole by its range, and nothing that is made', () => {
    const design = orchardKitchen();
    const made = new Set(printedCabinets(design).map(({ code }) => code));
    const ordered = column(design, 'order', 'code').map(({ said }) => said);
    expect(ordered.length).toBeGreaterThan(3);
    expect(ordered.filter((code) => made.has(code))).toEqual([]);
    expect(new Set(column(design, 'order', 'range').map(({ said }) => said))).not.toContain('Saltbox');
  });

  it('order the slabs that tops and splashes are cut from, by their stuff and thickness', () => {
    const builder = rectangle(4000, 3000);
    const slabsIn = () =>
      listOf(builder.design, 'order').lines.map(({ ids, cells }) => [...cells.map(({ said }) => said), ids]);
    expect(slabsIn()).toEqual([]);
    builder.set('F1200', 'face-a', 500);
    builder.set('F1200', 'face-a', 1700);
    builder.run(setRoom, { splashHeight: 100, topFinish: 'Foam', slabLength: 1300 });
    const [first, second] = madeItems(builder.design);
    const ids = [first!.record.id, second!.record.id];
    // Two pieces of 1240, one under the other; two of the splash, which is thinner.
    expect(slabsIn()).toEqual([
      ['Slabs', expect.stringMatching(/ Foam$/), '1300 × 1400 × 30', '1', '1, 2', ids],
      ['Slabs', expect.stringMatching(/ Foam$/), '1300 × 1400 × 20', '1', '1, 2', ids],
    ]);
  });

  it('have the plinth of a run: along the front and both free ends, mitred; the kicks of boxes belong to those', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 500);
    builder.set('F900', 'face-a', 1100);
    // 1500 along the front; each end back to the wall from its face 50 behind the box's front.
    expect(
      runPlinths(builder.design)
        .map(({ length }) => Math.round(length))
        .sort(),
    ).toEqual([1500, 510, 510]);
    const framed = rectangle(4000, 3000);
    framed.run(setRoom, { range: 'saltbox' });
    framed.set('B24', 'face-a', 500);
    const lengths = runPlinths(framed.design).map(({ length }) => Math.round(length * 10) / 10);
    // Only the free ends are left: its front has a kick of its own.
    expect(lengths).toEqual([533.4, 533.4]);
  });

  it('are told as fine as saws are set, whatever the room rounds to', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 500);
    const backs = listOf(builder.design, 'cut').lines.filter(({ cells }) => cells[1]!.said === 'Back');
    expect(backs.map(({ cells }) => cells[3]!.said)).toEqual(['709.5']);
    const [metric, inches, decimal] = [
      shopLength({ unit: 'cm' }),
      shopLength({ unit: 'ft-in' }),
      shopLength({ unit: 'in-decimal' }),
    ];
    expect([719.96, 719.94, 720, 0.05, 0.04].map(metric)).toEqual(['720', '719.9', '720', '0.1', '0']);
    expect([inches(12.7), inches(20.2), decimal(12.7)]).toEqual(['1/2"', '25/32"', '0.500"']);
  });
});
