import { finishes, finishFrom, recordsOf, type Design, type Finish, type FinishRecord } from 'goodreach';
import { sendJson, type Answer } from './send-json';

/** What is kept of a finish: all but what the server gives it. */
export type FinishSaid = Omit<FinishRecord, 'id' | 'kind' | 'picture'>;

/** The finishes of the studio's own: kept and forgotten on the server; a room has copies of those it was given. */
export class StudioFinishes {
  own: readonly FinishRecord[] = $state.raw([]);

  constructor(own: readonly FinishRecord[]) {
    this.own = own;
  }

  /** Every finish there is for a room: the studio's own as they are now, those the room keeps that the studio has no more, the program's. */
  known(design: Design): readonly Finish[] {
    const ids = new Set(this.own.map(({ id }) => id));
    const kept = recordsOf(design, 'finish').filter(({ id }) => !ids.has(id));
    return [...[...this.own, ...kept].map(finishFrom), ...finishes];
  }

  /** Keeps a finish, in place of one there was where it is named; a picture as base64, null for none, nothing to keep what there is. */
  async keep(
    finish: FinishSaid,
    picture: string | null | undefined,
    id?: string,
  ): Promise<Answer<FinishRecord>> {
    const body = { finish, ...(picture !== undefined && { picture }) };
    const answer = await (id === undefined
      ? sendJson<FinishRecord>('POST', '/api/finishes', body)
      : sendJson<FinishRecord>('PATCH', `/api/finishes/${id}`, body));
    if (answer.ok) {
      const others = this.own.filter((other) => other.id !== answer.value.id);
      this.own = [...others, answer.value].sort((a, b) => a.name.localeCompare(b.name));
    }
    return answer;
  }

  async forget(id: string): Promise<string> {
    const answer = await sendJson('DELETE', `/api/finishes/${id}`);
    if (!answer.ok) return answer.message;
    this.own = this.own.filter((finish) => finish.id !== id);
    return '';
  }
}
