import { chromium, expect, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import config from '../playwright.config';
import { Application, freePort } from '../e2e/server';

/**
 * Two servers behind nginx with TLS, set up as docs/operations.md says: people work in one room over both, one server is killed
 * and started again, and nothing that was typed is lost. Needs nginx and openssl.
 */
const OPERATIONS = new URL('../../docs/operations.md', import.meta.url);
const PICTURE = new URL('../../docs/screenshots/bath.png', import.meta.url);
const EDITS = 40;
/** What a picture may have at most, bytes. */
const MOST_FILE_BYTES = 20_000_000;

/** The indented block of the operations page that says how nginx is set up. */
function documentedBlock(): string {
  const lines = readFileSync(OPERATIONS, 'utf8').split('\n');
  const from = lines.findIndex((line) => line.startsWith('    upstream '));
  const length = lines.slice(from).findIndex((line) => !line.startsWith('    '));
  return lines.slice(from, from + length).join('\n');
}

/** What is said there, with these servers, and at this port with a certificate of its own. */
function nginxConfig(folder: string, port: number, servers: readonly string[]): string {
  const [first, second] = servers.map((server) => new URL(server).host);
  const block = documentedBlock()
    .replace('127.0.0.1:3001', first!)
    .replace('127.0.0.1:3002', second!)
    .replace(
      'listen 443 ssl; server_name design.example;',
      `listen 127.0.0.1:${port} ssl; ssl_certificate cert.pem; ssl_certificate_key key.pem;`,
    );
  const temporary = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'].map(
    (kind) => `${kind}_temp_path ${folder}/${kind};`,
  );
  return `pid ${folder}/nginx.pid; error_log ${folder}/error.log; daemon off;
events {}
http { access_log off; ${temporary.join(' ')}
${block}
}`;
}

const folder = mkdtempSync(join(tmpdir(), 'goodreach-balancer-'));
// Started by root, nginx answers as another user.
chmodSync(folder, 0o755);
const port = await freePort();
const origin = `https://127.0.0.1:${port}`;
const application = await Application.start({ origin });
const servers = [application.address, await application.another()];
writeFileSync(join(folder, 'nginx.conf'), nginxConfig(folder, port, servers));
const subject = ['-subj', '/CN=127.0.0.1', '-days', '1'];
const key = ['-newkey', 'rsa:2048', '-keyout', 'key.pem', '-out', 'cert.pem'];
execFileSync('openssl', ['req', '-x509', '-nodes', ...key, ...subject], { cwd: folder, stdio: 'ignore' });
const nginx = spawn('nginx', ['-p', folder, '-c', 'nginx.conf'], { stdio: ['ignore', 'inherit', 'inherit'] });
const browser = await chromium.launch(config.use!.launchOptions);

async function signedIn(): Promise<BrowserContext> {
  const context = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: origin });
  const page = await context.newPage();
  await expect(async () => {
    await page.goto('/');
  }).toPass({ timeout: 10_000 });
  await page.getByRole('button', { name: 'Open the demo studio' }).click();
  await page.waitForURL('**/studio');
  await page.close();
  return context;
}

async function roomPage(context: BrowserContext, address: string): Promise<Page> {
  const page = await context.newPage();
  await page.goto(address);
  await page.locator('[data-ready=true]').waitFor();
  return page;
}

/** Moves an item a little to and fro by keys. */
async function nudge(page: Page, turn: number): Promise<void> {
  await page.locator('.plan').press(turn % 2 === 0 ? 'ArrowLeft' : 'ArrowRight');
}

const saved = (page: Page, revision: number) =>
  expect(page.locator('.saved')).toHaveText(`saved, revision ${revision}`, { timeout: 20_000 });

try {
  const [one, two] = [await signedIn(), await signedIn()];
  const [cookie] = await one.cookies();
  if (!cookie?.secure) throw new Error('The session cookie goes over plain HTTP too.');
  const studio = await one.newPage();
  const answer = await studio.goto('/studio');
  if (!answer?.headers()['strict-transport-security']) throw new Error('HSTS is not sent.');
  const link = studio.getByRole('link', { name: 'Galley with bay' });
  const address = (await link.getAttribute('href'))!;
  const [mine, theirs] = [await roomPage(one, address), await roomPage(two, address)];

  const room = address.replace('/rooms', '/api/rooms');
  for (const page of [mine, theirs]) await page.locator('.plan').press('n');

  for (let edit = 1; edit <= EDITS; edit++) {
    if (edit === EDITS / 2) await application.kill('server');
    const [from, to] = edit % 2 === 1 ? [mine, theirs] : [theirs, mine];
    await nudge(from, edit >> 1);
    await saved(from, edit);
    await saved(to, edit);
    if (edit === (EDITS * 3) / 4) await application.resume();
  }
  console.log(`${EDITS} edits of two people, each seen by the other; one server was killed meanwhile`);

  const sheet = await one.request.get(`${room}/sheet.pdf?show=plan&page=A3&scale=20`);
  if (sheet.status() !== 200) throw new Error(`No sheet: ${sheet.status()} ${await sheet.text()}`);
  for (const [bytes, wanted] of [
    [MOST_FILE_BYTES, 201],
    [MOST_FILE_BYTES + 1, 413],
  ] as const) {
    const headers = { origin, 'content-type': 'image/png', 'x-file-name': 'bath.png' };
    const data = Buffer.alloc(bytes);
    readFileSync(PICTURE).copy(data);
    const sent = await one.request.post(`${room}/files`, { data, headers });
    if (sent.status() !== wanted)
      throw new Error(`A picture of ${bytes} bytes: ${sent.status()} ${await sent.text()}`);
  }
  console.log('a sheet, the largest picture, and the sentence for a larger one came through');
  console.log('no fault');
} finally {
  await browser.close();
  nginx.kill();
  await application.stop();
  rmSync(folder, { recursive: true });
}
