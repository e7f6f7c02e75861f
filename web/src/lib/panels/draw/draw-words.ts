import {
  detailsOf,
  isInchUnit,
  roomViews,
  type Design,
  type DimensionType,
  type sheetSubjects,
  type LengthUnit,
  type SheetScale,
} from 'goodreach';

/** What is put on paper by hand. */
export const dimensionNames: Record<DimensionType, string> = {
  length: 'dimension',
  baseline: 'baseline dimension',
  angle: 'angle',
  radius: 'radius',
  level: 'level',
  area: 'area',
  note: 'note',
  detail: 'detail',
};

/** What a drawing is called, by what it goes by in the records of what is put on it. */
export function viewName(design: Design, id: string): string {
  if (id === 'plan') return 'Plan';
  if (id === 'ceiling') return 'Ceiling plan';
  const detail = detailsOf(design).find(({ record }) => record.id === id);
  if (detail) return `Detail ${detail.number}`;
  const view = roomViews(design).find((one) => one.id === id);
  if (!view) return 'A drawing that is gone';
  return view.of === 'face' ? `Elevation ${view.name}` : view.name;
}

/** What sheets show. */
export const partNames: Record<(typeof sheetSubjects)[number], string> = {
  plan: 'Plan',
  construction: 'Construction plan',
  ceiling: 'Ceiling plan',
  elevations: 'Elevations and sections',
  tops: 'Countertop plan',
  tiles: 'Tiles, for the setter',
  details: 'Details',
  schedules: 'Schedules',
  reach: 'Reach report',
  set: 'The whole set',
};

/** Scales, those of the job's unit first, from the largest drawing to the smallest. */
export const scalesFor = (scales: readonly SheetScale[], unit: LengthUnit): SheetScale[] => {
  const inch = isInchUnit(unit);
  const isOurs = ({ text }: SheetScale) => text.includes('"') === inch;
  return [...scales].sort((a, b) => Number(isOurs(b)) - Number(isOurs(a)) || a.ratio - b.ratio);
};
