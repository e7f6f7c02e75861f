import { ease, type EaseStep } from 'goodreach';
import type { Workspace } from '$lib/tools/context';

/** Shows changes in the room without making them; null: the room as it is. */
export function tryEase(
  { session, findings }: Pick<Workspace, 'findings' | 'session'>,
  steps: readonly EaseStep[] | null,
): void {
  if (steps && session.preview(ease, { steps })) findings.trial = steps;
  else if (findings.trial) {
    findings.trial = null;
    session.dropPreview();
  }
}
