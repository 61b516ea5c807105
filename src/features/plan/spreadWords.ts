import type { DateSpread, Way } from "@/core/schedule";
import type { AskedWay } from "@/derive";
import type { LocalWording } from "@/ui/wording";
import { plan as say } from "@/words/en/plan";

/** "(1 year in 5 before 20 Oct, 1 in 5 after 4 Nov)"; nothing where it is not known. */
export function betweenWords(spread: DateSpread | null, wording: LocalWording): string {
  if (!spread || spread.p20 === null || spread.p80 === null) return "";
  return say.orBetween({
    early: wording.shortDate(spread.p20),
    late: wording.shortDate(spread.p80),
  });
}

/** A way that is shown, as it is asked about. */
export function askedWay({ growing, spot, timeline }: Pick<Way, "growing" | "spot" | "timeline">) {
  return {
    cropId: growing.crop.id,
    varietyId: growing.variety.id,
    method: growing.method,
    stage: growing.stage,
    boughtAgeDays: growing.boughtAgeDays ?? null,
    bedId: spot.bedId,
    sowDay: timeline.sowDay,
  } satisfies AskedWay;
}
