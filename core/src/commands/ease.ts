import type { Patch } from '../document/patch';
import type { OpeningRecord, ServiceRecord, Side } from '../document/records';
import type { Design } from '../document/design';
import type { Point } from '../geometry/point';
import type { Result } from '../result';
import type { ItemCorner } from '../surfaces/top-edge';
import { stepped, type Command } from './command';
import { editItems } from './edit-items';
import { putOpening } from './put-opening';
import { putService } from './put-service';
import { setTopCorner } from './set-top-corner';
import { shiftItems } from './shift-items';
import { turnItems } from './turn-items';

/** One small change that eases a finding: things moved in plan and up, mm; turned clockwise, radians; hung the other way; made another width; a corner of a top rounded, mm; an opening or a service put otherwise, or a service added. */
export type EaseStep =
  | { do: 'shift'; ids: readonly string[]; by: Point; up?: number }
  | { do: 'turn'; ids: readonly string[]; by: number }
  | { do: 'hand'; id: string; hand: Side }
  | { do: 'width'; id: string; width: number }
  | { do: 'corner'; at: readonly [ItemCorner, ...ItemCorner[]]; radius: number }
  | { do: 'opening'; opening: OpeningRecord }
  | { do: 'service'; service: ServiceRecord };

/** Makes small changes that ease findings, one after the other, as one edit. */
export const ease: Command<{ steps: readonly EaseStep[] }> = {
  id: 'ease',
  run(design, { steps }) {
    return stepped(
      design,
      steps.map((step) => (now: Design) => patchOfStep(now, step)),
    );
  },
};

function patchOfStep(design: Design, step: EaseStep): Result<Patch> {
  switch (step.do) {
    case 'shift':
      return shiftItems.run(design, step);
    case 'turn':
      return turnItems.run(design, step);
    case 'hand':
      return editItems.run(design, { ids: [step.id], change: { hand: step.hand } });
    case 'width':
      return editItems.run(design, { ids: [step.id], change: { width: step.width } });
    case 'corner':
      return setTopCorner.run(design, { at: step.at, shape: { radius: step.radius } });
    case 'opening':
      return putOpening.run(design, step.opening);
    case 'service':
      return putService.run(design, step.service);
  }
}
