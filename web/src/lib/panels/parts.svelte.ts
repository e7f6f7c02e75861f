import { later } from '$ui/later';

/** What nobody sees as a room opens: it is fetched once the room is there. */
export const parts = {
  thing: later(() => import('./ThingFacts.svelte')),
  survey: later(() => import('./SurveyPanel.svelte')),
  propose: later(() => import('./propose/ProposePanel.svelte')),
  reach: later(() => import('./ReachPanel.svelte')),
  palette: later(() => import('./Palette.svelte')),
  notice: later(() => import('./SavingNotice.svelte')),
  shortcuts: later(() => import('./ShortcutsDialog.svelte')),
  options: later(() => import('./OptionList.svelte')),
  colleagues: later(() => import('./Colleagues.svelte')),
  surface: later(() => import('./surface/SurfacePanel.svelte')),
  tile: later(() => import('./tile/TilePanel.svelte')),
  draw: later(() => import('./DrawPanel.svelte')),
  build: later(() => import('./shop/BuildPanel.svelte')),
};
