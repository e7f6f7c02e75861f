import { mkdir, writeFile } from 'node:fs/promises';
import { demoJobs } from '../src/demo/demo-jobs';
import { roomOf } from '../src/document/design';
import { writeDesignJson } from '../src/exports/design-json';

/** Writes the demo designs as files, to try the command line on. */
const folder = process.argv[2] ?? 'demo-designs';
await mkdir(folder, { recursive: true });
for (const room of demoJobs().flatMap(({ rooms }) => rooms)) {
  const name = roomOf(room).name.toLowerCase().replaceAll(' ', '-');
  await writeFile(`${folder}/${name}.json`, writeDesignJson(room));
}
