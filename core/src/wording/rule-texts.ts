import { styleOf, type Design } from '../document/design';
import type { PackId } from '../document/limits';
import type { Noun } from '../nouns';
import { formatLengthWithUnit } from '../units/format-length';
import { say, sayFirst } from './words';

/** What a finding says: its verdict, and its lengths in mm. */
interface Said {
  rule: string;
  verdict: string;
  measured: number;
  required: number;
  names: readonly Noun[];
}

interface RuleText {
  name: string;
  /** Where each pack's figure comes from. */
  source: Record<PackId, string>;
  /** A finding as a sentence; `show` writes a length in the job's unit, `names` what it is about. */
  say(finding: Said, show: (mm: number) => string, names: readonly string[]): string;
}

const both = (source: string): Record<PackId, string> => ({
  'inch-residential': source,
  'metric-residential': source,
});
const guideline = (source: string): Record<PackId, string> => ({
  'inch-residential': `kitchen planning guideline ${source}`,
  'metric-residential': 'common practice',
});

/** The words of every reach rule. */
export const ruleTexts = {
  'counter-height': {
    name: 'Counter height',
    source: both('standard height of the room'),
    say: ({ measured, required, verdict }, show) =>
      verdict === 'clear'
        ? `Counter stands at ${show(measured)}.`
        : `Counter stands at ${show(measured)}, ${show(Math.abs(measured - required))} ${measured > required ? 'above' : 'below'} the room’s ${show(required)}.`,
  },
  'door-swing': {
    name: 'Door swing',
    source: guideline('2'),
    say: ({ verdict, measured }, show, [door, other]) => {
      if (verdict === 'clear') return `${door} swings freely.`;
      return measured > 0
        ? `${door} hits ${other}: it stands ${show(measured)} inside the swing.`
        : `${door} and ${other} swing through the same place.`;
    },
  },
  'item-collision': {
    name: 'Items apart',
    source: both('geometry'),
    say: ({ measured }, show, [one, other]) => `${one} and ${other} go ${show(measured)} into each other.`,
  },
  'knee-space': {
    name: 'Knee space',
    source: guideline('9'),
    say: ({ verdict, measured, required }, show, [seat]) =>
      verdict === 'clear'
        ? `Knee space of ${show(measured)} at ${seat}.`
        : `Knee space at ${seat} is ${show(measured)} deep; ${show(required)} is asked for at this height.`,
  },
  'mixed-ranges': {
    name: 'One range in a run',
    source: both('common practice'),
    say: ({ measured }, show, [one, run]) =>
      measured === 0
        ? `${one} stands in a run of ${run}.`
        : `${one} stands in a run of ${run}: its bases are ${show(Math.abs(measured))} ${measured > 0 ? 'higher' : 'lower'}.`,
  },
  'open-fronts': {
    name: 'Doors and drawers open',
    source: both('geometry'),
    say: ({ measured }, show, [front, other]) =>
      `${front} hits ${other}, ${show(measured)} before it is open.`,
  },
  'opening-blocked': {
    name: 'Openings free',
    source: both('common practice'),
    say: ({ measured }, show, [item, opening]) =>
      measured === 0
        ? `${item} stands before ${opening}.`
        : `${item} stands ${show(measured)} in front of ${opening}.`,
  },
  'seat-width': {
    name: 'Width per seat',
    source: guideline('9'),
    say: ({ verdict, measured, required }, show, [seat]) =>
      verdict === 'clear'
        ? `Each ${seat} has ${show(measured)} of width.`
        : `${seat} stand ${show(measured)} apart, middle to middle; ${show(required)} is asked for.`,
  },
  'top-cut-out': {
    name: 'Top beside cut-outs',
    source: both('common practice'),
    say: ({ measured, required }, show, [cut]) =>
      measured === 0
        ? `${cut} runs over the edge of the top.`
        : `${cut} leaves ${show(measured)} of the top beside it; ${show(required)} is asked for.`,
  },
  'top-joint': {
    name: 'Joints of tops',
    source: both('common practice'),
    say: ({ measured, required }, show, [other]) =>
      required === 0
        ? `${other} has a joint of the top over it.`
        : `${other} is ${show(measured)} from a joint of the top; ${show(required)} is asked for.`,
  },
  'top-overhang': {
    name: 'Tops carried',
    source: both('common practice'),
    say: ({ measured, required }, show, [edge]) =>
      `${edge} stands out ${show(measured)}: over ${show(required)} it needs brackets.`,
  },
  'top-slab': {
    name: 'Tops out of a slab',
    source: both('slab of the room'),
    say: ({ measured, required }, show, [size]) =>
      `${size} is ${show(measured)}; a slab gives ${show(required)}. Join it once more.`,
  },
  'top-under': {
    name: 'Tops free',
    source: both('geometry'),
    say: ({ measured }, show, [item, top]) => `${item} goes ${show(measured)} into ${top}.`,
  },
  'wall-collision': {
    name: 'Clear of walls',
    source: both('geometry'),
    say: ({ measured }, show, [item, wall]) => `${item} goes ${show(measured)} into ${wall}.`,
  },
  'work-aisle': {
    name: 'Work aisle',
    source: {
      'inch-residential': 'kitchen planning guideline 6, one cook',
      'metric-residential': 'common practice, one cook',
    },
    say: ({ verdict, measured, required }, show, [one, other]) =>
      verdict === 'clear'
        ? `Aisle of ${show(measured)} between ${one} and ${other}.`
        : `Aisle between ${one} and ${other} is ${show(measured)}; ${show(required)} is asked for.`,
  },
} satisfies Record<string, RuleText>;
export type RuleId = keyof typeof ruleTexts;

export const ruleName = (id: string): string => ruleTexts[id as RuleId]?.name ?? id;

/** The name and standing of each rule pack: what it is, and that it is no certificate. */
export const packs: Record<PackId, { name: string; basis: string }> = {
  'inch-residential': {
    name: 'Inch residential',
    basis: 'published kitchen planning guidelines and common practice',
  },
  'metric-residential': {
    name: 'Metric residential',
    basis: 'common practice; edit to your country’s rules',
  },
};

/** A finding with its sentence, and what it names as a person would say it. */
export function saidFinding<T extends Said>(design: Design, finding: T) {
  return { ...finding, names: finding.names.map(say), text: sayFinding(design, finding) };
}

/** A finding as a sentence in the design's units. */
export function sayFinding(design: Design, finding: Said): string {
  const style = styleOf(design);
  const names = finding.names.map((one, index) => (index === 0 ? sayFirst(one) : say(one)));
  const text: RuleText = ruleTexts[finding.rule as RuleId];
  return text.say(finding, (mm) => formatLengthWithUnit(mm, style), names);
}
