interface RuleNaming {
  name: string;
  /** Where it comes from. */
  source: string;
}

const kitchen = (number: string, name: string): RuleNaming => ({
  name,
  source: `kitchen planning guideline ${number}`,
});
const practice = (name: string): RuleNaming => ({ name, source: 'common practice' });
const geometry = (name: string): RuleNaming => ({ name, source: 'geometry' });

/** The name and source of every rule. */
export const ruleNames = {
  'counter-height': { name: 'Counter height', source: 'standard height of the room' },
  'item-collision': geometry('Items apart'),
  'mixed-ranges': practice('One range in a run'),
  'open-fronts': geometry('Doors and drawers open'),
  'opening-blocked': practice('Openings free'),
  'seat-width': practice('Elbow room'),
  'top-cut-out': practice('Top beside cut-outs'),
  'top-joint': practice('Joints of tops'),
  'top-overhang': practice('Tops carried'),
  'top-slab': { name: 'Tops out of a slab', source: 'slab of the room' },
  'top-under': geometry('Tops free'),
  'wall-collision': geometry('Clear of walls'),
  K02: kitchen('2', 'Doors apart'),
  K06: kitchen('6', 'Work aisle'),
  K09: kitchen('9', 'Seats at a counter'),
  'M-aisle': practice('Work aisle'),
  'M-seat': practice('Seats at a counter'),
  'M-swing': practice('Doors apart'),
} as const satisfies Record<string, RuleNaming>;
export type RuleId = keyof typeof ruleNames;
