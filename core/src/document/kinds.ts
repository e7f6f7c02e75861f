import type { FacePlace, Placement } from './places';
import type { DesignRecord, RecordKind, RecordOf } from './records';

type FieldsOf<R, V> = { [F in keyof R]-?: R[F] extends V ? F : never }[keyof R];

/** What edits of the room have to know of a kind of record, so that each one goes where it belongs. */
export interface KindFacts<R> {
  /** Whether a person can simply take it out: not what the room itself is made of, or what others are taken from. */
  removable: boolean;
  /** Its fields that are places on faces. */
  places: { readonly [F in FieldsOf<R, FacePlace> & string]: true };
  /** How much of the face it is placed at it takes, mm; null for what has no placement. */
  takes: R extends { placement: Placement } ? (record: R) => number : null;
  /** Whether what has a place and a direction of its own in plan is a thing in the room, or a picture under it. */
  inPlan: R extends { x: number; y: number; turn: number } ? 'thing' | 'picture' : null;
  /** Its fields that are directions counted from the top of the plan; they turn with the room, and are 0 unless given. */
  directions: readonly FieldsOf<R, number | undefined>[];
}

const fixedToWalls = { takes: null, inPlan: null, directions: [] } as const;
const standing = { removable: true, places: {}, inPlan: null, directions: [] } as const;
const between = { ...fixedToWalls, removable: true, places: { from: true, to: true } } as const;
const built = { ...fixedToWalls, removable: false, places: {} } as const;

/** Every kind of record, sorted by kind. The classes they are validated by are in `records`, which the page does without. */
const kinds: { readonly [K in RecordKind]: KindFacts<RecordOf<K>> } = {
  construction: { ...fixedToWalls, removable: true, places: {} },
  dimension: { ...fixedToWalls, removable: true, places: {} },
  divider: between,
  face: built,
  finish: built,
  fixed: { ...standing, takes: ({ width }) => width },
  frame: { ...fixedToWalls, removable: true, places: {} },
  item: { ...standing, takes: ({ width }) => width },
  'left-open': { ...fixedToWalls, removable: true, places: { at: true } },
  limit: { ...fixedToWalls, removable: true, places: {} },
  loop: built,
  measurement: between,
  opening: { ...built, removable: true },
  profile: built,
  range: built,
  room: { ...built, directions: ['north'] },
  'row-way': { ...fixedToWalls, removable: true, places: {} },
  scheme: { ...fixedToWalls, removable: true, places: {} },
  section: between,
  service: { ...standing, takes: () => 0 },
  standpoint: { ...standing, takes: null, inPlan: 'thing' },
  underlay: { ...standing, takes: null, inPlan: 'picture' },
  waiver: { ...fixedToWalls, removable: true, places: {} },
  zone: { ...standing, takes: () => 0 },
};

export const recordKinds = Object.keys(kinds) as readonly RecordKind[];

/** What is known of any record, whatever its kind. */
export type AnyFacts = {
  removable: boolean;
  places: { readonly [field: string]: true };
  takes: ((record: DesignRecord) => number) | null;
  inPlan: 'thing' | 'picture' | null;
  directions: readonly string[];
};

export function factsOf(kind: RecordKind): AnyFacts {
  return kinds[kind] as AnyFacts;
}

/** The places on faces that a record has, each with its field. */
export function facePlacesOf(record: DesignRecord): [field: string, place: FacePlace][] {
  const fields = record as unknown as Record<string, FacePlace>;
  return Object.keys(factsOf(record.kind).places).map((field) => [field, fields[field]!]);
}

/** A record with its places on faces changed; the same object where none was. */
export function withPlaces<R extends DesignRecord>(record: R, change: (place: FacePlace) => FacePlace): R {
  const changed = facePlacesOf(record).flatMap(([field, place]) => {
    const after = change(place);
    return after === place ? [] : [[field, after]];
  });
  return changed.length > 0 ? { ...record, ...Object.fromEntries(changed) } : record;
}
