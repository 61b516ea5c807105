import containersJson from "@data/containers.json";
import { DAYS_OF_YEAR, dayNumberOf } from "../calendar";
import type { Climate } from "../climate";
import { COURSE_STEPS } from "./dayCourse";
import type { GrowingSpace } from "./growingSpace";

/** Where it is warm all year: at a window, or on a heated bench under lamps. */
export type Indoors = "window" | "bench";

/** No night outside is so much colder than usual, °C: indoors none of it is felt. */
const NEVER_COLD_C = 60;
const { window: WINDOW, bench: BENCH } = containersJson.indoors;

/** A space as it would be indoors: even warmth, and the light of a window or of lamps. */
export function movedIndoors(space: GrowingSpace, indoors: Indoors): GrowingSpace {
  const { climate, firstDay, dayOfYear } = space;
  const { minC, maxC } = indoors === "window" ? WINDOW : BENCH;
  const light = (index: number) =>
    indoors === "window" ? climate.dliMol(firstDay + index) * WINDOW.lightShare : BENCH.lightMol;
  return {
    ...space,
    covers: [],
    minTempC: new Float64Array(dayOfYear.length).fill(minC),
    maxTempC: new Float64Array(dayOfYear.length).fill(maxC),
    dliMol: Float64Array.from(dayOfYear, (_place, index) => light(index)),
    courseC: new Float32Array(DAYS_OF_YEAR * COURSE_STEPS).fill((minC + maxC) / 2),
    coldGainC: coldGains(climate, minC),
    soilGainC: null,
  };
}

const NEW_YEAR = dayNumberOf(2000, 1, 1);

function coldGains(climate: Climate, minC: number): Float64Array {
  return Float64Array.from(
    { length: DAYS_OF_YEAR },
    (_, place) => minC - climate.minTempC(NEW_YEAR + place) + NEVER_COLD_C,
  );
}
