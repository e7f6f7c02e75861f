import {
  isAlike,
  movePart,
  rememberOne,
  routing,
  sawingOf,
  usualMachine,
  usualSawing,
  usualStock,
  type JobFields,
  type LaidSheets,
  type Arrangement,
  type ListId,
  type Machine,
  type Matching,
  type MaterialCase,
  type NestCase,
  type NestedSheet,
  type PartMove,
  type Refusal,
  type Sawing,
  type Stock,
} from 'goodreach';
import type { Clamp } from 'goodreach/machines';
import { Machines } from '$session/machines.svelte';
import { Nester } from '$session/nester.svelte';
import { KeptConstructions } from '$session/kept-constructions.svelte';
import { KeptSheets } from '$session/kept-sheets.svelte';
import { ShopBooks } from '$session/shop-books.svelte';

/** What the Build step can show: cabinets taken apart, lists, sheets on the saw. */
export const buildLeaves = [
  { id: 'parts', name: 'Parts' },
  { id: 'lists', name: 'Lists' },
  { id: 'sheets', name: 'Sheets' },
  { id: 'tops', name: 'Tops' },
  { id: 'cost', name: 'Cost' },
] as const;
export type BuildLeaf = (typeof buildLeaves)[number]['id'];

/** What the clamps of a sheet go by. */
export const clampKey = (material: string, sheet: number): string => `${material} ${sheet}`;

class CostTelling {
  how: Arrangement = $state.raw({ group: 'group' });
}

/** What is built of: the room of a job, what both are called, and what sheets say of the job beside its name. */
export interface BuiltRoom {
  studio: string;
  job: string;
  jobId: string;
  roomId: string;
  fields: () => JobFields;
}

/** What the Build step shows. */
export class BuildChoice {
  leaf: BuildLeaf = $state('parts');
  /** How far the cabinet is taken apart, and the part in hand. */
  apart = $state(0.7);
  part: string | null = $state(null);
  /** Whether its inside is shown rather than its parts, and which row of its front is in hand. */
  shows: 'apart' | 'inside' = $state('apart');
  row = $state(0);
  /** The list on screen, and how it is told. */
  table: ListId | null = $state('cut');
  how: Arrangement = $state.raw({});
  /** How the lines of the cost are told. */
  readonly cost: { how: Arrangement } = new CostTelling();
  /** What the room came to when its cost was last looked at, in hundredths, and at which revision. */
  seenCost: { cents: number; revision: number } | null = null;
  /** How sheets are sawn, the material that is shown, its sheet and the cut that is next. */
  sawing: Sawing = $state.raw(usualSawing);
  material: string | null = $state(null);
  sheet = $state(0);
  cut: number | null = $state(null);
  /** How long fewer sheets of each material are looked for, s. */
  seconds = $state(4);
  readonly nester = new Nester();
  /** What the studio keeps for its shop; the sheets there are, as they are being changed. */
  readonly books = new ShopBooks();
  stock: Stock = $state.raw(usualStock);
  /** Over which fronts grain runs on, as it is wished and as sheets were laid out; sheets that stay as they are when the others are laid out anew, by material. */
  matching: Matching = $state('none');
  matched: Matching = $state('none');
  keeps: Readonly<Record<string, readonly NestedSheet[]>> = $state.raw({});
  /** What sheets are cut on, and what holds each sheet down on a router, by its material and number. */
  cutOn: 'router' | 'saw' = $state('saw');
  /** The studio's router, as it is being changed. */
  router: Machine = $state.raw(usualMachine);
  clamps: Readonly<Record<string, readonly Clamp[]>> = $state.raw({});
  /** Those that were laid out last, kept with the room, and of which revision of it what is shown is. */
  readonly laid: KeptSheets;
  #laid: Pick<LaidSheets, 'cutOn' | 'of'> = { cutOn: 'saw', of: 0 };
  readonly machines = new Machines();
  /** The piece of a top that is shown, or the slab that pieces are cut from: which of its stuff, and which of those. */
  piece = $state(0);
  slab: { layout: number; slab: number } | null = $state.raw(null);

  /** How new rooms build, and whether ways of building are set for the shown cabinet alone, for all that are chosen, or for all of its range. */
  readonly constructions: KeptConstructions;
  buildsFor: 'chosen' | 'one' | 'range' = $state('range');
  readonly titles: { studio: string; job: string };

  readonly fields: () => JobFields;

  constructor({ jobId, roomId, studio, job, fields }: BuiltRoom) {
    this.titles = { studio, job };
    this.fields = fields;
    this.constructions = new KeptConstructions(jobId);
    this.laid = new KeptSheets(roomId);
  }

  /** Fetches what the studio keeps for its shop, and takes its sheets and its router. */
  async begin(): Promise<void> {
    const { stock, machine } = this.books;
    await this.books.fetch();
    if (this.books.machine && this.books.machine !== machine) this.router = this.books.machine.book;
    if (this.books.stock && this.books.stock !== stock) this.take(this.books.stock.book);
  }

  /** What sheets are cut from is this from now on. */
  take(stock: Stock): void {
    this.stock = stock;
    this.sawing = sawingOf(this.cutOn === 'saw' ? stock : { ...stock, ...routing(this.router) });
  }

  /** Sheets are cut on something else: parts lie as far apart as that needs, and so far in. */
  cutWith(machine: 'router' | 'saw'): void {
    this.cutOn = machine;
    this.take(this.stock);
  }

  /** The router is this from now on. */
  takeRouter(router: Machine): void {
    this.router = router;
    this.take(this.stock);
  }

  /** Fetches the sheets that were laid out last, and shows them where none are yet. */
  async beginSheets(): Promise<void> {
    const kept = await this.laid.fetch();
    if (kept && this.nester.asked.length === 0 && !this.nester.busy) this.showLaid(kept.book);
  }

  /** Shows sheets as they were laid out. */
  showLaid({ cutOn, matched, asked, nests, kept, clamps, of }: LaidSheets): void {
    this.cutWith(cutOn);
    [this.matching, this.matched, this.clamps, this.#laid] = [matched, matched, clamps, { cutOn, of }];
    this.nester.show(asked, nests);
    this.keeps = Object.fromEntries(
      nests.map(({ id, sheets }) => [id, (kept[id] ?? []).flatMap((at) => sheets[at] ?? [])]),
    );
  }

  /** Parts are laid out as they are in a revision of the room, over the fronts and for the machine that are wished. */
  layFrom(of: number): void {
    [this.matched, this.#laid] = [this.matching, { cutOn: this.cutOn, of }];
  }

  /** What is laid out now, to be kept; null where nothing is, or it is still looked for. */
  get laidOut(): LaidSheets | null {
    const { asked, found, busy } = this.nester;
    const nests = asked.flatMap(({ id }) => found[id]?.nest ?? []);
    if (busy || nests.length === 0) return null;
    const kept = Object.entries(this.keeps).map(([id, sheets]) => {
      const all = nests.find((one) => one.id === id)?.sheets ?? [];
      return [id, sheets.map((one) => all.indexOf(one)).filter((at) => at >= 0)] as const;
    });
    return {
      ...{ ...this.#laid, matched: this.matched, asked, nests },
      kept: Object.fromEntries(kept.filter(([, places]) => places.length > 0)),
      clamps: Object.fromEntries(Object.entries(this.clamps).filter(([, own]) => own.length > 0)),
    };
  }

  /** Whether what is taken of a material, or what it is cut from, has changed since its parts were laid out. */
  isOld({ case: now }: MaterialCase): boolean {
    const asked = this.nester.asked.find(({ id }) => id === now.id);
    if (this.nester.asked.length === 0) return false;
    return this.matching !== this.matched || !isAlike(asked, now);
  }

  /** What the sheets of a material were laid for. */
  laidFor(material: string): NestCase | undefined {
    return this.nester.asked.find(({ id }) => id === material);
  }

  /** Whether a sheet stays as it is when the others are laid out anew. */
  isKept(material: string, sheet: NestedSheet): boolean {
    return this.keeps[material]?.includes(sheet) ?? false;
  }

  /** Has a sheet stay as it is, or not any more. */
  keep(material: string, sheet: NestedSheet): void {
    const before = this.keeps[material] ?? [];
    const after = before.includes(sheet) ? before.filter((one) => one !== sheet) : [...before, sheet];
    this.keeps = { ...this.keeps, [material]: after };
    if (after.includes(sheet)) this.nester.settle(material);
  }

  /** Puts a part elsewhere by hand; what sheets it leaves and comes to stay as they are from then on. Why not, where it can't be. */
  move(material: string, move: PartMove): Refusal | null {
    const nest = this.nester.found[material]?.nest;
    const asked = this.nester.asked.find(({ id }) => id === material);
    if (!nest || !asked) return null;
    const moved = movePart(asked, nest, move);
    if (!moved.ok) return moved.refusal;
    const isThere = (sheet: NestedSheet) => moved.value.sheets.includes(sheet);
    const before = (this.keeps[material] ?? []).filter(isThere);
    const changed = moved.value.sheets.filter((sheet) => !nest.sheets.includes(sheet));
    this.keeps = { ...this.keeps, [material]: [...before, ...changed] };
    this.nester.put(material, moved.value);
    // The sheet it came to is shown.
    const own = nest.sheets[move.sheet]!.parts.length;
    const gone = own === 1 && move.to.sheet > move.sheet ? 1 : 0;
    this.sheet = Math.min(move.to.sheet - gone, moved.value.sheets.length - 1);
    this.cut = null;
    return null;
  }

  /** Shows a material's sheets from the first on. */
  show(material: string): void {
    [this.material, this.sheet, this.cut] = [material, 0, null];
  }
}

/** The one of a page, from when it is first asked for. */
export const buildChoice = rememberOne((room: BuiltRoom) => new BuildChoice(room));
