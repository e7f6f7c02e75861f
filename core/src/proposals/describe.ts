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
}

/** The best few proposals, each held against the design as it would be. */
export function describeProposals(
  design: Design,
  request: ProposalRequest,
  newId: () => string,
  known: readonly Range[] = rangesOf(design),
): Result<DescribedProposal[]> {
  const found = propose(design, request, newId, known);
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
      findings: findingsOf(after).filter(({ text }) => !before.has(text)),
    });
  }
  return ok(described);
}

function findingsOf(design: Design) {
  return checkReach(design)
    .findings.filter(({ verdict }) => verdict !== 'clear')
    .map((finding) => ({ verdict: finding.verdict, text: sayFinding(design, finding) }));
}
