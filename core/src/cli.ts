import { readFile, writeFile } from 'node:fs/promises';
import { Command, CommanderError } from 'commander';
import { checkCommand } from './cli/check';
import { collideCommand } from './cli/collide';
import { dimsCommand } from './cli/dims';
import { itemsCommand } from './cli/items';
import { roomCommand } from './cli/room';
import { sheetCommand, type SheetFlags } from './cli/sheet';
import { styleOf, type Design } from './document/design';
import { openDesign } from './exports/design-json';
import type { Refusal, Result } from './result';
import { usualStyle, type LengthStyle } from './units/units';
import { refusalText } from './wording/refusal-text';

/** A refusal on its way out: printed as JSON on standard error, exit status 1. */
class Refused extends Error {
  constructor(
    readonly refusal: Refusal,
    style: LengthStyle = usualStyle('mm'),
  ) {
    super(refusalText(refusal, style));
  }
}

function valueOf<T>(result: Result<T>, style?: LengthStyle): T {
  if (!result.ok) throw new Refused(result.refusal, style);
  return result.value;
}

async function readDesignFile(file: string): Promise<Design> {
  return valueOf(openDesign(await readFile(file, 'utf8')));
}

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

const program = new Command('goodreach')
  .description('Reads a design file and prints what follows from it, as JSON.')
  .exitOverride();

/** One subcommand that reads a design and prints what a function makes of it. */
function reader(name: string, description: string, compute: (design: Design) => unknown): void {
  program
    .command(name)
    .description(description)
    .argument('<design>', 'a design file (JSON)')
    .action(async (file: string) => print(compute(await readDesignFile(file))));
}

reader('check', 'every reach finding, the gravest first', checkCommand);
reader('collide', 'what goes into what, how deep and where', collideCommand);
reader('dims', 'the dimension chains of every face', dimsCommand);
reader('items', 'every item with its sizes, place and price', itemsCommand);
reader('room', 'corners, lengths, areas, misclosure and residuals', roomCommand);
reader('validate', 'whether the file is a sound design', (design) => ({
  ok: true,
  records: Object.keys(design.records).length,
}));

program
  .command('sheet')
  .description('the plan sheet, as a summary, or as a PDF with --out')
  .argument('<design>', 'a design file (JSON)')
  .option('--page <page>', 'A3, A2, Tabloid or Arch C', 'A3')
  .option('--scale <ratio>', '20, 24, 48 or 50', '20')
  .option('--job <name>', 'job name for the title block', '')
  .option('--studio <name>', 'studio name for the title block', '')
  .option('--date <date>', 'date of the print, yyyy-mm-dd')
  .option('--revision <number>', 'revision number', '0')
  .option('--out <file>', 'write a PDF here')
  .action(async (file: string, flags: SheetFlags & { out?: string }) => {
    const design = await readDesignFile(file);
    const sheet = valueOf(await sheetCommand(design, flags), styleOf(design));
    if (flags.out) await writeFile(flags.out, await sheet.pdf());
    print({ ...sheet.summary, ...(flags.out ? { out: flags.out } : {}) });
  });

/** Runs the command line; gives the exit status. */
export async function main(argv: readonly string[]): Promise<number> {
  try {
    await program.parseAsync(argv as string[]);
    return 0;
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : 1;
    if (error instanceof Refused) {
      const { code, data } = error.refusal;
      process.stderr.write(`${JSON.stringify({ error: { code, message: error.message, data } }, null, 2)}\n`);
      return 1;
    }
    if (
      error instanceof Error &&
      'code' in error &&
      typeof error.code === 'string' &&
      error.code.startsWith('E')
    ) {
      process.stderr.write(
        `${JSON.stringify({ error: { code: 'file', message: error.message } }, null, 2)}\n`,
      );
      return 1;
    }
    throw error;
  }
}
