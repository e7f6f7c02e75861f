import { refuse, type Refusal } from '../result';
import { recordOf, recordsOf, type Design } from './design';
import { facePlacesOf } from './kinds';

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
  for (const record of Object.values(design.records)) {
    const path = `records.${record.id}`;
    for (const [field, { face }] of facePlacesOf(record)) needFace(`${path}.${field}.face`, face);
    if ('face' in record) needFace(`${path}.face`, record.face);
    if ('placement' in record && record.placement.on === 'face')
      needFace(`${path}.placement.face`, record.placement.face);
  }
  return faults;
}
