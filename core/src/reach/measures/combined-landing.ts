import { isAtLeast } from '../held';
import { distance } from '../../geometry/point';
import { landingsBeside, type Landing } from '../facts/landing';
import { workCentres, type WorkCentre } from '../facts/work-centres';
import type { Design } from '../../document/design';
import type { Inputs, Measure } from '../measure';
import type { Reading } from '../reading';

/** The counter that two work centres share between them, beside what both need: the larger of the two, and so much more. */
export const combinedLanding: Measure<readonly WorkCentre[]> = {
  id: 'combined-landing',
  subjects: (design) => (workCentres(design).length >= 2 ? [workCentres(design)] : []),
  take(centres, look, inputs) {
    return centres.flatMap((one, index) =>
      centres.slice(index + 1).flatMap((other): Reading[] => {
        const shared = look.at((design) => sharedBy(design, one, other));
        if (!shared) return [];
        const needs = [one, other].map((centre) =>
          look.at((design) => neededBy(design, centre, shared, inputs)),
        );
        return [
          {
            key: `${one.box.id} ${other.box.id}`,
            ids: [one.box.id, other.box.id],
            place: shared.path,
            about: [{ of: one.box.id }, { of: other.box.id }],
            values: { between: shared.length },
            bounds: { combined: Math.max(...needs) + (inputs['plus'] ?? 0) },
          },
        ];
      }),
    );
  },
};

/** The landing that is beside both. */
function sharedBy(design: Design, one: WorkCentre, other: WorkCentre): Landing | null {
  const [a, b] = [one, other].map(({ box }) => landingsBeside(design, box));
  const pairs = [
    [a!.left, b!.right],
    [a!.right, b!.left],
  ] as const;
  for (const [own, its] of pairs) if (own.front && own.front === its.front && isSame(own, its)) return own;
  return null;
}

function isSame(a: Landing, b: Landing): boolean {
  return distance(a.path[0]!, b.path[0]!) < 1 && distance(a.path.at(-1)!, b.path.at(-1)!) < 1;
}

/** What a centre needs beside it: a sink the smaller landing where its other side has the larger. */
function neededBy(design: Design, { of, box }: WorkCentre, shared: Landing, inputs: Inputs): number {
  const { sink = 0, sinkSmaller = 0, cook = 0, fridge = 0 } = inputs;
  if (of !== 'sink') return of === 'cook' ? cook : fridge;
  const { left, right } = landingsBeside(design, box);
  const rest = isSame(left, shared) ? right : left;
  return isAtLeast(rest.length, sink) ? sinkSmaller : sink;
}
