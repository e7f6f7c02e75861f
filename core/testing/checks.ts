import type { RoomBuilder } from '../src/demo/build-room';
import type { Design } from '../src/document/design';
import type { RulePackId } from '../src/document/limits';
import type { DesignRecord, ItemRecord, Placement, ServiceRecord } from '../src/document/records';
import { checkBy } from '../src/reach/check-reach';
import type { Finding } from '../src/reach/finding';
import { checkNames } from '../src/wording/check-names';
import type { KindId } from '../src/wording/kind-names';
import type { RuleId } from '../src/wording/rule-names';

const packs: readonly RulePackId[] = ['standard', 'kitchen', 'bath', 'accessible', 'metric'];

/** Every finding of one rule, whatever packs the room has. */
export function ruled({ design }: { design: Design }, rule: RuleId): readonly Finding[] {
  const { findings, failed } = checkBy(design, packs);
  if (failed.length > 0) throw new Error(JSON.stringify(failed));
  return findings.filter((finding) => finding.rule === rule);
}

interface Judged {
  verdict: Finding['verdict'];
  [check: string]: number | string | null;
}

/** The verdict of the only finding of a rule, with every value by the name of its check, to a thousandth of a millimetre. */
export function judged(builder: { design: Design }, rule: RuleId): Judged {
  const found = ruled(builder, rule);
  if (found.length !== 1) throw new Error(`${found.length} findings of ${rule}`);
  const [{ verdict, checks }] = found as [Finding];
  const values = checks.map(({ id, measured }) => [
    checkNames[id],
    measured === null ? null : Math.round(measured * 1e3) / 1e3 + 0,
  ]);
  return { verdict, ...Object.fromEntries(values) } as Judged;
}

export const verdictOf = (builder: { design: Design }, rule: RuleId): string => judged(builder, rule).verdict;

/** A builder's design with some of a record changed, whatever commands say of it. */
export function withRecord({ design }: RoomBuilder, id: string, change: object): { design: Design } {
  const record = { ...design.records[id]!, ...change } as DesignRecord;
  return { design: { ...design, records: { ...design.records, [id]: record } } };
}

/** A design with one more item of a type, of these sizes and in this place, whatever ranges make. */
export function withItem(
  { design }: { design: Design },
  id: string,
  type: KindId,
  more: Partial<ItemRecord> & Pick<ItemRecord, 'depth' | 'height' | 'placement' | 'width'>,
): { design: Design } {
  const item: ItemRecord = { kind: 'item', id, range: 'plain', code: id, type, up: 0, hand: 'left', ...more };
  return { design: { ...design, records: { ...design.records, [id]: item } } };
}

/** On the floor, its back left corner here, its back running this way, degrees. */
export const onFloor = (x: number, y: number, degrees = 0): Placement => ({
  ...{ on: 'floor', x, y },
  turn: (degrees * Math.PI) / 180,
});
/** Against face A, its left end so far from the face's left end. */
export const onA = (distance: number, off = 0): Placement => ({
  ...{ on: 'face', face: 'face-a', from: 'left', distance, off },
});

export const inches = (count: number): number => count * 25.4;
/** Just over a limit that must be kept, at it, within what is held to be it, and a tenth under; for a most with the other sign. */
export const around = (limit: number, sign: 1 | -1): number[] => [
  limit + sign * 5,
  limit,
  limit - sign * 0.02,
  limit - sign * 0.1,
];
/** What a guideline and a code are at those. */
export const kept = ['clear', 'clear', 'clear', 'tight'];
export const held = ['clear', 'clear', 'clear', 'blocked'];

/** A service over a place of the floor, so high above it. */
export const service = (
  type: ServiceRecord['type'],
  x: number,
  y: number,
  up: number,
  more = {},
): ServiceRecord => ({
  ...{ kind: 'service', id: `${type}-${x}`, type, up },
  placement: { on: 'floor', x, y, turn: 0 },
  ...more,
});
