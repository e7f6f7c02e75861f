import type { Design } from '../document/design';
import type { RuleId } from '../wording/rule-names';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import type { CheckMade, Finding } from './finding';
import type { CheckLevel } from './pack';
import { rulePacks } from './packs';

/** What findings are put together by. */
export const findingOrders = ['place', 'level', 'rule'] as const;
export type FindingOrder = (typeof findingOrders)[number];

/** What findings of one group have in common: where in the room, how binding, or the rule. */
export type FindingGroupOf =
  | { by: 'place'; at: 'floor' | 'room' }
  | { by: 'place'; at: 'face'; face: string; letter: string }
  | { by: 'level'; level: CheckLevel | 'unjudged' }
  | { by: 'rule'; rule: RuleId };

export interface FindingGroup {
  key: string;
  of: FindingGroupOf;
  findings: readonly Finding[];
}

/** The check that decides a finding: the gravest that is not kept, else the first that is held against a limit. */
export function decidingCheck({ checks }: Pick<Finding, 'checks'>): CheckMade | undefined {
  const order: readonly CheckLevel[] = ['collision', 'code', 'guideline', 'comfort'];
  const [gravest] = checks
    .filter(({ held }) => held === false)
    .sort((a, b) => order.indexOf(a.level) - order.indexOf(b.level));
  return gravest ?? checks.find(({ limit }) => limit !== null) ?? checks[0];
}

/** Findings put together: by place in walking order from the first door, the room as a whole before; by how binding, the gravest first; or by rule, as the packs have them. Groups keep the findings' order. */
export function groupFindings(
  design: Design,
  findings: readonly Finding[],
  order: FindingOrder,
): readonly FindingGroup[] {
  const groups = new Map<string, { of: FindingGroupOf; rank: number; findings: Finding[] }>();
  const rankOf = ranks(design);
  for (const finding of findings) {
    const of = groupOf(design, finding, order);
    const key = keyOf(of);
    const group = groups.get(key) ?? { of, rank: rankOf(of), findings: [] };
    group.findings.push(finding);
    groups.set(key, group);
  }
  return [...groups]
    .sort(([, a], [, b]) => a.rank - b.rank)
    .map(([key, group]) => ({ key, of: group.of, findings: group.findings }));
}

function groupOf(design: Design, finding: Finding, order: FindingOrder): FindingGroupOf {
  switch (order) {
    case 'level':
      return {
        by: 'level',
        level: finding.verdict === 'unjudged' ? 'unjudged' : (decidingCheck(finding)?.level ?? 'comfort'),
      };
    case 'rule':
      return { by: 'rule', rule: finding.rule };
    case 'place':
      return placeOf(design, finding);
  }
}

/** Where a finding belongs: what is about all of the room stays with that; else at the face of the first thing it is about. */
function placeOf(design: Design, { key, rule, ids }: Finding): FindingGroupOf {
  if (key.slice(rule.length + 1) === 'room') return { by: 'place', at: 'room' };
  for (const id of ids) {
    const record = design.records[id];
    if (record?.kind === 'face') return atFace(design, id);
    if (record?.kind === 'opening') return atFace(design, record.face);
    if (!record || !('placement' in record)) continue;
    const { placement } = record;
    return placement.on === 'face' ? atFace(design, placement.face) : { by: 'place', at: 'floor' };
  }
  return { by: 'place', at: 'room' };
}

const atFace = (design: Design, face: string): FindingGroupOf => ({
  ...({ by: 'place', at: 'face', face } as const),
  letter: roomShape(design).byId.get(face)?.letter ?? '',
});

const keyOf = (of: FindingGroupOf): string =>
  of.by === 'level' ? of.level : of.by === 'rule' ? of.rule : of.at === 'face' ? of.face : of.at;

const levels = ['collision', 'code', 'guideline', 'comfort', 'unjudged'] as const;

function ranks(design: Design): (of: FindingGroupOf) => number {
  const faces = walkedFaces(design);
  const rules = Object.values(rulePacks).flatMap((pack) => pack.rules.map(({ id }) => id));
  return (of) => {
    if (of.by === 'level') return levels.indexOf(of.level);
    if (of.by === 'rule') return rules.indexOf(of.rule);
    if (of.at === 'room') return -1;
    const at = of.at === 'face' ? faces.indexOf(of.face) : -1;
    return at < 0 ? faces.length : at;
  };
}

/** The ids of the faces as one walks by them, from that of the first door on. */
function walkedFaces(design: Design): readonly string[] {
  const faces = roomShape(design).faces.map(({ id }) => id);
  const door = placedOpenings(design).find(({ record }) => record.type === 'door' || record.type === 'cased');
  const first = Math.max(0, faces.indexOf(door?.record.face ?? ''));
  return [...faces.slice(first), ...faces.slice(0, first)];
}
