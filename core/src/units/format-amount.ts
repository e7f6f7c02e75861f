/** The least that is said of what there is any of. */
const LEAST = 0.01;

/** An amount of what is bought by weight or volume, as fine as it is bought: below ten to a tenth, below one to a hundredth. */
export function formatAmount(amount: number): string {
  if (amount === 0) return '0';
  return Math.max(LEAST, amount).toFixed(amount >= 9.95 ? 0 : amount >= 0.995 ? 1 : 2);
}
