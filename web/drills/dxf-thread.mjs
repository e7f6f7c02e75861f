import { parentPort } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { dxfPicture } = await import('../../core/src/imports/dxf-picture.ts');
const { dxfRoom } = await import('../../core/src/imports/dxf-room.ts');

// The reader tells the console of every code that it does not know.
console.log = () => {};
/** Reads drawings in a thread of its own, as the page does: some never come to an end. */
parentPort.on('message', ({ of, text }) => {
  const start = performance.now();
  const read = of === 'picture' ? dxfPicture(text) : dxfRoom(text, 1);
  parentPort.postMessage({ status: read.ok ? 200 : 422, text: '', ms: performance.now() - start });
});
