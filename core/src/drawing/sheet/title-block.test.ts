import { expect, it } from 'vitest';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { must } from '../../result';
import { drawingBounds } from '../plan-with';
import type { TextMark } from '../primitives';
import { drawSheets } from './sheet';
import { findPage, findScale } from './sheet-format';
import type { Sheet, SheetOptions } from './sheet-frame';

const options = (page: string): SheetOptions => ({
  ...{ subject: 'set', page: must(findPage(page)), scale: must(findScale('50')) },
  ...{ studio: 'Studio', job: 'Job', date: '2026-05-14', revision: 3 },
});
const textsOf = ({ marks }: Sheet) => marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));

it('who the job is for is in every title block and on the cover, whole on any page, and nothing where nothing is said', () => {
  const fields = {
    client: 'M. Ashgrove',
    site: '4 Quay Street, Tidewrack',
    number: '24-017',
    ...{ drawnBy: 'KT', checkedBy: 'RO' },
  };
  for (const page of ['A4', 'A3']) {
    const asked = options(page);
    const sheets = must(drawSheets(galleyWithBay(), { ...asked, fields }));
    const plain = must(drawSheets(galleyWithBay(), asked));
    const whose = 'M. Ashgrove · 4 Quay Street, Tidewrack · drawn by KT · checked by RO';
    for (const [index, sheet] of sheets.entries()) {
      const said = textsOf(sheet);
      expect(said).toContain('Job · 24-017');
      expect(said).toContain(whose);
      // Nothing else moves for it, and it lies on nothing of its title block.
      const own = sheet.marks.filter((mark): mark is TextMark => mark.type === 'text' && mark.text === whose);
      expect(own).toHaveLength(1);
      const box = drawingBounds(own, 1);
      const others = sheet.marks.filter((mark): mark is TextMark => mark.type === 'text' && mark !== own[0]);
      for (const other of others) {
        const { left, right, bottom, top } = drawingBounds([other], 1);
        const meets = left < box.right && right > box.left && bottom < box.top && top > box.bottom;
        expect(meets, `${page} ${sheet.title}: ${other.text}`).toBe(false);
      }
      expect(textsOf(plain[index]!)).not.toContain(whose);
      expect(textsOf(plain[index]!).length).toBe(said.length - 1);
    }
    expect(textsOf(sheets[0]!)).toContain(`${whose} · Studio`);
    // Of a long address less is said, not of who has checked it.
    const long = { ...fields, site: 'The long house behind the old quay, Tidewrack on the Water' };
    const [, plan] = must(drawSheets(galleyWithBay(), { ...asked, fields: long }));
    const said = textsOf(plan!).find((word) => word.startsWith('M. Ashgrove'));
    expect(said).toMatch(/^M\. Ashgrove · The long house.*… · drawn by KT · checked by RO$/);
  }
});
