import { spawn, type ChildProcess, type StdioOptions } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';
import pg from 'pg';

const entry = fileURLToPath(new URL('../build/index.js', import.meta.url));
const workerEntry = fileURLToPath(new URL('../../script/worker.mjs', import.meta.url));

/** The built application on a database of its own, in demo mode; it can be stopped and started again at the same address. With an origin it stands behind a balancer, which people ask at that. */
export class Application {
  private constructor(
    readonly address: string,
    private readonly port: number,
    readonly databaseUrl: string,
    private readonly databaseName: string,
    private readonly demo: boolean,
    private readonly origin: string | null,
  ) {}
  private process: ChildProcess | null = null;
  private worker: ChildProcess | null = null;
  private readonly others: ChildProcess[] = [];

  static async start({ demo = true, origin = null as string | null } = {}): Promise<Application> {
    const server = process.env['DATABASE_URL'];
    if (!server) throw new Error('Run these tests with script/test e2e: it starts their PostgreSQL.');
    const name = `e2e_${randomBytes(6).toString('hex')}`;
    await ask(server, `create database ${name}`);
    const url = new URL(server);
    url.pathname = `/${name}`;
    const port = await freePort();
    const application = new Application(`http://127.0.0.1:${port}`, port, url.href, name, demo, origin);
    await application.resume();
    return application;
  }

  private environment(address: string, port: number): NodeJS.ProcessEnv {
    return {
      ...process.env,
      DATABASE_URL: this.databaseUrl,
      GOODREACH_DEMO: this.demo ? '1' : '',
      NODE_ENV: 'production',
      HOST: '127.0.0.1',
      PORT: String(port),
      ORIGIN: this.origin ?? address,
      ADDRESS_HEADER: this.origin === null ? '' : 'x-forwarded-for',
      BODY_SIZE_LIMIT: '32M',
      SHUTDOWN_TIMEOUT: '1',
      LOG_LEVEL: 'silent',
    };
  }

  async resume(): Promise<void> {
    const env = this.environment(this.address, this.port);
    this.process ??= spawn(process.execPath, [entry], { env, stdio: QUIET });
    this.worker ??= spawn(process.execPath, [workerEntry], { env, stdio: QUIET });
    await answers(this.address);
  }

  /** Starts one more server on the same database, at an address of its own. */
  async another(): Promise<string> {
    const port = await freePort();
    const address = `http://127.0.0.1:${port}`;
    this.others.push(
      spawn(process.execPath, [entry], { env: this.environment(address, port), stdio: QUIET }),
    );
    await answers(address);
    return address;
  }

  async pause(): Promise<void> {
    const running = this.process;
    this.process = null;
    if (!running) return;
    const ended = new Promise((resolve) => running.once('exit', resolve));
    running.kill('SIGTERM');
    await ended;
  }

  /** The processes that answer and work now. */
  get pids(): { server: number; worker: number } {
    return { server: this.process?.pid ?? 0, worker: this.worker?.pid ?? 0 };
  }

  /** Ends a process without a word to it; `resume` starts it again. */
  async kill(what: 'server' | 'worker'): Promise<void> {
    const running = what === 'server' ? this.process : this.worker;
    if (what === 'server') this.process = null;
    else this.worker = null;
    const ended = new Promise((resolve) => running?.once('exit', resolve));
    if (running?.kill('SIGKILL')) await ended;
  }

  async stop(): Promise<void> {
    await this.pause();
    for (const other of [this.worker, ...this.others]) other?.kill('SIGKILL');
    this.worker = null;
    await ask(process.env['DATABASE_URL']!, `drop database ${this.databaseName} with (force)`);
  }
}

const QUIET: StdioOptions = ['ignore', 'ignore', 'inherit'];

/** Waits until a server is ready. */
async function answers(address: string): Promise<void> {
  for (let tries = 0; tries < 200; tries++) {
    const answer = await fetch(`${address}/api/ready`).catch(() => null);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('The application does not answer.');
}

async function ask(url: string, query: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(query);
  await client.end();
}

/** Below the ports that the system gives to connections, which could take one between the probe and the server; each worker has its own thousand. */
let nextPort =
  20_000 + Number(process.env['TEST_PARALLEL_INDEX'] ?? 0) * 1_000 + Math.floor(Math.random() * 900);

export async function freePort(): Promise<number> {
  for (let tries = 0; tries < 100; tries++) {
    const port = nextPort++;
    if (await isFree(port)) return port;
  }
  throw new Error('No port is free.');
}

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
