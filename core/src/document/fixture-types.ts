/** What is built into a room and stays: things with a body. */
export const fixedTypes = [
  'breast',
  'chase',
  'column',
  'half-wall',
  'lining',
  'partition',
  'pipe-box',
  'radiator',
  'round-column',
  'soffit',
  'step',
] as const;
/** Points where something is supplied or led away. */
export const serviceTypes = [
  'cold',
  'data',
  'drain',
  'extract',
  'gas',
  'hot',
  'light',
  'socket',
  'switch',
  'vent',
] as const;

export type FixedType = (typeof fixedTypes)[number];
export type ServiceType = (typeof serviceTypes)[number];
