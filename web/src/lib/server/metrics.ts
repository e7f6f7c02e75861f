import { timingSafeEqual } from 'node:crypto';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { QueryTypes, type Sequelize } from 'sequelize';
import { database } from './database';

const registry = new Registry();
collectDefaultMetrics({ register: registry, prefix: 'goodreach_' });

const answers = new Histogram({
  name: 'goodreach_answer_seconds',
  help: 'How long answers took, by route, method and status.',
  labelNames: ['route', 'method', 'status'] as const,
  buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10],
  registers: [registry],
});

new Gauge({
  name: 'goodreach_tasks_waiting',
  help: 'Tasks that no worker has done yet.',
  registers: [registry],
  async collect() {
    const [row] = await (await database()).query<{ count: number }>(WAITING, { type: QueryTypes.SELECT });
    this.set(row!.count);
  },
});
const WAITING = `select count(*)::int as count from tasks where state = 'waiting'`;

/** A pool of connections as Sequelize has it. */
interface Pool {
  size: number;
  using: number;
  waiting: number;
}

new Gauge({
  name: 'goodreach_database_connections',
  help: 'Connections of this process to the database: all, in use, and requests that wait for one.',
  labelNames: ['state'] as const,
  registers: [registry],
  async collect() {
    const { pool } = (await database()).connectionManager as Sequelize['connectionManager'] & { pool: Pool };
    this.set({ state: 'all' }, pool.size);
    this.set({ state: 'used' }, pool.using);
    this.set({ state: 'awaited' }, pool.waiting);
  },
});

/** Counts an answer; the route is its pattern, never an address that somebody made up. */
export function countAnswer(route: string | null, method: string, status: number, ms: number): void {
  answers.observe({ route: route ?? 'none', method, status }, ms / 1_000);
}

/** What is measured, in the text format of Prometheus. */
export async function writeMetrics(): Promise<{ type: string; text: string }> {
  return { type: registry.contentType, text: await registry.metrics() };
}

/** Whether whoever asks may read what is measured: with the token of METRICS_TOKEN, and nobody where none is set. */
export function mayMeasure(authorization: string | null): boolean {
  const token = process.env['METRICS_TOKEN'];
  if (!token || authorization === null) return false;
  const [given, wanted] = [authorization, `Bearer ${token}`].map((text) => Buffer.from(text)) as [
    Buffer,
    Buffer,
  ];
  return given.length === wanted.length && timingSafeEqual(given, wanted);
}
