import { writeFileSync } from 'node:fs';
import { demoJobs } from '../src/demo/demo-jobs';
import { drawPlan } from '../src/drawing/plan';
import { writeDrawingSvg } from '../src/exports/svg';
const [a, b, s] = process.argv.slice(2).map(Number);
const room = demoJobs()[a!]!.rooms[b!]!;
writeFileSync('/tmp/plan.svg', writeDrawingSvg(drawPlan(room, s!), s!));
