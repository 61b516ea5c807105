import { run } from "./run";

const COMMONS = "src/core/gardenFile/commons.testdata.json";

test("fill tells a plan that leaves less unmet, how near it is to the best, and refuses no time", async () => {
  const { stdout, exitCode } = await run(`fill --garden ${COMMONS} --seconds 6`.split(" "));
  expect(exitCode).toBe(0);
  const { before, after, gapToBest, steps } = JSON.parse(stdout) as {
    before: { unmetKg: number };
    after: { unmetKg: number };
    gapToBest: number;
    steps: { what: string; crop: string | null; bed: string; date: string; kg: number }[];
  };
  expect(after.unmetKg).toBeLessThan(before.unmetKg * 0.9);
  expect(gapToBest).toBeLessThan(1);
  expect(steps.length).toBeGreaterThan(2);
  for (const { what, date, kg } of steps) {
    expect(date >= "2026-09-24").toBe(true);
    expect(kg > 0).toBe(what !== "cover");
  }
  const refused = await run(`fill --garden ${COMMONS} --seconds 0`.split(" "));
  expect([refused.exitCode, refused.stderr]).toEqual([
    2,
    "--seconds should be a number above 0, at most 3600.\n",
  ]);
}, 120_000);
