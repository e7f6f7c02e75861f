import type { EaseStep } from '../../commands/ease';
import { recordOf, type Design } from '../../document/design';
import { isAlike } from '../../document/remember';
import { dot, scale, type Point } from '../../geometry/point';
import { nounOf } from '../../reach/naming';
import { findBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import type { EaseTold, EaseWay } from '../../wording/ease-texts';

/** What runs within this of a direction (the cosine) runs in it. */
const ALONG = 0.9999;

/** Changes that ease a finding, as they are told: what is added or rounded alike is told once. */
export function tellEase(design: Design, steps: readonly EaseStep[]): readonly EaseTold[] {
  const told: EaseTold[] = [];
  for (const step of steps) {
    const one = tellStep(design, step);
    const last = told.at(-1);
    if (one.do === 'sockets' && last?.do === 'sockets' && one.face === last.face) last.count += 1;
    else if (one.do === 'corners' && last?.do === 'corners' && isAlike(one, { ...last, count: 1 }))
      last.count += 1;
    else told.push(one);
  }
  return told;
}

function tellStep(design: Design, step: EaseStep): EaseTold {
  switch (step.do) {
    case 'shift': {
      const { ids, by, up = 0 } = step;
      const flat = Math.hypot(by.x, by.y);
      return {
        ...{ do: 'shift', about: nounOf(design, { of: ids[0]! }), more: ids.length - 1 },
        by: Math.hypot(flat, up),
        way:
          flat === 0
            ? up > 0
              ? 'up'
              : 'down'
            : up === 0
              ? wayOf(design, ids[0]!, scale(by, 1 / flat))
              : null,
      };
    }
    case 'turn': {
      const { ids, by } = step;
      const half = Math.abs(Math.abs(by) - Math.PI) < 1e-6;
      return {
        ...{ do: 'turn', about: nounOf(design, { of: ids[0]! }), more: ids.length - 1 },
        round: half ? 'half' : by > 0 ? 'right' : 'left',
      };
    }
    case 'hand':
      return { do: 'hand', about: nounOf(design, { of: step.id }), hand: step.hand };
    case 'width':
      return { do: 'width', about: nounOf(design, { of: step.id }), width: step.width };
    case 'corner':
      return {
        ...{ do: 'corners', about: nounOf(design, { of: step.at[0].item, as: 'top-over' }) },
        ...{ count: 1, radius: step.radius },
      };
    case 'opening':
      return tellOpening(design, step.opening);
    case 'service':
      return tellService(design, step.service);
  }
}

function tellOpening(design: Design, after: Extract<EaseStep, { do: 'opening' }>['opening']): EaseTold {
  const about = nounOf(design, { of: after.id });
  const before = recordOf(design, 'opening', after.id) ?? after;
  const by = after.distance - before.distance;
  if (by !== 0) {
    const isRight = by > 0 === (after.from !== 'right');
    return { do: 'shift', about, more: 0, by: Math.abs(by), way: isRight ? 'right' : 'left' };
  }
  return {
    ...{ do: 'door', about },
    hinge: after.hinge === before.hinge ? null : after.hinge,
    swing: after.swing === before.swing ? null : after.swing,
    width: after.width === before.width ? null : after.width,
  };
}

function tellService(design: Design, after: Extract<EaseStep, { do: 'service' }>['service']): EaseTold {
  const before = recordOf(design, 'service', after.id);
  const { placement } = after;
  const letter = placement.on === 'face' ? (roomShape(design).byId.get(placement.face)?.letter ?? '') : '';
  if (!before) return { do: 'sockets', count: 1, face: letter };
  const about = nounOf(design, { of: after.id });
  const up = after.up - before.up;
  if (up !== 0) return { do: 'shift', about, more: 0, by: Math.abs(up), way: up > 0 ? 'up' : 'down' };
  const [from, to] = [before.placement, placement];
  const by = from.on === 'face' && to.on === 'face' ? to.distance - from.distance : 0;
  const isRight = by > 0 === (to.on === 'face' && to.from === 'left');
  return { do: 'shift', about, more: 0, by: Math.abs(by), way: isRight ? 'right' : 'left' };
}

/** Where a direction leads: along the face that an item stands against, or straight towards a face. */
function wayOf(design: Design, id: string, way: Point): EaseWay {
  const against = findBox(design, id)?.against?.face;
  if (against && Math.abs(dot(way, against.u)) > ALONG) return dot(way, against.u) > 0 ? 'right' : 'left';
  const towards = roomShape(design).faces.find(({ n, arc }) => !arc && dot(way, n) < -ALONG);
  return towards ? { face: towards.letter } : null;
}
