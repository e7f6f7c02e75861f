import {
  layZone,
  mapOffsets,
  searchSetOuts,
  zoneOrder,
  type OffsetMap,
  type Result,
  type SetOutQuestion,
  type SetOuts,
  type ZoneArea,
  type ZoneOrder,
  type ZoneRecord,
} from 'goodreach';

type Asked = Pick<ZoneArea, 'rings'> & { zone: ZoneRecord };
/** What the page asks of a zone: how good each offset is, what is ordered, the best set-outs. */
export type TileQuestion =
  | (Asked & { ask: 'map' | 'order' })
  | (Asked & Pick<SetOutQuestion, 'aims' | 'joints' | 'sight'> & { ask: 'best' });

/** An order as it is told: no pieces. */
export type ToldOrder = Omit<ZoneOrder, 'sizes'> & {
  sizes: readonly Omit<ZoneOrder['sizes'][number], 'cut' | 'plan'>[];
};

export type TileAnswer =
  | { of: 'map'; map: OffsetMap }
  | { of: 'order'; order: Result<ToldOrder> }
  | { of: 'progress'; share: number }
  | { of: 'best'; found: SetOuts };

const tell = (answer: TileAnswer) => postMessage(answer);
/** A search tells how far it is no more often, ms. */
const TOLD = 60;

onmessage = ({ data }: MessageEvent<TileQuestion>) => {
  const { zone, rings } = data;
  if (data.ask === 'best') return search(data);
  if (data.ask === 'map') {
    let last = 0;
    let map: OffsetMap | null = null;
    for (map of mapOffsets(zone, rings)) {
      if (performance.now() - last < TOLD) continue;
      last = performance.now();
      tell({ of: 'map', map });
    }
    if (map) tell({ of: 'map', map });
    return;
  }
  const tiled = layZone(zone, rings);
  const order = tiled.ok ? zoneOrder(zone, tiled.value) : tiled;
  if (!order.ok) return tell({ of: 'order', order });
  const sizes = order.value.sizes.map(({ cut: _, plan: __, ...size }) => size);
  tell({ of: 'order', order: { ok: true, value: { ...order.value, sizes } } });
};

function search(question: SetOutQuestion): void {
  const search = searchSetOuts(question);
  let last = 0;
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return tell({ of: 'best', found: step.value });
    if (performance.now() - last < TOLD) continue;
    last = performance.now();
    tell({ of: 'progress', share: step.value });
  }
}
