import { recordsOf, type Design } from '../../document/design';
import type { ZoneRecord } from '../../document/records';
import { remember } from '../../document/remember';
import { distance, type Point } from '../../geometry/point';
import { SAME_PLACE } from '../../geometry/tolerance';
import { profileLengths } from '../../surfaces/edge-profiles';
import { finishAlong } from '../../surfaces/finish-of';
import { splashMitres } from '../../surfaces/splash-mitres';
import type { Splash } from '../../surfaces/splash-pieces';
import { splashes, splashSize } from '../../surfaces/splashes';
import { netArea, topCutOuts } from '../../surfaces/top-cut-outs';
import { jointedTops } from '../../surfaces/top-joints';
import { tops } from '../../surfaces/tops';
import { waterfalls, waterfallSize } from '../../surfaces/waterfalls';
import { tiledZones, type LaidZone } from '../../tile/zones/zone-laying';
import { jointAlong, type JointAlong } from '../../tile/zones/joint-along';
import { zoneOrder } from '../../tile/zones/zone-order';
import { trimLengths } from '../../tile/zones/zone-trim';
import { MM2_PER_M2, MM_PER_M } from '../../units/units';
import { priceNames } from '../../wording/cost-words';
import type { Need, Taken } from './cost-types';
import { needsByFinish, ownPrice } from './own-prices';

/** So much of something that several things share in equal parts. */
const shared = (ids: readonly string[], qty: number): Taken[] =>
  ids.map((id) => ({ id, qty: qty / ids.length }));

/** What tops, splashes and tiles take, with the work of laying them. */
export function surfaceNeeds(design: Design): Need[] {
  return [...topNeeds(design), ...tileNeeds(design)];
}

function topNeeds(design: Design): Need[] {
  const each = tops(design).map((top) => {
    const { items } = top;
    const made = jointedTops(design).get(top)!;
    // What lies at something is left as it was sawn.
    const { raw: _, ...worked } = profileLengths(design, top);
    return {
      items,
      name: finishAlong(design, 'top', items)?.name ?? null,
      price: ownPrice(finishAlong(design, 'top', items), 'm2'),
      area: netArea(design, top) / MM2_PER_M2,
      edge: Object.values(worked).reduce((sum, one) => sum + one, 0) / MM_PER_M,
      cutOuts: topCutOuts(design).get(top)?.length ?? 0,
      joints: made.joints.length,
      pieces: made.pieces.length,
    };
  });
  const need = (code: 'top-cut-out' | 'top-edge' | 'top-joint' | 'top-mitre', of: Taken[]): Need => ({
    ...{ group: 'tops', codes: [code], name: priceNames[code], of },
  });
  const falls = fallsOf(design);
  const stood = splashes(design).map((splash) => ({
    items: behindOf(splash),
    mitre: (splashMitres(design).get(splash) ?? 0) / MM_PER_M,
  }));
  return [
    ...each.map((top): Need => ({
      ...{ group: 'tops', codes: ['top'], of: shared(top.items, top.area) },
      name: [priceNames.top, top.name].filter(Boolean).join(', '),
      ...(top.price !== null && { price: top.price, unit: 'm2' }),
    })),
    need(
      'top-edge',
      each.flatMap((top) => shared(top.items, top.edge)),
    ),
    need(
      'top-cut-out',
      each.flatMap((top) => shared(top.items, top.cutOuts)),
    ),
    need(
      'top-joint',
      each.flatMap((top) => shared(top.items, top.joints)),
    ),
    ...falls.map((fall): Need => ({
      ...{ group: 'tops', codes: ['waterfall', 'top'], of: shared(fall.items, fall.area) },
      name: [priceNames.waterfall, fall.name].filter(Boolean).join(', '),
      ...(fall.price !== null && { price: fall.price, unit: 'm2' }),
    })),
    need(
      'top-mitre',
      [...falls, ...stood].flatMap(({ items, mitre }) => shared(items, mitre)),
    ),
    ...splashNeeds(design),
    {
      ...{ group: 'site', codes: ['fitting-tops'], name: priceNames['fitting-tops'], rate: 'site-rate' },
      of: [
        ...each.flatMap((top) => shared(top.items, top.pieces)),
        ...falls.flatMap((fall) => shared(fall.items, 1)),
      ],
    },
  ];
}

/** What tops go down to the floor by: how much of their stuff it takes, and how long its mitres are, to the top and, half of it each, to one another. */
function fallsOf(design: Design) {
  return tops(design).flatMap((top) => {
    const down = waterfalls(design).get(top) ?? [];
    const meet = (p: Point, q: Point) => distance(p, q) < SAME_PLACE;
    return down.map((fall) => {
      const { length, area } = waterfallSize(fall, top.surface - top.underside);
      const beside = down.filter((one) => one !== fall && (meet(one.a, fall.b) || meet(one.b, fall.a)));
      return {
        items: [...new Set(fall.at.map(({ item }) => item))],
        name: finishAlong(design, 'top', top.items)?.name ?? null,
        price: ownPrice(finishAlong(design, 'top', top.items), 'm2'),
        area: area / MM2_PER_M2,
        mitre: (length + (beside.length * fall.high) / 2) / MM_PER_M,
      };
    });
  });
}

/** The items a splash is behind. */
const behindOf = ({ at }: Splash): string[] => [...new Set(at.map(({ item }) => item))];

/** Splashes by what they cost: those whose finish says it, and all others. */
function splashNeeds(design: Design): Need[] {
  const each = splashes(design).map((splash) => {
    const items = behindOf(splash);
    return {
      finish: finishAlong(design, 'splash', items),
      of: shared(items, splashSize(splash).area / MM2_PER_M2),
    };
  });
  return needsByFinish(each, { group: 'tops', codes: ['splash'], name: priceNames.splash, per: 'm2' });
}

/** What is ordered for a zone, once for the same one. */
const orderOf = remember((laid: LaidZone, { record, along }: { record: ZoneRecord; along: JointAlong }) =>
  zoneOrder(record, laid, { along }),
);

function tileNeeds(design: Design): Need[] {
  const own = new Map(recordsOf(design, 'finish').map((record) => [record.name, record]));
  return tiledZones(design).flatMap((zone): Need[] => {
    const { id, record, tiled } = zone;
    if (!tiled.ok) return [];
    const order = orderOf(tiled.value, { record, along: jointAlong(design, zone) });
    if (!order.ok) return [];
    const { sizes, adhesive, grout } = order.value;
    const area = sizes.reduce((sum, { bought, tile }) => sum + (bought * tile.w * tile.h) / MM2_PER_M2, 0);
    const price = record.finish ? own.get(record.finish)?.price : undefined;
    const of = (qty: number): Taken[] => [{ id, qty }];
    return [
      {
        ...{ group: 'tiles', codes: ['tile'], of: of(area) },
        name: [priceNames.tile, record.finish].filter(Boolean).join(', '),
        ...(price?.per === 'm2' && { price: price.amount, unit: 'm2' }),
      },
      { group: 'tiles', codes: ['adhesive'], name: priceNames.adhesive, of: of(adhesive.bags) },
      { group: 'tiles', codes: ['grout'], name: priceNames.grout, of: of(grout.kg) },
      {
        ...{ group: 'tiles', codes: ['tile-trim'], name: priceNames['tile-trim'] },
        of: of((trimLengths(design).get(id) ?? 0) / MM_PER_M),
      },
      {
        ...{ group: 'site', codes: ['tiling'], name: priceNames.tiling, rate: 'site-rate' },
        of: of(tiled.value.laid.zoneArea / MM2_PER_M2),
      },
    ];
  });
}
