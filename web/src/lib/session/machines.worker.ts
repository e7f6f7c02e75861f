import {
  materialCases,
  type Design,
  type Machine,
  type Matching,
  type Nest,
  type Refusal,
  type Sawing,
  type SheetOptions,
} from 'goodreach';
import {
  nestFiles,
  nestSheets,
  partFiles,
  played,
  sheetProgram,
  templateFiles,
  uniquelyNamed,
  workPiece,
  writeIso,
  writeSheetPdf,
  type Clamp,
  type MachineFile,
  type MachineFormat,
  type OnBed,
  type OnePart,
  type Played,
} from 'goodreach/machines';
import bold from '@fontsource/fira-sans/files/fira-sans-latin-500-normal.woff?url';
import regular from '@fontsource/fira-sans/files/fira-sans-latin-400-normal.woff?url';

/** The nests there are, by the keys of their materials. */
type Nests = Readonly<Record<string, Nest>>;

/** What the page asks of the room: files of all parts or of one, of nested sheets, of tops; a sheet played on the router. */
export type MachineQuestion = { id: number; design: Design } & (
  | { ask: 'parts'; format: MachineFormat; machine: Machine; only?: OnePart }
  | { ask: 'tops' }
  | { ask: 'sheets'; format: 'dxf' | 'iso'; machine: Machine; sawing: Sawing; nests: Nests }
  | { ask: 'paper'; sawing: Sawing; nests: Nests; matched: Matching; options: SheetOptions }
  | ({ ask: 'play'; machine: Machine; sawing: Sawing } & OnRouter)
);

/** A sheet of a material's nest, and what holds it down. */
interface OnRouter {
  material: string;
  nest: Nest;
  sheet: number;
  clamps: readonly Clamp[];
}

/** A sheet on the router as it was played. */
export interface PlayedSheet {
  played: Played;
  bed: OnBed;
  tools: ReadonlyMap<number, number>;
}

export type MachineAnswer = { id: number } & (
  | { files: readonly MachineFile[] }
  | { pdf: Uint8Array<ArrayBuffer> }
  | { sheet: PlayedSheet }
  | { refusal: Refusal }
  | { failed: string }
);
type Answered =
  | { files: readonly MachineFile[] }
  | { pdf: Uint8Array<ArrayBuffer> }
  | { sheet: PlayedSheet }
  | { refusal: Refusal };

onmessage = async ({ data }: MessageEvent<MachineQuestion>) => {
  try {
    const found = await answerTo(data);
    postMessage({ id: data.id, ...found } satisfies MachineAnswer);
  } catch (error) {
    postMessage({ id: data.id, failed: String(error) } satisfies MachineAnswer);
  }
};

async function answerTo(data: MachineQuestion): Promise<Answered> {
  const { design } = data;
  switch (data.ask) {
    case 'parts': {
      const files = partFiles(design, data.format, data.machine, data.only);
      return files.ok ? { files: uniquelyNamed(files.value) } : { refusal: files.refusal };
    }
    case 'tops':
      return { files: templateFiles(design) };
    case 'sheets':
      return sheetFiles(data);
    case 'paper': {
      const nests = casesOf(data).map(({ one, nest }) => ({ of: one, nest }));
      const sheets = nestSheets(design, nests, data.options, data.matched);
      const fonts = async () => ({ regular: await bytesAt(regular), bold: await bytesAt(bold) });
      const { job, studio } = data.options;
      const pdf = await writeSheetPdf(sheets, fonts, { title: job, author: studio, date: new Date() });
      return { pdf: new Uint8Array(pdf) };
    }
    case 'play':
      return playSheet(data);
  }
}

/** The materials of the room that there are nests of. */
const casesOf = ({ design, sawing, nests }: { design: Design; sawing: Sawing; nests: Nests }) =>
  materialCases(design, sawing).flatMap((one) => {
    const nest = nests[one.case.id];
    return nest ? [{ one, nest }] : [];
  });

function sheetFiles(data: MachineQuestion & { ask: 'sheets' }): Answered {
  const files: MachineFile[] = [];
  for (const { one, nest } of casesOf(data)) {
    const made = nestFiles(one, nest, data.format, data.machine);
    if (!made.ok) return { refusal: made.refusal };
    files.push(...made.value);
  }
  return { files: uniquelyNamed(files) };
}

function playSheet({
  design,
  machine,
  sawing,
  material,
  nest,
  sheet,
  clamps,
}: MachineQuestion & { ask: 'play' }): Answered {
  const one = materialCases(design, sawing).find(({ case: { id } }) => id === material);
  const laid = nest.sheets[sheet];
  if (!one || !laid) return { files: [] };
  const stock = one.case.stock.find(({ id }) => id === laid.stock)!;
  const pieceOf = (id: string) => workPiece(one.of.get(id)!.part);
  const program = sheetProgram(laid, { name: one.name, stock, kerf: sawing.kerf, pieceOf }, machine);
  if (!program.ok) return { refusal: program.refusal };
  const { size, thick, works } = program.value;
  const bed: OnBed = { size, thick, works, clamps, beyond: 0 };
  const text = writeIso(program.value);
  const tools = new Map(machine.tools.map(({ number, size: across }) => [number, across]));
  return { sheet: { bed, tools, played: played(text, bed, machine) } };
}

async function bytesAt(url: string): Promise<Uint8Array> {
  const found = await fetch(url);
  return new Uint8Array(await found.arrayBuffer());
}
