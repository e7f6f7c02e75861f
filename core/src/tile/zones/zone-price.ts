import type { Design } from '../../document/design';
import type { ZoneRecord } from '../../document/records';
import { finishNamed, type Finish } from '../../surfaces/finishes';
import { tileFinish } from './colouring';
import type { ZoneOrder } from './zone-order';

/** What a tile costs a m², in the studio's currency; null where that is not known. */
export const tilePrice = (finish: Finish | null): number | null => {
  const price = finish?.own?.price;
  return price?.per === 'm2' ? price.amount : null;
};

/** What the tiles of a zone cost, in the studio's currency: all that is bought of each, by its face (a sheet of mosaic with its joints). Null where the price of one is not known. */
export function zonePrice(
  design: Design,
  zone: ZoneRecord,
  { sizes }: { sizes: readonly Pick<ZoneOrder['sizes'][number], 'bought' | 'boxes' | 'of' | 'tile'>[] },
): number | null {
  let sum = 0;
  for (const { of, tile, bought, boxes } of sizes) {
    const price = tilePrice(finishNamed(design, tileFinish(zone, of)));
    if (price === null) return null;
    const count = boxes === null ? bought : boxes * zone.perBox!;
    sum += ((count * tile.w * tile.h) / 1e6) * price;
  }
  return sum;
}
