import { z } from "zod";
import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { coverCropLibrary, mulches, type Mulch, type Rest } from "@/core/soil";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { freeStretches, gapsIn, isWholeWidth, occupantsOf, type Gap } from "@/core/bedSpace";
import { greenManures, type GreenManure } from "@/core/bedCare";
import type { Site } from "@/core/growth";
import { exposureOver } from "@/core/plantings";
import { amount } from "@/ui/forms";
import { beds as say } from "@/words/en/beds";

/** A rest as its form holds it. */
export const RestFieldsSchema = z.object({
  /** Which of the gaps, the soonest first: its place among them. */
  gap: z.string(),
  /** A cover crop's id or a mulch's; empty takes the first cover crop. */
  coverId: z.string(),
  sowing: z.enum(["drilled", "broadcast"]),
  /** The rate times this. */
  safety: amount(say.enterAMultipleOfTheUsualRate1Is),
  /** Empty ends when the ground is wanted. */
  until: z.string(),
});

export type RestFields = z.infer<typeof RestFieldsSchema>;

export const USUAL_REST: RestFields = {
  gap: "0",
  coverId: "",
  sowing: "broadcast",
  safety: 1,
  until: "",
};

/** What a form's fields come to in a bed. */
export interface RestPlan {
  gaps: Gap[];
  found: GreenManure[];
  manure: GreenManure | undefined;
  mulch: Mulch | undefined;
  untilDay: DayNumber;
  /** Null when none of the gap is free until then. */
  rest: Omit<Rest, "id"> | null;
}

const DAYS_AHEAD = 365;
/** Where nothing is planned after it, a rest goes on so long. */
const USUAL_DAYS = 200;
const LEAST_M = 0.1;

/** The rest that the fields say: from the day its gap is free, for as much of it as stays free. */
export function restPlan(
  site: Site,
  garden: Garden,
  bed: Bed,
  day: DayNumber,
  fields: RestFields,
): RestPlan {
  const occupants = occupantsOf(site, garden, bed);
  const gaps = gapsIn(occupants, bed, day, day + DAYS_AHEAD)
    .filter((gap) => isWholeWidth(gap, bed))
    .sort((a, b) => a.fromDay - b.fromDay);
  const gap = gaps[Number(fields.gap)] ?? gaps[0];
  const fromDay = gap?.fromDay ?? day;
  const wantedDay = gap && gap.untilDay < day + DAYS_AHEAD ? gap.untilDay : null;
  const exposure = exposureOver(garden, bed);
  const areaM2 = bed.lengthM * bed.widthM;
  const crops = coverCropLibrary.values();
  const found = greenManures(site, crops, exposure, areaM2, fromDay, wantedDay);
  const mulch = mulches.get(fields.coverId);
  const manure = mulch
    ? undefined
    : (found.find(({ crop }) => crop.id === fields.coverId) ?? found[0]);
  const untilDay = isIsoDate(fields.until)
    ? dayNumber(fields.until)
    : Math.max(fromDay + 1, manure?.turnInDay ?? wantedDay ?? fromDay + USUAL_DAYS);
  // Until a later day than the gap is free for, only a part of it is left.
  const [part] = freeStretches(occupants, bed, fromDay, untilDay)
    .map(({ fromM, toM }) => ({
      fromM: Math.max(fromM, gap?.fromM ?? 0),
      toM: Math.min(toM, gap?.toM ?? bed.lengthM),
    }))
    .filter(({ fromM, toM }) => toM - fromM >= LEAST_M)
    .sort((a, b) => b.toM - b.fromM - (a.toM - a.fromM));
  const under = mulch
    ? ({ kind: "mulch", mulchId: mulch.id, depthCm: mulch.depthCm } as const)
    : ({
        kind: "coverCrop",
        coverCropId: manure?.crop.id ?? "",
        sowing: fields.sowing,
        safety: fields.safety,
      } as const);
  const rest = part
    ? {
        bedId: bed.id,
        fromM: exactM(Math.max(0, part.fromM)),
        lengthM: exactM(part.toM - part.fromM),
        fromOn: isoDate(fromDay),
        untilOn: isoDate(untilDay),
        under,
      }
    : null;
  return { gaps, found, manure, mulch, untilDay, rest };
}
