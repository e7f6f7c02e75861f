import type { Finish, FinishMaterial } from 'goodreach';

export const materialNames: Record<FinishMaterial, string> = {
  paint: 'Paint',
  timber: 'Timber',
  stone: 'Stone',
  tile: 'Tile',
  laminate: 'Laminate',
  metal: 'Metal',
  fabric: 'Fabric',
};

const letters: Record<FinishMaterial, string> = {
  ...{ paint: 'P', timber: 'T', stone: 'S', tile: 'PT', laminate: 'L', metal: 'M', fabric: 'F' },
};

/** The first code of a material that nothing has yet. */
export function nextCode(of: FinishMaterial, known: readonly Finish[]): string {
  const taken = new Set(known.map(({ code }) => code));
  for (let number = 1; ; number++)
    if (!taken.has(`${letters[of]}${number}`)) return `${letters[of]}${number}`;
}
