import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { run } from "./run";

const DEMO = "data/demo/tarnholt-commons.json";
const json = async (words: string) => {
  const printed = await run(words.split(" "));
  expect([printed.stderr, printed.exitCode]).toEqual(["", 0]);
  return JSON.parse(printed.stdout);
};

test("sun tells days, polar values as values, and the short days", async () => {
  const sun = await json("sun --lat 47.1 --lon 14.2 --from 2026-12-20 --to 2026-12-21");
  expect(sun.days).toHaveLength(2);
  expect(sun.days[1]).toMatchObject({ date: "2026-12-21" });
  expect(sun.days[1].dayLengthH).toBeCloseTo(8.47, 1);
  expect(sun.shortDays).toEqual({ from: "2026-11-02", to: "2027-02-09" });
  const polar = await json("sun --lat 80 --from 2026-12-21 --to 2026-12-21");
  expect(polar.days[0]).toMatchObject({ dayLengthH: 0, sunriseUtcH: null, sunsetUtcH: null });
  expect((await json("sun --lat 0 --from 2026-12-21 --to 2026-12-21")).shortDays).toBeNull();
});

test("ready and countback answer each other", async () => {
  const back = await json(`countback --garden ${DEMO} --crop spinach --ready 2026-11-15`);
  const ready = await json(`ready --garden ${DEMO} --crop spinach --sow ${back.sow}`);
  expect(ready.ready <= "2026-11-15").toBe(true);
  expect(back.steps).toEqual(ready.steps);
  expect(back.lastSafe >= back.sow).toBe(true);
  expect(ready.why.length).toBeGreaterThan(1);
  const moved = await json(
    `ready --garden ${DEMO} --crop lettuce --sow 2026-08-01 --transplant --cover greenhouse-single --school tenhour`,
  );
  expect(moved.steps.map((step: { what: string }) => step.what)).toContain("plant out");
});

test("check, crops and export print what they promise", async () => {
  expect(await json(`check ${DEMO}`)).toMatchObject({
    ok: true,
    version: 2,
    counts: { plantings: 26 },
  });
  expect(await json("crops")).toHaveLength(12);
  const ics = await run(["export", "--garden", DEMO, "--as", "ics"]);
  expect(ics.stdout).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect((await run(["export", "--garden", DEMO, "--as", "plantings.csv"])).stdout).toMatch(
    /^id,crop/,
  );
  expect((await run(["ready", "--help"])).stdout).toMatch(/--transplant/);
  expect((await run([])).stdout).toMatch(/countback/);
});

test.each([
  ["dance", /no verb "dance"/],
  [
    "sun --lat 91 --from 2026-01-01 --to 2026-01-02",
    /--lat should be a number from -90 to 90, not "91"/,
  ],
  ["sun --lat 47 --from 2026-01-01", /--to is missing/],
  ["sun --lat 47 --from 2026-02-30 --to 2026-03-01", /not "2026-02-30"/],
  ["sun --lat 47 --from 2026-03-01 --to 2026-02-01", /before --from/],
  ["sun --lat 47 --colour red --from 2026-01-01 --to 2026-01-02", /Unknown option --colour/],
  [`ready --garden ${DEMO} --crop moonroot --sow 2026-08-01`, /no crop "moonroot".*spinach/],
  [
    `ready --garden ${DEMO} --crop carrot --sow 2026-08-01 --transplant`,
    /does not stand being transplanted/,
  ],
  [`ready --garden ${DEMO} --crop spinach --sow 2026-08-01 --cover quilt`, /no covering "quilt"/],
  [`ready --garden ${DEMO} --crop spinach --variety blue --sow 2026-08-01`, /no variety "blue"/],
  [
    `ready --garden ${DEMO} --crop spinach --sow 2026-08-01 --school guess`,
    /growth, calendar or tenhour/,
  ],
  ["check nowhere.json", /Cannot read nowhere.json/],
  [`export --garden ${DEMO} --as pdf`, /one of ics/],
])("%s is refused in one line with exit 2", async (words, message) => {
  const printed = await run(words.split(" "));
  expect(printed.exitCode).toBe(2);
  expect(printed.stdout).toBe("");
  expect(printed.stderr).toMatch(message);
  expect(printed.stderr.trimEnd().split("\n")).toHaveLength(1);
});

test("check lists every problem with its path", async () => {
  const path = join(mkdtempSync(join(tmpdir(), "late-ember-")), "bad.json");
  writeFileSync(path, JSON.stringify({ format: "late-ember-garden", version: 1 }));
  const printed = await run(["check", path]);
  expect(printed.exitCode).toBe(2);
  expect(printed.stderr).toMatch(/^garden: .* \(and \d+ more\)\n$/);
  const { ok, problems } = JSON.parse(printed.stdout);
  expect(ok).toBe(false);
  expect(problems.map((problem: { path: string }) => problem.path)).toEqual([
    "garden",
    "settings",
    "place",
    "shelters",
    "beds",
    "plantings",
  ]);
});
