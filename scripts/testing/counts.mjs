// Reads how many tests passed and failed from what each runner prints or writes.
import { existsSync, readFileSync } from 'node:fs';

/** A run without a count, or one that ended badly with no failure counted, is one failure. */
function counted(passed, failed, code) {
  return { passed, failed: failed === 0 && code !== 0 ? 1 : failed };
}

/** Jasmine: "21 specs, 0 failures". */
export function jasmineCounts(output, code) {
  const found = [...output.matchAll(/(\d+) specs?, (\d+) failures?/g)].at(-1);
  if (found === undefined) return { passed: 0, failed: 1 };
  const [specs, failed] = [Number(found[1]), Number(found[2])];
  return counted(specs - failed, failed, code);
}

/** Karma: "Executed 12 of 12 SUCCESS" or "Executed 12 of 12 (1 FAILED)". */
export function karmaCounts(output, code) {
  const found = [...output.matchAll(/Executed (\d+) of (\d+)(?: \((\d+) FAILED\))?/g)].at(-1);
  if (found === undefined) return { passed: 0, failed: 1 };
  const failed = Number(found[3] ?? 0);
  // Specs that never ran, since the browser went away, did not pass.
  const missing = Number(found[2]) - Number(found[1]);
  return counted(Number(found[1]) - failed, failed + missing, code);
}

/** Playwright's JSON report. */
export function playwrightCounts(report, code) {
  if (!existsSync(report)) return { passed: 0, failed: 1 };
  const { stats } = JSON.parse(readFileSync(report, 'utf8'));
  return counted(stats.expected, stats.unexpected + stats.flaky, code);
}
