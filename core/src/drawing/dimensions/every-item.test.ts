import { describe, expect, it } from 'vitest';
import { demoJobs } from '../../demo/demo-jobs';
import { roomOf } from '../../document/design';
import { isMovable } from '../../ranges/item-kind';
import { itemBoxes } from '../../setting/item-box';
import { drawSingleView } from '../elevation/single-view';
import { roomViews } from '../elevation/views';
import { drawPlan } from '../plan';
import type { MeasuredThings } from '../primitives';
import { measuredWays } from './measured-ways';

const rooms = demoJobs().flatMap(({ rooms: own }) =>
  own.map((design) => [roomOf(design).name, design] as const),
);

const measuredIn = (design: (typeof rooms)[number][1]): MeasuredThings[] =>
  [drawPlan(design, 20), ...roomViews(design).map((view) => drawSingleView(design, view, 20))]
    .flat()
    .flatMap((mark) => (mark.type === 'text' && mark.measured ? [mark.measured.of] : []));

describe('everything that is built in', () => {
  it.each(rooms)('of %s has a width, a place and a height somewhere in the set', (_, design) => {
    const all = measuredIn(design);
    const [across, up] = [all.filter(({ way }) => way !== 'up'), all.filter(({ way }) => way === 'up')];
    const built = itemBoxes(design).filter(({ kind }) => !isMovable(kind));
    expect(built.length).toBeGreaterThan(3);
    const missing = built.flatMap(({ id, kind, record: { code } }) => {
      const at = ({ from, to }: MeasuredThings) => from.includes(id) || to.includes(id);
      const whole = ({ from, to }: MeasuredThings) => from.includes(id) && to.includes(id);
      return [
        // What is let in is set out by its middle; its size stands in the schedule.
        ...(across.some(kind.within ? at : whole) ? [] : [`${code}: width`]),
        ...(across.some(at) ? [] : [`${code}: place`]),
        // Glass on the edge of a tray is as high as its kind.
        ...(up.some(at) || kind.edge ? [] : [`${code}: height`]),
      ];
    });
    expect(missing).toEqual([]);
  });

  it.each(rooms)('of %s is not made higher where its plinth is typed', (_, design) => {
    const plinths = measuredIn(design).filter(
      ({ row, from, held, length }) =>
        row === 'cabinets' && from.length === 0 && held.includes('to') && length < 200,
    );
    for (const of of plinths) expect(measuredWays(design, of)).toEqual([]);
  });
});
