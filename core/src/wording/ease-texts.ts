import type { Noun } from '../nouns';
import { formatLengthWithUnit } from '../units/format-length';
import type { LengthStyle } from '../units/units';
import { capital, say } from './words';

/** Where something is moved: towards a face by its letter, or as one stands before it. */
export type EaseWay = { face: string } | 'down' | 'left' | 'right' | 'up' | null;

/** A change that eases a finding, as it is told; lengths mm. */
export type EaseTold =
  | { do: 'shift'; about: Noun; more: number; by: number; way: EaseWay }
  | { do: 'turn'; about: Noun; more: number; round: 'half' | 'left' | 'right' }
  | { do: 'hand'; about: Noun; hand: 'left' | 'right' }
  | { do: 'width'; about: Noun; width: number }
  | { do: 'corners'; about: Noun; count: number; radius: number }
  | { do: 'sockets'; count: number; face: string }
  | {
      do: 'door';
      about: Noun;
      hinge: 'left' | 'right' | null;
      swing: 'in' | 'out' | null;
      width: number | null;
    };

/** Changes that ease a finding, as one sentence. */
export function sayEase(told: readonly EaseTold[], style: LengthStyle): string {
  const show = (mm: number) => formatLengthWithUnit(mm, style);
  return `${capital(told.map((one) => sayOne(one, show)).join(', and '))}.`;
}

function sayOne(one: EaseTold, show: (mm: number) => string): string {
  switch (one.do) {
    case 'shift':
      return `move ${several(one.about, one.more)} by ${show(one.by)}${sayWay(one.way)}`;
    case 'turn':
      return `turn ${several(one.about, one.more)} ${one.round === 'half' ? 'half round' : `a quarter to the ${one.round}`}`;
    case 'hand':
      return `hang ${say(one.about)} on the ${one.hand}`;
    case 'width':
      return `make ${say(one.about)} ${show(one.width)} wide`;
    case 'corners':
      return `round ${one.count === 1 ? 'a corner' : `${one.count} corners`} of ${say(one.about)} by ${show(one.radius)}`;
    case 'sockets':
      return one.count === 1
        ? `put a protected socket on face ${one.face}`
        : `put ${one.count} protected sockets on face ${one.face}`;
    case 'door': {
      const { about, hinge, swing, width } = one;
      const ways = [
        ...(hinge ? [`hang ${say(about)} on the ${hinge}`] : []),
        ...(swing ? [`swing ${hinge ? 'it' : say(about)} ${swing}`] : []),
        ...(width === null ? [] : [`make ${say(about)} ${show(width)} wide`]),
      ];
      return ways.join(' and ');
    }
  }
}

const several = (about: Noun, more: number): string =>
  more === 0 ? say(about) : `${say(about)} and ${more} more`;

function sayWay(way: EaseWay): string {
  if (way === null) return ', as shown';
  if (typeof way === 'object') return ` towards face ${way.face}`;
  return way === 'up' || way === 'down' ? ` ${way}` : ` to the ${way}`;
}
