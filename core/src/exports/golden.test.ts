import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { drawingFonts } from 'goodreach/fonts';
import { describe, expect, it } from 'vitest';
import { numbersOf } from '../../testing/golden/numbers-of';
import { argsFor, preparedFor } from '../../testing/prepared';
import { anEdit, askFor } from '../../testing/random-edits';
import { commands } from '../commands';
import type { Command } from '../commands/command';
import type { Design } from '../document/design';
import { applyPatch } from '../document/patch';
import { drawPlan } from '../drawing/plan';
import { drawSheets } from '../drawing/sheet/sheet';
import { findPage, findScale } from '../drawing/sheet/sheet-format';
import { checkReach } from '../reach/check-reach';
import { must } from '../result';
import { acceptDesign, openDesign, writeDesignJson } from './design-json';
import { writeDxf } from './dxf';
import { writeGltf } from './gltf';
import { writeSheetPdf } from './sheet-pdf';
import { writeSvg } from './svg';

/** Design files as the program wrote them when schema 1 was its only one, and the numbers it computed from them: never written anew. */
const folder = new URL('../../testing/golden/schema-1/', import.meta.url);
const read = (name: string) => readFileSync(new URL(`${name}.json`, folder), 'utf8');
const numbers = JSON.parse(read('numbers')) as Record<string, unknown>;
const names = readdirSync(folder)
  .map((file) => file.replace('.json', ''))
  .filter((name) => name !== 'numbers');
const open = (name: string): Design => must(openDesign(read(name)));

describe('a design file of schema 1', () => {
  it.each(names)('%s is read as it was written, with the same numbers', (name) => {
    const design = open(name);
    expect(writeDesignJson(design)).toBe(read(name));
    if (name !== 'full-room') expect(JSON.parse(JSON.stringify(numbersOf(design)))).toEqual(numbers[name]);
  });

  it.each(names)('%s is drawn, checked and written in every format', async (name) => {
    const design = open(name);
    expect(checkReach(design).failed).toEqual([]);
    const plan = drawPlan(design, 20);
    expect(writeSvg(plan, 20, { margin: 5 })).toContain('<svg');
    expect(writeDxf(plan, 20)).toContain('ENTITIES');
    expect((await writeGltf(design)).length).toBeGreaterThan(1_000);
    for (const subject of ['plan', 'ceiling', 'elevations'] as const) {
      const [page, scale] = [must(findPage('A2')), must(findScale('20'))];
      const titles = { studio: 'S', job: 'J', date: '2026-01-01', revision: 1 };
      const sheets = must(drawSheets(design, { subject, page, scale, ...titles }));
      const pdf = await writeSheetPdf(sheets, drawingFonts, {
        title: 'T',
        author: 'A',
        date: new Date(0),
      });
      expect(pdf.length).toBeGreaterThan(1_000);
    }
  });

  it.each(commands.map((command) => [command.id, command as unknown as Command<unknown>] as const))(
    'takes %s',
    (id, command) => {
      const prepared = preparedFor(id, open('full-room'));
      const args = argsFor(id, prepared);
      const after = must(applyPatch(prepared, must(command.run(prepared, args))));
      expect(acceptDesign(JSON.parse(writeDesignJson(after))).ok).toBe(true);
    },
  );

  it('takes any edits one after the other, and is a design after each', () => {
    fc.assert(
      fc.property(fc.constantFrom(...names), fc.array(anEdit, { maxLength: 12 }), (name, edits) => {
        let design = open(name);
        for (const [count, edit] of edits.entries()) {
          const patch = askFor(design, edit, count);
          if (patch.ok) design = must(applyPatch(design, patch.value));
        }
        expect(acceptDesign(JSON.parse(writeDesignJson(design))).ok).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
});
