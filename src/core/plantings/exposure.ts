import { derive } from "../derive";
import { coversOver, horizonOver, paceOfBed, type Bed, type Surroundings } from "../garden";
import { dayNumber } from "../calendar";
import { lagHours, type StandsAt } from "../containers";
import type { Exposure, InContainers } from "../growth";
import { AT_WINDOW, ON_BENCH, type Indoors, type OwnBias } from "../shelter";
import type { Horizon } from "../sky";
import { measuredOver } from "./thermometers";

/** An exposure of which it is known whether a thermometer hangs there. */
export type BedExposure = Exposure & { own: OwnBias | null };

/**
 * What a bed's plants stand under: covers, what its own thermometer adds, and skyline. The same as
 * before as long as none of these is another.
 */
export function exposureOver(garden: Surroundings, bed: Bed): BedExposure {
  const own = measuredOver(garden, bed)?.bias ?? null;
  const covers = coversOver(garden, bed).join("+");
  const at = bed.container ? garden.shelters : null;
  const owns = (bed.container?.stays ?? []).map((stay) => ownAt(garden, bed, stay.at));
  const pace = paceOfBed(garden.ownNumbers, bed.id);
  return derive([bed, covers, horizonOver(garden, bed), own, pace, at, ...owns], exposureFrom);
}

function exposureFrom(
  bed: Bed,
  covers: string,
  horizon: Horizon,
  own: OwnBias | null,
  pace: number,
  shelters: Surroundings["shelters"] | null,
  ...owns: readonly (OwnBias | null)[]
): BedExposure {
  const { mulchCm = 0, snowStays = true } = bed.winter ?? {};
  const ground = { horizon, own, mulchCm, snowStays };
  const container = shelters && inContainers(bed, shelters, owns);
  const over = covers === "" ? [] : covers.split("+");
  return {
    covers: over,
    ...ground,
    ...(pace === 1 ? {} : { pace }),
    ...(container ? { container } : {}),
  };
}

/** Where a row of containers stands from when on, under which covers. */
function inContainers(
  bed: Bed,
  shelters: Surroundings["shelters"],
  owns: readonly (OwnBias | null)[],
): InContainers | null {
  const { container, lengthM, widthM, covers } = bed;
  if (!container) return null;
  return {
    lagHours: lagHours({ lengthM, widthM, container }),
    stays: container.stays.map(({ from, at }, index) => ({
      fromDay: dayNumber(from),
      covers: coversAt(at, covers, shelters),
      indoors: indoorsAt(at),
      own: owns[index] ?? null,
    })),
  };
}

/** What the thermometer of a place where containers stand adds; null where there is none. */
function ownAt(garden: Surroundings, bed: Bed, at: StandsAt): OwnBias | null {
  if (at.kind !== "shelter") return null;
  return measuredOver(garden, { ...bed, shelterId: at.shelterId })?.bias ?? null;
}

const SECONDS_PER_HOUR = 3600;
const UMOL_PER_MOL = 1e6;

/** The air and the light of a place indoors; null where it is none. */
function indoorsAt(at: StandsAt): Indoors | null {
  switch (at.kind) {
    case "window":
      return AT_WINDOW;
    case "bench":
      return ON_BENCH;
    case "room": {
      const { minC, maxC, lampHours, lampUmol } = at;
      const lampMol = (lampUmol * lampHours * SECONDS_PER_HOUR) / UMOL_PER_MOL;
      return { minC, maxC, lightShare: 0, lampMol };
    }
    default:
      return null;
  }
}

function coversAt(at: StandsAt, own: readonly string[], shelters: Surroundings["shelters"]) {
  if (at.kind === "outdoors") return [...own];
  return at.kind === "shelter" ? [...(shelters.get(at.shelterId)?.covers ?? []), ...own] : [];
}
