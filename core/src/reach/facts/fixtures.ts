import { perDesign, type Design } from '../../document/design';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { dot, place, subtract, type Point } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { topCutOuts } from '../../surfaces/top-cut-outs';
import type { KindId } from '../../wording/kind-names';

/** What is cooked, washed and kept cold at, and what is washed in: the kinds that each is made as. */
export const fixtureKinds = {
  sink: ['sink', 'base-sink'],
  basin: ['basin', 'basin-hung', 'basin-inset', 'vanity-sink'],
  cooking: ['cooker', 'hob', 'base-hob'],
  refrigerator: ['refrigerator', 'tall-fridge', 'fridge-under'],
  oven: ['oven', 'cooker', 'base-oven', 'tall-oven', 'tall-double-oven'],
  microwave: ['microwave', 'wall-microwave'],
  dishwasher: ['dishwasher'],
  toilet: ['toilet', 'toilet-hung'],
  bidet: ['bidet'],
  tub: ['tub', 'tub-free'],
  shower: ['shower-pan', 'shower-floor'],
} as const satisfies Record<string, readonly KindId[]>;
export type Fixture = keyof typeof fixtureKinds;

/** The fixtures of a design. A cabinet that comes with a bowl, a hob or a niche is one only where nothing is let into it. */
const found = perDesign((design) => {
  const boxes = itemBoxes(design);
  const all = new Map<Fixture, readonly ItemBox[]>();
  for (const [fixture, kinds] of Object.entries(fixtureKinds) as [Fixture, readonly KindId[]][]) {
    const own = boxes.filter(({ kind }) => kinds.includes(kind.id));
    const letIn = own.filter(({ kind }) => kind.within);
    all.set(
      fixture,
      own.filter((box) => !letIn.some((other) => other !== box && isLetInto(other, box))),
    );
  }
  return all;
});

/** The fixtures of one sort, in the order of their ids. */
export const fixtures = (design: Design, fixture: Fixture): readonly ItemBox[] => found(design).get(fixture)!;

/** The fixtures of several sorts. */
export const fixturesOf = (design: Design, sorts: readonly Fixture[]): readonly ItemBox[] =>
  sorts.flatMap((sort) => fixtures(design, sort));

/** What is washed in, sat on and stood in. */
export const bathFixtures = [
  'toilet',
  'bidet',
  'basin',
  'tub',
  'shower',
] as const satisfies readonly Fixture[];

/** Whether an item is a fixture of a sort. */
export const isFixture = (sort: Fixture, { kind }: ItemBox): boolean =>
  (fixtureKinds[sort] as readonly string[]).includes(kind.id);

/** Whether something is let into what carries it. */
export function isLetInto(box: ItemBox, host: ItemBox): boolean {
  return (
    (box.kind.within?.includes(host.kind.group) ?? false) &&
    Math.min(box.high, host.high + 100) > Math.max(box.low, host.low) &&
    deepestOverlap(box.pieces, host.pieces) > TOUCH
  );
}

/** The item that carries what is let into it, if any. */
export const hostOf = (design: Design, box: ItemBox): ItemBox | undefined =>
  box.kind.within && itemBoxes(design).find((host) => host !== box && isLetInto(box, host));

/** What of an item's width the fixture itself takes, from its left end, mm: the bowl of a sink cabinet, all of what is let in or stands by itself. */
export function itselfAlong(design: Design, box: ItemBox): readonly [number, number] {
  if (!['base-sink', 'vanity-sink', 'base-hob'].includes(box.kind.id)) return [0, box.record.width];
  const cuts = [...topCutOuts(design).values()]
    .flat()
    .filter(({ item, use }) => item === box.id && use !== 'tap');
  const along = cuts.flatMap(({ cut }) =>
    cut.core.flatMap((at) => {
      const middle = dot(subtract(at, box.origin), box.u);
      return [middle - cut.radius, middle + cut.radius];
    }),
  );
  return along.length > 0 ? [Math.min(...along), Math.max(...along)] : [0, box.record.width];
}

/** The middle of the front edge of a fixture in plan. */
export function frontMiddle(design: Design, box: ItemBox): Point {
  const [left, right] = itselfAlong(design, box);
  return place(box.origin, box.u, (left + right) / 2, box.n, box.record.depth);
}

/** The widest sink is the main one. */
export function mainSink(design: Design): ItemBox | undefined {
  const width = (box: ItemBox) => {
    const [left, right] = itselfAlong(design, box);
    return right - left;
  };
  return [...fixtures(design, 'sink')].sort((a, b) => width(b) - width(a))[0];
}
