import { readFileSync, writeFileSync } from "node:fs";
import { format, resolveConfig } from "prettier";
import { cropLibrary } from "@/core/crops";
import { answersIn, monthDayOf, practiceClimates, type Answer } from "../tests/practice/answers";

/** Writes the table of practice into docs/model.md, or with --check says whether it is as computed. */

const FILE = "docs/model.md";
const [FROM, TO] = ["<!-- practice -->", "<!-- /practice -->"];

const KINDS: Record<Answer["row"]["kind"], string> = {
  ready: "first picking",
  full: "full size",
  stands: "stands until",
  endsBy: "over by",
  boltsAbout: "bolts",
  survives: "survives",
};

function table(): string {
  const answers = practiceClimates().flatMap(answersIn);
  const agreeing = answers.filter(({ agrees }) => agrees).length;
  const lines = answers.map((answer) => {
    const { climate, row, publishedDay, computedDay, loss, agrees } = answer;
    const crop = cropLibrary.get(row.crop)?.name ?? row.crop;
    const published = row.kind === "survives" ? "yes" : monthDayOf(publishedDay);
    const computed =
      row.kind === "survives" ? `lost ${Math.round(loss * 100)} %` : monthDayOf(computedDay);
    const cells = [
      climate.name,
      row.variety ? `${crop}, ${row.variety}` : crop,
      row.covers.join(" + ") || "open",
      row.method === "direct" ? row.sow : `${row.sow} (tray)`,
      KINDS[row.kind],
      published,
      row.toleranceDays === undefined ? "" : `± ${row.toleranceDays}`,
      computed,
      agrees ? "" : "off",
    ];
    return `| ${cells.join(" | ")} |`;
  });
  return [
    FROM,
    "",
    `${agreeing} of ${answers.length} rows agree.`,
    "",
    "| climate | crop | covers | sown | what | published | days | computed | |",
    "| --- | --- | --- | --- | --- | --- | --- | --- | --- |",
    ...lines,
    "",
    TO,
  ].join("\n");
}

const text = readFileSync(FILE, "utf8");
const [from, to] = [text.indexOf(FROM), text.indexOf(TO)];
if (from < 0 || to < 0) throw new Error(`${FILE} has no place marked ${FROM}`);
const next = await format(text.slice(0, from) + table() + text.slice(to + TO.length), {
  ...(await resolveConfig(FILE)),
  parser: "markdown",
});
if (process.argv.includes("--check")) {
  if (next !== text) {
    console.error(`${FILE}: the table of practice is not as computed. Run: npm run practice`);
    process.exitCode = 1;
  }
} else {
  writeFileSync(FILE, next);
}
