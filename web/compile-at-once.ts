import type { Plugin } from 'vite';

/** Modules in the files whose functions mostly run while the room page loads. */
const AT_ONCE = [
  '/svelte/src/internal/client/runtime.js',
  '/lib/views/plan/PlanView.svelte',
  '/core/src/surfaces/tops.ts',
];

/** Browsers compile a function when it is first called, on the page's thread; files that begin with this line they compile whole as they fetch them, on another. */
const COMPILE_AT_ONCE = '//# allFunctionsCalledOnLoad\n';

/** Has the files that a page needs first compiled while they are fetched: less work for the thread of the page. */
export function compileAtOnce(): Plugin {
  return {
    name: 'compile-at-once',
    applyToEnvironment: ({ name }) => name === 'client',
    generateBundle(_, bundle) {
      for (const file of Object.values(bundle))
        if (file.type === 'chunk' && AT_ONCE.some((end) => file.moduleIds.some((id) => id.endsWith(end))))
          file.code = COMPILE_AT_ONCE + file.code;
    },
  };
}
