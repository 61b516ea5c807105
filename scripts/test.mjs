// The whole gate: installs, then every check and every test. Ends with `N passed, N failed`.
import { spawn } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureBrowser } from "./browser.mjs";
import { ensureInstalled, environment, requireNode, root } from "./prepare.mjs";

requireNode();
ensureInstalled();
const browser = ensureBrowser();
const reports = mkdtempSync(join(tmpdir(), "late-ember-test-"));
const counts = { passed: 0, failed: 0 };

// What only reads runs beside the build: two cores, two lanes.
const [, built] = await Promise.all([readingChecks(), buildAndTypes()]);
await tests(
  "unit tests",
  "jest",
  ["--json", `--outputFile=${join(reports, "unit.json")}`],
  "unit.json",
  (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  }),
);
if (built && browser) {
  await tests(
    "end-to-end tests",
    "playwright",
    ["test", "--reporter=json,list"],
    "e2e.json",
    (report) => ({
      passed: report.stats.expected + report.stats.flaky,
      failed: report.stats.unexpected,
    }),
  );
  // What a failure looked like, step by step: taken of those that failed alone, as it costs time.
  if (counts.failed > 0) await invoke("playwright", ["test", "--last-failed", "--trace=on"]);
} else {
  console.log(`✗ end-to-end tests: ${built ? "no browser" : "nothing built"}`);
  counts.failed += 1;
}
rmSync(reports, { recursive: true, force: true });

if (counts.passed + counts.failed === 0) counts.failed = 1;
console.log(`${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed > 0 ? 1 : 0);

async function readingChecks() {
  await check("format", "prettier", ["--check", ".", "--log-level", "warn"]);
  await check("lint", "eslint", ["."]);
  await check("layers", "depcruise", [
    "--config",
    ".dependency-cruiser.cjs",
    "src",
    "tests",
    "scripts",
  ]);
  await check("unused code", "knip", []);
  await check("made-up stations", "tsx", ["scripts/writeStations.ts", "--check"]);
  await check("compiled balance", "tsx", ["scripts/writeBalance.ts", "--check"]);
  await check("table of practice", "tsx", ["scripts/writePractice.ts", "--check"]);
  await check("words", "tsx", ["scripts/checkWords.ts"]);
  await check("lists of crops", "tsx", ["scripts/writeCropLists.ts", "--check"]);
  await check("published schema", "tsx", ["scripts/writeSchema.ts", "--check"]);
}

/** Next writes the types of its routes while building, so the build comes before the type check. */
async function buildAndTypes() {
  const ok = await check("build", process.execPath, [
    "-e",
    'import("./scripts/prepare.mjs").then((p) => p.ensureBuilt())',
  ]);
  await check("types", "tsc", ["--noEmit"]);
  return ok;
}

/** Runs one program of the project; whether it went well, and what it said. */
function invoke(program, words) {
  const command =
    program === process.execPath ? program : join(root, "node_modules", ".bin", program);
  const env = environment({ PLAYWRIGHT_JSON_OUTPUT_NAME: join(reports, "e2e.json") });
  return new Promise((resolve) => {
    const child = spawn(command, words, { cwd: root, env, stdio: ["ignore", "pipe", "pipe"] });
    let output = "";
    const hear = (chunk) => (output += chunk);
    child.stdout.setEncoding("utf8").on("data", hear);
    child.stderr.setEncoding("utf8").on("data", hear);
    child.on("error", (error) => resolve({ ok: false, output: `${output}${error.message}` }));
    child.on("close", (code) => resolve({ ok: code === 0, output }));
  });
}

async function check(name, program, words) {
  const since = Date.now();
  const { ok, output } = await invoke(program, words);
  counts[ok ? "passed" : "failed"] += 1;
  console.log(`${ok ? "✓" : "✗"} ${name} (${secondsSince(since)} s)`);
  if (!ok) console.log(output.trimEnd());
  return ok;
}

function secondsSince(ms) {
  return Math.round((Date.now() - ms) / 1000);
}

async function tests(name, program, words, reportName, read) {
  const since = Date.now();
  const { ok, output } = await invoke(program, words);
  const reportPath = join(reports, reportName);
  const found = existsSync(reportPath)
    ? read(JSON.parse(readFileSync(reportPath, "utf8")))
    : { passed: 0, failed: 0 };
  if (found.passed + found.failed === 0 || (!ok && found.failed === 0)) found.failed += 1;
  counts.passed += found.passed;
  counts.failed += found.failed;
  console.log(
    `${found.failed === 0 ? "✓" : "✗"} ${name}: ${found.passed} passed, ${found.failed} failed (${secondsSince(since)} s)`,
  );
  if (found.failed > 0) console.log(output.trimEnd());
}
