import { findBox, type Design, type SceneGroup } from 'goodreach';

/** What hangs higher than this goes with the wall it hangs on, mm. */
const HUNG = 1_000;

/** The wall a thing hangs on, or is let into. */
export function hungOn(design: Design, { source, of }: SceneGroup): string | null {
  const record = source === null ? undefined : design.records[source];
  if (record?.kind === 'opening') return record.face;
  if (record?.kind === 'service' || record?.kind === 'zone')
    return record.placement.on === 'face' ? record.placement.face : null;
  if (of !== 'item') return null;
  const box = findBox(design, source);
  return box?.against && box.low > HUNG ? box.against.face.id : null;
}
