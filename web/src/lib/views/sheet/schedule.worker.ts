import {
  arranged,
  scheduleOf,
  type ArrangedSchedule,
  type Arrangement,
  type Design,
  type Result,
  type ScheduleId,
} from 'goodreach';

/** What the page asks: a schedule of a design, as it is to be told. */
export interface ScheduleQuestion {
  design: Design;
  id: ScheduleId;
  how: Arrangement;
}
export type ScheduleAnswer = Result<ArrangedSchedule>;

onmessage = ({ data: { design, id, how } }: MessageEvent<ScheduleQuestion>) => {
  postMessage(arranged(scheduleOf(design, id), how) satisfies ScheduleAnswer);
};
