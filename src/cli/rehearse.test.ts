import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { writeGardenFile } from "@/core/formats";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { run } from "./run";

let folder = "";
let garden = "";

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "rehearse-"));
  garden = file("garden.json", writeGardenFile(smallGarden()));
});
afterAll(() => rmSync(folder, { recursive: true }));

function file(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}

const rehearse = (...words: string[]) => run(["rehearse", ...words]);
const usual = () => ["--garden", garden, "--on", "2026-09-20", "--seed", "5"];

test("rehearse tells odds and dates of each planting and kilograms a week; parts join to the same bytes", async () => {
  const whole = await rehearse(...usual(), "--winters", "6");
  const told = JSON.parse(whole.stdout);
  expect(told).toMatchObject({ winters: 6, from: "2026-09-20", seed: 5 });
  expect(told.plantings.map(({ id }: { id: string }) => id)).toContain("spinach");
  const [first] = told.plantings;
  expect(first.reached).toBeGreaterThanOrEqual(0);
  expect(Object.keys(first.first)).toEqual(["p10", "p50", "p90"]);
  expect(told.weeks[0]).toMatchObject({ weekOf: "2026-09-20" });
  const part = async (from: number, to: number) => {
    const ends = ["--from-winter", String(from), "--to-winter", String(to)];
    return file(`part-${from}.json`, (await rehearse(...usual(), ...ends)).stdout);
  };
  const parts = [await part(4, 6), await part(1, 3)];
  expect((await rehearse("--join", ...parts)).stdout).toBe(whole.stdout);
  // One of them alone is not the whole.
  const { exitCode, stderr } = await rehearse("--join", parts[0] ?? "");
  expect([exitCode, stderr]).toEqual([
    2,
    "Winters 1 to 3 are missing: rehearse with --from-winter 1 --to-winter 3, and give that part too.\n",
  ]);
});

test("a change is tried on the same winters; one that is refused says why", async () => {
  const input = { id: "lettuce" };
  const change = file("change.json", JSON.stringify([{ name: "planting.remove", input }]));
  const { paired } = JSON.parse(
    (await rehearse(...usual(), "--winters", "4", "--change", change)).stdout,
  );
  expect(paired.meanKg).toBeLessThan(0);
  expect(paired.interval).toHaveLength(2);
  const gone = file(
    "gone.json",
    JSON.stringify([{ name: "planting.remove", input: { id: "no" } }]),
  );
  const refused = await rehearse(...usual(), "--change", gone);
  expect(refused.exitCode).toBe(2);
  expect(refused.stderr).toMatch(/^Change 1 cannot be made: /);
  expect(refused.stdout).toBe("");
});

test.each([
  [["--winters", "0"], /--winters should be a number from 1 to 100000/],
  [["--winters", "2.5"], /--winters should be a whole number/],
  [["--from-winter", "4"], /--from-winter and --to-winter go together/],
  [["--from-winter", "4", "--to-winter", "2"], /the first not after the last/],
  [["--from-record"], /goes by a few numbers, not by a weather record/],
  [["--on", "2029-01-01"], /Nothing grows or is to be sown from/],
  [["--on", "soon"], /--on should be a date like/],
])("rehearse %s is refused in a line", async (words, told) => {
  const on = words[0] === "--on" ? ["--garden", garden] : usual();
  const { exitCode, stdout, stderr } = await rehearse(...on, ...words);
  expect([exitCode, stdout]).toEqual([2, ""]);
  expect(stderr).toMatch(told);
  expect(stderr.trim().split("\n")).toHaveLength(1);
});
