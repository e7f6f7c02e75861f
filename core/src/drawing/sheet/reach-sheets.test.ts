import { describe, expect, it } from 'vitest';
import { execute } from '../../commands/command';
import { waiveFinding } from '../../commands/waive-finding';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import type { Design } from '../../document/design';
import { reachReport } from '../../exports/reach-json';
import { checkReach } from '../../reach/check-reach';
import { must } from '../../result';
import { ruleName } from '../../wording/rule-texts';
import { textWidth, wrapped } from '../text-layout';
import { drawSheets } from './sheet';
import { COLUMN, MARGIN, type Sheet } from './sheet-frame';
import { pages, sheetScales } from './sheet-format';

const sheetsOf = (design: Design, page = pages[0]!): Sheet[] =>
  must(
    drawSheets(design, {
      ...{ subject: 'reach', page, scale: sheetScales[0]!, studio: 'S', job: 'J' },
      ...{ date: '2026-05-14', revision: 3 },
      issue: { number: 1, name: 'Checked', date: '2026-05-14' },
    }),
  );
const textsOf = (sheets: readonly Sheet[]) =>
  sheets.flatMap(({ marks }) => marks.flatMap((mark) => (mark.type === 'text' ? [mark] : [])));
const accepted = (design: Design) => {
  const { key } = checkReach(design).findings.find(({ verdict }) => verdict === 'tight')!;
  const said = { id: 'waived', reason: 'The owner cooks alone', by: 'Iris Holm', on: '2026-05-14' };
  return must(execute(waiveFinding, design, { ...said, findings: [key] })).design;
};

describe('the reach report on paper', () => {
  it.each(pages.map((page) => [page.id, page] as const))(
    'tells every finding once and keeps within the field: %s',
    (_, page) => {
      for (const design of [orchardKitchen(), galleyWithBay()]) {
        const sheets = sheetsOf(design, page);
        const texts = textsOf(sheets);
        const { findings } = checkReach(design);
        for (const rule of new Set(findings.map((finding) => finding.rule))) {
          const heads = texts.filter(({ text, bold }) => bold && new RegExp(`^${rule}[ ,]`).test(text));
          expect([rule, heads.length]).toEqual([rule, findings.filter((one) => one.rule === rule).length]);
          expect(ruleName(rule)).toContain(heads[0]!.text.split(' ').at(-1)!);
        }
        for (const { at, text, size, bold, anchor } of texts) {
          const wide = anchor === 'start' ? textWidth(text, size, bold) : 0;
          expect(at.y).toBeGreaterThan(MARGIN);
          expect(at.y).toBeLessThan(page.height - MARGIN);
          const isInColumn = at.x >= page.width - MARGIN - COLUMN;
          expect(at.x + wide).toBeLessThan(
            isInColumn ? page.width - MARGIN + 0.01 : page.width - MARGIN - COLUMN,
          );
        }
      }
    },
  );

  it('says how the room stands, and why what was accepted was', () => {
    const before = textsOf(sheetsOf(orchardKitchen())).map(({ text }) => text);
    const after = textsOf(sheetsOf(accepted(orchardKitchen()))).map(({ text }) => text);
    const count = (texts: readonly string[], name: string) =>
      texts.find((text) => new RegExp(`^${name}: \\d`).test(text));
    expect(count(before, 'Tight')).toBe('Tight: 10');
    expect(count(after, 'Tight')).toBe('Tight: 9');
    expect(count(after, 'Accepted')).toBe('Accepted: 1');
    expect(after.join(' ')).toContain('“The owner cooks alone” Iris Holm, 2026-05-14');
    expect(before.join(' ')).toContain('not a certificate of compliance');
  });

  it('has a heading only over what follows it', () => {
    for (const { marks } of sheetsOf(orchardKitchen())) {
      const headings = marks.flatMap((mark) =>
        mark.type === 'text' && /^(Blocked|Tight|Clear|Cannot be judged) \(\d+\)$/.test(mark.text)
          ? [mark]
          : [],
      );
      for (const { at } of headings)
        expect(
          marks.some(
            (mark) => mark.type === 'text' && mark.at.y < at.y && mark.at.y > at.y - 12 && mark.at.x > at.x,
          ),
        ).toBe(true);
    }
  });
});

describe('the reach report as data', () => {
  it('has every check with measured and required, and waivers', () => {
    const report = reachReport(accepted(orchardKitchen()));
    const [waived] = report.findings.filter(({ waiver }) => waiver);
    expect(waived).toMatchObject({
      verdict: 'tight',
      waiver: { reason: 'The owner cooks alone', isReopened: false },
    });
    expect(waived!.checks.some(({ measured, required }) => measured !== null && required !== null)).toBe(
      true,
    );
    expect(JSON.parse(JSON.stringify(report))).toEqual(report);
  });
});

describe('a text in lines', () => {
  it('is broken between words, none wider than asked but a word that is', () => {
    const said = 'A planning aid, not a certificate of compliance.';
    const lines = wrapped(said, 2.3, 30);
    expect(lines.join(' ')).toBe(said);
    expect(lines.length).toBeGreaterThan(1);
    for (const one of lines) expect(textWidth(one, 2.3)).toBeLessThanOrEqual(30);
    expect(wrapped('incontrovertibly so', 2.3, 5).slice(-1)).toEqual(['so']);
    expect(wrapped('incontrovertibly', 2.3, 5).join('')).toBe('incontrovertibly');
    for (const piece of wrapped('incontrovertibly', 2.3, 5))
      expect(textWidth(piece, 2.3)).toBeLessThanOrEqual(5);
    expect(wrapped('one two', 2.3, textWidth('one two', 2.3))).toEqual(['one two']);
  });
});
