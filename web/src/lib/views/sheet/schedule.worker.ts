import {
  arranged,
  listOf,
  type ArrangedSchedule,
  type Arrangement,
  type Design,
  type Result,
  type ListId,
} from 'goodreach';

/** What the page asks: a schedule of a design, as it is to be told. */
export interface ScheduleQuestion {
  design: Design;
  id: ListId;
  how: Arrangement;
}
export type ScheduleAnswer = Result<ArrangedSchedule>;

onmessage = ({ data: { design, id, how } }: MessageEvent<ScheduleQuestion>) => {
  postMessage(arranged(listOf(design, id), how) satisfies ScheduleAnswer);
};
