import {
  cutPlan,
  cutTypes,
  mapOffsets,
  searchSetOuts,
  searchTogether,
  setOutCurves,
  tiledZone,
  zoneOrder,
  type JointAlong,
  type OffsetMap,
  type PlannedTile,
  type Result,
  type SetOutCurves,
  type SetOutQuestion,
  type SetOuts,
  type TogetherQuestion,
  type ZoneArea,
  type ZoneOrder,
  type ZoneRecord,
} from 'goodreach';

/** A zone: what its field is laid on for a map, all it takes for the rest. */
type Asked = Pick<ZoneArea, 'holes' | 'rings'> & { zone: ZoneRecord };
/** What the page asks of a zone: how good each offset is, what is ordered, the best set-outs. */
export type TileQuestion =
  | (Asked & { ask: 'curves' })
  | (Asked & { ask: 'map' })
  | (Asked & { ask: 'order'; along: JointAlong })
  | (Asked & Pick<SetOutQuestion, 'aims' | 'layings' | 'prices' | 'sight'> & { ask: 'best' })
  | (TogetherQuestion & { ask: 'together' });

/** An order as it is told: no pieces, but how tiles are cut. */
export type ToldOrder = Omit<ZoneOrder, 'sizes'> & {
  sizes: readonly Omit<ZoneOrder['sizes'][number], 'cut' | 'plan'>[];
  tilesCut: readonly PlannedTile[];
};

export type TileAnswer =
  | { of: 'map'; map: OffsetMap }
  | { of: 'order'; order: Result<ToldOrder> }
  | { of: 'curves'; curves: SetOutCurves }
  | { of: 'progress'; share: number }
  | { of: 'best'; found: SetOuts };

const tell = (answer: TileAnswer) => postMessage(answer);
/** A search tells how far it is no more often, ms. */
const TOLD = 60;

onmessage = ({ data }: MessageEvent<TileQuestion>) => {
  if (data.ask === 'together') return search(searchTogether(data));
  if (data.ask === 'best') return search(searchSetOuts(data));
  const { zone, rings } = data;
  if (data.ask === 'map') return tellAll(mapOffsets(zone, rings), (map) => ({ of: 'map', map }));
  if (data.ask === 'curves')
    return tellAll(setOutCurves(zone, rings, data.holes), (curves) => ({ of: 'curves', curves }));
  const tiled = tiledZone({ record: zone, rings, holes: data.holes });
  if (!tiled.ok) return tell({ of: 'order', order: tiled });
  const order = zoneOrder(zone, tiled.value, { along: data.along });
  if (!order.ok) return tell({ of: 'order', order });
  const tilesCut = cutPlan(order.value, cutTypes(tiled.value.ordered));
  const sizes = order.value.sizes.map(({ cut: _, plan: __, ...size }) => size);
  tell({ of: 'order', order: { ok: true, value: { ...order.value, sizes, tilesCut } } });
};

/** Tells what grows, now and then and at its end. */
function tellAll<T>(grown: Iterable<T>, answer: (so: T) => TileAnswer): void {
  let last = 0;
  let untold: TileAnswer | null = null;
  for (const so of grown) {
    untold = answer(so);
    if (performance.now() - last < TOLD) continue;
    last = performance.now();
    tell(untold);
    untold = null;
  }
  if (untold) tell(untold);
}

function search(search: Generator<number, SetOuts>): void {
  let last = 0;
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return tell({ of: 'best', found: step.value });
    if (performance.now() - last < TOLD) continue;
    last = performance.now();
    tell({ of: 'progress', share: step.value });
  }
}
