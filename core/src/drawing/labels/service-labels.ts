import type { Design } from '../../document/design';
import { place } from '../../geometry/point';
import { placedServices } from '../../survey/services';
import { serviceSymbol, SERVICE_SYMBOL } from '../draw-services';
import type { Label, LabelPlace } from './place-labels';

/** How far the middle of a symbol stands off its face, and from one to the next beside it, paper mm. */
const OFF = 2.2;
const BESIDE = SERVICE_SYMBOL + 0.3;

/** Every service as a symbol of one size on paper, standing on its face, or where it is on floor and ceiling, beside others that are there; only those from a height up, mm. */
export function serviceLabels(design: Design, scale: number, from = -Infinity): Label[] {
  return placedServices(design)
    .filter(({ record }) => record.up >= from)
    .map(({ id, record, at, u, n, against }): Label => {
      const size = SERVICE_SYMBOL * scale;
      const standing = (along: number, row: number): LabelPlace => {
        const off = against ? OFF : 0;
        return {
          at: place(at, u, along * BESIDE * scale, n, (off + row * BESIDE) * scale),
          ...((along !== 0 || row !== 0 || against) && { foot: at }),
          over: true,
        };
      };
      return {
        ...{ layer: 'services', source: id, stem: true, width: size, height: size },
        places: [0, 1, -1, 2, -2].map((along) => standing(along, 0)),
        further: (ring) => [0, 1, -1, 2, -2, 3, -3].map((along) => standing(along, ring + 1)),
        draw: (found) =>
          serviceSymbol(record.type, found.at, u, n, scale).map((mark) => ({ ...mark, source: id })),
      };
    });
}
