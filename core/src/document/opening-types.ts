/** Every type of opening, and the ways doors and windows open; a cased opening, hatch or niche has nothing that opens. */
export const openingTypes = ['door', 'window', 'cased', 'hatch', 'niche'] as const;
export const doorActions = ['hinged', 'double', 'sliding', 'pocket', 'folding'] as const;
export const windowActions = ['fixed', 'casement', 'sash', 'sliding'] as const;
export const openingActions = [...new Set([...doorActions, ...windowActions])];
/** Where on a face a distance is measured from, and what of an opening it is measured to. */
export const measuredFrom = ['left', 'centre', 'right'] as const;

export type OpeningType = (typeof openingTypes)[number];
export type OpeningAction = (typeof openingActions)[number];
export type MeasuredFrom = (typeof measuredFrom)[number];
