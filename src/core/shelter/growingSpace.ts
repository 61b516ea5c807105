import type { DayNumber } from "../calendar";
import type { Climate } from "../climate";
import type { CoverIds } from "./materials";
import { cropDay, nightGainC } from "./ruleOfThumb";

/** The usual days of one spot under its covers, over a stretch of days, ready for fast loops. */
export interface GrowingSpace {
  covers: CoverIds;
  firstDay: DayNumber;
  /** One value a day from `firstDay` on. */
  minTempC: Float64Array;
  maxTempC: Float64Array;
  dliMol: Float64Array;
  /** The usual minimum outside the covers. */
  outsideMinTempC: Float64Array;
  /** What the covers add to a cold night's minimum. */
  nightGainC: number;
  climate: Climate;
}

/**
 * Usual days at the crop for every day of a stretch.
 *
 * @param days length of the stretch
 */
export function growingSpace(
  climate: Climate,
  covers: CoverIds,
  firstDay: DayNumber,
  days: number,
): GrowingSpace {
  const minTempC = new Float64Array(days);
  const maxTempC = new Float64Array(days);
  const dliMol = new Float64Array(days);
  const outsideMinTempC = new Float64Array(days);
  for (let index = 0; index < days; index += 1) {
    const usual = cropDay(climate, covers, firstDay + index);
    minTempC[index] = usual.minTempC;
    maxTempC[index] = usual.maxTempC;
    dliMol[index] = usual.dliMol;
    outsideMinTempC[index] = climate.minTempC(firstDay + index);
  }
  return {
    covers,
    firstDay,
    minTempC,
    maxTempC,
    dliMol,
    outsideMinTempC,
    nightGainC: nightGainC(covers),
    climate,
  };
}
