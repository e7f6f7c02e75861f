import { askServer } from '../outcome';

/** A colleague at work in the same room, in one tab. */
export interface Colleague {
  tab: string;
  person: { id: string; name: string };
  chosen: readonly string[];
}

type Told =
  | { of: 'saved'; revision: number }
  | ({ of: 'here' } & Colleague)
  | { of: 'gone'; tab: string }
  | { of: 'lost' };

/** What is chosen is told after this, ms: not at every step of a rubber band. */
const TELL = 200;

/** Hears what others save in a room, and who is there with what they have chosen; tells them what is chosen here. */
export class LiveRoom {
  /** Everyone else who is here, in the order of their names; a person in two tabs once for each. */
  colleagues: readonly Colleague[] = $state.raw([]);
  readonly #tab = crypto.randomUUID();
  #source: EventSource | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #chosen: readonly string[] = [];

  constructor(
    private readonly roomId: string,
    private readonly onSaved: (revision: number) => void,
  ) {}

  /** Listens as long as the page is seen, until `close`: a browser keeps few connections open at once, and hidden tabs would take them all. */
  open(): void {
    document.addEventListener('visibilitychange', this.#look);
    this.#look();
  }

  readonly #look = (): void => {
    if (document.visibilityState === 'hidden') this.#end();
    else if (!this.#source) this.#listen();
  };

  #listen(): void {
    this.#source = new EventSource(`/api/rooms/${this.roomId}/live?tab=${this.#tab}`);
    this.#source.onmessage = ({ data }: MessageEvent<string>) => this.hear(JSON.parse(data) as Told);
    this.#source.onopen = () => {
      if (this.#chosen.length > 0) this.#tell();
    };
    // While nothing is heard, nobody is known to be here.
    this.#source.onerror = () => (this.colleagues = []);
  }

  #end(): void {
    this.#source?.close();
    this.#source = null;
    this.colleagues = [];
  }

  hear(told: Told): void {
    if (told.of === 'saved') return this.onSaved(told.revision);
    if (told.of === 'lost') return this.onSaved(Infinity);
    if (told.tab === this.#tab) return;
    const others = this.colleagues.filter(({ tab }) => tab !== told.tab);
    if (told.of === 'here') others.push({ tab: told.tab, person: told.person, chosen: told.chosen });
    this.colleagues = others.sort(
      (a, b) => a.person.name.localeCompare(b.person.name) || (a.tab < b.tab ? -1 : 1),
    );
  }

  choose(ids: readonly string[]): void {
    this.#chosen = ids.slice(0, 50);
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => this.#tell(), TELL);
  }

  #tell(): void {
    const body = JSON.stringify({ tab: this.#tab, chosen: this.#chosen });
    const headers = { 'content-type': 'application/json' };
    void askServer(`/api/rooms/${this.roomId}/live`, { method: 'POST', headers, body }).catch(() => {});
  }

  close(): void {
    clearTimeout(this.#timer);
    document.removeEventListener('visibilitychange', this.#look);
    this.#end();
  }
}
