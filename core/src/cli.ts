import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Command, CommanderError } from 'commander';
import { rulePackIds } from './document/limits';
import { readPacks } from './cli/check';
import { collideCommand } from './cli/collide';
import { dimsCommand } from './cli/dims';
import { fitCommand } from './cli/fit';
import { machineCommand, type MachineFlags } from './cli/machine';
import { drawCommand, type DrawFlags } from './cli/draw';
import { EVERY_VIEW } from './drawing/named-views';
import { itemsCommand } from './cli/items';
import { openCommand } from './cli/open';
import { proposeCommand, type ProposeFlags } from './cli/propose';
import { roomCommand } from './cli/room';
import { servicesCommand } from './cli/services';
import { designTileCommand } from './cli/design-tile';
import { designTopsCommand } from './cli/design-tops';
import { designNestCommand, plainNestCommand, type NestFlags } from './cli/nest';
import { plainTileCommand } from './cli/tile';
import { plainTopsCommand } from './cli/tops';
import { scheduleCommand, type ScheduleFlags } from './cli/schedule';
import { sheetCommand, type SheetFlags } from './cli/sheet';
import { scheduleIds } from './schedules/find-schedule';
import { shopListIds } from './shop/lists/find-list';
import { styleOf, type Design } from './document/design';
import { openDesign } from './exports/design-json';
import { costReport } from './exports/cost-json';
import { partsReport } from './exports/parts-json';
import { reachReport } from './exports/reach-json';
import { rangeCsv } from './exports/range-csv';
import { templateReport } from './exports/template-json';
import { readPriceCsv } from './imports/price-csv';
import { readRangeCsv } from './imports/range-csv';
import { findRange, ranges } from './ranges/shelf';
import type { Refusal, Result } from './result';
import { usualStyle, type LengthStyle } from './units/units';
import { refusalText } from './wording/refusal-text';
import { saidFaults } from './wording/words';

/** A refusal on its way out: printed as JSON on standard error, exit status 1. */
class Refused extends Error {
  constructor(
    readonly refusal: Refusal,
    style: LengthStyle = usualStyle('mm'),
  ) {
    super(refusalText(refusal, style));
  }
}

/** What was read has faults, which are printed already. */
class Faulty extends Error {}

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

program
  .command('check')
  .description('every reach finding, the gravest first, with each check’s measured and required')
  .argument('<design>', 'a design file (JSON)')
  .option(
    '--pack <packs>',
    `packs to check by, with commas between: ${rulePackIds.join(', ')}, or all; the room’s own unless given`,
  )
  .action(async (file: string, { pack }: { pack?: string }) => {
    const packs = pack === undefined ? undefined : valueOf(readPacks(pack), usualStyle('mm'));
    print(reachReport(await readDesignFile(file), packs));
  });
reader('dims', 'the dimension chains of every face', dimsCommand);
reader('items', 'every item with its sizes, place and price', itemsCommand);
reader('open', 'what is left open in every run, and the filler that would close it', openCommand);
reader('services', 'what was surveyed, and the rough-ins that items bring', servicesCommand);
reader('parts', 'everything the shop makes, part by part, and the hardware for it', partsReport);
reader(
  'template',
  'every piece of every top, waterfall end and splash as it is made: outline, edges, cut-outs, slabs',
  templateReport,
);
reader('room', 'corners, lengths, areas, misclosure and residuals', roomCommand);
reader('validate', 'whether the file is a sound design', (design) => ({
  ok: true,
  records: Object.keys(design.records).length,
}));

program
  .command('collide')
  .description('what goes into what, how deep and where')
  .argument('<design>', 'a design file (JSON)')
  .option('--open', 'with all doors and drawers open')
  .action(async (file: string, { open }: { open?: boolean }) =>
    print(collideCommand(await readDesignFile(file), open)),
  );

program
  .command('propose')
  .description('the best ways to fill faces, or an open length of one, from the room’s range')
  .argument('[design]', 'a design file (JSON)')
  .option('--face <letters>', 'a face, or several that follow one another, such as A,B')
  .option('--plain <file>', 'bare cases of runs to be filled (JSON), in place of a design')
  .option('--at <place>', 'only the open length at this distance from the face’s left end')
  .option('--band <band>', 'base, wall or tall', 'base')
  .option('--family <pattern>', 'the code pattern of the family that fills, such as F*-3')
  .option(
    '--order <criteria>',
    'criteria, the first first: filler, symmetry, items, widths, alignment, price',
  )
  .option('--centre <place>', 'a centre line, so far from the first face’s left end')
  .option('--most <number>', 'how many answers', '4')
  .action(
    async (
      file: string | undefined,
      { plain, face, ...flags }: Partial<ProposeFlags> & { plain?: string },
    ) => {
      if (plain !== undefined) return print(valueOf(fitCommand(await readFile(plain, 'utf8'))));
      if (file === undefined)
        throw new CommanderError(1, 'propose', 'error: a design, or --plain and a file of cases, is needed');
      if (face === undefined)
        throw new CommanderError(1, 'propose', "error: required option '--face <letters>' not specified");
      const design = await readDesignFile(file);
      print(valueOf(proposeCommand(design, { ...flags, face } as ProposeFlags), styleOf(design)));
    },
  );

program
  .command('tops')
  .description('the tops of a room: area, edges by kind, corners; or the pieces of bare tops')
  .argument('[design]', 'a design file (JSON)')
  .option('--plain <file>', 'bare cases of tops (JSON), in place of a design')
  .action(async (file: string | undefined, { plain }: { plain?: string }) => {
    if (plain !== undefined) return print(valueOf(plainTopsCommand(await readFile(plain, 'utf8'))));
    if (file === undefined)
      throw new CommanderError(1, 'tops', 'error: a design, or --plain and a file of cases, is needed');
    print(designTopsCommand(await readDesignFile(file)));
  });

program
  .command('cost')
  .description('what a room costs: every line with the things it comes from, sums, the total')
  .argument('<design>', 'a design file (JSON)')
  .option('--prices <file>', 'a book of prices (CSV: code, unit, price); made-up ones unless given')
  .action(async (file: string, { prices }: { prices?: string }) => {
    const design = await readDesignFile(file);
    if (prices === undefined) return print(costReport(design));
    const read = readPriceCsv(await readFile(prices, 'utf8'));
    if (read.ok) return print(costReport(design, read.book));
    print({ ok: false, faults: saidFaults(read.faults) });
    throw new Faulty();
  });

program
  .command('nest')
  .description(
    'parts cut from sheets by cuts right across: where each lies, the cuts in sawing order, the bound',
  )
  .argument('[design]', 'a design file (JSON): what its room takes of every sheet material')
  .option('--plain <file>', 'bare cases of sheets and parts (JSON), in place of a design')
  .option('--kerf <mm>', 'how wide the saw cuts; 4 unless given')
  .option('--trim <mm>', 'what is trimmed off every edge; 10 unless given')
  .option('--sheets <sizes>', 'sizes of sheets, mm, with commas between: 2800x2070,2440x1220')
  .option('--seconds <number>', 'how long each material is searched for; 2 unless given')
  .option('--match <way>', 'let grain run on over fronts: up each cabinet, or along each run')
  .action(async (file: string | undefined, { plain, ...flags }: NestFlags & { plain?: string }) => {
    if (plain !== undefined) return print(valueOf(plainNestCommand(await readFile(plain, 'utf8'))));
    if (file === undefined)
      throw new CommanderError(1, 'nest', 'error: a design, or --plain and a file of cases, is needed');
    const design = await readDesignFile(file);
    print(valueOf(designNestCommand(design, flags), styleOf(design)));
  });

program
  .command('machine')
  .description(
    'files for machines: of each part, or of nested sheets; their names and texts unless a folder is given',
  )
  .argument('<design>', 'a design file (JSON)')
  .requiredOption('--of <subject>', 'parts or sheets')
  .requiredOption('--format <format>', 'iso (ISO 6983), dxf, or points: a table of every hole of every part')
  .option('--kerf <mm>', 'how far apart parts lie on a sheet, as wide as the cutter; 12 unless given')
  .option('--trim <mm>', 'what stays free along every edge of a sheet; 15 unless given')
  .option('--sheets <sizes>', 'sizes of sheets, mm, with commas between: 2800x2070,2440x1220')
  .option('--seconds <number>', 'how long each material is searched for; 2 unless given')
  .option('--out <folder>', 'write the files into this folder, which is there')
  .action(async (file: string, { out, ...flags }: MachineFlags & { out?: string }) => {
    const design = await readDesignFile(file);
    const files = valueOf(machineCommand(design, flags), styleOf(design));
    if (out === undefined) return print({ files });
    for (const { name, text } of files) await writeFile(join(out, name), text);
    print({ written: files.map(({ name }) => name) });
  });

program
  .command('tile')
  .description(
    'the zones of tile of a room: counts, cuts, what is ordered; or bare zones, offcuts, materials',
  )
  .argument('[design]', 'a design file (JSON)')
  .option('--plain <file>', 'bare cases (JSON), in place of a design')
  .action(async (file: string | undefined, { plain }: { plain?: string }) => {
    if (plain !== undefined) return print(valueOf(plainTileCommand(await readFile(plain, 'utf8'))));
    if (file === undefined)
      throw new CommanderError(1, 'tile', 'error: a design, or --plain and a file of cases, is needed');
    const design = await readDesignFile(file);
    print(valueOf(designTileCommand(design), styleOf(design)));
  });

program
  .command('draw')
  .description('a view as a drawing: an SVG true to scale, a DXF in millimetres, or its marks')
  .argument('<design>', 'a design file (JSON)')
  .requiredOption(
    '--view <view>',
    'plan, ceiling, unfold, elevation: and a face’s letter or the id of an item that stands free, or section: and its name',
  )
  .option('--format <format>', 'svg, dxf or json', 'svg')
  .option('--scale <ratio>', '10, 12, 20, 24, 25, 48 or 50', '20')
  .option('--out <file>', 'write it here')
  .action(async (file: string, flags: DrawFlags & { out?: string }) => {
    const design = await readDesignFile(file);
    const { text } = valueOf(drawCommand(design, flags), styleOf(design));
    await put(text, flags.out);
  });

program
  .command('dxf')
  .description('drawings as a DXF in true millimetres: every one side by side, or one of them')
  .argument('<design>', 'a design file (JSON)')
  .option('--view <view>', 'all, or a view as draw takes it', EVERY_VIEW)
  .option('--scale <ratio>', '10, 12, 20, 24, 25, 48 or 50: the size of texts', '20')
  .option('--out <file>', 'write it here')
  .action(async (file: string, flags: Omit<DrawFlags, 'format'> & { out?: string }) => {
    const design = await readDesignFile(file);
    const { text } = valueOf(drawCommand(design, { ...flags, format: 'dxf' }), styleOf(design));
    await put(text, flags.out);
  });

/** Writes what was made into a file, or on standard output. */
async function put(content: string | Uint8Array, out: string | undefined): Promise<void> {
  if (out !== undefined) await writeFile(out, content);
  else process.stdout.write(content);
}

const rangeProgram = program.command('range').description('ranges as tables (CSV)');
rangeProgram
  .command('import')
  .description('whether a table is a sound range: the range, or every fault with its line and column')
  .argument('<table>', 'a CSV file, one family a line')
  .action(async (file: string) => {
    const report = readRangeCsv(await readFile(file, 'utf8'), 'imported');
    print(report.ok ? report : { ...report, faults: saidFaults(report.faults) });
    if (!report.ok) throw new Faulty();
  });
rangeProgram
  .command('export')
  .description('a range of the program as a table')
  .argument('<range>', `one of ${ranges.map(({ id }) => id).join(', ')}`)
  .action((id: string) => {
    const range = findRange(id);
    if (!range)
      throw new Refused({
        code: 'sheet-unknown',
        data: { what: 'range', value: id, known: ranges.map((one) => one.id) },
      });
    process.stdout.write(rangeCsv(range));
  });

program
  .command('sheet')
  .description('the sheets of a room, as a summary, or with --out as a PDF or as SVGs')
  .argument('<design>', 'a design file (JSON)')
  .option(
    '--show <sheets>',
    'plan, construction, ceiling, elevations, tops, tiles, details, schedules, reach or set',
    'plan',
  )
  .option('--page <page>', 'A4, A3, A2, Letter, Tabloid, Arch B, Arch C or Arch D', 'A3')
  .option('--scale <ratio>', '10, 12, 20, 24, 25, 48 or 50', '20')
  .option('--job <name>', 'job name for the title block', '')
  .option('--studio <name>', 'studio name for the title block', '')
  .option('--client <name>', 'who the job is for')
  .option('--site <address>', 'where it is')
  .option('--number <number>', 'its number')
  .option('--drawn-by <name>', 'who draws it')
  .option('--checked-by <name>', 'who has checked it')
  .option('--date <date>', 'date of the print, yyyy-mm-dd')
  .option('--revision <number>', 'revision number', '0')
  .option('--format <format>', 'pdf or svg', 'pdf')
  .option('--style <file>', 'a template of the studio (JSON): what a set holds, its lines, logo and notes')
  .option('--out <file>', 'write them here: of several SVGs each under this name with its number')
  .action(async (file: string, { style, ...flags }: SheetFlags & { out?: string }) => {
    const design = await readDesignFile(file);
    const read = style === undefined ? {} : { style: await readFile(style, 'utf8') };
    const sheet = valueOf(await sheetCommand(design, { ...flags, ...read }), styleOf(design));
    if (flags.out === undefined) return print(sheet.summary);
    const files = await sheet.files(flags.out);
    for (const { name, content } of files) await writeFile(name, content);
    const names = files.map(({ name }) => name);
    print({ ...sheet.summary, ...(names.length === 1 ? { out: names[0] } : { files: names }) });
  });

program
  .command('schedule')
  .description('the schedules of a room and its lists for the shop: as JSON, one as CSV, or as a workbook')
  .argument('<design>', 'a design file (JSON)')
  .option(
    '--of <schedule>',
    `all, ${scheduleIds.join(', ')}; or for the shop: shop, ${shopListIds.join(', ')}`,
    'all',
  )
  .option('--columns <columns>', 'these columns of it, with commas between')
  .option('--sort <column>', 'sorted by a column; with a minus before it from the last to the first')
  .option('--group <column>', 'parted by a column, each part with its sums (JSON)')
  .option('--format <format>', 'json, csv or xlsx', 'json')
  .option('--out <file>', 'write it here')
  .action(async (file: string, flags: ScheduleFlags & { out?: string }) => {
    const design = await readDesignFile(file);
    const made = valueOf(await scheduleCommand(design, flags), styleOf(design));
    if ('json' in made && flags.out === undefined) return print(made.json);
    const content =
      'json' in made ? JSON.stringify(made.json, null, 2) : 'text' in made ? made.text : made.bytes;
    await put(content, flags.out);
  });

/** Runs the command line; gives the exit status. */
export async function main(argv: readonly string[]): Promise<number> {
  try {
    await program.parseAsync(argv as string[]);
    return 0;
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : 1;
    if (error instanceof Faulty) return 1;
    if (error instanceof Refused) {
      const { code, data: told } = error.refusal;
      const data = 'faults' in told ? { faults: saidFaults(told.faults) } : told;
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
