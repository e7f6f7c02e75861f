import {
  drawSheets,
  findPage,
  findScale,
  isInchUnit,
  type Design,
  type Result,
  type Sheet,
  type SheetSubject,
} from 'goodreach';

interface Titles {
  studio: string;
  job: string;
}

/** The page and scale chosen for the sheet, and the sheets as they stand. */
export class SheetChoice {
  subject: SheetSubject = $state('plan');
  page = $state('A3');
  scale = $state('20');

  constructor(
    private readonly design: () => Design,
    private readonly revision: () => number,
    private readonly titles: Titles,
    unit: Parameters<typeof isInchUnit>[0],
  ) {
    if (isInchUnit(unit)) [this.page, this.scale] = ['Tabloid', '24'];
  }

  readonly sheets: Result<Sheet[]> = $derived.by(() => {
    const page = findPage(this.page);
    if (!page.ok) return page;
    const scale = findScale(this.scale);
    if (!scale.ok) return scale;
    const date = new Date().toISOString().slice(0, 10);
    return drawSheets(this.design(), {
      subject: this.subject,
      page: page.value,
      scale: scale.value,
      ...this.titles,
      date,
      revision: this.revision(),
    });
  });
}
