/**
 * Rounds the lengths of a dimension chain so that they add up to the rounded overall.
 * Controlled rounding: every part is rounded down to the step, and the missing steps go to the largest remainders
 * (the first of equals); so no printed value is a whole step from the true one and the sum is exact.
 * Input and output in millimetres; the overall is the true sum rounded to the step.
 */
export function roundChain(parts: readonly number[], step: number): { parts: number[]; overall: number } {
  const overallSteps = Math.round(parts.reduce((sum, part) => sum + part, 0) / step);
  const floors = parts.map((part) => Math.floor(part / step + 1e-9));
  const missing = overallSteps - floors.reduce((sum, floor) => sum + floor, 0);
  const byRemainder = parts
    // What differs by rounding noise only is equal.
    .map((part, index) => ({ index, remainder: Math.round((part / step - floors[index]!) * 1e6) }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  for (const { index } of byRemainder.slice(0, Math.max(0, missing))) floors[index]! += 1;
  return { parts: floors.map((steps) => steps * step), overall: overallSteps * step };
}
