import demo from "@data/demo/tarnholt-commons.json";
import { dayNumber } from "@/core/calendar";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import { siteFor } from "@/core/plantings";
import { tonight } from "@/core/frostNight";
import {
  groundBetween,
  growingSpace,
  materials,
  runShelter,
  stackOf,
  weatherSteps,
  type ShelterDay,
  type WeatherSteps,
} from "@/core/shelter";
import { medianMs, report } from "./timing";

export const DAYS = 300;
const STEPS = DAYS * 96;
const GROUND = groundBetween(12, 9);
const STACKS = [
  [],
  ["greenhouse-single"],
  ["greenhouse-single", "row-cover-light"],
  ["greenhouse-single", "low-tunnel-film", "row-cover-light"],
];

/** A fall, winter and spring with waves of weather. */
export function season(days: number): WeatherSteps {
  const weather = Array.from({ length: days }, (_, index): ShelterDay => {
    const wave = Math.sin(index / 3);
    const usualC = 9 - 11 * Math.sin((Math.PI * index) / DAYS);
    return {
      minTempC: usualC - 4 + 3 * wave,
      maxTempC: usualC + 5 + 4 * wave,
      cloudShare: (1 - wave) / 2,
      windMps: 1 + (index % 4),
    };
  });
  return weatherSteps(47.1, dayNumber("2026-08-01"), weather);
}

/** The demo garden's night to come, with its stock of covers, and a usual year for a new stack. */
export function benchTonight(): void {
  const garden = fromGardenFile(demo as GardenFile);
  const site = siteFor(garden);
  if (!site) throw new Error("the demo garden has a place");
  const day = dayNumber("2026-10-20");
  report(
    "the night to come for 21 beds, 9 covers of the shed given out",
    medianMs(() => void tonight(site, garden, day, []), 9),
    100,
    "ms",
  );
  const covers = ["greenhouse-single", "row-cover-light"];
  const fresh = () => ({ ...site.climate });
  report(
    "a usual year under two covers, from nothing",
    medianMs(() => void growingSpace(fresh(), covers, [], day, 1), 9),
    50,
    "ms",
  );
}

/** A season of quarter hours under none to three covers; and against the same sums done plainly. */
export function benchShelter(): void {
  const weather = season(DAYS);
  for (const covers of STACKS) {
    const stack = stackOf(covers);
    const ms = medianMs(() => void runShelter(stack, weather, GROUND), 9);
    const perStep = Math.round((ms * 1e6) / STEPS);
    const what = `${DAYS} days in quarter hours under ${covers.length} covers (${perStep} ns a step)`;
    report(what, ms, 60, "ms");
  }
  const few = season(6);
  const plain = medianMs(() => void plainly(["greenhouse-single", "row-cover-light"], few), 3);
  const ours = medianMs(
    () => void runShelter(stackOf(["greenhouse-single", "row-cover-light"]), few, GROUND),
    9,
  );
  console.log(
    `the same written plainly (explicit, 5 s steps): ${Math.round(plain / ours)} times as long`,
  );
}

/**
 * The plain way: small explicit steps, fresh arrays for each, every exchange by itself. Soil in the
 * same layers; no paths, snow, vents or drops on films.
 */
function plainly(covers: string[], weather: WeatherSteps): number {
  const layers = covers.flatMap((id) => materials.get(id) ?? []);
  const thick = [0.01, 0.02, 0.04, 0.08, 0.16, 0.32, 0.64];
  const sigma = 5.67e-8;
  let temps = {
    covers: layers.map(() => 12),
    air: layers.map(() => 12),
    soil: thick.map(() => 12),
  };
  const stepS = 5;
  for (let at = 0; at < weather.airC.length; at += 1) {
    for (let second = 0; second < weather.stepS; second += stepS) {
      const fourth = (c: number) => sigma * (c + 273.15) ** 4;
      const down = [weather.skyWPerM2[at] ?? 0];
      layers.forEach((layer, i) => {
        const t = layer.longwaveTransmittance.wet;
        down.push(t * (down[i] ?? 0) + (1 - t) * fourth(temps.covers[i] ?? 0));
      });
      const up: number[] = new Array<number>(layers.length + 1).fill(0);
      up[layers.length] = 0.96 * fourth(temps.soil[0] ?? 0) + 0.04 * (down[layers.length] ?? 0);
      for (let i = layers.length - 1; i >= 0; i -= 1) {
        const t = layers[i]?.longwaveTransmittance.wet ?? 0;
        up[i] = t * (up[i + 1] ?? 0) + (1 - t) * fourth(temps.covers[i] ?? 0);
      }
      const outside = 7.2 + 3.84 * (weather.windMps[at] ?? 0);
      const light = layers.reduce(
        (share, one) => share * one.lightTransmittance,
        weather.sunWPerM2[at] ?? 0,
      );
      const next = {
        covers: layers.map((layer, i) => {
          const absorbs = 1 - layer.longwaveTransmittance.wet;
          const c = temps.covers[i] ?? 0;
          const aboveC = i === 0 ? (weather.airC[at] ?? 0) : (temps.air[i - 1] ?? 0);
          const h = i === 0 ? outside : 3.5;
          const net =
            absorbs * ((down[i] ?? 0) + (up[i + 1] ?? 0) - 2 * fourth(c)) +
            layer.areaRatio * (h * (aboveC - c) + 3.5 * ((temps.air[i] ?? 0) - c));
          return c + (net * stepS) / (1500 * layer.areaRatio);
        }),
        air: layers.map((layer, i) => {
          const c = temps.air[i] ?? 0;
          const outC = i === 0 ? (weather.airC[at] ?? 0) : (temps.air[i - 1] ?? 0);
          const heat = 1206 * layer.heightM;
          const leak = (heat * (layer.leakPerHour.still + layer.leakPerHour.perMps)) / 3600;
          const below = i + 1 < layers.length ? (temps.covers[i + 1] ?? 0) : (temps.soil[0] ?? 0);
          const net =
            3.5 * layer.areaRatio * ((temps.covers[i] ?? 0) - c) +
            leak * (outC - c) +
            4.5 * (below - c);
          return c + (net * stepS) / heat;
        }),
        soil: thick.map((dz, k) => {
          const c = temps.soil[k] ?? 0;
          const into =
            k === 0
              ? 0.8 * light +
                0.96 * ((down[layers.length] ?? 0) - fourth(c)) +
                4.5 * ((temps.air.at(-1) ?? 0) - c)
              : (1.1 * ((temps.soil[k - 1] ?? 0) - c)) / ((dz + (thick[k - 1] ?? 0)) / 2);
          const belowC = k + 1 < thick.length ? (temps.soil[k + 1] ?? 0) : 9;
          const out = (1.1 * (c - belowC)) / ((dz + (thick[k + 1] ?? dz)) / 2);
          const capacity = (c < 0 && c > -1.5 ? 51.4e6 : 2.4e6) * dz;
          return c + ((into - out) * stepS) / capacity;
        }),
      };
      temps = next;
    }
  }
  return temps.air.at(-1) ?? 0;
}
