import { usualNames } from '../wording/things';
import { LEAST_EYE, MOST_EYE } from '../document/limits';
import { patchOf } from '../document/patch';
import type { StandpointRecord } from '../document/records';
import { within } from '../document/within';
import { refuse } from '../result';
import { canStand } from '../scene/walk';
import { wrapAngle } from '../units/angles';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Keeps a place to stand and look from, or changes one that is kept. It must be one where a person can stand. */
export const putStandpoint: Command<StandpointRecord> = {
  id: 'put-standpoint',
  run(design, point) {
    const eye = within('eye-height', point.eye, LEAST_EYE, MOST_EYE);
    if (!eye.ok) return eye;
    if (!canStand(design, point)) return refuse('standpoint-blocked', {});
    if (point.name.trim() === '' && design.records[point.id])
      return refuse('name-blank', { what: 'standpoint' });
    const after: StandpointRecord = {
      ...point,
      name: point.name.trim() || usualNames.standpoint,
      x: quantise(point.x),
      y: quantise(point.y),
      eye: quantise(point.eye),
      turn: wrapAngle(point.turn),
    };
    return guarded(design, patchOf(design, [after]));
  },
};
