import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { replaceItems } from '../commands/replace-items';
import { setInto } from '../commands/set-into';
import { after, type RoomBuilder } from '../demo/build-room';
import { must } from '../result';
import { itemBoxes } from '../setting/item-box';
import { openLengths } from '../setting/open-lengths';
import { refusalText } from '../wording/refusal-text';
import { criteria, type EndFiller } from './fill-problem';
import { movable, replaceable } from './offered';
import { propose } from './propose';
import { MOST_LOOSE, noFiller, usualEnds, type EndFillers, type ProposalRequest } from './request';

let count = 0;
const asked = (change: Partial<ProposalRequest>): ProposalRequest => ({
  ...{ faces: ['face-a'], band: 'base', range: 'fathom', family: 'F*', replaced: [], centre: null },
  ...{ order: criteria, most: 1, ends: usualEnds('mm'), loose: [] },
  ...change,
});
const ask = ({ design }: RoomBuilder, change: Partial<ProposalRequest>) =>
  propose(design, asked(change), () => `new-${(count += 1)}`);
/** What stands on face A from left to right after the best proposal: codes with their widths. */
function row(builder: RoomBuilder, change: Partial<ProposalRequest>) {
  const [best] = must(ask(builder, change));
  const design = after(builder.design, replaceItems, best!);
  expect(openLengths(design).filter(({ face, length }) => face.letter === 'A' && length >= 1)).toEqual([]);
  expect(collideCommand(design).collisions).toEqual([]);
  return itemBoxes(design)
    .filter(({ against }) => against?.face.letter === 'A')
    .sort((a, b) => a.against!.along - b.against!.along || a.record.up - b.record.up)
    .map(({ record }) => `${record.type} ${Math.round(record.width * 10) / 10}`);
}
const ends = (change: Partial<EndFillers>): EndFillers => ({ ...usualEnds('mm'), ...change });
const filler = (least: number, most: number, optional = false): EndFiller => ({ least, most, optional });

describe('the fillers at the ends of a proposal', () => {
  it('are each from a least to a greatest width, none, or none where that will do', () => {
    const room = rectangle(1560);
    const fillers = (left: EndFiller, right: EndFiller) =>
      row(room, { ends: ends({ left, right }) }).filter((one) => one.startsWith('filler'));
    expect(fillers(filler(30, 150), filler(30, 150))).toEqual(['filler 30', 'filler 30']);
    expect(fillers(noFiller, filler(30, 150))).toEqual(['filler 60']);
    expect(fillers(filler(30, 40), filler(0, 150))).toEqual(['filler 40', 'filler 20']);
    expect(fillers(filler(55, 150, true), filler(55, 150, true))).toEqual(['filler 60']);
    // The 5 that are left over at the right are closed by a scribe strip.
    expect(fillers(filler(50, 55), filler(0, 150))).toEqual(['filler 55']);
    // Cabinets come to a multiple of 50: 10 are left at the least, too much for 4 on either side.
    const wide = ask(room, { ends: ends({ left: filler(0, 4.9), right: filler(0, 5) }) });
    expect(!wide.ok && refusalText(wide.refusal)).toContain('the 1560 mm that are open on face A');
    expect(ask(room, { ends: ends({ left: filler(0, 5), right: filler(0, 5) }) }).ok).toBe(true);
  });

  it('narrower than a filler can be are scribe strips before the fronts', () => {
    for (const [length, closed] of [
      [1500.9, []],
      [1503, ['scribe 3']],
      [1505.9, ['scribe 5.9']],
      [1506, ['filler 6']],
    ] as const) {
      const room = rectangle(length);
      const own = row(room, { ends: ends({ left: filler(0, 150), right: noFiller }) });
      expect([length, own.filter((one) => !one.startsWith('base'))]).toEqual([length, closed]);
    }
    const room = rectangle(1504);
    const [best] = must(ask(room, { ends: ends({ left: noFiller, right: filler(0, 150) }) }));
    const strip = best!.items.find(({ type }) => type === 'scribe')!;
    expect(strip).toMatchObject({ depth: 18, height: 870, placement: { off: 542 } });
  });
});

describe('what may stand anywhere in a proposed run', () => {
  it('is set where the run comes out best, keeps its number, and takes what is let into it along', () => {
    const room = rectangle(3000);
    const sink = room.set('F900-S', 'face-a', 450);
    room.run(setInto, { host: sink, range: 'fathom', code: 'SINK560', ids: ['bowl'] });
    const request = { ends: ends({ left: noFiller, right: noFiller }) };
    const centre = { face: 'face-a', at: 1500 };
    const [best] = must(ask(room, { ...request, loose: [sink], centre, order: ['symmetry', ...criteria] }));
    expect(best!.values.symmetry).toBe(0);
    const design = after(room.design, replaceItems, best!);
    const boxes = itemBoxes(design);
    const [own, bowl] = [sink, 'bowl'].map((id) => boxes.find((box) => box.id === id)!);
    expect(own!.record.number).toBe(itemBoxes(room.design).find(({ id }) => id === sink)!.record.number);
    expect(bowl!.against!.along - own!.against!.along).toBeCloseTo(170, 6);
    expect(collideCommand(design).collisions).toEqual([]);
    expect(openLengths(design).filter(({ face }) => face.letter === 'A')).toEqual([]);
    expect(boxes).toHaveLength(new Set(boxes.map(({ id }) => id)).size);
  });

  it('closes what could not be closed where it stood', () => {
    const room = rectangle(1800);
    const dish = room.set('DISH600', 'face-a', 200);
    const tight = { ends: ends({ left: noFiller, right: noFiller }) };
    const stays = ask(room, tight);
    expect(!stays.ok && refusalText(stays.refusal)).toContain('200 mm are open on face A: 100 mm too little');
    expect(row(room, { ...tight, loose: [dish] }).filter((one) => one === 'dishwasher 600')).toHaveLength(1);
  });

  it('are at most so many, of the run’s band, free and in no corner', () => {
    const room = rectangle(6000);
    room.set('F900-L', 'face-a', 0);
    const dish = room.set('DISH600', 'face-a', 900);
    const sink = room.set('F900-S', 'face-a', 1500);
    room.set('F600', 'face-a', 2400);
    const plain = replaceable(room.design, ['face-a'], 'base').map(({ id }) => id);
    const ids = movable(room.design, ['face-a'], 'base', plain).map(({ id }) => id);
    expect(ids.sort()).toEqual([dish, sink].sort());
    expect(movable(room.design, ['face-b'], 'base', plain)).toEqual([]);
    expect(movable(room.design, ['face-a'], 'wall', plain)).toEqual([]);
    const many = Array.from({ length: MOST_LOOSE + 1 }, () => dish);
    const refused = ask(room, { loose: many });
    expect(!refused.ok && refusalText(refused.refusal)).toContain(`${MOST_LOOSE}`);
    expect(ask(room, { loose: ['gone'] }).ok).toBe(false);
  });
});
