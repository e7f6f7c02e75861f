import { rulePackIds, type RulePackId } from '../document/limits';
import { ok, refuse, type Result } from '../result';

/** Reads a list of packs as it is typed: `kitchen,bath`, or all of them. */
export function readPacks(typed: string): Result<RulePackId[]> {
  const asked = typed.split(',').map((one) => one.trim());
  if (asked.includes('all')) return ok([...rulePackIds]);
  const known = rulePackIds.filter((id) => asked.includes(id));
  if (known.length < new Set(asked).size) return refuse('pack-unknown', { typed, known: [...rulePackIds] });
  return ok(known);
}
