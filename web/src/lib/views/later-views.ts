import { later } from '$ui/later';

/** The views that come once the plan can be worked in. */
export const laterViews = {
  strip: later(() => import('./unfold/UnfoldView.svelte')),
  tile: later(() => import('./tile/TileView.svelte')),
  sheets: later(() => import('./sheet/DrawStage.svelte')),
  build: later(() => import('./shop/BuildStage.svelte')),
  room3d: later(() => import('./room3d/RoomView.svelte'), { isAhead: false }),
  surveyMarks: later(() => import('./plan/SurveyMarks.svelte')),
  selectionMark: later(() => import('./plan/SelectionMark.svelte')),
  pickedPlaces: later(() => import('./plan/PickedPlaces.svelte')),
  faceMoved: later(() => import('./plan/FaceMoved.svelte')),
  easeGhost: later(() => import('./plan/EaseGhost.svelte')),
  roomToMove: later(() => import('./plan/RoomToMove.svelte')),
  openLeaves: later(() => import('./plan/OpenLeaves.svelte')),
  findingChips: later(() => import('./plan/FindingChips.svelte')),
  surfaceMarks: later(() => import('./plan/SurfaceMarks.svelte')),
  gapCard: later(() => import('./plan/GapCard.svelte')),
};
