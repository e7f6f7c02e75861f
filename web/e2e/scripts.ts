import { gzipSync } from 'node:zlib';

/** Runs in the page before its own scripts: keeps when what is waited for is first there. */
export function watch(ready: string): void {
  new MutationObserver((_, observer) => {
    if (!document.querySelector(ready)) return;
    performance.mark('ready');
    observer.disconnect();
  }).observe(document, { subtree: true, childList: true, attributes: true });
}

/** Runs in the page: when it was ready, ms, and the scripts that were asked for until then. */
export function untilReady(): { ms: number; scripts: string[] } {
  const ms = performance.getEntriesByName('ready')[0]!.startTime;
  const scripts = performance
    .getEntriesByType('resource')
    .filter(({ name, startTime }) => name.endsWith('.js') && startTime <= ms)
    .map(({ name }) => name);
  return { ms, scripts };
}

/** How much some scripts are gzipped, bytes: weighed afterwards, for to read them in the browser takes its time. */
export async function weighed(scripts: readonly string[]): Promise<number> {
  const sizes = scripts.map(async (url) => gzipSync(await (await fetch(url)).arrayBuffer()).length);
  return (await Promise.all(sizes)).reduce((sum, bytes) => sum + bytes, 0);
}
