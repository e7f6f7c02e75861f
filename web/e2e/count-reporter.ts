import type { FullResult, Reporter, TestCase, TestResult } from '@playwright/test/reporter';

/** Ends the run with a plain line of counts. */
export default class CountReporter implements Reporter {
  private counts = { passed: 0, failed: 0, skipped: 0 };

  onTestEnd(test: TestCase, result: TestResult): void {
    if (result.status === 'skipped') this.counts.skipped += 1;
    else if (result.status === test.expectedStatus) this.counts.passed += 1;
    else this.counts.failed += 1;
  }

  onEnd(_result: FullResult): void {
    const { passed, failed, skipped } = this.counts;
    process.stdout.write(`e2e: ${passed} passed, ${failed} failed, ${skipped} skipped\n`);
  }
}
