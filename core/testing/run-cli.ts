import { vi } from 'vitest';
import { main } from '../src/cli';

export interface Ran {
  status: number;
  out: string;
  error: string;
}

/** The command in this process: what it printed, and its exit status. */
export async function runCli(...words: string[]): Promise<Ran> {
  const ran: Ran = { status: 0, out: '', error: '' };
  const out = vi.spyOn(process.stdout, 'write').mockImplementation((text) => {
    ran.out += text;
    return true;
  });
  const error = vi.spyOn(process.stderr, 'write').mockImplementation((text) => {
    ran.error += text;
    return true;
  });
  try {
    ran.status = await main(['node', 'goodreach', ...words]);
  } finally {
    out.mockRestore();
    error.mockRestore();
  }
  return ran;
}
