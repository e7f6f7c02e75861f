import {
  isInchUnit,
  usualPages,
  type Arrangement,
  type Design,
  type JobFields,
  type ListId,
  type PaperPicture,
  type SheetIssue,
  type SheetStyle,
  type SheetSubject,
} from 'goodreach';

interface Titles {
  studio: string;
  job: string;
}

/** The job of the sheets: its id, and what is said of it beside its name. */
export interface SheetJob {
  id: string;
  fields: JobFields;
}

/** The page and scale chosen for the sheet of a design. */
export class SheetChoice {
  subject: SheetSubject = $state('plan');
  page = $state('A3');
  scale = $state('20');
  /** What was given out of the room, and the design of the last of that: what has changed since gets a cloud. */
  issued: { issues: readonly SheetIssue[]; last: Design | null } = $state.raw({ issues: [], last: null });
  /** The picture on the cover, once it has been fetched, and which stored file it is. */
  cover: { file: string; picture: PaperPicture } | null = $state.raw(null);
  /** The template of the studio it is drawn by, as it is kept, or as it is being changed. */
  style: { id: string | null; style: SheetStyle } | null = $state.raw(null);
  /** The schedule that is shown on screen in place of the sheets, and how. */
  table: ListId | null = $state(null);
  how: Arrangement = $state.raw({});
  /** The drawing whose place and extent on its sheet are changed. */
  framed: string | null = $state(null);
  /** Shows a sheet whole, while the desk is there; the one that is shown. */
  show: (index: number) => void = () => {};
  shown = $state(0);

  /** What title blocks say of the job beside its name. */
  fields: JobFields = $state.raw({});
  readonly jobId: string;

  constructor(
    readonly design: () => Design,
    readonly revision: () => number,
    readonly titles: Titles,
    { unit, job }: { unit: Parameters<typeof isInchUnit>[0]; job: SheetJob },
  ) {
    this.jobId = job.id;
    this.fields = job.fields;
    this.page = usualPages(unit).drawing;
    if (isInchUnit(unit)) this.scale = '24';
  }
}
