// Makes a studio with its first person. The password is typed, or read from what is piped in: never an argument, which others on the machine could see.
import { createInterface } from 'node:readline/promises';
import { parseArgs } from 'node:util';

const usage =
  'Use: script/studio add --studio "Name of the studio" --name "Name of the person" --email address';

function asked() {
  try {
    const options = { studio: { type: 'string' }, name: { type: 'string' }, email: { type: 'string' } };
    const { positionals, values } = parseArgs({ allowPositionals: true, options });
    const isWhole = values.studio && values.name && values.email;
    return positionals.length === 1 && positionals[0] === 'add' && isWhole ? values : null;
  } catch {
    return null;
  }
}

async function password() {
  const lines = createInterface({ input: process.stdin, terminal: false });
  if (process.stdin.isTTY) process.stderr.write('Password: ');
  for await (const line of lines) return line;
  return '';
}

const values = asked();
if (values === null) {
  console.error(usage);
  process.exit(2);
}
if (!process.env.DATABASE_URL) {
  console.error('DATABASE_URL is not set. Set it to the PostgreSQL address that the server uses.');
  process.exit(2);
}
process.env.GOODREACH_STUDIO = JSON.stringify({ ...values, password: await password() });
process.env.GOODREACH_ROLE = 'studio';
await import('../web/build/handler.js');
