import type { OpeningShape } from 'goodreach';
import { sendJson } from './send-json';

/** A kind of opening the studio keeps. */
export interface OpeningKind {
  id: string;
  name: string;
  shape: OpeningShape;
}

/** The kinds of openings of the studio: kept and forgotten on the server, not part of any design. */
export class OpeningKinds {
  kinds: readonly OpeningKind[] = $state.raw([]);

  constructor(kinds: readonly OpeningKind[]) {
    this.kinds = kinds;
  }

  /** Keeps an opening's shape under a name; gives why not, or an empty text. */
  async keep(name: string, shape: OpeningShape): Promise<string> {
    const answer = await sendJson<OpeningKind>('POST', '/api/opening-kinds', { name, shape });
    if (!answer.ok) return answer.message;
    const kind = answer.value;
    const others = this.kinds.filter(({ id }) => id !== kind.id);
    this.kinds = [...others, kind].sort((a, b) => a.name.localeCompare(b.name));
    return '';
  }

  async forget(id: string): Promise<string> {
    const answer = await sendJson('DELETE', `/api/opening-kinds/${id}`);
    if (!answer.ok) return answer.message;
    this.kinds = this.kinds.filter((kind) => kind.id !== id);
    return '';
  }
}
