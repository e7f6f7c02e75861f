import { setRoom } from '../src/commands/set-room';
import type { Design } from '../src/document/design';
import { onA, withItem } from './checks';
import { rectangle } from './rooms';

/** A run of bases against face A from 1000 on, with a sink cabinet of 800 in it: its bowl begins 80 in from either end. */
export const sinkRun = (left: number, right: number) => {
  const builder = rectangle(8000, 4000);
  builder.run(setRoom, { specials: true });
  const bowl = 80;
  const parts: [string, number][] = [];
  if (left > bowl) parts.push(['left', left - bowl]);
  let room: { design: Design } = builder;
  let at = 1000;
  const base = (id: string, type: 'base-doors' | 'base-sink', width: number) => {
    room = withItem(room, id, type, {
      ...{ range: 'fathom', code: 'F600', width, depth: 560, height: 870, placement: onA(at) },
      // The top ends at the sides of its items.
      overhangs: { left: 0, right: 0 },
    });
    at += width;
  };
  for (const [id, width] of parts) base(id, 'base-doors', width);
  base('sink', 'base-sink', 800);
  if (right > bowl) base('right', 'base-doors', right - bowl);
  return room;
};
