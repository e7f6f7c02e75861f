import { recordsOf, type Design } from '../../document/design';
import type { FinishMaterial } from '../../document/limits';
import { finishAlong } from '../../surfaces/finish-of';
import { finishNamed, type Finish } from '../../surfaces/finishes';
import { trimFinish } from '../../surfaces/trim-finish';
import { MM2_PER_M2, MM_PER_M } from '../../units/units';
import { priceNames } from '../../wording/cost-words';
import { liningStyleNames } from '../../wording/things';
import { runPlinths, trimLengths } from '../lists/lengths';
import type { Need, Taken } from './cost-types';
import { needsByFinish } from './own-prices';

/** What goes along runs and walls by the metre: plinths and trims, those whose finish says what a metre costs by that. */
export function lengthNeeds(design: Design): Need[] {
  const plinths = runPlinths(design).map(({ items, length }) => ({
    finish: finishAlong(design, 'plinth', items),
    of: items.map((id): Taken => ({ id, qty: length / items.length / MM_PER_M })),
  }));
  const trims = trimLengths(design).map(({ id, piece, length }) => ({
    finish: trimFinish(design, piece),
    of: [{ id, qty: length / MM_PER_M }],
  }));
  return [
    ...needsByFinish(plinths, { group: 'lengths', codes: ['plinth'], name: priceNames.plinth, per: 'm' }),
    ...needsByFinish(trims, { group: 'lengths', codes: ['trim'], name: priceNames.trim, per: 'm' }),
  ];
}

/** What only covers something else costs beside that, not in place of it. */
const coats: readonly FinishMaterial[] = ['paint', 'fabric', 'tile'];
const stuffOf = (finish: Finish | null): Finish | null =>
  finish && !coats.includes(finish.of) ? finish : null;

/** What walls are lined with, by the way it is made, and the work of fitting it: by the square metre of its front. */
export function liningNeeds(design: Design): Need[] {
  const linings = recordsOf(design, 'fixed').filter(({ type }) => type === 'lining');
  const each = linings.map(({ id, style = 'plain', finish, width, height }) => ({
    style,
    finish: stuffOf(finishNamed(design, finish)),
    of: [{ id, qty: (width * height) / MM2_PER_M2 }],
  }));
  return [
    ...[...new Set(each.map(({ style }) => style))].flatMap((style) =>
      needsByFinish(
        each.filter((one) => one.style === style),
        {
          ...{ group: 'linings', codes: [`lining ${style}`, 'lining'], per: 'm2' },
          name: [priceNames.lining, liningStyleNames[style]].join(', '),
        },
      ),
    ),
    {
      ...{ group: 'site', codes: ['fitting-linings'], rate: 'site-rate' },
      name: priceNames['fitting-linings'],
      of: each.flatMap(({ of }) => of),
    },
  ];
}
