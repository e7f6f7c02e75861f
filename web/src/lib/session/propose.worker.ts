import { describeProposals, type Design, type ProposalRequest, type Range } from 'goodreach';
import { nanoid } from 'nanoid';

/** What the page asks: the design, what is to be filled, and the ranges the studio has. */
export interface ProposeQuestion {
  design: Design;
  request: ProposalRequest;
  known: readonly Range[];
}

onmessage = ({ data: { design, request, known } }: MessageEvent<ProposeQuestion>) =>
  postMessage(describeProposals(design, request, () => `item-${nanoid(8)}`, known));
