import { roomOf, type Design } from '../../document/design';
import { dot, subtract } from '../../geometry/point';
import type { Finding } from '../../reach/finding';
import { findBox } from '../../setting/item-box';
import { unfoldedPlaces, unfoldedViews, type UnfoldedPlace } from './unfold';

/** What is found of a wall is shown from the counter up so far, mm. */
const OVER_COUNTER = 500;

/** Where a finding shows on the unfolded faces: what it is about, each on the face it stands against or as it is first seen; of a wall the part it is about, over the counter. */
export function findingPlaces(design: Design, { ids, place }: Finding): readonly UnfoldedPlace[] {
  return ids.flatMap((id): UnfoldedPlace[] => {
    if (design.records[id]?.kind === 'face') return onWall(design, id, place);
    const all = unfoldedPlaces(design, id);
    const face = findBox(design, id)?.against?.face.id;
    const own = all.find(({ view }) => (face ? view.id === face : view.of === 'side')) ?? all[0];
    return own ? [own] : [];
  });
}

function onWall(design: Design, id: string, place: Finding['place']): UnfoldedPlace[] {
  const seen = unfoldedViews(design).find(({ view }) => view.of === 'face' && view.id === id);
  if (seen?.view.of !== 'face' || seen.view.face.arc || place.length === 0) return [];
  const { start, u } = seen.view.face;
  const alongs = place.map((at) => dot(subtract(at, start), u));
  const { counterHeight } = roomOf(design);
  return [
    {
      view: seen.view,
      left: seen.x + Math.max(0, Math.min(...alongs)),
      right: seen.x + Math.min(seen.length, Math.max(...alongs)),
      low: counterHeight,
      high: counterHeight + OVER_COUNTER,
    },
  ];
}
