import { canonicalPretty } from '../document/canonical';
import type { Design } from '../document/design';
import { readDesign, validateDesign } from '../document/validate-design';
import type { Result } from '../result';
import { checkDesign } from '../survey/check-design';

/** A design as the text of its file: canonical, so the same design is always the same bytes. */
export function writeDesignJson(design: Design): string {
  return canonicalPretty(design);
}

/** Reads a design file and checks it whole. */
export function openDesign(text: string): Result<Design> {
  const read = readDesign(text);
  return read.ok ? checkDesign(read.value) : read;
}

/** Checks a parsed design whole. */
export function acceptDesign(value: unknown): Result<Design> {
  const valid = validateDesign(value);
  return valid.ok ? checkDesign(valid.value) : valid;
}
