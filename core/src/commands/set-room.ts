import { firstRefusal, within } from '../document/within';
import { roomOf, type Design } from '../document/design';
import {
  finishParts,
  LEAST_CEILING,
  LEAST_CORNER_UNCERTAINTY,
  LEAST_UNCERTAINTY,
  MOST_CORNER_UNCERTAINTY,
  MOST_HEIGHT,
  MOST_UNCERTAINTY,
  LEAST_SLAB,
  LEAST_USER,
  MOST_USER,
  MOST_OVERHANG,
  MOST_SLAB,
  LEAST_SPLASH_THICKNESS,
  MOST_PLINTH_BACK,
  MOST_PLINTH_OUT,
  MOST_SPLASH,
  MOST_SPLASH_THICKNESS,
} from '../document/limits';
import { patchOf } from '../document/patch';
import type { RoomRecord } from '../document/records';
import { refuse } from '../result';
import { finishKey } from '../surfaces/finishes';
import { toDegrees, wrapAngle } from '../units/angles';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

export type RoomChange = Partial<Omit<RoomRecord, 'kind' | 'id'>>;

/** Changes what was decided for the whole room: its name, units, ceiling height, standard sizes. */
export const setRoom: Command<RoomChange> = {
  id: 'set-room',
  run(design: Design, change) {
    const room = roomOf(design);
    const after = { ...room, ...change };
    const wrong = firstRefusal(
      within('ceiling-height', after.ceilingHeight, LEAST_CEILING, MOST_HEIGHT),
      within('uncertainty', after.lengthUncertainty, LEAST_UNCERTAINTY, MOST_UNCERTAINTY),
      within('wall-thickness', after.wallThickness, 10, 1_500),
      within('counter-height', after.counterHeight, 500, 1_500),
      within('top-thickness', after.topThickness, 3, 150),
      within('front-overhang', after.frontOverhang, 0, MOST_OVERHANG),
      within('slab', after.slabLength ?? LEAST_SLAB, LEAST_SLAB, MOST_SLAB),
      within('slab', after.slabWidth ?? LEAST_SLAB, LEAST_SLAB, MOST_SLAB),
      within('splash', after.splashHeight ?? 0, 0, MOST_SPLASH),
      within(
        'splash-thickness',
        after.splashThickness ?? LEAST_SPLASH_THICKNESS,
        LEAST_SPLASH_THICKNESS,
        MOST_SPLASH_THICKNESS,
      ),
      within('plinth-back', after.plinthBack ?? 0, -MOST_PLINTH_OUT, MOST_PLINTH_BACK),
      within('user-height', after.userHeight ?? LEAST_USER, LEAST_USER, MOST_USER),
      within('end-overhang', after.endOverhang, 0, MOST_OVERHANG),
    );
    if (wrong) return wrong;
    if (after.name.trim() === '') return refuse('name-blank', { what: 'room' });
    if (!(
      after.cornerUncertainty >= LEAST_CORNER_UNCERTAINTY &&
      after.cornerUncertainty <= MOST_CORNER_UNCERTAINTY
    )) {
      const value = toDegrees(after.cornerUncertainty);
      return refuse('number-range', { what: 'corner-uncertainties', value, least: 0.001, most: 11 });
    }
    const lengths = [
      'lengthUncertainty',
      'ceilingHeight',
      'wallThickness',
      'counterHeight',
      'topThickness',
      'frontOverhang',
      'endOverhang',
    ] as const;
    for (const key of [
      'plinthBack',
      'slabLength',
      'slabWidth',
      'splashHeight',
      'splashThickness',
      'userHeight',
    ] as const)
      if (after[key] === undefined) delete after[key];
      else after[key] = quantise(after[key]);
    for (const key of lengths) after[key] = quantise(after[key]);
    after.name = after.name.trim();
    const number = after.number?.trim();
    if (number) after.number = number;
    else delete after.number;
    for (const part of finishParts) {
      const key = finishKey(part);
      const finish = after[key]?.trim();
      if (finish) after[key] = finish;
      else delete after[key];
    }
    if (!after.splashHeight) delete after.splashHeight;
    if (!after.splashAtCooking) delete after.splashAtCooking;
    for (const key of [
      'edgeProfile',
      'cornice',
      'lightRail',
      'skirting',
      'cove',
      'capping',
      'doorStyle',
      'handleStyle',
    ] as const)
      if (!after[key]) delete after[key];
    if (!after.coverFile) delete after.coverFile;
    if (!after.specials) delete after.specials;
    if (!after.behindSeats) delete after.behindSeats;
    if (after.north) after.north = wrapAngle(after.north);
    else delete after.north;
    return guarded(design, patchOf(design, [after]));
  },
};
