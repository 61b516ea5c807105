import winterJson from "@data/winter.json";
import { nightUnder, type CoverIds, type Structure } from "../shelter";
import type { DayNumber } from "../calendar";

const {
  lowsC: LOWS_C,
  cloudShares: CLOUDS,
  windsMps: WINDS,
  rangeC,
  milderBeforeC,
} = winterJson.pieceNights;

/**
 * What one more cover inside a stack adds to nights at the crop, °C, from the balance at a few lows, skies
 * and winds, straight between them: an evening's choice looks at many pieces on many beds.
 */
export class PieceGains {
  private readonly table: Float64Array;

  /** @param day about midwinter, by whose day length the ground has been warmed */
  constructor(
    latitudeDeg: number,
    day: DayNumber,
    covers: CoverIds,
    structure: Structure,
    materialId: string,
  ) {
    this.table = new Float64Array(LOWS_C.length * CLOUDS.length * WINDS.length);
    let at = 0;
    for (const minTempC of LOWS_C) {
      for (const cloudShare of CLOUDS) {
        for (const windMps of WINDS) {
          const maxTempC = minTempC + rangeC;
          const night = {
            latitudeDeg,
            day,
            milderBeforeC,
            minTempC,
            maxTempC,
            cloudShare,
            windMps,
          };
          const under = (ids: CoverIds) =>
            nightUnder(ids, night, structure, undefined, STEPS_PER_DAY).crop.minC;
          this.table[at] = under([...covers, materialId]) - under(covers);
          at += 1;
        }
      }
    }
  }

  /** Degrees more on a night with such a low outside, such a sky and such a wind. */
  on(minTempC: number, cloudShare: number, windMps: number): number {
    const low = between(LOWS_C, minTempC);
    const cloud = between(CLOUDS, cloudShare);
    const wind = between(WINDS, windMps);
    let sum = 0;
    for (let corner = 0; corner < CORNERS; corner += 1) {
      const [a, b, c] = [corner & 1, (corner >> 1) & 1, (corner >> 2) & 1];
      const weight =
        (a === 1 ? low.way : 1 - low.way) *
        (b === 1 ? cloud.way : 1 - cloud.way) *
        (c === 1 ? wind.way : 1 - wind.way);
      const place = ((low.at + a) * CLOUDS.length + cloud.at + b) * WINDS.length + wind.at + c;
      sum += weight * (this.table[place] ?? 0);
    }
    return sum;
  }
}

const CORNERS = 8;
const STEPS_PER_DAY = 24;

/** The place of a value among known ones, and how far it is to the next. */
function between(known: readonly number[], value: number): { at: number; way: number } {
  let at = 0;
  while (at < known.length - 2 && value > (known[at + 1] ?? Infinity)) at += 1;
  const [from, to] = [known[at] ?? 0, known[at + 1] ?? 1];
  return { at, way: Math.min(1, Math.max(0, (value - from) / (to - from))) };
}
