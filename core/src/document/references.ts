import { refuse, type Refusal } from '../result';
import { placedRecords, recordOf, recordsOf, type Design } from './design';

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
      faults.push(refuse('reference-broken', { path: `records.${id}`, target: 'the loop' }).refusal);
  }
  for (const { id, from, to } of [
    ...recordsOf(design, 'measurement'),
    ...recordsOf(design, 'divider'),
    ...recordsOf(design, 'section'),
  ]) {
    needFace(`records.${id}.from.face`, from.face);
    needFace(`records.${id}.to.face`, to.face);
  }
  for (const { id, at } of recordsOf(design, 'left-open')) needFace(`records.${id}.at.face`, at.face);
  for (const { id, face } of recordsOf(design, 'opening')) needFace(`records.${id}.face`, face);
  for (const { id, placement } of placedRecords(design)) {
    if (placement.on === 'face') needFace(`records.${id}.placement.face`, placement.face);
  }
  return faults;
}
