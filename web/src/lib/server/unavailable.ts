import { ConnectionAcquireTimeoutError, ConnectionError, DatabaseError } from 'sequelize';

/** What a page says when the database does not answer in time, and after how many seconds it is worth while to ask again. */
export const UNAVAILABLE = 'The database does not answer in time. Nothing is lost; try again in a moment.';
export const RETRY_AFTER = 2;

/** What PostgreSQL says when it cannot serve: waited too long for a lock or an answer, is stopping or starting, has no connection left. */
const codes: ReadonlySet<string> = new Set([
  '25P03',
  '53300',
  '55P03',
  '57014',
  '57P01',
  '57P02',
  '57P03',
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
]);

/** Whether an error says that the database is not there or has no time, rather than that something is wrong with the program. */
export function isUnavailable(error: unknown): boolean {
  if (error instanceof ConnectionAcquireTimeoutError || error instanceof ConnectionError) return true;
  if (error instanceof DatabaseError) return isUnavailable(error.parent);
  if (!(error instanceof Error)) return false;
  const { code } = error as { code?: unknown };
  if (typeof code === 'string') return codes.has(code) || code.startsWith('08');
  return /^Connection terminated/.test(error.message);
}
