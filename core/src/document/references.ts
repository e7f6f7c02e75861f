import { refuse, type Refusal } from '../result';
import { recordOf, recordsOf, type Design } from './design';
import { facePlacesOf, recordKinds } from './kinds';
import type { DesignRecord } from './records';

/** What is wrong between records: there is one room and one loop, and everything named exists. */
export function brokenReferences(design: Design): Refusal[] {
  const faults: Refusal[] = [];
  for (const kind of ['room', 'loop'] as const) {
    const found = recordsOf(design, kind).length;
    if (found !== 1) faults.push(refuse('record-count', { kind, found, wanted: 1 }).refusal);
  }
  const needFace = (path: string, id: string) => {
    if (!recordOf(design, 'face', id)) faults.push(refuse('reference-broken', { path, target: id }).refusal);
  };
  const walked = new Set<string>();
  for (const loop of recordsOf(design, 'loop')) {
    loop.faces.forEach((id, index) => needFace(`records.${loop.id}.faces.${index}`, id));
    loop.faces.forEach((id) => walked.add(id));
  }
  for (const { id } of recordsOf(design, 'face')) {
    if (!walked.has(id))
      faults.push(refuse('reference-broken', { path: `records.${id}`, target: null }).refusal);
  }
  for (const { id, inside } of recordsOf(design, 'zone'))
    if (inside && !recordOf(design, 'opening', inside.opening))
      faults.push(
        refuse('reference-broken', { path: `records.${id}.inside.opening`, target: inside.opening }).refusal,
      );
  for (const { id, upon } of recordsOf(design, 'zone'))
    if (upon && !recordOf(design, 'fixed', upon.thing) && !recordOf(design, 'item', upon.thing))
      faults.push(
        refuse('reference-broken', { path: `records.${id}.upon.thing`, target: upon.thing }).refusal,
      );
  for (const kind of recordKinds)
    for (const record of recordsOf(design, kind))
      for (const { path, face } of facesNamedIn(record)) needFace(path, face);
  return faults;
}

interface Named {
  path: string;
  face: string;
}

/** The faces a record names, and where: asked of every record after every edit, most of which are the very same. */
function facesNamedIn(record: DesignRecord): readonly Named[] {
  let named = known.get(record);
  if (!named) {
    const path = `records.${record.id}`;
    named = facePlacesOf(record).map(([field, { face }]) => ({ path: `${path}.${field}.face`, face }));
    if ('face' in record) named.push({ path: `${path}.face`, face: record.face });
    if ('placement' in record && record.placement.on === 'face')
      named.push({ path: `${path}.placement.face`, face: record.placement.face });
    known.set(record, named);
  }
  return named;
}
const known = new WeakMap<DesignRecord, Named[]>();
