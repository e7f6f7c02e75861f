import type { Design } from '../../document/design';
import { ok, refuse, type Result } from '../../result';
import { madeItems } from '../../shop/parts/design-parts';
import { framed, type Sheet, type SheetOptions, type ShopSubject } from '../sheet/sheet-frame';
import { cabinetLabels, partLabels } from './label-sheets';
import { cabinetSheets, partSheets } from './part-sheets';
import { templateSheets } from './template-sheets';

/** Sheets for the shop: refused where nothing is made there. */
export function shopSheets(design: Design, subject: ShopSubject, options: SheetOptions): Result<Sheet[]> {
  if (subject === 'templates') {
    const contents = templateSheets(design, options);
    return contents.ok ? ok(framed(design, options, contents.value)) : contents;
  }
  if (madeItems(design).length === 0) return refuse('nothing-made', {});
  if (subject === 'labels') return ok(cabinetLabels(design, options));
  if (subject === 'part-labels') return ok(partLabels(design, options));
  const contents = subject === 'parts' ? partSheets(design, options) : cabinetSheets(design, options);
  return ok(framed(design, options, contents));
}
