import { roomOf, styleOf, type Design } from '../document/design';
import { tiledZones, type TiledZone } from '../tile/zones/zone-laying';
import { zoneOrder } from '../tile/zones/zone-order';
import { formatArea } from '../units/format-area';
import { formatLength } from '../units/format-length';
import { scheduleWords } from '../wording/schedule-words';
import { patternNames } from '../wording/things';
import { count, lengthCell, NONE, words, type Cell, type ScheduleLine } from './schedule';

/** The zones of a room that are tiled, with what is bought for each; what can't be laid has no numbers. */
export function tileLines(design: Design): ScheduleLine[] {
  const style = styleOf(design);
  const length = lengthCell(style);
  const { unit } = roomOf(design);
  return tiledZones(design).map((zone) => {
    const { id, letter, record } = zone;
    const { tile, pattern, joint, finish } = record;
    const size = [tile.w, tile.h].map((side) => formatLength(side, style)).join(' × ');
    return {
      ids: [id],
      cells: [
        words(letter),
        words(record.name ?? placeOf(zone)),
        words(finish ?? '–'),
        words(size),
        words(patternNames[pattern.type]),
        length(joint),
        ...numbersOf(zone, (area) => formatArea(area, unit)),
      ],
    };
  });
}

const placeOf = ({ surface, record }: TiledZone): string =>
  surface.face
    ? scheduleWords.wall(surface.face.letter)
    : record.upon
      ? scheduleWords.onThing
      : scheduleWords.floor;

/** Its area, whole and cut tiles, and how many are bought. */
function numbersOf({ tiled, record }: TiledZone, said: (area: number) => string): Cell[] {
  if (!tiled.ok) return [NONE, NONE, NONE, NONE];
  const { laid, count: counted } = tiled.value;
  const order = zoneOrder(record, tiled.value);
  return [
    { said: said(laid.zoneArea), value: laid.zoneArea },
    count(counted.whole),
    count(counted.cut),
    order.ok ? count(order.value.bought) : NONE,
  ];
}
