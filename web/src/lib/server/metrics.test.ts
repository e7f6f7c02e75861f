import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { countAnswer, mayMeasure, writeMetrics } from './metrics';
import { freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await freshDatabase();
});
afterAll(async () => {
  delete process.env['METRICS_TOKEN'];
  await drop();
});

describe('what is measured', () => {
  beforeEach(() => {
    process.env['METRICS_TOKEN'] = 'a token';
  });

  it.each([
    ['Bearer a token', true],
    ['Bearer a tokem', false],
    ['Bearer a toke', false],
    ['Bearer a token ', false],
    ['a token', false],
    ['', false],
    [null, false],
  ])('is read with the token only: %s', (authorization, may) => {
    expect(mayMeasure(authorization)).toBe(may);
  });

  it('is read by nobody where no token is set', () => {
    for (const none of ['', undefined]) {
      if (none === undefined) delete process.env['METRICS_TOKEN'];
      else process.env['METRICS_TOKEN'] = none;
      for (const authorization of ['Bearer ', 'Bearer undefined', '', null])
        expect(mayMeasure(authorization)).toBe(false);
    }
  });

  it('counts answers by their route, in steps of how long they took', async () => {
    countAnswer('/api/jobs', 'GET', 200, 9);
    countAnswer('/api/jobs', 'GET', 200, 11);
    countAnswer(null, 'GET', 404, 1);
    const { type, text } = await writeMetrics();
    expect(type).toContain('text/plain');
    const lines = text.split('\n');
    const bucket = (le: string) =>
      `goodreach_answer_seconds_bucket{le="${le}",route="/api/jobs",method="GET",status="200"}`;
    expect(lines).toContain(`${bucket('0.005')} 0`);
    expect(lines).toContain(`${bucket('0.01')} 1`);
    expect(lines).toContain(`${bucket('0.025')} 2`);
    expect(lines).toContain('goodreach_answer_seconds_count{route="none",method="GET",status="404"} 1');
    expect(lines).toContain('goodreach_tasks_waiting 0');
    expect(lines.some((line) => line.startsWith('goodreach_database_connections{state="all"}'))).toBe(true);
  });
});
