import { finishes, finishFrom, recordsOf, type Design, type Finish, type FinishRecord } from 'goodreach';
import type { TableFault } from '$ui/TableFaults.svelte';
import { askServer } from '../outcome';
import { sendJson, type Answer } from './send-json';

/** What is kept of a finish: all but what the server gives it. */
export type FinishSaid = Omit<FinishRecord, 'id' | 'kind' | 'picture'>;

/** What a table of tiles comes to: the tiles, and how many take the place of one there was; or its faults. */
export type TileReport =
  { ok: true; tiles: FinishRecord[]; renewed: number } | { ok: false; faults: TableFault[] };

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
    if (answer.ok) this.#take([answer.value]);
    return answer;
  }

  /** Reads a table of tiles and keeps them, or only says what that would come to: a sentence where the server gave no answer. */
  async readTiles(csv: string, tryOnly: boolean): Promise<TileReport | string> {
    try {
      const answer = await askServer('/api/finishes/tiles.csv', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ csv, tryOnly }),
      });
      const report = (await answer.json()) as TileReport | { message?: string };
      if (!('ok' in report)) return report.message ?? 'The server does not take this table.';
      if (report.ok && !tryOnly) this.#take(report.tiles);
      return report;
    } catch {
      return 'No connection to the server. Try again when it is back; nothing was kept.';
    }
  }

  #take(kept: readonly FinishRecord[]): void {
    const ids = new Set(kept.map(({ id }) => id));
    const others = this.own.filter(({ id }) => !ids.has(id));
    this.own = [...others, ...kept].sort((a, b) => a.name.localeCompare(b.name));
  }

  async forget(id: string): Promise<string> {
    const answer = await sendJson('DELETE', `/api/finishes/${id}`);
    if (!answer.ok) return answer.message;
    this.own = this.own.filter((finish) => finish.id !== id);
    return '';
  }
}
