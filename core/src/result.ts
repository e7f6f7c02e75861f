import type { WayKey } from './document/kinds/build-ways';
import type { DimensionType, FinishPart, ItemTrim } from './document/limits';
import type { Noun } from './nouns';
import type { Reason } from './reasons';

/**
 * What every refusable operation returns: a value, or the reason why not.
 * Expected refusals are values; only defects of the program are thrown.
 */
export type Result<T> = { ok: true; value: T } | { ok: false; refusal: Refusal };

/** One fault of a document: where, what stands there, and why it can't. */
export interface Fault {
  path: string;
  value: string;
  reason: Reason;
}

/** What can be done to straight faces only. */
export type StraightOnly = 'propose' | 'push-corner' | 'push-part' | 'stretch';
/** What is done to a row of items. */
export type ActOnRow = 'conceal' | 'mirror' | 'seat-or-back';
/** What was looked for by its id. */
export type Sought =
  | 'face'
  | 'finding'
  | 'item'
  | 'limit'
  | 'opening'
  | 'opening-or-item'
  | 'profile'
  | 'thing'
  | 'underlay'
  | 'zone';
/** What is chosen among what is known. */
export type Choice =
  | 'band'
  | 'column'
  | 'criterion'
  | 'date'
  | 'face'
  | 'format'
  | 'machine-files'
  | 'matching'
  | 'page'
  | 'range'
  | 'revision'
  | 'scale'
  | 'set-of-sheets'
  | 'sheet-size'
  | 'schedule'
  | 'view';
/** The side of an item that something is looked for on. */
export type Facing = 'above' | 'behind' | 'below' | 'front' | 'left' | 'right';

/** The data each refusal code carries. Lengths are millimetres; the text is made in wording/refusal-text. */
export interface RefusalData {
  'length-unreadable': { text: string; reason: Reason };
  'length-range': { what: Noun; length: number; least: number; most: number };
  'angle-unreadable': { text: string };
  'name-blank': { what: Noun };
  'number-range': { what: Noun; value: number; least: number; most: number };
  'survey-underdetermined': {
    missing: number;
    measure: { of: 'length' | 'corner' | 'distance'; name: string }[];
  };
  'measured-nowhere': { measurement: string };
  'survey-impossible': { detail: string };
  'survey-crossing': { first: string; second: string };
  'beyond-face': { what: Noun; face: string; from: number; to: number; length: number };
  'pocket-too-short': { opening: string; face: string; needed: number; available: number };
  'niche-too-deep': { opening: string; depth: number; wall: number; room: number };
  'not-across': { opening: string; other: string };
  'opening-too-tall': { opening: string; top: number; ceiling: number };
  'openings-overlap': { first: string; second: string; overlap: number };
  'opening-cut': { opening: string; face: string };
  'face-bent': { face: string; only: StraightOnly };
  'arc-too-tight': { face: string; radius: number; least: number };
  'arc-too-short': { face: string; along: number; chord: number };
  'measured-on-bend': { measurement: string; face: string };
  'wider-than-arc': { what: string; face: string; width: number; radius: number };
  'face-taken': { face: string };
  'face-vanishes': { face: string };
  'face-in-line': { face: string; neighbour: string };
  'faces-too-few': { least: number };
  'part-off-face': { face: string; from: number; to: number; length: number };
  'divider-outside': { from: string; to: string };
  'standpoint-blocked': Record<string, never>;
  'section-along': { face: string };
  'section-named': { name: string };
  'places-alike': Record<string, never>;
  'outline-crossing': Record<string, never>;
  'split-not-across': Record<string, never>;
  'outline-fine': { most: number };
  'profile-fine': { most: number };
  'profile-large': { size: number; most: number };
  'profile-used': { name: string };
  'dxf-unreadable': { reason: Reason };
  'object-unreadable': { reason: Reason };
  'dimension-ends': { least: number; most: number; found: number };
  'dimension-none': { type: DimensionType };
  'dimension-nothing': Record<never, never>;
  'note-blank': Record<never, never>;
  'row-untied': Record<never, never>;
  'measured-held': Record<never, never>;
  'record-missing': { id: string; what: Sought };
  'reason-blank': Record<never, never>;
  'reference-broken': { path: string; target: string | null };
  'record-count': { kind: string; found: number; wanted: number };
  'design-not-json': { reason: Reason };
  'design-other-kind': { found: Reason };
  'design-faulty': { faults: Fault[] };
  'input-faulty': { faults: Fault[] };
  'top-edges-fold': { first: string; second: string };
  'top-edge-gone': { edge: string };
  'top-crosses-itself': { first: string; second: string };
  'top-corner-missing': { first: string; second: string };
  'top-corner-too-large': { edge: string; length: number };
  'top-break-off': { leg: number; length: number };
  'cut-out-outside': { cutOut: string };
  'edge-is-front': { item: string };
  'finish-long': { most: number };
  'lining-bent': { face: string };
  'lining-no-room': { face: string };
  'scheme-worn': { name: string };
  'recess-thin': { least: number };
  'finish-of-room': { part: FinishPart };
  'no-fronts': { item: string };
  'no-trim': { item: string; use: ItemTrim };
  'cut-outs-overlap': { first: string; second: string };
  'design-newer': { schema: number; known: number };
  'design-too-large': { bytes: number; most: number };
  'code-unknown': { range: string; code: Noun };
  'filler-too-wide': { width: number; most: number };
  'filler-too-narrow': { width: number; least: number };
  'item-locked': { item: string };
  'items-too-few': { least: number };
  'items-apart': { act: ActOnRow };
  'gap-not-beside': { item: string };
  'gap-missing': { face: string };
  'fact-wrong': { fact: string };
  'pack-unknown': { typed: string; known: string[] };
  'width-limits': { item: string; width: number; least: number; most: number };
  'width-not-made': { item: string; range: string; width: number; made: number[] };
  'size-not-made': {
    item: string;
    range: string;
    size: 'depth' | 'height';
    length: number;
    made: number[];
  };
  'not-split': { item: string; width: number; made: number[] };
  'not-swapped': { item: string; width: number; family: string };
  'not-joined': { first: string; second: string; why: 'kind' | 'apart' | 'size' };
  'does-not-fit': { item: Noun; into: Noun; width: number; free: number };
  'no-bridge': { item: string; over: number; between: number; lowest: number | null };
  'no-half-wall': { face: string };
  'no-drain': { item: string };
  'faces-not-in-line': { faces: string; at?: number };
  'nothing-open': { faces: string };
  'nothing-fits': { family: string; range: string; open?: { face: string; length: number; least: number } };
  'stagger-too-far': { least: number; most: number };
  'tie-unavailable': { side: Facing };
  'tile-out-of-proportion': { slot: string };
  'weave-out-of-proportion': { n: number; needed: number };
  'piece-on-no-tile': { piece: string };
  'tiles-too-many': { count: number; most: number };
  'nothing-tiled': Record<string, never>;
  'crop-empty': { least: number };
  'nest-too-large': { id: string; length: number; width: number };
  'nest-grain': { id: string };
  'nest-near': { id: string; other: string; kerf: number };
  'nest-no-sheet': { stock: string; count: number };
  'nest-off': { id: string };
  'nest-unsawn': { id: string };
  'laid-sheets': { where: string };
  'nest-left': { left: number; of: number; first: string };
  'machine-bed': { part: string | null; length: number; width: number; bed: [number, number] };
  'machine-hole': { size: number; depth: number };
  'machine-kerf': { kerf: number; thick: number };
  'machine-outline': { id: string; thick: number };
  'machine-pocket': { width: number; depth: number };
  'no-details': Record<string, never>;
  'nothing-made': Record<string, never>;
  'no-tops': Record<string, never>;
  'pattern-unfilled': { missing: number; twice: number };
  'border-too-wide': { wide: number };
  'zone-empty': Record<string, never>;
  'no-place': { item: string; needed: number; free: number; together: boolean };
  'too-high': { item: string; top: number; ceiling: number };
  'no-room-on-face': { item: Noun; width: number };
  'patch-stale': { ids: string[] };
  'step-overtaken': { label: string };
  'sheet-too-small': {
    what: Noun;
    width: number;
    height: number;
    scale: number;
    page: string;
    fits: string[];
    /** Whether letters are larger than usual. */
    letters?: boolean;
  };
  'rows-none': { item: string };
  'rows-niche': { item: string };
  'rows-height': { item: string; typed: number; left: number; room: number };
  'rows-width': { item: string; typed: number; left: number; room: number };
  'rows-crowded': { item: string };
  'rows-shelves': { item: string; row: number; asked: number; fit: number };
  'way-range': { way: WayKey; length: number; least: number; most: number };
  'way-sizes': { way: WayKey; found: number; most: number };
  'way-none': { of: string };
  'way-lacking': { way: WayKey; of: string };
  'way-held': { way: WayKey; is: number };
  'way-moves': { way: WayKey; was: number; is: number };
  'sheet-unknown': { what: Choice; value: string; known: string[] };
}

export type RefusalCode = keyof RefusalData;

/** One expected refusal: a code, and the data its sentence is made of. */
export type Refusal<Codes extends RefusalCode = RefusalCode> = {
  [C in Codes]: { code: C; data: RefusalData[C] };
}[Codes];

export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function refuse<C extends RefusalCode>(
  code: C,
  data: RefusalData[C],
): { ok: false; refusal: Refusal } {
  return { ok: false, refusal: { code, data } as Refusal };
}

/** The value of a result known to be good; throws the refusal as a defect otherwise (tests, trusted data). */
export function must<T>(result: Result<T>): T {
  if (result.ok) return result.value;
  throw new Error(`${result.refusal.code}: ${JSON.stringify(result.refusal.data)}`);
}
