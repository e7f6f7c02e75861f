import type { OpeningShape } from 'goodreach';

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
    const answer = await ask('/api/opening-kinds', 'POST', { name, shape });
    if (!answer.ok) return answer.message;
    const kind = (await answer.response.json()) as OpeningKind;
    const others = this.kinds.filter(({ id }) => id !== kind.id);
    this.kinds = [...others, kind].sort((a, b) => a.name.localeCompare(b.name));
    return '';
  }

  async forget(id: string): Promise<string> {
    const answer = await ask(`/api/opening-kinds/${id}`, 'DELETE');
    if (!answer.ok) return answer.message;
    this.kinds = this.kinds.filter((kind) => kind.id !== id);
    return '';
  }
}

type Answer = { ok: true; response: Response } | { ok: false; message: string };

async function ask(address: string, method: string, body?: object): Promise<Answer> {
  const headers = { 'content-type': 'application/json' };
  const sent = await fetch(
    address,
    body ? { method, headers, body: JSON.stringify(body) } : { method },
  ).catch(() => null);
  if (!sent) return { ok: false, message: 'The server can’t be reached. Try again when it can.' };
  if (sent.ok) return { ok: true, response: sent };
  const said = (await sent.json().catch(() => null)) as { message?: string } | null;
  return { ok: false, message: said?.message ?? 'The server did not take it. Try again.' };
}
