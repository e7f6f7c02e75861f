import { recordOf, type Design } from '../document/design';
import { applyPatch, type Patch } from '../document/patch';
import type { ItemRecord, OpeningRecord } from '../document/records';
import { ok, refuse, type Result } from '../result';
import { designRefusals } from '../survey/check-design';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';

/** One edit: asked of a design, it answers with the patch or why not. The same code answers "may I?" and acts. */
export interface Command<Args> {
  /** The file's name. */
  id: string;
  /** What it did, for undo and the record of edits. */
  label(args: Args): string;
  run(design: Design, args: Args): Result<Patch>;
}

/** The patch if the design still makes a room after it; else what would no longer fit. */
export function guarded(design: Design, patch: Patch): Result<Patch> {
  const applied = applyPatch(design, patch);
  if (!applied.ok) return applied;
  const [refusal] = designRefusals(applied.value);
  return refusal ? { ok: false, refusal } : ok(patch);
}

export function findItemRecord(design: Design, id: string): Result<ItemRecord> {
  const record = recordOf(design, 'item', id);
  return record ? ok(record) : refuse('record-missing', { id, what: 'item' });
}

export function findFace(design: Design, id: string): Result<PlacedFace> {
  const face = roomShape(design).byId.get(id);
  return face ? ok(face) : refuse('record-missing', { id, what: 'face' });
}

export function findOpening(design: Design, id: string): Result<OpeningRecord> {
  const record = recordOf(design, 'opening', id);
  return record ? ok(record) : refuse('record-missing', { id, what: 'opening' });
}
