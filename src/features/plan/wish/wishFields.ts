import { z } from "zod";
import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { varietyOf, type Crop } from "@/core/crops";
import type { Wish } from "@/core/schedule";
import { HOW_MUCH_FIELDS, USUAL_HOW_MUCH_FIELDS } from "@/ui/forms";
import type { WishStart } from "@/ui/viewState";
import { wish as say } from "@/words/en/wish";

/** What the "I want…" form holds; what it comes to is looked at by `wishFrom`. */
export const WishFieldsSchema = z.object({
  cropId: z.string(),
  varietyId: z.string(),
  mode: z.enum(["by", "between", "sowOn"]),
  by: z.string(),
  sowOn: z.string(),
  until: z.string(),
  /** A bed's id, or empty for any. */
  bedId: z.string(),
  ...HOW_MUCH_FIELDS,
});

export type WishFields = z.infer<typeof WishFieldsSchema>;

const USUAL_DAYS_AHEAD = 68;
const USUAL_STRETCH_DAYS = 60;
/** What was sown longer ago is no longer asked about. */
const MOST_DAYS_BACK = 730;
const MOST_DAYS_AHEAD = 1095;

export function startingFields(
  start: WishStart,
  crops: ReadonlyMap<string, Crop>,
  today: DayNumber,
  inView: DayNumber = today,
): WishFields {
  const crop = crops.get(start.cropId ?? "") ?? crops.get("spinach");
  return {
    cropId: crop?.id ?? "",
    varietyId: (crop && varietyOf(crop)?.id) ?? "",
    mode: start.mode ?? "by",
    sowOn: isoDate(inView),
    by: isoDate(today + USUAL_DAYS_AHEAD),
    until: isoDate(today + USUAL_DAYS_AHEAD + USUAL_STRETCH_DAYS),
    bedId: start.bedId ?? "",
    ...USUAL_HOW_MUCH_FIELDS,
  };
}

/** The wish the fields say, or what is still wrong with them in a sentence. */
export function wishFrom(
  fields: Pick<WishFields, "cropId" | "varietyId" | "mode" | "by" | "until" | "sowOn">,
  crops: ReadonlyMap<string, Crop>,
  today: DayNumber,
): Wish | string {
  const crop = crops.get(fields.cropId);
  const variety = crop && varietyOf(crop, fields.varietyId);
  if (!crop || !variety) return say.chooseACrop;
  if (fields.mode === "sowOn") {
    if (!isIsoDate(fields.sowOn)) return say.enterTheDateYouSow;
    const sowDay = dayNumber(fields.sowOn);
    if (sowDay < today - MOST_DAYS_BACK) return say.thatIsTooLongAgo;
    if (sowDay > today + MOST_DAYS_AHEAD) return say.thatIsTooFarAhead;
    return { crop, variety, wanted: null, today: sowDay };
  }
  if (!isIsoDate(fields.by)) return say.enterTheDateYouWantItBy;
  const byDay = dayNumber(fields.by);
  if (byDay <= today) return say.thatDateHasPassedChooseOneAfter;
  if (fields.mode === "by") return { crop, variety, wanted: { byDay, untilDay: null }, today };
  if (!isIsoDate(fields.until)) return say.enterTheLastDateYouWantIt;
  const untilDay = dayNumber(fields.until);
  if (untilDay < byDay) return say.theEndDateIsBeforeTheStartDate;
  return { crop, variety, wanted: { byDay, untilDay }, today };
}
