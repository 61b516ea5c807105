import winterJson from "@data/winter.json";
import type { DayNumber } from "../calendar";
import {
  coldestAtCropC,
  nightSteps,
  stackOf,
  type CoverIds,
  type NightSteps,
  type Structure,
} from "../shelter";

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
  private nights: readonly NightSteps[] | null = null;
  /** Coldest at the crop on each of the nights, by the stack. */
  private readonly coldestC = new Map<string, Float64Array>();
  private readonly tables = new Map<string, Float64Array>();

  /** @param day about midwinter, by whose day length the ground has been warmed */
  constructor(
    private readonly latitudeDeg: number,
    private readonly day: DayNumber,
  ) {}

  /** Degrees more under a piece on a night with such a low outside, such a sky and such a wind. */
  on(
    stack: { covers: CoverIds; structure: Structure },
    materialId: string,
    { minTempC, cloudShare, windMps }: { minTempC: number; cloudShare: number; windMps: number },
  ): number {
    const table = this.tableOf(stack, materialId);
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
      sum += weight * (table[place] ?? 0);
    }
    return sum;
  }

  private tableOf(
    { covers, structure }: { covers: CoverIds; structure: Structure },
    materialId: string,
  ): Float64Array {
    const key = `${covers.join("+")}|${JSON.stringify(structure)}|${materialId}`;
    let table = this.tables.get(key);
    if (!table) {
      const bare = this.coldestUnder(covers, structure);
      table = this.coldestUnder([...covers, materialId], structure).map(
        (tempC, at) => tempC - (bare[at] ?? 0),
      );
      this.tables.set(key, table);
    }
    return table;
  }

  private coldestUnder(covers: CoverIds, structure: Structure): Float64Array {
    const key = `${covers.join("+")}|${JSON.stringify(structure)}`;
    let coldest = this.coldestC.get(key);
    if (!coldest) {
      const nights = (this.nights ??= this.someNights());
      const stack = stackOf(covers, structure);
      coldest = Float64Array.from(nights, (night) => coldestAtCropC(stack, night));
      this.coldestC.set(key, coldest);
    }
    return coldest;
  }

  private someNights(): NightSteps[] {
    const { latitudeDeg, day } = this;
    return LOWS_C.flatMap((minTempC) =>
      CLOUDS.flatMap((cloudShare) =>
        WINDS.map((windMps) => {
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
          return nightSteps(night, STEPS_PER_DAY);
        }),
      ),
    );
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
