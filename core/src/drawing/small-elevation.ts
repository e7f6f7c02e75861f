import type { Design } from '../document/design';
import type { ItemBox } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { drawElevation } from './elevation/draw-elevation';
import { drawRowElevation } from './elevation/draw-side';
import { moved } from './elevation/unfold';
import { WEIGHT, type Layer, type Primitive } from './primitives';

/** Room millimetres a paper millimetre stands for: small pictures have the weights of a small scale. */
const SCALE = 60;

/** What a small elevation leaves away. */
const without: readonly Layer[] = ['labels', 'numbers', 'services'];

/**
 * The elevations of some faces side by side in the order given, mm, small: items that are new in full, what is there already faint.
 */
export function smallElevation(
  design: Design,
  faces: readonly string[],
  fresh: ReadonlySet<string>,
): Primitive[] {
  const { byId } = roomShape(design);
  let x = 0;
  return faces.flatMap((id) => {
    const face = byId.get(id);
    if (!face) return [];
    const marks = moved(drawElevation(design, face, SCALE), x);
    x += face.length;
    return shown(marks, fresh);
  });
}

/** The elevation of an island from before some item of it, small. */
export function smallRowElevation(design: Design, box: ItemBox): Primitive[] {
  return drawRowElevation(design, box, SCALE).filter(({ layer }) => !without.includes(layer));
}

function shown(marks: readonly Primitive[], fresh: ReadonlySet<string>): Primitive[] {
  return marks
    .filter(({ layer }) => !without.includes(layer))
    .map((mark) => {
      if (mark.type === 'text' || mark.weight === 0 || mark.layer === 'walls') return mark;
      if (mark.source && fresh.has(mark.source)) return mark;
      return { ...mark, ink: 'poche', weight: WEIGHT.thin };
    });
}
