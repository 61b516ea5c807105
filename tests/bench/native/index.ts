import { execFileSync, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import {
  coverLight,
  groundBetween,
  PAIR_INPUT,
  PairBalance,
  runShelter,
  SHUT,
  stackOf,
  type CoverIds,
  type WeatherSteps,
} from "@/core/shelter";
import shelterJson from "@data/shelter.json";
import { leastMs } from "../timing";

/** Heat of a cubic metre of air, as the balance has it. */
const AIR_J_PER_M3K = 1.2 * 1005;
const HERE = join(process.cwd(), "tests/bench/native");
const VALUES = "src/core/shelter/balance/assembly/values.ts";
const GROUND = groundBetween(12, 9);
const RUNS = 7;
/** Both in turns, since a machine is not equally quick all the time; the fastest of all counts. */
const ROUNDS = 6;

/**
 * Prints how many times the processor time of native code a run of the balance takes: the same steps in C
 * at -O3, built with the machine's compiler, and the same results.
 */
export function benchAgainstNative(covers: CoverIds, weather: WeatherSteps): void {
  const what = `the balance under ${covers.length} covers`;
  if (spawnSync("cc", ["--version"]).status !== 0) {
    console.log(`${what} against C: no compiler on this machine`);
    return;
  }
  const folder = mkdtempSync(join(tmpdir(), "balance-"));
  try {
    writeFileSync(join(folder, "values.h"), valuesForC());
    const program = join(folder, "balance");
    execFileSync("cc", ["-O3", "-I", folder, join(HERE, "balance.c"), "-o", program, "-lm"]);
    const input = inputFor(covers, weather);
    let [lastC, sumC, nativeMs, ourMs] = [NaN, NaN, Infinity, Infinity];
    let cropC: Float64Array = new Float64Array();
    for (let round = 0; round < ROUNDS; round += 1) {
      const told = execFileSync(program, { input, encoding: "utf8" }).trim().split(" ");
      const [last = NaN, sum = NaN, ms = NaN] = told.map(Number);
      [lastC, sumC, nativeMs] = [last, sum, Math.min(nativeMs, ms)];
      const ours = leastMs(() => {
        cropC = runShelter(stackOf(covers), weather, GROUND, SHUT).cropC;
      }, RUNS);
      ourMs = Math.min(ourMs, ours);
    }
    const offC = Math.abs((cropC.at(-1) ?? NaN) - lastC);
    const meanOffC = Math.abs(cropC.reduce((sum, c) => sum + c, 0) - sumC) / cropC.length;
    if (!(offC < 1e-6 && meanOffC < 1e-6)) {
      throw new Error(`The port in C gives other temperatures: ${offC} °C off at the end.`);
    }
    const pairMs = pairOfWintersMs(covers, weather);
    const steps = weather.airC.length;
    const perStep = (ms: number) => Math.round((ms * 1e6) / steps);
    console.log(
      `${what}: ${(ourMs / nativeMs).toFixed(2)} times the time of C at -O3 ` +
        `(${perStep(ourMs)} against ${perStep(nativeMs)} ns a step; 2 allowed)`,
    );
    console.log(
      `… two winters at a time: ${(pairMs / nativeMs).toFixed(2)} times C for each winter of a pair ` +
        `(${perStep(pairMs)} ns a step; 1.2 allowed)`,
    );
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Processor time of the same steps for each of two winters that are reckoned at once. */
function pairOfWintersMs(covers: CoverIds, weather: WeatherSteps): number {
  const pair = new PairBalance(stackOf(covers));
  const startC = weather.airC[0] ?? 0;
  const { airC, skyWPerM2, sunWPerM2, windMps } = weather;
  const run = () => {
    pair.start(startC, startC, GROUND.tempAtC);
    const { input } = pair;
    for (let step = 0; step < airC.length; step += 1) {
      for (let at = 0; at < 2; at += 1) {
        input[PAIR_INPUT.airC + at] = airC[step] ?? 0;
        input[PAIR_INPUT.skyWPerM2 + at] = skyWPerM2[step] ?? 0;
        input[PAIR_INPUT.sunWPerM2 + at] = sunWPerM2[step] ?? 0;
        input[PAIR_INPUT.windMps + at] = windMps[step] ?? 0;
        input[PAIR_INPUT.deepC + at] = GROUND.deepC;
        input[PAIR_INPUT.vent + at] = 0;
        input[PAIR_INPUT.innerOn + at] = 1;
      }
      pair.step(weather.stepS, null, false);
      pair.readCropC(airC[step] ?? 0, airC[step] ?? 0);
    }
  };
  let least = Infinity;
  for (let round = 0; round < ROUNDS; round += 1) least = Math.min(least, leastMs(run, RUNS) / 2);
  return least;
}

/** The constants of the balance as a header. */
function valuesForC(): string {
  const lines = readFileSync(VALUES, "utf8").replace(/\s*\n\s+/g, " ");
  const one = [...lines.matchAll(/export const (\w+): (?:f64|i32) = ([^;]+);/g)];
  const many = [...lines.matchAll(/export const (\w+): StaticArray<f64> = \[([^\]]+)\];/g)];
  return [
    ...one.map(([, name, value]) => `#define ${name} (${value})`),
    ...many.map(([, name, values]) => `static const double ${name}[] = {${values}};`),
  ].join("\n");
}

function inputFor(covers: CoverIds, weather: WeatherSteps): string {
  const { layers, pathShare, ventChangesPerHour, leafAreaIndex } = stackOf(covers);
  const startC = weather.airC[0] ?? 0;
  const numbers = [
    layers.length,
    pathShare,
    ventChangesPerHour,
    layers[0]?.sheetGapWPerM2K ?? 0,
    leafAreaIndex,
    GROUND.deepC,
    weather.stepS,
    startC,
    RUNS,
  ];
  for (const layer of layers) {
    const { areaRatio, longwaveTransmittance: lets, removable, heightM, leakPerHour } = layer;
    numbers.push(areaRatio, coverLight(layer), lets.wet, lets.dry, removable ? 1 : 0);
    numbers.push(AIR_J_PER_M3K * heightM, leakPerHour.still, leakPerHour.perMps);
  }
  let topM = 0;
  for (const cm of shelterJson.soil.layersCm) {
    numbers.push(GROUND.tempAtC(topM + cm / 200));
    topM += cm / 100;
  }
  numbers.push(GROUND.tempAtC(0), weather.airC.length);
  for (let at = 0; at < weather.airC.length; at += 1) {
    const { airC, skyWPerM2, sunWPerM2, windMps } = weather;
    for (const values of [airC, skyWPerM2, sunWPerM2, windMps]) numbers.push(values[at] ?? 0);
  }
  return numbers.join(" ");
}
