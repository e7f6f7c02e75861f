import type { FinishMaterial } from '../document/limits';

const letters: Record<FinishMaterial, string> = {
  ...{ paint: 'P', timber: 'T', stone: 'S', tile: 'PT', laminate: 'L', metal: 'M', fabric: 'F' },
};

/** The first code of a material that nothing has yet. */
export function nextCode(of: FinishMaterial, taken: ReadonlySet<string>): string {
  for (let number = 1; ; number++)
    if (!taken.has(`${letters[of]}${number}`)) return `${letters[of]}${number}`;
}
