import {
  drawSheets,
  emptyHistory,
  findPage,
  findScale,
  makeRoom,
  must,
  outlineFaces,
  placeFrames,
  setFrame,
  usualStyle,
  type Design,
  type ViewOnPage,
} from 'goodreach';
import { expect, it } from 'vitest';
import { DesignSession } from '$lib/session/design-session.svelte';
import { asPut, placesOf } from './frame-moves';

const page = must(findPage('A3'));
const drawn = (design: Design): readonly ViewOnPage[] =>
  must(
    drawSheets(design, {
      ...{ subject: 'elevations', page, scale: must(findScale('50')), studio: 'Studio', job: 'Job' },
      ...{ date: '2026-05-14', revision: 3 },
    }),
  ).flatMap(({ frames }) => frames);

it('shows a drawing where it was put and cropped last before its sheet is drawn anew, as it is then drawn', () => {
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  const room = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  const session = new DesignSession(room, emptyHistory, () => {});
  let [on, of] = [drawn(session.committed), session.committed];
  const shown = () => on.map((one) => asPut(one, page.id, of, session.committed));
  const { drawing } = on[0]!;
  const move = (x: number, y: number) =>
    session.run(placeFrames, { page: page.id, frames: placesOf(shown(), drawing, { x, y }) });
  const crop = (top: number) => session.run(setFrame, { id: 'crop', drawing, crop: { top, right: 900 } });
  const agrees = () => {
    const now = shown();
    for (const [index, { origin, box }] of drawn(session.committed).entries()) {
      expect(now[index]!.origin.x).toBeCloseTo(origin.x, 3);
      expect(now[index]!.origin.y).toBeCloseTo(origin.y, 3);
      for (const side of ['left', 'right', 'bottom', 'top'] as const)
        if (index === 0 || side !== 'top') expect(now[index]!.box[side]).toBeCloseTo(box[side], 0);
    }
  };
  const before = on[0]!.origin;
  // Twice, faster than sheets are drawn: both count.
  move(2, -1);
  move(2, -1);
  expect(shown()[0]!.origin.x).toBeCloseTo(before.x + 4, 3);
  expect(shown()[0]!.origin.y).toBeCloseTo(before.y - 2, 3);
  agrees();
  crop(1500);
  agrees();
  [on, of] = [drawn(session.committed), session.committed];
  expect(shown()).toEqual(on);
  move(-3, 1);
  crop(1200);
  agrees();
});
