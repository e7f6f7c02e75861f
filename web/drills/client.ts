import { Agent, request, type OutgoingHttpHeaders } from 'node:http';

/** Who hears nothing for so long, ms, gives up. */
const LONGEST_WAIT = 30_000;

/** A connection that nothing goes over is left before the server leaves it, after 5 s. */
const IDLE = 4_000;

export interface Answer {
  status: number;
  text: string;
  ms: number;
}

/** Somebody who is signed in to the demo studio and asks over as many connections as it takes. */
export class Client {
  readonly #agent: Agent;
  #cookie = '';

  constructor(
    readonly address: string,
    connections = 64,
  ) {
    this.#agent = new Agent({ keepAlive: true, maxSockets: connections, timeout: IDLE });
  }

  async signIn(): Promise<this> {
    const answer = await this.send('POST', '/?/demo', 'x=1', {
      'content-type': 'application/x-www-form-urlencoded',
    });
    if (answer.status !== 200) throw new Error(`The demo studio does not open: ${answer.text}`);
    return this;
  }

  /** Sends JSON, or text or bytes as they are. */
  send(method: string, path: string, body?: unknown, more: OutgoingHttpHeaders = {}): Promise<Answer> {
    const raw = typeof body === 'string' || body instanceof Uint8Array;
    const data = body === undefined ? '' : raw ? body : JSON.stringify(body);
    const headers = {
      origin: this.address,
      cookie: this.#cookie,
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(data),
      ...more,
    };
    const start = performance.now();
    return new Promise((resolve, reject) => {
      const sent = request(this.address + path, { method, agent: this.#agent, headers }, (answer) => {
        let text = '';
        answer.setEncoding('utf8').on('data', (part: string) => (text += part));
        answer.on('end', () => {
          const [set] = answer.headers['set-cookie'] ?? [];
          if (set) this.#cookie = set.split(';')[0]!;
          resolve({ status: answer.statusCode ?? 0, text, ms: performance.now() - start });
        });
        answer.on('error', reject);
      });
      sent.on('error', reject);
      sent.setTimeout(LONGEST_WAIT, () => sent.destroy(new Error(`No answer for ${LONGEST_WAIT} ms`)));
      sent.end(data);
    });
  }

  close(): void {
    this.#agent.destroy();
  }
}
