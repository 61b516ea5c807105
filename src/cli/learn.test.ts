import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { writeGardenFile } from "@/core/formats";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import type { Garden, Trial } from "@/core/garden";
import type { LogEntry, Logged } from "@/core/log";
import { run } from "./run";

let folder = "";
beforeAll(() => (folder = mkdtempSync(join(tmpdir(), "learn-"))));
afterAll(() => rmSync(folder, { recursive: true }));

function file(name: string, garden: Garden): string {
  const path = join(folder, name);
  writeFileSync(path, writeGardenFile(garden));
  return path;
}

const entry = (id: string, on: string, what: Logged): readonly [string, LogEntry] => [
  id,
  { id, on, taskId: null, what, note: "" },
];
const lived = smallGarden({
  logEntries: new Map([
    entry("a", "2026-08-20", { kind: "sown", plantingId: "spinach", lotId: null, seeds: null }),
    entry("b", "2026-08-29", { kind: "emerged", plantingId: "spinach", up: 30, outOf: 50 }),
    entry("c", "2026-10-20", {
      kind: "harvested",
      plantingId: "spinach",
      grams: 3000,
      count: null,
      isLast: true,
    }),
  ]),
});

async function json(...words: string[]) {
  const { stdout, stderr, exitCode } = await run(words);
  expect({ stderr, exitCode }).toEqual({ stderr: "", exitCode: 0 });
  return JSON.parse(stdout);
}

test("learn tells the library's number, one's own, how many entries and how far they count", async () => {
  const garden = file("lived.json", lived);
  const { numbers } = await json("learn", "--garden", garden, "--on", "2026-12-01");
  const of = (what: string) => numbers.find((one: { what: string }) => one.what === what);
  expect(of("growth")).toMatchObject({ about: "garden", library: 1, n: 1, used: false });
  expect(of("emergence")).toMatchObject({ id: "spinach", unit: "days", n: 1 });
  const { weight, interval, joined } = of("stand");
  expect(weight).toBeGreaterThan(0);
  expect(interval.low).toBeLessThan(joined);
  expect(interval.high).toBeGreaterThan(joined);
  // What comes later has not been seen.
  const before = await json("learn", "--garden", garden, "--on", "2026-09-15");
  expect(before.numbers.map(({ what }: { what: string }) => what)).toEqual(["emergence", "stand"]);
});

test("season closes one and begins the next; what it cannot do writes nothing", async () => {
  const garden = file("season.json", lived);
  const [closed, next] = [join(folder, "closed.json"), join(folder, "next.json")];
  const over = await json(
    "season",
    "close",
    "--garden",
    garden,
    "--out",
    closed,
    "--on",
    "2027-06-10",
  );
  expect(over).toMatchObject({ season: 2026, harvestedG: 3000 });
  const begun = await json(
    "season",
    "next",
    "--garden",
    closed,
    "--out",
    next,
    "--on",
    "2027-06-15",
  );
  const spinach = begun.plantings.find(({ id }: { id: string }) => id === "s2027-spinach");
  expect(spinach).toMatchObject({ from: "bed-2", bed: "bed-1", sow: "2027-08-20", comes: true });
  const kept = JSON.parse(readFileSync(next, "utf8"));
  expect(kept.keptSeasons).toHaveLength(1);
  expect(kept.plantings.map(({ id }: { id: string }) => id)).toContain("s2027-spinach");
  const none = join(folder, "none.json");
  for (const words of [
    ["close", "--garden", closed, "--out", none, "--on", "2027-06-12"],
    ["next", "--garden", garden, "--out", none],
    ["open", "--garden", garden, "--out", none],
    ["close", "--garden", garden, "--out", join(folder, "no", "where.json"), "--on", "2027-06-10"],
  ]) {
    const refused = await run(["season", ...words]);
    expect(refused).toMatchObject({ stdout: "", exitCode: 2 });
    expect(refused.stderr.trim().split("\n")).toHaveLength(1);
  }
  expect(existsSync(none)).toBe(false);
});

test("trial tells the effect, its interval, the chance and how many plots more would tell", async () => {
  const plain = { varietyId: null, sowOn: null, spacingFactor: null };
  const treatments = [
    { ...plain, id: "a", name: "nothing" },
    { ...plain, id: "b", name: "compost" },
  ];
  const trial: Trial = {
    id: "compost",
    name: "Compost",
    kind: "amendment",
    measure: "grams",
    treatments,
    rows: [{ id: "row", cropId: "kale", name: "Kale" }],
    plots: [1, 2, 3, 4, 5, 6, 7].flatMap((block) =>
      treatments.map(({ id }, at) => ({
        id: `${id}-${block}`,
        block,
        treatmentId: id,
        bedId: "bed-1",
        fromM: (2 * (block - 1) + at) * 0.5,
        lengthM: 0.5,
      })),
    ),
    laidOn: "2026-06-01",
    seed: 1,
    results: [],
    verdict: null,
  };
  const measured = (blocks: number): Trial => ({
    ...trial,
    results: trial.plots
      .filter(({ block }) => block <= blocks)
      .map(({ id, block, treatmentId }) => ({
        plotId: id,
        rowId: "row",
        value: (treatmentId === "b" ? 1200 : 1000) + 15 * block,
      })),
  });
  const told = (blocks: number) =>
    json(
      "trial",
      "--garden",
      file(
        `trial-${blocks}.json`,
        smallGarden({ trials: new Map([["compost", measured(blocks)]]) }),
      ),
      "--id",
      "compost",
    );
  const enough = await told(7);
  expect(enough).toMatchObject({ p: 0.0156, plots: 14, enough: true, plotsNeeded: 0 });
  expect(enough.effect).toBeGreaterThan(1.1);
  expect(enough.interval.low).toBeGreaterThan(1);
  expect(await told(2)).toMatchObject({ enough: false, interval: null, plotsNeeded: 8 });
  const unknown = await run(["trial", "--garden", file("none2.json", lived), "--id", "x"]);
  expect(unknown).toMatchObject({ stdout: "", exitCode: 2 });
});
