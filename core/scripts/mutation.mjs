// Runs the mutation tester over the folders or files of src that are named, or all that it is meant for.
import { spawnSync } from 'node:child_process';
const named = process.argv.slice(2).join(',');
const env = named ? { ...process.env, MUTATE: named } : process.env;
process.exit(spawnSync('stryker', ['run', 'stryker.config.mjs'], { stdio: 'inherit', env }).status ?? 1);
