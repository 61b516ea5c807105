// What the command line says about every stored garden, here and in another checkout, and where the
// two differ. Usage: node scripts/compareAnswers.mjs OTHER [--all]
import { spawnSync } from "node:child_process";
import { copyFileSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { root } from "./prepare.mjs";

/** Lines shown of one answer that differs. */
const LINES_SHOWN = 12;

const other = process.argv[2];
if (!other) {
  console.error("Usage: node scripts/compareAnswers.mjs OTHER_CHECKOUT [--all]");
  process.exit(2);
}
const shownLines = process.argv.includes("--all") ? Infinity : LINES_SHOWN;

const fixtures = join(root, "tests/fixtures/gardens");
const gardens = [
  ...readdirSync(fixtures).map((name) => join(fixtures, name)),
  join(root, "data/demo/tarnholt-commons.json"),
];

const there = answersOf(resolve(other));
const here = answersOf(root);
const scratch = mkdtempSync(join(tmpdir(), "late-ember-answers-"));
let different = 0;
for (const [question, answer] of Object.entries(here)) {
  if (there[question] === answer) continue;
  different += 1;
  console.log(`\n≠ ${question}`);
  console.log(differenceOf(there[question] ?? "", answer));
}
rmSync(scratch, { recursive: true, force: true });
console.log(`\n${Object.keys(here).length} answers, ${different} different`);

/** All answers of a checkout, by question; it must have its packages installed. */
function answersOf(checkout) {
  const asking = join(checkout, "scripts/answers.ts");
  if (checkout !== root) copyFileSync(join(root, "scripts/answers.ts"), asking);
  const { stdout, stderr, status } = spawnSync(
    join(checkout, "node_modules/.bin/tsx"),
    [asking, ...gardens],
    { cwd: checkout, encoding: "utf8", maxBuffer: 1 << 30 },
  );
  if (status === 0) return JSON.parse(stdout);
  console.error(`${checkout} gives no answers:\n${stderr}`);
  process.exit(2);
}

function differenceOf(before, after) {
  const [a, b] = [join(scratch, "before"), join(scratch, "after")];
  writeFileSync(a, before);
  writeFileSync(b, after);
  const lines = spawnSync("diff", ["-U1", a, b], { encoding: "utf8" }).stdout.split("\n").slice(2);
  const more = lines.length - shownLines;
  return [...lines.slice(0, shownLines), ...(more > 0 ? [`… and ${more} lines more`] : [])].join(
    "\n",
  );
}
