import { untrack } from 'svelte';
import type { ScreenState } from '../session/screen.svelte';

const KEPT = 'goodreach-folded';
/** Where the page is narrower than this, panels are drawers over the drawing. */
const NARROW = '(max-width: 900px)';

/** Folds panels away as they were last in this browser, and all where there is no room beside the drawing; gives what ends it. */
export function panelsAsKept(screen: ScreenState): () => void {
  const kept = localStorage.getItem(KEPT)?.split(' ') ?? [];
  let beside: ScreenState['folded'] = { left: kept[0] === 'yes', right: kept[1] === 'yes' };
  const query = matchMedia(NARROW);
  const fit = () => {
    screen.narrow = query.matches;
    screen.folded = query.matches ? { left: true, right: true } : beside;
  };
  fit();
  query.addEventListener('change', fit);
  const stop = $effect.root(() => {
    $effect(() => {
      const { left, right } = screen.folded;
      if (untrack(() => screen.narrow)) return;
      beside = { left, right };
      localStorage.setItem(KEPT, `${left ? 'yes' : 'no'} ${right ? 'yes' : 'no'}`);
    });
  });
  return () => {
    query.removeEventListener('change', fit);
    stop();
  };
}
