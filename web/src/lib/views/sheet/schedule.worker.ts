import {
  arranged,
  listOf,
  type ArrangedSchedule,
  type Arrangement,
  type PriceBook,
  type Design,
  type Result,
  type ListId,
} from 'goodreach';

/** What the page asks: a schedule of a design, as it is to be told. */
export interface ScheduleQuestion {
  design: Design;
  id: ListId;
  how: Arrangement;
  /** What things cost; as usual unless given. */
  prices?: PriceBook;
}
export type ScheduleAnswer = Result<ArrangedSchedule>;

onmessage = ({ data: { design, id, how, prices } }: MessageEvent<ScheduleQuestion>) => {
  postMessage(arranged(listOf(design, id, prices), how) satisfies ScheduleAnswer);
};
