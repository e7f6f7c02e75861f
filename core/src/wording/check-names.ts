/** The values that measures take: what each is called where its check has no name of its own. Millimetres unless `valueUnits` says otherwise. */
export const valueNames = {
  aisle: 'aisle',
  apart: 'apart',
  'clear-opening': 'clear opening',
  depth: 'depth',
  gap: 'gap',
  height: 'height',
  higher: 'higher',
  'knee-depth': 'knee depth',
  left: 'left',
  off: 'off the standard',
  others: 'of another range (count)',
  over: 'over a dishwasher (count)',
  overhang: 'overhang',
  overlap: 'overlap',
  'overlap-area': 'overlap_area (mm2)',
  size: 'size',
  standard: 'standard',
  'width-per-seat': 'width per seat',
} as const;
export type ValueId = keyof typeof valueNames;

/** The values that are no lengths. */
export const valueUnits: { readonly [value in ValueId]?: 'area' | 'cfm' | 'count' | 'inches' | 'percent' } = {
  others: 'count',
  over: 'count',
  'overlap-area': 'area',
};

/** Checks that hold a value against another limit than the check of its own name. */
export const furtherChecks = {} as const;

export const checkNames = { ...valueNames, ...furtherChecks };
export type CheckId = keyof typeof checkNames;

/** Facts that may be missing, as they follow “cannot be judged: … is missing”. */
export const lackNames = {
  airflow: 'the airflow',
} as const;
export type LackId = keyof typeof lackNames;
