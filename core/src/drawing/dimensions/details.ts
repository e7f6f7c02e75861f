import { perDesign, recordsOf, type Design } from '../../document/design';
import type { DimensionRecord } from '../../document/records';
import { placeOfEnd, type RoomPlace } from './ends';

/** A part of a drawing that is drawn again larger: its record, its number, where its middle is and how far it goes from there, mm, and how many millimetres one on paper is. */
export interface Detail {
  record: DimensionRecord;
  number: number;
  place: RoomPlace;
  reach: number;
  ratio: number;
}

/** What a detail shows of itself, and how large, where its record says nothing: mm, and millimetres of the room to one on paper. */
export const USUAL_REACH = 200;
export const USUAL_DETAIL_SCALE = 5;

/** The details of a room in the order they were made in, numbered from one; what is of something that has gone keeps its number and is not here. */
export const detailsOf = perDesign((design: Design): Detail[] =>
  recordsOf(design, 'dimension')
    .filter(({ type }) => type === 'detail')
    .flatMap((record, index): Detail[] => {
      const place = placeOfEnd(design, record.ends[0]!);
      if (!place) return [];
      const { reach = USUAL_REACH, ratio = USUAL_DETAIL_SCALE } = record;
      return [{ record, number: index + 1, place, reach, ratio }];
    }),
);
