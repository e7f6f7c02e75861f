import type { Design } from '../document/design';
import { sheetWords, viewTitles } from '../wording/drawing-words';
import { roomViews, type RoomView } from './elevation/views';

/** A drawing of a room: what it is asked for as, and what it is called. */
export interface ViewChoice {
  id: string;
  title: string;
}

/** Every drawing of a room, in their order. */
export const viewChoices = (design: Design): ViewChoice[] => [
  { id: 'plan', title: sheetWords.plan },
  { id: 'ceiling', title: sheetWords.ceiling },
  { id: 'unfold', title: sheetWords.unfold },
  ...roomViews(design).map((view) => ({ id: namesOf(view)[0]!, title: titleOf(view) })),
];

/** What a view is called on its own. */
export function titleOf({ of, name }: RoomView): string {
  return of === 'face' ? viewTitles.elevation(name) : name;
}

/** What a view can be asked for as: a face by its letter or id, a side by what it is of and which it is (the front of an island by any item of it), a section by its name or id. */
export function namesOf(view: RoomView): string[] {
  switch (view.of) {
    case 'face':
      return [`elevation:${view.name}`, `elevation:${view.id}`];
    case 'section':
      return [`section:${view.section.record.name}`, `section:${view.id}`];
    case 'side': {
      const { side, record, only } = view.side;
      const whole = side === 'front' ? [record.id, ...(only ?? [])] : [];
      return [view.id, ...whole].map((name) => `elevation:${name}`);
    }
  }
}
