import { demoJobs } from '../src/demo/demo-jobs';
import { drawPlan } from '../src/drawing/plan';
import { drawSingleView } from '../src/drawing/elevation/single-view'; import { roomViews } from '../src/drawing/elevation/views';
import { textFaults } from '../testing/drawing-faults';
const verbose = process.argv[2];
for (const job of demoJobs())
  for (const room of job.rooms) {
    const name = Object.values(room.records).find((r: any) => r.kind === 'room') as any;
    for (const scale of [10, 20, 24, 48, 50]) {
      for (const mode of ['wall-units', 'ceiling'] as const) {
        const f = textFaults(drawPlan(room, scale, { mode }), scale);
        const c: any = {};
        for (const x of f) c[x.what] = (c[x.what] ?? 0) + 1;
        if (f.length) console.log(name?.name, mode, scale, JSON.stringify(c));
        if (verbose && f.length) console.log(f.map((x) => `   ${x.what}: ${x.text} by ${x.by}`).join('\n'));
      }
      for (const view of roomViews(room)) {
        const f = textFaults(drawSingleView(room, view, scale), scale);
        const c: any = {};
        for (const x of f) c[x.what] = (c[x.what] ?? 0) + 1;
        if (f.length) console.log(name?.name, view.of, view.name, scale, JSON.stringify(c));
        if (verbose && f.length) console.log(f.map((x) => `   ${x.what}: ${x.text} by ${x.by}`).join('\n'));
      }
    }
  }
