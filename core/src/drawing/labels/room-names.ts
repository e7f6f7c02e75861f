import { roomOf, type Design } from '../../document/design';
import { add, direction, scale as scaled, type Point } from '../../geometry/point';
import { contains } from '../../geometry/polygon';
import { emptiest } from '../../setting/emptiest';
import { itemBoxes } from '../../setting/item-box';
import { zonesOf } from '../../survey/zones';
import { formatArea } from '../../units/format-area';
import { TEXT, type Primitive } from '../primitives';
import { CAP_HEIGHT, textWidth } from '../text-layout';
import { ABOUT_TEXT } from './box';
import { standing } from './off-edges';
import type { Label, LabelPlace } from './place-labels';

/** How far the name stands over the middle, and the area under it, paper mm. */
const UP = 2.6;
const DOWN = 2.4;
/** Places about the emptiest one: so many each way round, rings so far apart, paper mm; so many rings of them on the floor, then as many anywhere. */
const WAYS = 16;
const RING = 3;
const ON_FLOOR = 30;

/** Name and area of each part of the room, at the emptiest place of its floor. */
export function roomNames(design: Design, scale: number): Label[] {
  const { number, unit } = roomOf(design);
  const stands = standing(itemBoxes(design));
  return zonesOf(design).map(({ name, divider, outline, area }): Label => {
    const words = number && divider === null ? `${number} ${name}` : name;
    const size = divider === null ? TEXT.title : TEXT.title * 0.8;
    const said = formatArea(area, unit);
    const wide = Math.max(textWidth(words, size, true), textWidth(said, TEXT.normal));
    const top = UP + (size * CAP_HEIGHT) / 2;
    const bottom = -DOWN - (TEXT.normal * CAP_HEIGHT) / 2;
    const lift = ((top + bottom) / 2) * scale;
    const emptiestAt = emptiest(design, outline, (textWidth(words, size, true) * scale) / 2);
    const first = { x: emptiestAt.x, y: emptiestAt.y + lift };
    const half = (wide * scale) / 2;
    const onFloor = (at: Point) =>
      [-half, 0, half].every((by) => {
        const end = { x: at.x + by, y: at.y };
        return contains(outline, end) && !stands(end, 0);
      });
    return {
      ...{ layer: 'labels', of: divider ?? roomOf(design).id },
      width: (wide + 2 * ABOUT_TEXT) * scale,
      height: (top - bottom + 2 * ABOUT_TEXT) * scale,
      places: [{ at: first }],
      further: (ring) => {
        const about = Array.from({ length: WAYS }, (_, way): LabelPlace => {
          const towards = direction((2 * Math.PI * way) / WAYS);
          return { at: add(first, scaled(towards, ((ring % ON_FLOOR) + 1) * RING * scale)) };
        });
        return ring < ON_FLOOR ? about.filter(({ at }) => onFloor(at)) : about;
      },
      draw: ({ at: { x, y } }) => [
        textAt({ x, y: y - lift + UP * scale }, words, size, true),
        textAt({ x, y: y - lift - DOWN * scale }, said, TEXT.normal, false),
      ],
    };
  });
}

const textAt = (at: Point, text: string, size: number, bold: boolean): Primitive => ({
  ...{ type: 'text', layer: 'labels', at, text, size, anchor: 'middle', turn: 0, ink: 'drawing', bold },
});
