import shelterJson from "@data/shelter.json";
import { drive, drivingThrough } from "./balance/driving";
import { EnergyBalance, type Handling } from "./balance/energyBalance";
import type { Stack } from "./balance/stack";
import type { Vent } from "./ventSchema";
import type { WeatherSteps } from "./weatherSteps";

/** How vents and night covers are worked. */
export interface Working {
  /**
   * `shut`: never opened. `automatic`: from a temperature on, wide open at another. `manual`: open
   * between two hours of the day, by a share.
   */
  vent: Vent;
  /** Inner covers go on at dusk and off at dawn instead of staying on. */
  nightCovers: boolean;
  /** Opened up by day as growers do: inner covers when it is warm inside, sheets and lights in mild air. */
  opensUp: boolean;
  snow: boolean;
}

/**
 * Inner covers come off by day above a temperature in the outer space, sheets and lights above one
 * outside; a low cover that is off is as good as so many wide-open vents.
 */
const { practice: PRACTICE } = shelterJson;

export const SHUT: Working = {
  vent: { kind: "shut" },
  nightCovers: false,
  opensUp: false,
  snow: false,
};
/** As most growers work: an opener, or somebody who looks in. */
export const VENTED: Working = {
  vent: { kind: "automatic", opensAtC: PRACTICE.ventOpensAtC, wideAtC: PRACTICE.ventWideAtC },
  nightCovers: false,
  opensUp: true,
  snow: false,
};

/** Temperatures under a stack, one value a step. */
export interface ShelterRun {
  /** Air below each cover, from the outside in. */
  spacesC: Float64Array[];
  /** Air at the crop. */
  cropC: Float64Array;
  soil5cmC: Float64Array;
}

/** The soil as it is where a run begins: by its depth, and what lies below it. */
export interface GroundStart {
  tempAtC: (depthM: number) => number;
  deepC: number;
  /** What lies below it in a long run, by the step; as at the start where it is not told. */
  deepAtC?: (step: number) => number;
}

/** Temperatures under covers through steps of weather. */
export function runShelter(
  stack: Stack,
  weather: WeatherSteps,
  ground: GroundStart,
  working: Working = SHUT,
): ShelterRun {
  const count = weather.airC.length;
  const run: ShelterRun = {
    spacesC: stack.layers.map(() => new Float64Array(count)),
    cropC: new Float64Array(count),
    soil5cmC: new Float64Array(count),
  };
  const balance = new EnergyBalance(stack, weather.airC[0] ?? 0);
  balance.startSoil(ground.tempAtC);
  const driving = drivingThrough(weather, ground.deepC);
  const opens =
    working.vent.kind === "automatic"
      ? { fromC: working.vent.opensAtC, wideAtC: working.vent.wideAtC }
      : null;
  const handling: Handling = { vent: 0, opens, innerOn: true, snow: working.snow };
  const isLow = stack.layers[0]?.kind !== "house";
  for (let step = 0; step < count; step += 1) {
    drive(driving, weather, step);
    if (ground.deepAtC) driving.deepC = ground.deepAtC(step);
    const isDay = driving.sunWPerM2 > 0;
    const isWarmInside = (balance.spaceC(0) ?? 0) > PRACTICE.innerOffAboveC;
    handling.vent =
      working.opensUp && isLow && isDay && driving.airC > PRACTICE.lowCoverOffAboveC
        ? PRACTICE.lowCoverOffVents
        : handVentShare(working, step, weather.stepsPerDay);
    handling.innerOn = !(isDay && (working.nightCovers || (working.opensUp && isWarmInside)));
    balance.step(driving, handling);
    for (let space = 0; space < run.spacesC.length; space += 1) {
      const values = run.spacesC[space];
      if (values) values[step] = balance.spaceC(space) ?? 0;
    }
    run.cropC[step] = balance.cropC(driving.airC);
    run.soil5cmC[step] = balance.soil5cmC;
  }
  return run;
}

/** How far a vent that is worked by hand, or by a timer, stands open. */
function handVentShare({ vent }: Working, step: number, stepsPerDay: number): number {
  if (vent.kind !== "manual") return 0;
  const hour = ((step % stepsPerDay) * 24) / stepsPerDay;
  return hour >= vent.fromHour && hour < vent.toHour ? vent.share : 0;
}
