// Prints "PASSED FAILED" from a Jest or Playwright JSON report; what failed, and why, once more to the error output.
import { readFileSync } from 'node:fs';

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const [passed, failed] =
  'numPassedTests' in report
    ? [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites]
    : [report.stats.expected + report.stats.flaky, report.stats.unexpected + report.errors.length];
console.log(`${passed} ${failed}`);

/** Titles and messages of what failed, wherever it stands in a Playwright report. */
const failuresIn = (suite) => [
  ...(suite.suites ?? []).flatMap(failuresIn),
  ...(suite.specs ?? [])
    .filter(({ ok }) => !ok)
    .flatMap(({ title, tests }) =>
      tests.flatMap(({ results }) =>
        results.flatMap(({ errors }) => errors.map(({ message }) => [title, message])),
      ),
    ),
];
const failures =
  'numPassedTests' in report
    ? report.testResults
        .filter(({ status }) => status === 'failed')
        .map(({ name, message }) => [name, message])
    : failuresIn(report);
/** So much of a message tells what went wrong. */
const MESSAGE_CHARS = 1500;
for (const [title, message] of failures)
  console.error(`-- ${title}\n${String(message).slice(0, MESSAGE_CHARS)}`);
