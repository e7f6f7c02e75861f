import type { MeasuredFrom, OpeningAction, OpeningType } from 'goodreach';

/** What openings and the ways they open are called on screen. */
export const openingNames: Record<OpeningType, string> = {
  door: 'Door',
  window: 'Window',
  cased: 'Cased opening',
  hatch: 'Hatch',
  niche: 'Niche',
};

export const actionNames: Record<OpeningAction, string> = {
  hinged: 'Hinged',
  double: 'Double',
  sliding: 'Sliding',
  pocket: 'Pocket',
  folding: 'Folding',
  fixed: 'Fixed',
  casement: 'Casement',
  sash: 'Sash',
};

export const fromNames: Record<MeasuredFrom, string> = {
  left: 'Left corner',
  centre: 'Centre of face',
  right: 'Right corner',
};

export const toNames: Record<MeasuredFrom, string> = {
  left: 'Left jamb',
  centre: 'Centre line',
  right: 'Right jamb',
};
