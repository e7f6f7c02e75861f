import { styleOf, type Design } from '../document/design';
import type { RulePackId } from '../document/limits';
import type { Noun } from '../nouns';
import { formatArea } from '../units/format-area';
import { formatLength, formatLengthWithUnit } from '../units/format-length';
import { checkNames, lackNames, valueUnits, type CheckId, type LackId, type ValueId } from './check-names';
import { ruleNames, type RuleId } from './rule-names';
import { capital, say, sayFirst } from './words';

/** What a finding says: its verdict, what was measured and what was asked. */
interface Said {
  rule: string;
  measure: string;
  verdict: string;
  measured: number;
  required: number;
  values: { readonly [value in ValueId]?: number | null };
  checks: readonly {
    id: CheckId;
    measured: number | null;
    required: number | null;
    usual?: number | null;
    limit: 'least' | 'most' | null;
    held: boolean | null;
  }[];
  lacking: readonly LackId[];
  names: readonly Noun[];
}

/** A finding as a sentence; `show` writes a length in the job's unit, `names` what it is about. */
type Say = (finding: Said, show: (mm: number) => string, names: readonly string[]) => string;

/** What is said of measures that have a sentence of their own. */
const sentences: Readonly<Record<string, Say>> = {
  aisle: ({ verdict, measured, required }, show, [one, other]) =>
    verdict === 'clear'
      ? `Aisle of ${show(measured)} between ${one} and ${other}.`
      : `Aisle between ${one} and ${other} is ${show(measured)}; ${show(required)} is asked for.`,
  'bath-exhaust': ({ verdict, values }) =>
    `The extracts move ${Math.round(values.intermittent ?? 0)} cfm${verdict === 'clear' ? '.' : ': too little, by turns and all the time.'}`,
  'counter-sockets': ({ values }, _, [top, face]) =>
    values['sockets-at-counter'] === 0 ? `There is no socket above ${top}${face ? ` at ${face}` : ''}.` : '',
  'counter-height': ({ verdict, values }, show) => {
    const [height, off] = [values.height!, values.off!];
    const standard = values.standard!;
    return verdict === 'clear'
      ? `Counter stands at ${show(height)}.`
      : `Counter stands at ${show(height)}, ${show(off)} ${height > standard ? 'above' : 'below'} the room’s ${show(standard)}.`;
  },
  'item-collision': ({ measured }, show, [one, other]) =>
    `${one} and ${other} go ${show(measured)} into each other.`,
  'mixed-ranges': ({ values: { higher = 0 } }, show, [one, run]) =>
    higher === 0 || higher === null
      ? `${one} stands in a run of ${run}.`
      : `${one} stands in a run of ${run}: its bases are ${show(Math.abs(higher))} ${higher > 0 ? 'higher' : 'lower'}.`,
  'open-fronts': ({ measured }, show, [front, other]) =>
    `${front} hits ${other}, ${show(measured)} before it is open.`,
  'opening-blocked': ({ measured }, show, [item, opening]) =>
    measured === 0
      ? `${item} stands before ${opening}.`
      : `${item} stands ${show(measured)} in front of ${opening}.`,
  'seat-width': ({ verdict, measured, required }, show, [seat]) =>
    verdict === 'clear'
      ? `${seat} has ${show(measured)} of width.`
      : `${seat} stands ${show(measured)} from its neighbour, middle to middle; ${show(required)} is asked for.`,
  'sharp-corners': ({ values }, _, [top]) => {
    const count = values['sharp-corners'] ?? 0;
    if (count === 0) return `No sharp corner of ${top} sticks out.`;
    return count === 1
      ? `A sharp corner of ${top} sticks out.`
      : `${count} sharp corners of ${top} stick out.`;
  },
  swings: ({ verdict, values: { depth } }, show, [door, other]) => {
    if (!other || verdict === 'clear') return `${door} swings freely.`;
    return depth === undefined || depth === null
      ? `${door} and ${other} swing through the same place.`
      : `${door} hits ${other}: it stands ${show(depth)} inside the swing.`;
  },
  'top-before-opening': ({ measured }, show, [top, opening]) =>
    `${top} stands ${show(measured)} up before ${opening}.`,
  'top-cut-out': ({ measured, required }, show, [cut]) =>
    measured === 0
      ? `${cut} runs over the edge of the top.`
      : `${cut} leaves ${show(measured)} of the top beside it; ${show(required)} is asked for.`,
  'top-joint': ({ values, required }, show, [other]) =>
    values.over
      ? `${other} has a joint of the top over it.`
      : `${other} is ${show(values.apart ?? 0)} from a joint of the top; ${show(required)} is asked for.`,
  'top-overhang': ({ measured, required }, show, [edge]) =>
    `${edge} stands out ${show(measured)}: over ${show(required)} it needs brackets.`,
  'top-slab': ({ verdict, measured, required }, show, [size]) =>
    `${size} is ${show(measured)}; a slab gives ${show(required)}.${verdict === 'clear' ? '' : ' Join it once more.'}`,
  'top-under': ({ measured }, show, [item, top]) => `${item} goes ${show(measured)} into ${top}.`,
  'work-triangle': ({ verdict, values }, show) =>
    verdict === 'clear' ? `The work triangle is ${show(values.sum ?? 0)} round.` : '',
  'tub-lights': ({ verdict, values }, show, [light, tub]) =>
    verdict === 'clear'
      ? `${light} hangs clear of ${tub}.`
      : `${light} hangs too near over ${tub}: ${show(values.sideways ?? 0)} beside it, ${show(values['above-rim'] ?? 0)} above its rim.`,
  'waste-receptacles': ({ values, required }) => {
    const count = values['waste-receptacles'] ?? 0;
    return `${count === 0 ? 'No receptacle' : count === 1 ? 'One receptacle' : `${count} receptacles`} for waste; ${required} are asked for.`;
  },
  'wall-collision': ({ measured }, show, [item, wall]) => `${item} goes ${show(measured)} into ${wall}.`,
};

export const ruleName = (id: string): string =>
  Object.hasOwn(ruleNames, id) ? ruleNames[id as RuleId].name : id;

/** Where a rule comes from. */
export const ruleSource = (id: string): string =>
  Object.hasOwn(ruleNames, id) ? ruleNames[id as RuleId].source : '';

/** The name and standing of each rule pack: what it is, and that it is no certificate. */
export const packs: Record<RulePackId, { name: string; basis: string }> = {
  standard: { name: 'Built rightly', basis: 'geometry and common practice' },
  kitchen: { name: 'Kitchen', basis: 'published kitchen planning guidelines and the model residential code' },
  bath: { name: 'Bath', basis: 'published bath planning guidelines and the model residential code' },
  accessible: { name: 'Accessible', basis: 'after ANSI A117.1 and the ADA standards' },
  metric: { name: 'Metric', basis: 'common practice; edit to your country’s rules' },
};

/** A finding with its sentence, and what it names as a person would say it. */
export function saidFinding<T extends Said>(design: Design, finding: T) {
  return { ...finding, names: finding.names.map(say), text: sayFinding(design, finding) };
}

/** A finding as a sentence in the design's units. */
export function sayFinding(design: Design, finding: Said): string {
  const style = styleOf(design);
  const names = finding.names.map(say);
  const own = Object.hasOwn(sentences, finding.measure) ? sentences[finding.measure] : undefined;
  const show = (mm: number) => formatLengthWithUnit(mm, style);
  const text =
    finding.verdict === 'unjudged'
      ? sayLacking(finding, names)
      : own?.(finding, show, names) || sayChecks(design, finding, names);
  const [first] = names;
  return first !== undefined && text.startsWith(first)
    ? sayFirst(finding.names[0]!) + text.slice(first.length)
    : text;
}

/** That something cannot be judged, and for want of what. */
function sayLacking({ rule, lacking }: Said, [about]: readonly string[]): string {
  const missing = lacking.map((one) => lackNames[one]).join(', ');
  const of = about ? `${about}: ` : '';
  return `${of}${about ? uncapitalName(rule) : ruleName(rule)} cannot be judged: ${missing || 'a fact'} is missing.`;
}

function uncapitalName(rule: string): string {
  const name = ruleName(rule);
  return name.charAt(0).toLowerCase() + name.slice(1);
}

/** What was measured and what is asked, of the checks that are not kept, or of all. */
function sayChecks(design: Design, { checks }: Said, names: readonly string[]): string {
  const limited = checks.filter(({ limit, measured }) => limit !== null && measured !== null);
  const broken = limited.filter(({ held }) => held === false);
  const told = (broken.length > 0 ? broken : limited.filter(({ held }) => held)).map(
    ({ id, measured, required, limit }) => {
      const shown = `${plainName(id)} ${sayValue(design, id, measured!)}`;
      if (broken.length === 0) return shown;
      return `${shown}, ${limit === 'least' ? 'at least' : 'at most'} ${sayValue(design, id, required!)} is asked for`;
    },
  );
  const [first, ...others] = names;
  const of = first ? `${[first, ...others].join(' and ')}: ` : '';
  const text = told.join('; ');
  return `${of}${of ? text : capital(text)}.`;
}

/** Every check of a finding as it is told: its name, what was measured and what is asked. */
export function saidChecks(design: Design, { checks }: Pick<Said, 'checks'>) {
  return checks.map(({ id, measured, required, usual = null, limit, held }) => ({
    name: checkNames[id].replace(UNIT, '').replace('_', ' '),
    measured: measured === null ? null : sayValue(design, id, measured),
    asked:
      limit === null || required === null
        ? null
        : `${limit === 'least' ? 'at least' : 'at most'} ${sayValue(design, id, required)}`,
    usual: usual === null ? null : sayValue(design, id, usual),
    held,
  }));
}

/** What was measured of a check against what is asked, as short as it stands on a drawing; null for what is not known. */
export function shortCheck(design: Design, { id, measured, required }: Said['checks'][number]) {
  const short = (value: number) =>
    isLength(id) ? formatLength(value, styleOf(design)) : sayValue(design, id, value);
  return {
    measured: measured === null ? null : short(measured),
    required: required === null ? null : short(required),
    isLength: isLength(id),
  };
}

const isLength = (id: CheckId): boolean => valueUnits[id as ValueId] === undefined;

/** What findings are put together by, as it is chosen. */
export const findingOrderNames = { place: 'By place', level: 'By weight', rule: 'By rule' } as const;

const levelTitles = {
  collision: 'Things that collide',
  code: 'Code',
  guideline: 'Guidelines',
  comfort: 'Comfort',
  unjudged: 'Not known well enough',
} as const;

/** What findings of one group have in common, as a heading. */
export function findingGroupTitle(
  of:
    | { by: 'level'; level: keyof typeof levelTitles }
    | { by: 'place'; at: 'face'; letter: string }
    | { by: 'place'; at: 'floor' | 'room' }
    | { by: 'rule'; rule: RuleId },
): string {
  if (of.by === 'level') return levelTitles[of.level];
  if (of.by === 'rule') return `${of.rule} ${ruleName(of.rule)}`;
  if (of.at === 'face') return `Face ${of.letter}`;
  return of.at === 'room' ? 'The whole room' : 'Standing free';
}

/** A limit that is another here than its source says: its check, what is asked here, and what usually is. */
export function saidLimit(design: Design, { check, was, now }: { check: string; was: number; now: number }) {
  const id = check as CheckId;
  return { name: plainName(id), now: sayValue(design, id, now), was: sayValue(design, id, was) };
}

/** How a limit is typed: as a length, or as a number; areas are not. */
export function limitUnit({ check }: { check: string }): 'area' | 'length' | 'number' {
  const unit = valueUnits[check as ValueId];
  if (unit === undefined) return 'length';
  return unit === 'area' ? 'area' : 'number';
}

/** The unit of a check's value, as it stands after its name. */
const UNIT = / \((count|mm2|in|cfm|%)\)$/;

/** The name of a check without its unit or that it is the wider limit. */
const plainName = (id: CheckId): string =>
  checkNames[id].replace(/ \((count|mm2|in|cfm|%|guideline|most)\)/, '').replace('_', ' ');

/** A value of a check in the design's units. */
function sayValue(design: Design, id: CheckId, value: number): string {
  const { unit, step } = styleOf(design);
  switch (valueUnits[id as ValueId]) {
    case 'area':
      return formatArea(value, unit);
    case 'count':
      return String(Math.round(value));
    case 'cfm':
      return `${Math.round(value)} cfm`;
    case 'inches':
      return `${Math.round(value)} in`;
    case 'percent':
      return `${Math.round(value * 10) / 10} %`;
    default:
      return formatLengthWithUnit(value, { unit, step });
  }
}
