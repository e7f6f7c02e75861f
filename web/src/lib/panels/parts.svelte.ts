import { later } from '$ui/later';

/** The panels that nobody sees as a room opens: they are fetched once it is there. */
export const parts = {
  thing: later(() => import('./ThingFacts.svelte')),
  survey: later(() => import('./SurveyPanel.svelte')),
  propose: later(() => import('./propose/ProposePanel.svelte')),
  reach: later(() => import('./ReachPanel.svelte')),
  shortcuts: later(() => import('./ShortcutsDialog.svelte')),
  options: later(() => import('./OptionList.svelte')),
  draw: later(() => import('./DrawPanel.svelte')),
};
