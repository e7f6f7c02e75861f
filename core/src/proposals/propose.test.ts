import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { blockOut } from '../commands/block-out';
import { editItems } from '../commands/edit-items';
import { removeThings } from '../commands/remove-things';
import { replaceItems } from '../commands/replace-items';
import { after, type RoomBuilder } from '../demo/build-room';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { recordsOf, type Design } from '../document/design';
import { fathom } from '../ranges/data/fathom';
import { specialSizes } from '../ranges/specials';
import { kindOf } from '../ranges/kinds';
import { must } from '../result';
import { itemBoxes } from '../setting/item-box';
import { openLengths } from '../setting/open-lengths';
import { refusalText } from '../wording/refusal-text';
import { say } from '../wording/words';
import { criteria } from './fill-problem';
import { replaceable } from './offered';
import { propose, type Proposal } from './propose';
import { noFiller, usualEnds, type ProposalRequest } from './request';

let count = 0;
const newId = () => `new-${(count += 1)}`;

const asked = (change: Partial<ProposalRequest>): ProposalRequest => ({
  faces: ['face-a'],
  band: 'base',
  range: 'fathom',
  family: 'F*',
  replaced: [],
  centre: null,
  order: criteria,
  most: 4,
  ends: usualEnds('mm'),
  loose: [],
  ...change,
});
const proposals = ({ design }: RoomBuilder, change: Partial<ProposalRequest>) =>
  must(propose(design, asked(change), newId));
const applied = (design: Design, { removed, items }: Proposal) =>
  after(design, replaceItems, { removed, items });
const open = (design: Design, band: string, letters: string) =>
  openLengths(design).filter((one) => one.band === band && letters.includes(one.face.letter));
const onFace = (design: Design, letter: string) =>
  itemBoxes(design)
    .filter(({ against }) => against?.face.letter === letter)
    .sort((a, b) => a.against!.along - b.against!.along)
    .map(({ record }) => record.code);
/** Collisions, of items of any sort with anything. */
const collisions = (design: Design) => collideCommand(design).collisions.map(({ text }) => text);

describe('proposals', () => {
  it('close a face that only the other leg of a corner cabinet stands along', () => {
    const builder = rectangle(4200, 3200);
    builder.set('F900-L', 'face-b', 0);
    const [best] = proposals(builder, {});
    const design = applied(builder.design, best!);
    expect([open(design, 'base', 'A'), collisions(design)]).toEqual([[], []]);
    expect(onFace(design, 'A').length).toBeGreaterThan(3);
  });

  it('close a face about what stays, as one edit; their worth is what stands there afterwards', () => {
    const builder = rectangle(3600);
    builder.set('DISH600', 'face-a', 1500);
    const [best, ...others] = proposals(builder, { centre: { face: 'face-a', at: 1800 } });
    expect(best!.values).toMatchObject({ symmetry: 0, items: 4, widths: 2 });
    // 1500 on either side, 30 of filler at least: 1000 and 450, and 50 of filler at the wall.
    expect(best!.values.filler).toBe(100);
    for (const proposal of [best!, ...others]) {
      const design = applied(builder.design, proposal);
      expect(open(design, 'base', 'A')).toEqual([]);
      expect(collisions(design)).toEqual([]);
      const set = recordsOf(design, 'item').filter(({ type }) => type !== 'dishwasher');
      const fillers = set.filter(({ type }) => kindOf(type).flat);
      const cabinets = set.filter(({ type }) => !kindOf(type).flat);
      expect(fillers.reduce((sum, { width }) => sum + width, 0)).toBeCloseTo(proposal.values.filler, 6);
      expect(cabinets).toHaveLength(proposal.values.items);
      expect(new Set(cabinets.map(({ width }) => width)).size).toBe(proposal.values.widths);
      for (const cabinet of cabinets) expect(specialSizes(cabinet)).toEqual([]);
    }
    expect(onFace(applied(builder.design, best!), 'A').filter((code) => code.startsWith('FL'))).toHaveLength(
      2,
    );
  });

  it('fill one open length only, up to its neighbours', () => {
    const builder = rectangle(4000);
    builder.set('F900', 'face-a', 0);
    builder.set('F900', 'face-a', 1850);
    const [best] = proposals(builder, { at: 1000 });
    const design = applied(builder.design, best!);
    expect(onFace(design, 'A')).toEqual(['F900', 'F500', 'F450', 'F900']);
    expect(open(design, 'base', 'A')).toHaveLength(1);
  });

  it('replace the plain cabinets of a face, and leave what is locked', () => {
    const builder = rectangle(3000);
    builder.set('F300', 'face-a', 0);
    builder.set('F300', 'face-a', 400);
    builder.set('F900-S', 'face-a', 1200);
    const replaced = replaceable(builder.design, ['face-a'], 'base').map(({ id }) => id);
    expect(replaced).toHaveLength(2);
    const design = applied(builder.design, proposals(builder, { replaced })[0]!);
    expect(open(design, 'base', 'A')).toEqual([]);
    expect(onFace(design, 'A')).toContain('F900-S');
    expect(recordsOf(design, 'item').filter(({ id }) => replaced.includes(id))).toEqual([]);
  });

  it('choose the corner of an L, and both of a U, and close everything on every face', () => {
    for (const [faces, letters, corners] of [
      [['face-a', 'face-b'], 'AB', 1],
      [['face-d', 'face-a', 'face-b'], 'DAB', 2],
    ] as const) {
      for (const band of ['base', 'wall'] as const) {
        const builder = rectangle(3210, 2470);
        const family = band === 'base' ? 'F*' : 'U*';
        for (const proposal of proposals(builder, { faces, band, family })) {
          expect(proposal.corners).toHaveLength(corners);
          const design = applied(builder.design, proposal);
          expect(open(design, band, letters), `${band} ${letters} ${proposal.corners.join()}`).toEqual([]);
          expect(collisions(design)).toEqual([]);
        }
      }
    }
  });

  it('pull a blind cabinet off its corner with a filler on both sides, where there is no other', () => {
    const builder = rectangle(3210, 2470);
    const families = fathom.families.filter(({ type }) => !type.startsWith('base-corner'));
    const known = [{ ...fathom, families }];
    const [best] = must(propose(builder.design, asked({ faces: ['face-a', 'face-b'] }), newId, known));
    expect(best!.corners.map(say)).toEqual(['Blind corner base']);
    const design = applied(builder.design, best!);
    const cabinet = itemBoxes(design).find(({ record }) => record.type === 'base-blind')!;
    // Boxes 560 deep, fronts 20 proud, filler 50: behind them the door has 250 at least, and no more than 200 is left behind.
    const { along, face } = cabinet.against!;
    const isRight = cabinet.record.hand === 'right';
    const pull = isRight ? face.length - along - cabinet.record.width : along;
    expect(pull + cabinet.record.width).toBeGreaterThanOrEqual(560 + 20 + 50 + 250);
    expect(pull).toBeLessThanOrEqual(200);
    const fillers = recordsOf(design, 'item').filter(({ type }) => type.startsWith('filler'));
    expect(fillers.map(({ type }) => type)).toContain('filler-blind');
    expect(fillers.some(({ width }) => Math.abs(width - 70) < 1e-6)).toBe(true);
    expect(collisions(design)).toEqual([]);
  });

  it('hang wall cabinets in line with the run below, never before a window', () => {
    const builder = rectangle(3000);
    builder.set('F900', 'face-a', 30);
    builder.set('F600', 'face-a', 930);
    builder.open('face-a', 'window', 1600, { width: 800 });
    const [best] = proposals(builder, {
      band: 'wall',
      family: 'U*',
      order: ['alignment', 'filler', 'items', 'widths', 'symmetry', 'price'],
      at: 700,
    });
    const design = applied(builder.design, best!);
    const hung = itemBoxes(design).filter(({ low }) => low > 1000);
    expect(best!.values.alignment).toBe(0);
    expect(hung.every(({ against, record }) => against!.along + record.width <= 1600)).toBe(true);
    expect(collisions(design)).toEqual([]);
  });

  it('work in inches with the fillers of face frames', () => {
    const design = orchardKitchen();
    const builder = { design } as RoomBuilder;
    const replaced = replaceable(design, ['face-b'], 'base').map(({ id }) => id);
    const [best] = proposals(builder, {
      faces: ['face-b'],
      range: 'saltbox',
      family: 'B*',
      replaced,
      ends: usualEnds('in'),
    });
    const done = applied(design, best!);
    expect(open(done, 'base', 'B')).toEqual([]);
    expect(collisions(done)).toEqual(collisions(design));
  });

  it('turn counters that were blocked out along three faces into a run with its corners', () => {
    const builder = rectangle(3600, 2600);
    builder.set('COOK600', 'face-a', 1500);
    const faces = ['face-d', 'face-a', 'face-b'];
    builder.run(blockOut, { faces, prefix: 'block' });
    expect(collisions(builder.design)).toEqual([]);
    expect(open(builder.design, 'base', 'DAB')).toEqual([]);
    const replaced = replaceable(builder.design, faces, 'base').map(({ id }) => id);
    const [best] = proposals(builder, { faces, replaced });
    const design = applied(builder.design, best!);
    expect(recordsOf(design, 'item').filter(({ type }) => type === 'block-counter')).toEqual([]);
    expect(best!.corners).toHaveLength(2);
    expect(open(design, 'base', 'DAB')).toEqual([]);
    expect(collisions(design)).toEqual([]);
    const blocked = blockOut.run(design, { faces: ['face-a'], prefix: 'again' });
    expect(blocked.ok ? '' : refusalText(blocked.refusal)).toContain('a counter on A');
  });

  it('turn a rough island into runs back to back between panels, or one with a back', () => {
    const builder = rectangle(6000, 5000);
    for (const [depth, turn, rows] of [
      [1200, 0.3, 2],
      [700, Math.PI, 1],
    ] as const) {
      const island = builder.place('COUNTER', { on: 'floor', x: 3000, y: -2500, turn });
      builder.run(editItems, { ids: [island], change: { width: 2136, depth } });
      const box = itemBoxes(builder.design).find(({ id }) => id === island)!;
      const [best] = proposals(builder, { faces: [], island });
      expect(best!.values).toMatchObject({ filler: 0 });
      const design = applied(builder.design, best!);
      const boxes = itemBoxes(design);
      const cabinets = boxes.filter(({ kind }) => kind.front);
      expect(cabinets.reduce((sum, { record }) => sum + record.width, 0)).toBeCloseTo(rows * (2136 - 36), 6);
      expect(cabinets.filter(({ n }) => n.x * box.n.x + n.y * box.n.y < 0)).toHaveLength(
        rows === 2 ? cabinets.length / 2 : 0,
      );
      expect(boxes.filter(({ record }) => record.type === 'back-panel')).toHaveLength(2 - rows);
      expect(boxes.filter(({ record }) => record.type === 'end-panel')).toHaveLength(2);
      expect(collisions(design)).toEqual([]);
      // All of it stands where the block stood.
      for (const { pieces } of boxes)
        for (const corner of pieces.flat()) {
          const [x, y] = [corner.x - box.origin.x, corner.y - box.origin.y];
          const [along, out] = [x * box.u.x + y * box.u.y, x * box.n.x + y * box.n.y];
          expect(Math.min(along, 2136 - along, out, depth - out)).toBeGreaterThan(-1e-3);
        }
      builder.run(removeThings, [island]);
    }
  });

  it('say when nothing fits, and which family or face there is none of', () => {
    const builder = rectangle(3000);
    builder.set('F900', 'face-a', 0);
    builder.set('F900', 'face-a', 1100);
    const say = (change: Partial<ProposalRequest>) => {
      const result = propose(builder.design, asked(change), newId);
      return result.ok ? '' : refusalText(result.refusal);
    };
    expect(say({ at: 1000 })).toContain(
      'Base cabinet (Fathom) needs 300 mm with its fillers, and 200 mm are open on face A: 100 mm too little',
    );
    builder.run(removeThings, [itemBoxes(builder.design)[1]!.id]);
    builder.set('F900', 'face-a', 1900);
    // 1000 are as wide as the widest and no more; nothing may be closed by a filler, as both ends are cabinets.
    expect(say({ at: 1000, ends: { ...usualEnds('mm'), left: noFiller, right: noFiller } })).toBe('');
    expect(say({ family: 'NO*' })).toContain('NO*');
    expect(say({ faces: ['nowhere'] })).not.toBe('');
  });
});
