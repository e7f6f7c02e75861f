import type { Noun } from '../nouns';
import { LEAST_PIXEL, MOST_PIXEL } from '../document/limits';
import { patchOf } from '../document/patch';
import type { UnderlayRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { ok, refuse } from '../result';
import { wrapAngle } from '../units/angles';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Lays a picture under the plan, or changes how it lies. */
export const putUnderlay: Command<UnderlayRecord> = {
  id: 'put-underlay',
  run(design, underlay) {
    const { x, y, mmPerPixel, fade } = underlay;
    const between = (what: Noun, value: number, least: number, most: number) =>
      value >= least && value <= most ? ok(value) : refuse('number-range', { what, value, least, most });
    const wrong = firstRefusal(
      within('place-across', x, -200_000, 200_000),
      within('place-down', y, -200_000, 200_000),
      between('pixel-size', mmPerPixel, LEAST_PIXEL, MOST_PIXEL),
      between('fade', fade, 0, 1),
    );
    if (wrong) return wrong;
    const after = { ...underlay, x: quantise(x), y: quantise(y), turn: wrapAngle(underlay.turn) };
    return guarded(design, patchOf(design, [after]));
  },
};
