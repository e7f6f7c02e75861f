// Light or dark, as was chosen here last or as the machine is set; before anything is painted, so that nothing flashes.
(() => {
  let kept = null;
  try {
    kept = localStorage.getItem('goodreach-evening');
  } catch {
    // Nothing is kept where that is not allowed.
  }
  const dark = kept === null ? matchMedia('(prefers-color-scheme: dark)').matches : kept === 'yes';
  document.documentElement.dataset.theme = dark ? 'dark' : 'light';
})();
