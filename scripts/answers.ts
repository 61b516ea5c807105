// Every answer of the command line about the gardens of a list, as JSON, for compareAnswers.
import { run } from "../src/cli/run";

const DAYS = ["2026-08-14", "2026-09-24", "2026-11-28", "2027-01-20", "2027-04-10"];
const EXPORTS = ["ics", "plantings.csv", "tasks.csv", "geojson", "log.csv"];
const CROPS = ["spinach", "mache", "broccoli", "lettuce", "carrot", "garlic", "tomato"];

function questionsAbout(file: string): string[][] {
  const garden = ["--garden", file];
  return [
    ["check", file],
    ...DAYS.map((on) => ["today", ...garden, "--on", on]),
    ["today", ...garden, "--on", "2026-11-28", "--units", "imperial"],
    ...EXPORTS.map((as) => ["export", ...garden, "--as", as, "--on", "2026-09-24"]),
    ...CROPS.flatMap((crop) => [
      ["ready", ...garden, "--crop", crop, "--sow", "2026-08-15"],
      ["countback", ...garden, "--crop", crop, "--ready", "2026-11-10"],
    ]),
    ...["calendar", "tenhour"].map((school) => [
      ...["ready", ...garden, "--crop", "spinach", "--sow", "2026-09-01"],
      ...["--school", school, "--cover", "greenhouse-single,row-cover-light"],
    ]),
    [
      ...["hardiness", ...garden, "--crop", "spinach"],
      ...["--from", "2026-11-01", "--to", "2026-12-15"],
    ],
  ];
}

const answers: Record<string, string> = {};
for (const file of process.argv.slice(2)) {
  const name = file.split("/").at(-1) ?? file;
  for (const words of questionsAbout(file)) {
    const { stdout, stderr, exitCode } = await run(words);
    const question = words.map((word) => (word === file ? name : word)).join(" ");
    answers[question] = `${stdout}${stderr}exit ${exitCode}\n`.replaceAll(file, name);
  }
}
process.stdout.write(JSON.stringify(answers));
