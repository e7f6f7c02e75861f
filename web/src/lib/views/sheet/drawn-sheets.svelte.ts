import { drawSheets, findPage, findScale, type Result, type Sheet } from 'goodreach';
import type { SheetChoice } from './sheet-choice.svelte';

/** The sheets of a choice as they stand. */
class DrawnSheets {
  constructor(private readonly choice: SheetChoice) {}

  readonly all: Result<Sheet[]> = $derived.by(() => {
    const { choice } = this;
    const page = findPage(choice.page);
    if (!page.ok) return page;
    const scale = findScale(choice.scale);
    if (!scale.ok) return scale;
    const date = new Date().toISOString().slice(0, 10);
    return drawSheets(choice.design(), {
      subject: choice.subject,
      page: page.value,
      scale: scale.value,
      ...choice.titles,
      date,
      revision: choice.revision(),
    });
  });
}

const drawn = new WeakMap<SheetChoice, DrawnSheets>();

/** The sheets of a choice, drawn once for all who show them. */
export function drawnSheets(choice: SheetChoice): DrawnSheets {
  let sheets = drawn.get(choice);
  if (!sheets) drawn.set(choice, (sheets = new DrawnSheets(choice)));
  return sheets;
}
