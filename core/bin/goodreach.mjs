#!/usr/bin/env node
import { fileURLToPath } from 'node:url';

// The records are decorated classes: the loader must know core's compiler settings wherever the command is run from.
process.env.TSX_TSCONFIG_PATH = fileURLToPath(new URL('../tsconfig.json', import.meta.url));
const { register } = await import('tsx/esm/api');
register();
const { main } = await import('../src/cli.ts');
process.exitCode = await main(process.argv);
