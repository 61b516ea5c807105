import containersJson from "@data/containers.json";
import { DAYS_OF_YEAR, dayNumberOf } from "../calendar";
import type { Climate } from "../climate";
import { COURSE_STEPS } from "./dayCourse";
import type { GrowingSpace } from "./growingSpace";

/** A place indoors, warm all year, with the light of a window or of lamps. */
export interface Indoors {
  /** Air at night and by day, °C. */
  minC: number;
  maxC: number;
  /** Of the light outside. */
  lightShare: number;
  /** Light of lamps, mol/m² a day. */
  lampMol: number;
}

/** No night outside is so much colder than usual, °C: indoors none of it is felt. */
const NEVER_COLD_C = 60;
const { window: WINDOW, bench: BENCH } = containersJson.indoors;
/** At a window, and on a heated bench under lamps. */
export const AT_WINDOW: Indoors = { ...WINDOW, lampMol: 0 };
export const ON_BENCH: Indoors = { ...BENCH, lightShare: 0 };

/** A space as it would be indoors: even warmth, and the light of a window or of lamps. */
export function movedIndoors(space: GrowingSpace, indoors: Indoors): GrowingSpace {
  const { climate, firstDay, dayOfYear } = space;
  const { minC, maxC, lightShare, lampMol } = indoors;
  const light = (index: number) => climate.dliMol(firstDay + index) * lightShare + lampMol;
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
