import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { isoDate } from "@/core/calendar";
import { run } from "./run";
import { inEnglish } from "@/words/told.testdata";
import { GARDEN_FILE_VERSION } from "@/core/gardenFile";

const COMMONS = "src/core/gardenFile/commons.testdata.json";
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
  const back = await json(`countback --garden ${COMMONS} --crop spinach --ready 2026-11-15`);
  const ready = await json(`ready --garden ${COMMONS} --crop spinach --sow ${back.sow}`);
  expect(ready.ready <= "2026-11-15").toBe(true);
  expect(back.steps).toEqual(ready.steps);
  expect(back.lastSafe >= back.sow).toBe(true);
  expect(ready.why.join(" ")).toMatch(/packet days/);
  for (const sentence of [...ready.why, ...back.why]) expect(typeof sentence).toBe("string");
  const moved = await json(
    `ready --garden ${COMMONS} --crop lettuce --sow 2026-08-01 --transplant --cover greenhouse-single --school tenhour`,
  );
  expect(moved.steps.map((step: { what: string }) => step.what)).toContain("plant out");
});

test("check, crops and export print what they promise", async () => {
  expect(await json(`check ${COMMONS}`)).toMatchObject({
    ok: true,
    version: GARDEN_FILE_VERSION,
    counts: { plantings: 38 },
  });
  const library = await json("crops");
  expect(library.length).toBeGreaterThanOrEqual(70);
  expect(library[0]).toMatchObject({ id: expect.any(String), family: expect.any(String) });
  expect(library[0].sources["temperature.minimumC"]).toBeDefined();
  expect((await json("crops --kind cover")).map((crop: { kind: string }) => crop.kind)).toContain(
    "legume",
  );
  const ics = await run(["export", "--garden", COMMONS, "--as", "ics"]);
  expect(ics.stdout).toMatch(/^BEGIN:VCALENDAR\r\n/);
  expect((await run(["export", "--garden", COMMONS, "--as", "plantings.csv"])).stdout).toMatch(
    /^\uFEFFid,crop/,
  );
  expect((await run(["ready", "--help"])).stdout).toMatch(/--transplant/);
  expect((await run([])).stdout).toMatch(/countback/);
});

test("sprout tells days and share by soil temperature, and refuses what is no temperature", async () => {
  expect(await json("sprout --crop carrot --soil 10")).toEqual({ days: 17, share: 0.93 });
  expect(await json("sprout --crop carrot --soil 50 --units imperial")).toEqual({
    days: 17,
    share: 0.93,
  });
  expect(await json("sprout --crop lettuce --soil 36")).toEqual({ days: null, share: 0 });
  for (const words of ["sprout --crop carrot --soil warm", "sprout --crop moonroot --soil 10"]) {
    const { exitCode, stderr, stdout } = await run(words.split(" "));
    expect([exitCode, stdout]).toEqual([2, ""]);
    expect(stderr).toMatch(/^(--soil should be|There is no crop)/);
  }
});

test("amounts counts by exact division, in feet and inches too", async () => {
  const imperial = "--units imperial --crop kale";
  const plants = async (words: string) => (await json(`amounts ${imperial} ${words}`)).plants;
  expect(await plants("--length 30 --width 3 --between-rows 6 --in-row 6")).toBe(360);
  expect(await plants("--length 30 --width 3 --between-rows 12 --in-row 6")).toBe(180);
  expect(await plants("--length 30 --width 36in --between-rows 18 --in-row 12")).toBe(60);
  expect(await plants("--length 15 --width 4 --between-rows 24 --in-row 12")).toBe(30);
  expect(await plants("--length 9 --width 4 --between-rows 18 --in-row 18")).toBe(12);
  const clusters = await json(
    "amounts --crop onion --units imperial --length 19 --width 4 --between-rows 12 --in-row 12 --together 4 --transplant",
  );
  expect(clusters).toMatchObject({ rows: 4, stations: 76, plants: 304 });
  expect(clusters.why.join(" ")).toContain("4 × 19 × 4");
  const garlic = await json("amounts --crop garlic --length 8 --width 0.8");
  expect(garlic.cells).toBeNull();
  expect(garlic.seeds).toBeGreaterThanOrEqual(garlic.plants);
  expect(garlic.weightG).toBeGreaterThan(100);
});

test.each([
  ["--width 1", /--length is missing/],
  ["--length 8 --width wide", /--width should be a length like 8/],
  ["--length -8 --width 1", /--length should be a length/],
  ["--length 8 --width 1 --between-rows 200", /rows farther apart than the bed is wide/],
  ["--length 8 --width 1 --together 0", /--together should be a whole number from 1 to 15/],
  ["--length 8 --width 1 --together 9999", /--together should be a whole number from 1 to 15/],
])("amounts %s is refused in a line", async (words, told) => {
  const { exitCode, stderr, stdout } = await run(`amounts --crop kale ${words}`.split(" "));
  expect([exitCode, stdout]).toEqual([2, ""]);
  expect(stderr).toMatch(told);
});

test("frost tells odds from a record, in either format, and what it left out", async () => {
  const dly = await json("frost public/stations/tarnholt-mill.dly");
  const csv = await json("frost public/stations/tarnholt-mill.csv --at 0,-2.2,-4.4");
  expect(dly.thresholds).toEqual(csv.thresholds);
  expect(dly.place).toEqual({ station: "XXTARNHOLTM" });
  const [light, killing] = dly.thresholds;
  expect(light).toMatchObject({ atC: 0, seasons: 29, dropped: ["1995–96", "2025–26"] });
  expect(light.first.p50 >= "09-28" && light.first.p50 <= "10-18").toBe(true);
  expect(light.last.p50 >= "04-26" && light.last.p50 <= "05-16").toBe(true);
  const order = ["p10", "p20", "p50", "p80", "p90"].map((name) => killing.first[name]);
  expect([...order].sort()).toEqual(order);
  expect(killing.first.p50 > light.first.p50).toBe(true);
  const fahrenheit = await json("frost public/stations/tarnholt-mill.csv --at 32 --units imperial");
  expect(fahrenheit.thresholds[0]).toMatchObject({ atC: 0, atF: 32, first: light.first });

  const folder = mkdtempSync(join(tmpdir(), "late-ember-"));
  const year = join(folder, "year.csv");
  const lines = Array.from(
    { length: 365 },
    (_, index) => `${isoDate(19_000 + index)},12,${index % 9}`,
  );
  writeFileSync(year, `date,tmax,tmin\n${lines.join("\n")}\n`);
  const short = await json(`frost ${year}`);
  expect(short.thresholds[0]).toMatchObject({ seasons: 0, first: { p50: null } });
  expect(short.warnings.join(" ")).toMatch(/No season is complete/);
});

test("frost asks in its warnings what a table does not tell, and takes the answers as options", async () => {
  const path = join(mkdtempSync(join(tmpdir(), "late-ember-")), "odd.csv");
  // Days that never pass the twelfth nor follow one another, in °F that call themselves °C.
  const lines = ["date,tmax_c,tmin_c"];
  for (let year = 2000; year < 2012; year += 1) {
    for (const [first, second] of [
      [3, 2],
      [9, 7],
      [11, 9],
    ]) {
      lines.push(`${first}/${second}/${year},${second === 7 ? 91 : 60},${first === 11 ? 27 : 50}`);
    }
  }
  writeFileSync(path, lines.join("\n"));
  const asked = await json(`frost ${path}`);
  expect(asked.warnings.join(" ")).toMatch(
    /Are they °F\? Taken as fahrenheit; say --unit otherwise/,
  );
  expect(asked.warnings.join(" ")).toMatch(
    /Which number is the day\? Taken as dayFirst; say --order/,
  );
  const told = await json(`frost ${path} --unit F --order month`);
  expect(told.warnings.join(" ")).not.toMatch(/\?/);
  // Three nights a year are no season: nothing is claimed of them.
  expect(told.thresholds[0]).toMatchObject({ seasons: 0, first: { p50: null } });
});

test("sun on a bed is less than the open sun, and more in the open bed than by the house", async () => {
  const on = async (bed: string) =>
    (await json(`sun --garden ${COMMONS} --bed ${bed} --from 2026-11-20 --to 2026-11-20`)).days[0];
  const [open, shaded, house] = [await on("bed-1"), await on("bed-13"), await on("house-1")];
  expect(open.directSunH).toBeLessThan(open.dayLengthH);
  expect(shaded.directSunH).toBeLessThan(open.directSunH);
  expect(shaded.dliMol).toBeLessThan(open.dliMol);
  expect(open.dliUnderCoversMol).toBeCloseTo(open.dliMol, 1);
  expect(house.dliUnderCoversMol).toBeLessThan(house.dliMol);
});

test.each([
  ["frost nowhere.dly", /Cannot read nowhere.dly/],
  ["frost README.md", /README.md: No column looks like a date/],
  ["frost public/stations/tarnholt-mill.dly --at cold", /temperatures apart by commas/],
  ["frost public/stations/tarnholt-mill.dly --unit K", /--unit should be C or F, not "K"/],
  [
    `sun --garden ${COMMONS} --bed attic --from 2026-11-20 --to 2026-11-20`,
    /no bed "attic" in this garden. Known: bed-1/,
  ],
  [
    `sun --garden ${COMMONS} --bed bed-1 --lat 4 --from 2026-11-20 --to 2026-11-20`,
    /--lat is not needed with --garden/,
  ],
  ["dance", /no command "dance"/],
  [
    "sun --lat 91 --from 2026-01-01 --to 2026-01-02",
    /--lat should be a number from -90 to 90, not "91"/,
  ],
  ["sun --lat 47 --from 2026-01-01", /--to is missing/],
  ["sun --lat 47 --from 2026-02-30 --to 2026-03-01", /not "2026-02-30"/],
  ["sun --lat 47 --from 2026-03-01 --to 2026-02-01", /before --from/],
  ["sun --lat 47 --colour red --from 2026-01-01 --to 2026-01-02", /Unknown option --colour/],
  [`ready --garden ${COMMONS} --crop moonroot --sow 2026-08-01`, /no crop "moonroot".*spinach/],
  [
    `ready --garden ${COMMONS} --crop carrot --sow 2026-08-01 --transplant`,
    /does not transplant well/,
  ],
  [`ready --garden ${COMMONS} --crop spinach --sow 2026-08-01 --cover quilt`, /no cover "quilt"/],
  [`ready --garden ${COMMONS} --crop spinach --variety blue --sow 2026-08-01`, /no variety "blue"/],
  [
    `ready --garden ${COMMONS} --crop spinach --sow 2026-08-01 --school guess`,
    /growth, calendar or tenhour/,
  ],
  ["check nowhere.json", /Cannot read nowhere.json/],
  [`export --garden ${COMMONS} --as pdf`, /one of ics/],
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

test("check finds beds over each other, which an import would ask to mend", async () => {
  const path = join(mkdtempSync(join(tmpdir(), "late-ember-")), "over.json");
  const commons = JSON.parse(readFileSync(COMMONS, "utf8"));
  commons.beds[2].position = commons.beds[1].position;
  writeFileSync(path, JSON.stringify(commons));
  const printed = await run(["check", path]);
  expect(printed.exitCode).toBe(2);
  expect(inEnglish(JSON.parse(printed.stdout).problems)).toEqual([
    {
      path: expect.stringMatching(/^beds\[\d+\]\.position$/),
      message: expect.stringMatching(/would overlap/),
    },
  ]);
});

test("a night under covers is told as the contract has it, and what is no weather is refused", async () => {
  const cold = "--lat 47.1 --date 2026-12-11 --min -10 --max -4";
  const double = (await json(`night --cover greenhouse-single,row-cover-light ${cold}`)) as Night;
  expect(double.spaces.map((space) => space.name)).toEqual(["greenhouse", "light cover"]);
  expect(double.crop.gainC).toBeGreaterThan(4);
  expect(double.crop.gainC).toBeLessThan(7);
  expect(double.crop.minC).toBeCloseTo(double.outside.minC + double.crop.gainC, 0);
  // Film 0.85, frame and dirt 0.83, light cover 0.85.
  expect(double.lightShare).toBeCloseTo(0.6, 2);
  const open = (await json(`night --cover none ${cold}`)) as Night;
  expect(open).toMatchObject({ spaces: [], crop: { gainC: 0 }, lightShare: 1 });
  const imperial = (await json(
    "night --cover none --lat 47.1 --date 2026-12-11 --min 14 --max 25 --units imperial",
  )) as Night;
  expect(imperial.outside.minC).toBeCloseTo(14, 0);
  const refused = await run(
    `night --cover none --lat 47.1 --date 2026-12-11 --min 4 --max -4`.split(" "),
  );
  expect(refused).toMatchObject({ exitCode: 2, stdout: "" });
  expect(refused.stderr).toMatch(/--min is above --max: are the two swapped/);
});

interface Night {
  outside: { minC: number };
  spaces: { name: string }[];
  crop: { minC: number; gainC: number };
  lightShare: number;
}

test("hardiness goes down as a crop hardens, stage by stage, and unknown stages are refused", async () => {
  const ask = "hardiness --garden " + COMMONS + " --from 2026-09-20 --to 2026-12-20";
  const { days } = (await json(`${ask} --crop spinach`)) as {
    days: { date: string; lt50C: number }[];
  };
  expect(days).toHaveLength(92);
  expect(days[0]?.lt50C).toBeGreaterThan(-8);
  expect(days.at(-1)?.lt50C).toBeLessThan(-12);
  const seedling = (await json(`${ask} --crop spinach --stage seedling`)) as {
    days: { lt50C: number }[];
  };
  expect(seedling.days.at(-1)?.lt50C).toBeGreaterThan(days.at(-1)?.lt50C ?? 0);
  const refused = await run(`${ask} --crop spinach --stage antler`.split(" "));
  expect(refused.stderr).toMatch(
    /Spinach has no stage "antler" of its own. Known for it: seedling/,
  );
});

test("supply tells each week's harvest as it strays, need, store and gap, and refuses what cannot be", async () => {
  const { weeks, gaps } = await json(
    `supply --garden ${COMMONS} --from 2026-09-24 --to 2027-05-31`,
  );
  expect(weeks).toHaveLength(36);
  for (const { harvestKg, needKg, gapKg, byGroup } of weeks) {
    expect(harvestKg.p10).toBeLessThanOrEqual(harvestKg.p90);
    expect(gapKg).toBeLessThanOrEqual(needKg + 1e-9);
    expect(Object.keys(byGroup)).toContain("cookedGreens");
  }
  expect(gaps.length).toBeGreaterThan(0);
  const wrong = await run(
    `supply --garden ${COMMONS} --from 2026-09-24 --to 2026-09-01`.split(" "),
  );
  expect([wrong.exitCode, wrong.stderr]).toEqual([2, "--to lies before --from.\n"]);
});
