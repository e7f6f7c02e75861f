import { sheetWords } from '../../wording/drawing-words';
import { recordsOf, type Design } from '../../document/design';
import { serviceTypes, type ServiceType } from '../../document/fixture-types';
import { serviceNames } from '../../wording/things';
import { drawServiceSymbol } from '../draw-services';
import { line, TEXT, WEIGHT, type Primitive } from '../primitives';
import { onPaper, point, text } from './sheet-marks';

/** Paper mm of a row of the legend, and of its heading. */
const ROW = 5.6;
const HEAD = 8;
const ACROSS = 3;

/** The kinds of service the room has, in the order of the list. */
function typesIn(design: Design): ServiceType[] {
  const present = new Set(recordsOf(design, 'service').map(({ type }) => type));
  return serviceTypes.filter((type) => present.has(type));
}

/** How high the legend of a room's services stands on the sheet, paper mm; nothing for a room without any. */
export function legendHeight(design: Design): number {
  const count = typesIn(design).length;
  return count === 0 ? 0 : HEAD + ROW * Math.ceil(count / ACROSS) + 2;
}

/** The symbols of the services in the room with their names, in a column of the sheet above a line, paper mm. */
export function serviceLegend(design: Design, left: number, bottom: number, width: number): Primitive[] {
  const types = typesIn(design);
  if (types.length === 0) return [];
  const top = bottom + legendHeight(design);
  const step = (width - 8) / ACROSS;
  return [
    line('sheet', [point(left, top), point(left + width, top)], WEIGHT.object, 'drawing'),
    text(sheetWords.services, left + 4, top - 4.5, TEXT.small, true),
    ...types.flatMap((type, index) => {
      const x = left + 4 + step * (index % ACROSS);
      const y = top - HEAD - ROW * (Math.floor(index / ACROSS) + 0.5);
      const symbol = drawServiceSymbol(type).map((mark) => onPaper(mark, point(x + 2, y), 1));
      return [...symbol, text(serviceNames[type], x + 6, y, TEXT.small)];
    }),
  ];
}
