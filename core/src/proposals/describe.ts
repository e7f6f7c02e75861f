import { replaceItems } from '../commands/replace-items';
import type { Design } from '../document/design';
import { applyPatch } from '../document/patch';
import type { Primitive } from '../drawing/primitives';
import { smallElevation, smallRowElevation } from '../drawing/small-elevation';
import { rangesOf } from '../ranges/shelf';
import type { Range } from '../ranges/range';
import { checkReach } from '../reach/check-reach';
import { sayFinding } from '../wording/rule-texts';
import type { Verdict } from '../reach/finding';
import { must, ok, type Result } from '../result';
import { boxOf } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { propose, type Proposal } from './propose';
import type { ProposalRequest } from './request';

/** A proposal with what it brings: the faces as they would look, and the findings there would be that are not there now. */
export interface DescribedProposal extends Proposal {
  elevation: readonly Primitive[];
  findings: readonly { verdict: Verdict; text: string }[];
  /** How grave those are together: a code broken, or things that collide, as much as three guidelines. */
  breaks: number;
}

const GRAVE = 3;
/** So many times as many are looked at as are wanted, where what they bring counts. */
const POOL = 4;

/** The best few proposals, each held against the design as it would be. */
export function describeProposals(
  design: Design,
  request: ProposalRequest,
  newId: () => string,
  known: readonly Range[] = rangesOf(design),
): Result<readonly DescribedProposal[]> {
  const { soundAt, most } = request;
  const pool = soundAt === undefined ? most : most * POOL;
  const found = propose(design, { ...request, most: pool }, newId, known);
  if (!found.ok) return found;
  const before = new Set(findingsOf(design).map(({ text }) => text));
  const described: DescribedProposal[] = [];
  for (const proposal of found.value) {
    const of = known.find(({ id }) => id === request.range);
    const patch = replaceItems.run(design, { ...proposal, ...(of ? { of } : {}) });
    if (!patch.ok) return patch;
    const after = must(applyPatch(design, patch.value));
    const fresh = new Set(proposal.items.map(({ id }) => id));
    described.push({
      ...proposal,
      elevation:
        request.island === undefined
          ? smallElevation(after, request.faces, fresh)
          : smallRowElevation(after, boxOf(proposal.items[0]!, roomShape(after))),
      ...soundness(findingsOf(after).filter(({ text }) => !before.has(text))),
    });
  }
  return ok(soundAt === undefined ? described : bySoundness(described, request, soundAt).slice(0, most));
}

const soundness = (findings: DescribedProposal['findings']) => ({
  findings,
  breaks: findings.reduce(
    (sum, { verdict }) => sum + (verdict === 'blocked' ? GRAVE : verdict === 'tight' ? 1 : 0),
    0,
  ),
});

/** The best first, what they bring counting after so many of the other criteria; equal ones as they were. */
function bySoundness(
  described: readonly DescribedProposal[],
  { order }: ProposalRequest,
  soundAt: number,
): readonly DescribedProposal[] {
  const worth = ({ values, breaks }: DescribedProposal) => {
    const all = order.map((criterion) => values[criterion]);
    return [...all.slice(0, soundAt), breaks, ...all.slice(soundAt)];
  };
  return [...described].sort((a, b) => {
    const [one, other] = [worth(a), worth(b)];
    const index = one.findIndex((value, at) => Math.abs(value - other[at]!) > SAME);
    return index < 0 ? 0 : one[index]! - other[index]!;
  });
}
/** Values are compared to a ten-thousandth of a millimetre. */
const SAME = 1e-4;

function findingsOf(design: Design) {
  return checkReach(design)
    .findings.filter(({ verdict }) => verdict !== 'clear')
    .map((finding) => ({ verdict: finding.verdict, text: sayFinding(design, finding) }));
}
