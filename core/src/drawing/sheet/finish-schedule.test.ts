import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { editFaces } from '../../commands/edit-faces';
import { setFinish } from '../../commands/set-finish';
import { setRoom } from '../../commands/set-room';
import { must } from '../../result';
import { drawElevation } from '../elevation/draw-elevation';
import { roomShape } from '../../survey/room-shape';
import { finishSchedule } from '../../schedules/finish-rows';
import { drawSheets } from './sheet';
import { pages, sheetScales } from './sheet-format';

function kitchen() {
  const builder = rectangle(4000, 3000);
  const ids = [builder.set('F600', 'face-a', 1000), builder.set('U600/720', 'face-a', 1000)];
  builder.run(setRoom, { frontFinish: 'Kelp', wallFinish: 'Chalk', topFinish: 'as the sample' });
  return { builder, ids };
}
const told = (builder: ReturnType<typeof kitchen>['builder']) =>
  finishSchedule(builder.design).map(({ finish, parts }) => `${finish.code} ${parts.join(' ')}`);

describe('the finishes schedule', () => {
  it('has every finish something of the room is in, and what that is', () => {
    const { builder, ids } = kitchen();
    expect(told(builder)).toEqual(['P1 wall', 'P2 front trim']);
    builder.run(setFinish, { part: 'front', finish: 'Thrift', to: { items: [ids[1]!] } });
    builder.run(editFaces, { faces: ['face-b'], change: { finish: 'Winkle' } });
    // No item is an end panel: what is said of those is of nothing here.
    builder.run(setFinish, { part: 'end', finish: 'Soot', to: { room: 'usual' } });
    expect(told(builder)).toEqual(['P1 wall', 'P2 front', 'P15 front trim', 'PT6 wall']);
  });

  it('stands on the plan sheet, each code in a frame, and takes room of the items', () => {
    const { builder } = kitchen();
    const page = pages.find(({ id }) => id === 'A3')!;
    const scale = sheetScales.find(({ ratio }) => ratio === 50)!;
    const options = { page, scale, studio: 'Lamp', job: 'Cottage', date: '2026-11-28', revision: 1 };
    const texts = must(drawSheets(builder.design, options))[0]!.marks.flatMap((mark) =>
      mark.type === 'text' ? [mark.text] : [],
    );
    expect(texts).toEqual(expect.arrayContaining(['Finishes', 'P2', 'Kelp', 'fronts, trims', 'P1', 'walls']));
  });

  it('is keyed by codes on elevations: one for what stands, one for what hangs, one for the wall', () => {
    const { builder } = kitchen();
    const face = roomShape(builder.design).byId.get('face-a')!;
    const codes = () =>
      drawElevation(builder.design, face, 20).flatMap((mark) =>
        mark.type === 'text' && mark.layer === 'labels' ? [mark.text] : [],
      );
    expect(codes()).toEqual(['P2', 'P2', 'P1']);
    builder.run(setRoom, { frontFinish: 'no such', wallFinish: 'none' });
    expect(codes()).toEqual([]);
  });
});
