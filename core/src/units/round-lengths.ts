import { isInchUnit, MM_PER_INCH, type LengthUnit } from './units';

/** The steps of lengths that are easily measured and said, the finer first: mm, and parts of an inch. */
const STEPS = { metric: [5, 10, 50], inch: [0.25, 0.5, 1] } as const;
/** Nearer than this a length is round already, mm. */
const ROUND = 0.05;

/** Round lengths near one that is not, mm, the nearest first: a whole five, ten or fifty of millimetres, or a whole inch, its half or quarter. None for what is round to the finest of them. */
export function roundLengths(length: number, unit: LengthUnit): number[] {
  const steps = isInchUnit(unit) ? STEPS.inch.map((inches) => inches * MM_PER_INCH) : STEPS.metric;
  const isRound = (step: number) => Math.abs(length - Math.round(length / step) * step) < ROUND;
  if (isRound(steps[0]!)) return [];
  const found: number[] = [];
  for (const step of steps)
    for (const at of [Math.floor(length / step) * step, Math.ceil(length / step) * step])
      if (at > 0 && !found.some((one) => Math.abs(one - at) < ROUND)) found.push(at);
  return found.sort((a, b) => Math.abs(a - length) - Math.abs(b - length)).slice(0, 3);
}
