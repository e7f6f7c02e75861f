import { recordOf, type Design } from '../document/design';
import { MOST_HEIGHT } from '../document/limits';
import { applyPatch, patchOf, type Patch } from '../document/patch';
import { quantisedPlacement } from '../document/quantised-placement';
import { within } from '../document/within';
import { quantise } from '../units/units';
import type { DesignRecord, ItemRecord, OpeningRecord, Placement } from '../document/records';
import { ok, refuse, type Result } from '../result';
import type { CommandId } from '../wording/command-labels';
import { designRefusals } from '../survey/check-design';
import { placeBlock, type Block } from '../setting/block';
import { followingLinings, linedBy } from '../setting/linings';
import { boxOf, type ItemBox } from '../setting/item-box';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { withTilesOn } from '../tile/zones/zones-without';

/** One edit: asked of a design, it answers with the patch or why not. The same code answers "may I?" and acts. */
export interface Command<Args> {
  /** The file's name; what it did is said by `wording/command-labels`. */
  id: CommandId;
  run(design: Design, args: Args): Result<Patch>;
}

/** What a command did: the patch, and the design after it. */
export interface Executed {
  readonly patch: Patch;
  readonly design: Design;
}

/** What was made of a design by a patch when it was checked, so that nothing has to be applied, or computed, twice. */
const checked = new WeakMap<Patch, { before: Design; after: Design }>();

/** The patch, with what was tiled on what it takes out, if the design still makes a room after it; else what would no longer fit. */
export const guarded = (design: Design, patch: Patch): Result<Patch> =>
  held(design, withTilesOn(design, patch));

function held(design: Design, patch: Patch): Result<Patch> {
  const applied = applyPatch(design, patch);
  if (!applied.ok) return applied;
  const [refusal] = designRefusals(applied.value);
  if (refusal) return { ok: false, refusal };
  checked.set(patch, { before: design, after: applied.value });
  return ok(patch);
}

/** A patch that may change linings, with what stands before those brought along, if the design still makes a room after it. */
export function guardedLinings(design: Design, patch: Patch): Result<Patch> {
  const lined = linedBy(
    patch.flatMap(({ before, after }) =>
      [before, after].map((record) => (record?.kind === 'fixed' ? record : null)),
    ),
  );
  if (lined.size === 0) return guarded(design, patch);
  const applied = applyPatch(design, patch);
  if (!applied.ok) return applied;
  const changed = new Set(patch.map(({ id }) => id));
  const followers = followingLinings(design, applied.value, lined).filter(({ id }) => !changed.has(id));
  return guarded(design, [...patch, ...patchOf(design, followers)]);
}

/** What several steps make one after the other, as one edit: held against the room once they all are made. */
export function stepped(design: Design, steps: readonly ((now: Design) => Result<Patch>)[]): Result<Patch> {
  let after = design;
  const touched = new Set<string>();
  for (const step of steps) {
    const patch = step(after);
    if (!patch.ok) return patch;
    const applied = applyPatch(after, patch.value);
    if (!applied.ok) return applied;
    after = applied.value;
    for (const { id } of patch.value) touched.add(id);
  }
  const kept = [...touched].flatMap((id) => after.records[id] ?? []);
  const gone = [...touched].filter((id) => !after.records[id]);
  const patch = patchOf(design, kept, gone);
  return patch.length === 0 ? ok([]) : guarded(design, patch);
}

/** Carries out a command: the one way from what is asked to the design after it. */
export function execute<Args>(command: Command<Args>, design: Design, args: Args): Result<Executed> {
  const asked = command.run(design, args);
  return asked.ok ? executedPatch(design, asked.value) : asked;
}

/** Carries out a patch that others' edits may have come under: taking an edit back, or doing it again. */
export function executePatch(design: Design, patch: Patch): Result<Executed> {
  const kept = held(design, patch);
  return kept.ok ? executedPatch(design, patch) : kept;
}

function executedPatch(design: Design, patch: Patch): Result<Executed> {
  const known = checked.get(patch);
  if (known?.before === design) return ok({ patch, design: known.after });
  const applied = applyPatch(design, patch);
  return applied.ok ? ok({ patch, design: applied.value }) : applied;
}

/** The patch that writes these items, beside other records, if each stands within the limits of what is stored and the design still makes a room. */
export function guardedItems(
  design: Design,
  items: readonly ItemRecord[],
  others: readonly DesignRecord[] = [],
): Result<Patch> {
  const written: ItemRecord[] = [];
  for (const item of items) {
    const placement = quantisedPlacement(item.placement);
    if (!placement.ok) return placement;
    const up = within('height-above-floor', item.up, 0, MOST_HEIGHT);
    if (!up.ok) return up;
    written.push({ ...item, up: quantise(item.up), placement: placement.value });
  }
  return guarded(design, patchOf(design, [...others, ...written]));
}

export function findItemRecord(design: Design, id: string): Result<ItemRecord> {
  const record = recordOf(design, 'item', id);
  return record ? ok(record) : refuse('record-missing', { id, what: 'item' });
}

/** An item that may be changed: it is there, and not locked. */
export function findFreeItem(design: Design, id: string): Result<ItemRecord> {
  const found = findItemRecord(design, id);
  return found.ok && found.value.locked ? refuse('item-locked', { item: found.value.code }) : found;
}

/** Items that may be changed, with their places, in the order asked for; at least so many. */
export function findFreeItems(
  design: Design,
  ids: readonly string[],
  least = 1,
): Result<[ItemBox, ...ItemBox[]]> {
  if (ids.length < least || ids.length === 0) return refuse('items-too-few', { least });
  const shape = roomShape(design);
  const boxes: ItemBox[] = [];
  for (const id of ids) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    boxes.push(boxOf(found.value, shape));
  }
  return ok(boxes as [ItemBox, ...ItemBox[]]);
}

export function findFace(design: Design, id: string): Result<PlacedFace> {
  const face = roomShape(design).byId.get(id);
  return face ? ok(face) : refuse('record-missing', { id, what: 'face' });
}

/** Where the items of a block come to stand with it; refused where its face is not there. */
export function findPlaces(design: Design, block: Block, placement: Placement): Result<Placement[]> {
  const face = placement.on === 'face' ? findFace(design, placement.face) : ok(null);
  return face.ok ? ok(placeBlock(block, placement, roomShape(design))) : face;
}

export function findOpening(design: Design, id: string): Result<OpeningRecord> {
  const record = recordOf(design, 'opening', id);
  return record ? ok(record) : refuse('record-missing', { id, what: 'opening' });
}
