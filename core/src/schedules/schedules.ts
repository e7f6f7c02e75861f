import { recordsOf, roomOf, styleOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { isHanded } from '../ranges/handing';
import type { Range } from '../ranges/range';
import { rangesOf } from '../ranges/shelf';
import { priceOf } from '../ranges/specials';
import { groupedBy } from '../document/grouped';
import { itemBoxes } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { roughIns, type RoughIn } from '../setting/rough-ins';
import { areaWithin, partLength } from '../surfaces/outline/treated';
import { finishAlong, finishOf } from '../surfaces/finish-of';
import { topCutOuts } from '../surfaces/top-cut-outs';
import { jointedTops } from '../surfaces/top-joints';
import { tops } from '../surfaces/tops';
import { placedOpenings } from '../survey/openings';
import { placedServices } from '../survey/services';
import { formatArea } from '../units/format-area';
import { formatLength } from '../units/format-length';
import type { LengthStyle } from '../units/units';
import { kindName } from '../wording/kind-names';
import { scheduleWords, type ScheduleId } from '../wording/schedule-words';
import { actionNames, finishPartNames, openingNames, serviceNames } from '../wording/things';
import { finishSchedule } from './finish-rows';
import { columnsOf } from './schedule-columns';
import { itemSchedule } from './item-schedule';
import { fitterLines } from './fitter-lines';
import { frontLines } from './front-lines';
import { tileLines } from './tile-lines';
import { count, lengthCell, NONE, words, type Cell, type Schedule, type ScheduleLine } from './schedule';

type Lines = (design: Design) => ScheduleLine[];

const lines: Record<ScheduleId, Lines> = {
  items: itemLines,
  fronts: frontLines,
  panels: panelLines,
  appliances: applianceLines,
  openings: openingLines,
  services: serviceLines,
  tops: topLines,
  tiles: tileLines,
  finishes: finishLines,
  fitter: fitterLines,
};

/** What a room holds of one sort. */
export const scheduleOf = (design: Design, id: ScheduleId): Schedule => ({
  id,
  columns: columnsOf[id],
  lines: lines[id](design),
});

function itemLines(design: Design): ScheduleLine[] {
  const length = lengthCell(styleOf(design));
  const boxes = new Map(itemBoxes(design).map((box) => [box.id, box]));
  const known = rangesOf(design);
  return itemSchedule(design).map(({ id, number, name, code, note }) => {
    const { record, kind } = boxes.get(id)!;
    const handed = kind.rows !== undefined && isHanded(kind, record.width);
    return {
      ids: [id],
      cells: [
        count(number),
        words(name),
        words(code),
        length(record.width),
        kind.flat ? NONE : length(record.depth),
        length(record.height),
        handed ? words(scheduleWords.hand[record.hand]) : NONE,
        words(note),
        priceCell(record, known),
      ],
    };
  });
}

/** What an item costs as its range makes it; what is made to order is asked for. */
function priceCell(record: ItemRecord, known: readonly Range[]): Cell {
  const price = priceOf(record, known);
  return price === null ? NONE : { said: price.toFixed(2), value: price };
}

/** What closes, covers and trims: as large as it is seen. */
function panelLines(design: Design): ScheduleLine[] {
  const length = lengthCell(styleOf(design));
  const numbers = itemNumbers(design);
  return itemBoxes(design)
    .filter(({ kind }) => kind.group === 'panels')
    .sort((a, b) => numbers.get(a.id)! - numbers.get(b.id)!)
    .map(({ id, record }) => {
      const finish = finishOf(design, 'front', id);
      return {
        ids: [id],
        cells: [
          count(numbers.get(id)!),
          words(record.name ?? kindName(record.type)),
          words(record.code),
          length(record.width),
          length(record.height),
          finish ? words(`${finish.code} ${finish.name}`) : NONE,
        ],
      };
    });
}

/** What is bought to be connected, with the places its services come to. */
function applianceLines(design: Design): ScheduleLine[] {
  const style = styleOf(design);
  const length = lengthCell(style);
  const numbers = itemNumbers(design);
  const byItem = groupedBy(roughIns(design), ({ item }) => item);
  return itemBoxes(design)
    .filter(({ kind }) => kind.group === 'appliances' || kind.group === 'fixtures')
    .map(({ id, record }) => ({
      ids: [id],
      cells: [
        count(numbers.get(id)!),
        words(record.name ?? kindName(record.type)),
        words(record.code),
        ...[record.width, record.depth, record.height].map(length),
        words((byItem.get(id) ?? []).map((one) => saidRoughIn(one, style)).join('; ')),
      ],
    }))
    .sort((a, b) => a.cells[0]!.value! - b.cells[0]!.value!);
}

function saidRoughIn({ type, up, against }: RoughIn, style: LengthStyle): string {
  const where = against ? [`${against.letter} ${formatLength(against.along, style)}`] : [];
  return [serviceNames[type].toLowerCase(), ...where, scheduleWords.up(formatLength(up, style))].join(', ');
}

function openingLines(design: Design): ScheduleLine[] {
  const length = lengthCell(styleOf(design));
  return placedOpenings(design).map(({ record, face, left, name }) => {
    const { id, type, action, hinge, swing, width, height, sill, leaf } = record;
    const opens = type === 'door' || type === 'window';
    const turns = action === 'hinged' || action === 'casement';
    const said = turns ? [actionNames[action], scheduleWords.hinged(hinge, swing)] : [actionNames[action]];
    return {
      ids: [id],
      cells: [
        words(name),
        words(openingNames[type]),
        words(face.letter),
        ...[left, width, height, sill].map(length),
        opens ? words(said.join(', ')) : NONE,
        type === 'door' ? length(leaf) : NONE,
      ],
    };
  });
}

function serviceLines(design: Design): ScheduleLine[] {
  const length = lengthCell(styleOf(design));
  return placedServices(design).map(({ id, record, against }) => ({
    ids: [id],
    cells: [
      words(serviceNames[record.type]),
      against ? words(against.face.letter) : NONE,
      against ? length(against.along) : NONE,
      length(record.up),
    ],
  }));
}

function topLines(design: Design): ScheduleLine[] {
  const length = lengthCell(styleOf(design));
  const { unit } = roomOf(design);
  return tops(design).map((top, index) => {
    const { items, rings, underside, surface } = top;
    const parts = rings.flatMap((ring) => ring.parts);
    const area = rings.reduce((sum, ring) => sum + areaWithin(ring.parts), 0);
    const finish = finishAlong(design, 'top', items);
    return {
      ids: items,
      cells: [
        words(scheduleWords.top(index + 1)),
        length(surface - underside),
        length(surface),
        { said: formatArea(area, unit), value: area },
        length(parts.reduce((sum, part) => sum + partLength(part), 0)),
        count(jointedTops(design).get(top)!.joints.length),
        count(topCutOuts(design).get(top)?.length ?? 0),
        finish ? words(`${finish.code} ${finish.name}`) : NONE,
      ],
    };
  });
}

function finishLines(design: Design): ScheduleLine[] {
  const own = new Map(recordsOf(design, 'finish').map((record) => [record.name, record]));
  return finishSchedule(design).map(({ finish, parts }) => ({
    ids: finish.own ? [finish.own.id] : [],
    cells: [
      words(finish.code),
      words(finish.name),
      words(parts.map((part) => finishPartNames[part].toLowerCase()).join(', ')),
      words(own.get(finish.name)?.supplier ?? ''),
    ],
  }));
}
