/** The words of schedules: what each lists, and its columns. */
export const scheduleNames = {
  items: 'Item schedule',
  appliances: 'Appliances and fixtures',
  openings: 'Openings',
  services: 'Services',
  tops: 'Countertops',
  finishes: 'Finishes',
} as const;
export type ScheduleId = keyof typeof scheduleNames;

export const scheduleColumns = {
  number: 'No.',
  name: 'Name',
  item: 'Item',
  code: 'Code',
  width: 'Width',
  depth: 'Depth',
  height: 'Height',
  hand: 'Hand',
  note: 'Note',
  roughIns: 'Rough-ins',
  type: 'Type',
  face: 'Face',
  along: 'From its left',
  sill: 'Sill',
  opens: 'Opens',
  leaf: 'Leaf',
  up: 'Height',
  thickness: 'Thick',
  surface: 'Surface',
  area: 'Area',
  perimeter: 'Round',
  joints: 'Joints',
  cutOuts: 'Cut-outs',
  finish: 'Finish',
  supplier: 'Supplier',
  parts: 'On',
} as const;
export type ScheduleColumnId = keyof typeof scheduleColumns;

export const scheduleWords = {
  hand: { left: 'left', right: 'right' },
  hinged: (hinge: 'left' | 'right', swing: 'in' | 'out') => `hinge ${hinge}, ${swing}`,
  up: (height: string) => `${height} high`,
  top: (index: number) => `C${index}`,
};

/** What numbers in tables are told in. */
export const scheduleUnits = {
  metres: { length: 'mm', area: 'm²' },
  inches: { length: 'in', area: 'ft²' },
} as const;
