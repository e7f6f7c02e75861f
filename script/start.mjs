// Starts the built application, loads the demo when asked, and says where it is once it answers.
import { performance } from 'node:perf_hooks';

const started = Number(process.argv[2]) * 1000 || Date.now() - performance.now();
await import('../web/build/index.js');
const address = process.env.ORIGIN;
for (;;) {
  const answer = await fetch(`${address}/api/ready`).catch(() => null);
  if (answer?.ok) {
    const { demo } = await answer.json();
    console.log(
      `Good Reach answers at ${address} (started in ${((Date.now() - started) / 1000).toFixed(1)} s)`,
    );
    if (demo)
      console.log(
        `Demo studio: press “Open the demo studio”, or sign in as ${demo.email} with ${demo.password}`,
      );
    console.log('Stop with Ctrl C.');
    break;
  }
  if (answer && answer.status >= 500) {
    console.error('The application started, but its database does not answer. See the log above.');
    process.exit(1);
  }
  await new Promise((resolve) => setTimeout(resolve, 100));
}
