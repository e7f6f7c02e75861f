import type { Design } from '../document/design';
import type { ValueId } from '../wording/check-names';
import { byMeasure } from './held';
import { Look } from './look';
import type { Reading } from './reading';

/** What a pack asks a measure to reckon with, by name; mm, or as the name says. */
export type Inputs = Readonly<Record<string, number>>;

/** Finds its subjects in a design and measures them. */
export interface Measure<S extends object = object> {
  /** The file's name. */
  id: string;
  /** Taken only when it is asked for. */
  onRequest?: true;
  /** Of what is found of one key more than once, that with the least of this value is told. */
  tightest?: ValueId;
  /** What it measures: the very same objects as long as they are alike. */
  subjects(design: Design): readonly S[];
  /** What it finds of one of them; what is about several of them has one key, whichever it is found from. */
  take(subject: S, look: Look, inputs: Inputs): readonly Reading[];
}

/** What was taken of a subject, and what was looked at for it. */
interface Taken {
  inputs: Inputs;
  look: Look;
  readings: readonly Reading[];
}

const known = new WeakMap<object, Map<string, readonly Taken[]>>();

/** So much is known of each subject: as it is, and as a drag makes it. */
const KEPT = 3;

/** What a measure finds of one subject in a design: known where nothing that was looked at for it has changed. */
export function readingsOf<S extends object>(
  measure: Measure<S>,
  subject: S,
  design: Design,
  inputs: Inputs,
): readonly Reading[] {
  let own = known.get(subject);
  if (!own) known.set(subject, (own = new Map()));
  const entries = own.get(measure.id) ?? [];
  const entry = entries.find((one) => one.inputs === inputs && one.look.isAlikeIn(design));
  if (entry) return entry.readings;
  const look = new Look(design);
  const readings = measure.take(subject, look, inputs);
  own.set(measure.id, [{ inputs, look, readings }, ...entries].slice(0, KEPT));
  return readings;
}

/** Everything a measure finds in a design, by key. */
export function readings(measure: Measure, design: Design, inputs: Inputs): readonly Reading[] {
  const found = new Map<string, Reading>();
  for (const subject of measure.subjects(design))
    for (const reading of readingsOf(measure, subject, design, inputs))
      if (isTold(reading, found.get(reading.key), measure.tightest)) found.set(reading.key, reading);
  return [...found.values()];
}

function isTold(reading: Reading, known: Reading | undefined, tightest: ValueId | undefined): boolean {
  if (!known) return true;
  if (!tightest) return false;
  const [one, other] = [reading, known].map(({ values, ids }) => ({
    by: values[tightest] ?? Number.MAX_SAFE_INTEGER,
    id: [...ids].sort().join(' '),
  }));
  return byMeasure(one!, other!) < 0;
}
