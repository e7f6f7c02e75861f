import { editItems } from '../src/commands/edit-items';
import { setRoom } from '../src/commands/set-room';
import type { RoomBuilder } from '../src/demo/build-room';
import type { Side } from '../src/document/records';
import { randomFrom } from '../src/geometry/random';
import { roomShape } from '../src/survey/room-shape';
import { cornered, rectangle } from './rooms';

/** What stands at each end of faces A and B in the corner they meet in: code, how far it reaches along A, and where what stands along B may begin, mm. */
const corners = [
  ['F900-L', 900, 900],
  ['F900-K', 900, 900],
  ['F1000-C', 1000, 620],
  [null, 700, 700],
] as const;
const wallCorners = [
  ['U650/720-LL', 650, 650],
  ['U650/720-K', 650, 650],
  ['U900/720-C', 900, 390],
  [null, 700, 700],
] as const;

/** A kitchen of two runs that meet in a corner or not, tall and low, with wall units over them, a column and sometimes an island; its first corner is left free. The same for the same seed. */
export function randomKitchen(seed: number, square: boolean): RoomBuilder {
  const random = randomFrom(seed);
  const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
  const pick = <T>(from: readonly T[]): T => from[whole(0, from.length - 1)]!;
  const [wide, deep] = [whole(35, 60) * 100, whole(36, 50) * 100];
  const builder = square
    ? rectangle(wide, deep)
    : cornered([
        { x: 0, y: 0 },
        { x: wide, y: whole(-300, 300) },
        { x: wide + whole(-300, 300), y: -deep },
        { x: whole(-300, 300), y: -deep + whole(-300, 300) },
      ]);
  builder.run(setRoom, {
    ...{ specials: true, splashHeight: pick([100, 0]), cornice: 'ogee', lightRail: 'square' },
    ...{ frontOverhang: pick([20, 40]), endOverhang: pick([0, 20]) },
  });
  // A hair too narrow for a filler is nobody's: which of two neighbours is told to reach over it may differ.
  const closes = (left: number) => left === 0 || left > 5;
  const { faces } = roomShape(builder.design);
  const long = [faces[0]!.length, faces[1]!.length] as const;
  const inCorner = (code: string | null, at: number, hand: Side = 'right') => {
    if (code !== null) builder.run(editItems, { ids: [builder.set(code, 'face-a', at)], change: { hand } });
  };
  const [base, beforeBase, afterBase] = pick(corners);
  const [hung, beforeHung, afterHung] = pick(wallCorners);
  inCorner(base, long[0] - beforeBase);
  inCorner(hung, long[0] - beforeHung);
  for (const [face, from, to, hungFrom, hungTo] of [
    ['face-a', 700, long[0] - beforeBase, 700, long[0] - beforeHung],
    ['face-b', afterBase, long[1] - 300, afterHung, long[1] - 300],
  ] as const) {
    const high: [number, number][] = [];
    for (let at: number = from; at < to - 310;) {
      const codes = [300, 400, 500, 600, 800].map((width) => [`F${width}`, width] as const);
      const others = (['DISH600', 'COOK600', 'COLD600', 'T600/2070'] as const).map(
        (code) => [code, 600] as const,
      );
      // A tall one pulled up to a blind corner would stand in its door.
      const first = at === from && base === 'F1000-C';
      const [code, width] = pick(
        [...codes, ...(first ? [] : others)].filter((one) => at + one[1] <= to && closes(to - at - one[1])),
      );
      builder.set(code, face, at);
      if (code === 'COLD600' || code === 'T600/2070') high.push([at, at + width]);
      at += width + (random() < 0.08 ? pick([50, 400]) : 0);
    }
    for (let at: number = hungFrom; at < hungTo - 310;) {
      const width = pick(
        [300, 400, 500, 600].filter((one) => at + one <= hungTo && closes(hungTo - at - one)),
      );
      if (high.some(([left, right]) => at < right && at + width > left)) {
        at += 50;
        continue;
      }
      builder.set(width === 600 && random() < 0.4 ? 'HOOD600' : `U${width}/720`, face, at);
      at += width + (random() < 0.08 ? pick([50, 400]) : 0);
    }
  }
  if (deep > 4200)
    for (const along of [0, 600]) builder.place('F600', { on: 'floor', x: 1300 + along, y: -2300, turn: 0 });
  return builder;
}
