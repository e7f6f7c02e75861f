import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import { boundsOf, type Bounds } from '../../geometry/polygon';
import { checkReach } from '../../reach/check-reach';
import { countVerdicts, isWaived, verdicts, type Finding } from '../../reach/finding';
import { packsOf } from '../../reach/packs';
import { idleWaivers } from '../../reach/waived';
import { itemBoxes } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { reachWords } from '../../wording/drawing-words';
import { packs, ruleName, ruleSource, saidChecks, sayFinding } from '../../wording/rule-texts';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { wrapped } from '../text-layout';
import { COLUMN, fieldOf, MARGIN, type SheetContent, type SheetOptions } from './sheet-frame';
import { point, text } from './sheet-marks';

/** Paper mm: how wide a finding is told, its picture, and the space about them. */
const WIDE = 94;
const PICTURE = { wide: 34, high: 26 };
const GAP = 5;
/** From line to line, and how far text stands right of the picture. */
const LINE = 3.7;
const INDENT = PICTURE.wide + 4;
/** Text is no smaller in print. */
const SIZE = TEXT.small;

/** A block of marks from its top left corner down, and how high it is, paper mm. */
interface Block {
  high: number;
  marks: (left: number, top: number) => Primitive[];
}

/** The reach report: every finding with its place, what was measured and asked, by whom, and why it was accepted where it was; a list of blocks in columns, sheet after sheet. */
export function reachSheets(design: Design, options: SheetOptions): SheetContent[] {
  const { page } = options;
  const { findings, failed } = checkReach(design);
  const field = fieldOf(page);
  const picture = pictureOf(design);
  const blocks = inOrder(findings).flatMap(({ title, own }) => [
    headingOf(`${title} (${own.length})`),
    ...own.map((finding) => blockOf(design, finding, picture)),
  ]);
  for (const { rule, reason } of failed) blocks.push(linesOf([reachWords.failed(ruleName(rule), reason)]));
  const columns = Math.max(1, Math.floor((field.right - field.left + GAP) / (WIDE + GAP)));
  const sheets: Primitive[][] = [[]];
  let [column, top] = [0, field.top];
  for (const [index, block] of blocks.entries()) {
    // A heading stays with what it is over.
    const needed = block.high + (block.high <= HEADING ? (blocks[index + 1]?.high ?? 0) : 0);
    if (top - needed < field.bottom && top < field.top) {
      [column, top] = [column + 1, field.top];
      if (column === columns) {
        column = 0;
        sheets.push([]);
      }
    }
    sheets.at(-1)!.push(...block.marks(field.left + column * (WIDE + GAP), top));
    top -= block.high;
  }
  return sheets.map((marks, index) => ({
    title: index === 0 ? reachWords.title : reachWords.continued(index),
    ...{ shows: reachWords.report, marks, scale: null },
    column: index === 0 ? summaryMarks(design, options) : [],
  }));
}

/** Findings by verdict, the gravest first; what is accepted by itself, before what is clear. */
function inOrder(findings: readonly Finding[]): { title: string; own: readonly Finding[] }[] {
  const open = findings.filter((one) => !isWaived(one));
  const groups = verdicts.map((verdict) => ({
    title: reachWords.verdicts[verdict],
    own: open.filter((one) => one.verdict === verdict),
  }));
  groups.splice(3, 0, { title: reachWords.accepted, own: findings.filter(isWaived) });
  return groups.filter(({ own }) => own.length > 0);
}

const HEADING = 9;

const headingOf = (title: string): Block => ({
  high: HEADING,
  marks: (left, top) => [
    text(title, left, top - 4, TEXT.normal, true),
    line('sheet', [point(left, top - 7), point(left + WIDE, top - 7)], WEIGHT.object, 'drawing'),
  ],
});

const linesOf = (lines: readonly string[]): Block => ({
  high: lines.length * LINE + GAP,
  marks: (left, top) => lines.map((said, index) => text(said, left, top - 3 - index * LINE, SIZE)),
});

/** A finding: its place in the room, its rule, what it says, each check, and its waiver. */
function blockOf(
  design: Design,
  finding: Finding,
  picture: (finding: Finding, left: number, top: number) => Primitive[],
): Block {
  const wide = WIDE - INDENT;
  const { rule, also = [], waiver } = finding;
  const rules = [rule, ...also];
  const lines: { said: string; bold?: true }[] = [
    ...wrapped(`${rules.join(', ')} ${ruleName(rule)}`, SIZE, wide - 5, true).map((said) => ({
      ...{ said, bold: true as const },
    })),
    ...wrapped(sayFinding(design, finding), SIZE, wide).map((said) => ({ said })),
    ...saidChecks(design, finding).flatMap(({ name, measured, asked }) =>
      wrapped(reachWords.check(name, measured, asked), SIZE, wide).map((said) => ({ said })),
    ),
    ...rules.flatMap((id) => wrapped(ruleSource(id), SIZE, wide).map((said) => ({ said }))),
    ...(waiver
      ? wrapped(reachWords.waiver(waiver.reason, waiver.by, waiver.on, waiver.isReopened), SIZE, wide).map(
          (said) => ({ said, bold: true as const }),
        )
      : []),
  ];
  return {
    high: Math.max(PICTURE.high, lines.length * LINE + 2) + GAP,
    marks: (left, top) => [
      ...picture(finding, left, top),
      ...verdictMark(finding.verdict, left + WIDE - 2.4, top - 2.6),
      ...lines.map(({ said, bold = false }, index) =>
        text(said, left + INDENT, top - 2.6 - index * LINE, SIZE, bold),
      ),
    ],
  };
}

/** The room small, with the place of a finding shaded and what it is about drawn firmly. */
function pictureOf(design: Design) {
  const { outline: walls } = roomShape(design);
  const boxes = itemBoxes(design).filter(({ kind, low }) => !kind.within && low < HUNG);
  const standing = [...walls, ...boxes.flatMap(({ footprint }) => footprint)];
  return ({ ids, place }: Finding, left: number, top: number): Primitive[] => {
    // What stands past the walls is a finding itself: it is in the picture.
    const extent = boundsOf([...standing, ...place]);
    const ratio = Math.max(
      (extent.right - extent.left) / (PICTURE.wide - 2),
      (extent.top - extent.bottom) / (PICTURE.high - 2),
    );
    const at = paperOf(extent, ratio, left, top);
    const own = new Set(ids);
    return [
      ...boxes.map(({ id, footprint }) =>
        outline(
          'sheet',
          footprint.map(at),
          own.has(id) ? WEIGHT.object : WEIGHT.thin,
          own.has(id) ? 'drawing' : 'faint',
        ),
      ),
      ...(place.length > 2
        ? [outline('sheet', place.map(at), WEIGHT.object, 'measure', 'water')]
        : place.length === 2
          ? [line('sheet', place.map(at), WEIGHT.cut, 'measure')]
          : []),
      outline('sheet', walls.map(at), WEIGHT.cut, 'drawing'),
    ];
  };
}

/** What begins higher is left out of the picture, mm. */
const HUNG = 900;

function paperOf(
  { left: west, right, bottom, top: north }: Bounds,
  ratio: number,
  left: number,
  top: number,
) {
  const [x, y] = [(west + right) / 2, (bottom + north) / 2];
  return (place: Point): Point => ({
    x: left + PICTURE.wide / 2 + (place.x - x) / ratio,
    y: top - PICTURE.high / 2 + (place.y - y) / ratio,
  });
}

/** Told apart by shape: clear a ring, tight half filled, blocked filled with a bar, what cannot be judged a broken ring. */
function verdictMark(verdict: Finding['verdict'], x: number, y: number): Primitive[] {
  const radius = 1.5;
  const ring = {
    layer: 'sheet',
    centre: point(x, y),
    radius,
    ink: 'drawing',
    weight: WEIGHT.object,
  } as const;
  const circle: Primitive = { type: 'arc', ...ring, from: 0, sweep: 2 * Math.PI };
  switch (verdict) {
    case 'clear':
      return [circle];
    case 'unjudged':
      return [{ ...circle, dash: DASH }];
    case 'tight':
      return [circle, { ...circle, from: Math.PI / 2, sweep: Math.PI, fill: 'drawing' }];
    case 'blocked':
      return [
        { ...circle, fill: 'drawing' },
        line('sheet', [point(x - 0.8, y), point(x + 0.8, y)], WEIGHT.cut, 'paper'),
      ];
  }
}

/** What the room was checked by, how it stands, and what such a report is not. */
function summaryMarks(design: Design, { page }: SheetOptions): Primitive[] {
  const left = page.width - MARGIN - COLUMN + 4;
  const report = checkReach(design);
  const counts = countVerdicts(report);
  const idle = idleWaivers(design, report.findings).length;
  const wide = COLUMN - 8;
  const lines = [
    ...verdicts.map((verdict) => reachWords.count(reachWords.verdicts[verdict], counts[verdict])),
    reachWords.count(reachWords.accepted, report.findings.filter(isWaived).length),
    ...(idle > 0 ? [reachWords.idle(idle)] : []),
    '',
    reachWords.checkedBy,
    ...packsOf(design).flatMap((id) => wrapped(`${packs[id].name}: ${packs[id].basis}`, SIZE, wide)),
    '',
    ...wrapped(reachWords.standing, SIZE, wide),
  ];
  const from = page.height - MARGIN - 6;
  return [
    text(reachWords.title, left, from, TEXT.normal + 0.4, true),
    ...lines.flatMap((said, index) => (said ? [text(said, left, from - 6 - index * LINE, SIZE)] : [])),
  ];
}
