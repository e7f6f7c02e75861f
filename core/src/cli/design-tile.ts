import { styleOf, type Design } from '../document/design';
import { ok, type Result } from '../result';
import { fallsOf } from '../tile/zones/falls';
import { movementJoints } from '../tile/zones/movement-joints';
import { originOf, tiledZones, type TiledZone } from '../tile/zones/zone-laying';
import { jointAlong } from '../tile/zones/joint-along';
import { zoneOrder, type SizeOrder } from '../tile/zones/zone-order';
import { trimLengths } from '../tile/zones/zone-trim';
import { quantise } from '../units/units';
import { refusalText } from '../wording/refusal-text';

const pairOf = ({ x, y }: { x: number; y: number }) => [quantise(x), quantise(y)];

/** Every zone of a room: where it is, how it is laid, its counts and cuts, and what is ordered for it; lengths mm, areas mm², angles degrees. One that can't be laid says why. */
export function designTileCommand(design: Design): Result<object> {
  const zones: object[] = [];
  for (const zone of tiledZones(design)) {
    const told = toldZone(design, zone);
    if (!told.ok) return told;
    zones.push(told.value);
  }
  return ok({ zones });
}

function toldZone(design: Design, zone: TiledZone): Result<object> {
  const { id, letter, record, surface, rings, field, holes, tiled } = zone;
  const { name, pattern, tile, joint, finish, colouring, border, inside, upon } = record;
  const { at, angle } = originOf(record);
  const what = {
    ...{
      id,
      letter,
      name: name ?? null,
      on: surface.face?.letter ?? (upon ? 'thing' : 'floor'),
      finish: finish ?? null,
    },
    ...(inside && { inside }),
    ...(upon && { upon }),
    ...(colouring && { colouring }),
    ...(border && { border }),
    ...{ pattern, tile, joint, origin: pairOf(at), angle },
    outline: rings.map((ring) => ring.map(pairOf)),
  };
  if (!tiled.ok) return ok({ ...what, problem: refusalText(tiled.refusal, styleOf(design)) });
  const { count, edges, narrowest, slivers, laid } = tiled.value;
  const order = zoneOrder(record, tiled.value, { along: jointAlong(design, zone) });
  if (!order.ok) return order;
  const { sizes, ...all } = order.value;
  return ok({
    ...what,
    area: laid.zoneArea,
    ...count,
    ...{ narrowest, slivers: slivers.size },
    edges: edges.map(({ a, b, size, widest }) => ({ from: pairOf(a), to: pairOf(b), size, widest })),
    holes: holes.map(({ type, at }) => ({ type, at: pairOf(at) })),
    movementJoints: movementJoints(record, field).map(({ a, b, cut }) => ({
      from: pairOf(a),
      to: pairOf(b),
      cut,
    })),
    falls: fallsOf(record, rings, holes),
    trim: trimLengths(design).get(id) ?? 0,
    order: { ...all, sizes: sizes.map(toldSize) },
  });
}

const toldSize = ({
  tile,
  whole,
  cut,
  tiles,
  withoutReuse,
  bought,
  boxes,
  offcuts,
  waste,
  of,
  plan,
}: SizeOrder) => ({
  ...{ tile, of, whole, tiles, withoutReuse, bought, boxes, offcuts, waste },
  pieces: cut.map(({ id, w, h, factory }) => ({ id, w: quantise(w), h: quantise(h), factory })),
  from: plan?.tiles ?? null,
  proven: plan?.proven ?? null,
});
