// Small wrong changes, one after the other, each of which a test should find: `npm run mutation -w core -- survey` (or setting, reach,
// proposals, surfaces, or one file of src). It changes the sources in place while it runs: begin with a clean tree.
const asked = process.env.MUTATE ?? 'survey,setting,reach,proposals,surfaces';
const mutate = asked
  .split(',')
  .map((one) => (one.endsWith('.ts') ? `src/${one}` : `src/${one}/**/*.ts`))
  .concat('!src/**/*.test.ts');

export default {
  mutate,
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutation.config.ts', related: true },
  coverageAnalysis: 'perTest',
  // The configuration of TypeScript reaches out of this folder, which a copy of it could not.
  inPlace: true,
  ignoreStatic: true,
  concurrency: 2,
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  thresholds: { high: 90, low: 80, break: 80 },
  tempDirName: 'build/stryker',
};
