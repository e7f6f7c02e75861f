import { expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { joinItems } from '../commands/join-items';
import { mirrorItems } from '../commands/mirror-items';
import { setRoom } from '../commands/set-room';
import { setTopCorner } from '../commands/set-top-corner';
import { setTopEdge } from '../commands/set-top-edge';
import { setTopJoints } from '../commands/set-top-joints';
import { splitItem } from '../commands/split-item';
import { recordOf } from '../document/design';
import { topCorrections } from '../surfaces/top-facts';

it('what an item says of its top goes with its sides when it is split, joined again and mirrored', () => {
  const builder = rectangle();
  builder.run(setRoom, { specials: true });
  const id = builder.set('F900', 'face-a', 1000);
  for (const [side, overhang] of [
    ['front', 60],
    ['left', 10],
    ['right', 265],
  ] as const)
    builder.run(setTopEdge, { ids: [id], side, overhang });
  builder.run(setTopCorner, { at: [{ item: id, corner: 'frontRight' }], shape: { radius: 80 } });
  builder.run(setTopJoints, { at: [{ item: id, corner: 'frontLeft' }], way: 'left' });
  builder.run(setTopJoints, { id, across: [200, 700] });
  const own = (of: string) => {
    const { overhangs, topCorners, topJoints } = recordOf(builder.design, 'item', of)!;
    return { overhangs, topCorners, topJoints };
  };
  const whole = own(id);
  const told = topCorrections(builder.design).length;
  builder.run(splitItem, { id, left: 450, right: 'other' });
  expect(own(id)).toEqual({
    overhangs: { front: 60, left: 10 },
    topCorners: undefined,
    topJoints: { frontLeft: 'left', across: [{ at: 200 }] },
  });
  expect(own('other')).toEqual({
    overhangs: { front: 60, right: 265 },
    topCorners: { frontRight: { radius: 80 } },
    topJoints: { across: [{ at: 250 }] },
  });
  builder.run(joinItems, { ids: [id, 'other'] });
  expect(own(id)).toEqual(whole);
  expect(topCorrections(builder.design)).toHaveLength(told);
  builder.run(mirrorItems, { ids: [id] });
  expect(own(id)).toEqual({
    overhangs: { front: 60, left: 265, right: 10 },
    topCorners: { frontLeft: { radius: 80 } },
    topJoints: { frontRight: 'right', across: [{ at: 200 }, { at: 700 }] },
  });
});
