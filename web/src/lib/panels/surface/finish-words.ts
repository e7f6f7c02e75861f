import type { FinishMaterial } from 'goodreach';

export const materialNames: Record<FinishMaterial, string> = {
  paint: 'Paint',
  timber: 'Timber',
  stone: 'Stone',
  tile: 'Tile',
  laminate: 'Laminate',
  metal: 'Metal',
  fabric: 'Fabric',
};
