import { usualSawing, type Arrangement, type ListId, type Sawing } from 'goodreach';
import { Nester } from '$session/nester.svelte';

/** What the Build step can show: cabinets taken apart, lists, sheets on the saw. */
export const buildLeaves = [
  { id: 'parts', name: 'Parts' },
  { id: 'lists', name: 'Lists' },
  { id: 'sheets', name: 'Sheets' },
  { id: 'cost', name: 'Cost' },
] as const;
export type BuildLeaf = (typeof buildLeaves)[number]['id'];

class CostTelling {
  how: Arrangement = $state.raw({ group: 'group' });
}

/** What the Build step shows. */
export class BuildChoice {
  leaf: BuildLeaf = $state('parts');
  /** How far the cabinet is taken apart, and the part in hand. */
  apart = $state(0.7);
  part: string | null = $state(null);
  /** The list on screen, and how it is told. */
  table: ListId | null = $state('cut');
  how: Arrangement = $state.raw({});
  /** How the lines of the cost are told. */
  readonly cost: { how: Arrangement } = new CostTelling();
  /** How sheets are sawn, the material that is shown, its sheet and the cut that is next. */
  sawing: Sawing = $state.raw(usualSawing);
  material: string | null = $state(null);
  sheet = $state(0);
  cut: number | null = $state(null);
  readonly nester = new Nester();

  /** Shows a material's sheets from the first on. */
  show(material: string): void {
    [this.material, this.sheet, this.cut] = [material, 0, null];
  }
}
