import seedSavingJson from "@data/seedSaving.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { FROST_THRESHOLDS_C, lastFrostDay } from "../climate";
import type { Site } from "../growth";
import type { SeedPlan } from "../garden";
import type { PlantingState } from "../plantings";
import { seedSavingOf } from "./species";

const { flowerWeeks, replantAfterLastFrostDays, boltsAfterReplantDays } = seedSavingJson;
/** Fruit is set some weeks before it is eaten, pods and ears too (estimate). */
const FLOWERS_BEFORE_READY_DAYS = 21;
/** A head or root that is left flowers some weeks after it is full-grown, where no winter is wanted (estimate). */
const FLOWERS_AFTER_FULL_DAYS = 35;

/** Buds that are not cut open within so long (estimate). */
const FLOWERS_AFTER_BUD_DAYS = 21;
/** Days so long make plants flower that need no winter, hours. */
const LONG_DAY_H = 13;
/** An even chance of frost. */
const HALF = 0.5;

/** When plants of a planting flower, were they left to. */
export interface Flowering {
  fromDay: DayNumber;
  untilDay: DayNumber;
}

/**
 * When a planting flowers here if it is left to: by its bolting where that is reckoned, fruit before it is
 * ripe, biennials in the spring after, lifted ones some weeks after they are set out again.
 *
 * @returns null where nothing is known of it, or it is pulled before
 */
export function floweringOf(
  site: Site,
  { timeline, growing }: Pick<PlantingState, "timeline" | "growing">,
  plan: Pick<SeedPlan, "winter"> | null,
): Flowering | null {
  const saving = seedSavingOf(growing.crop);
  if (!saving) return null;
  const fromDay = firstFlowerDay(site, timeline, growing, saving.life, plan);
  // What is pulled as planned never flowers, unless it is left for seed.
  const { clearDay } = timeline;
  if (fromDay === null || (plan === null && clearDay !== null && clearDay <= fromDay)) return null;
  return { fromDay, untilDay: fromDay + flowerWeeks * DAYS_PER_WEEK };
}

function firstFlowerDay(
  site: Site,
  timeline: PlantingState["timeline"],
  { crop }: PlantingState["growing"],
  life: "annual" | "biennial" | "either",
  plan: Pick<SeedPlan, "winter"> | null,
): DayNumber | null {
  const { boltDay, readyDay, fullSizeDay, sowDay } = timeline;
  const { harvestedPart, winterNeeded } = crop;
  if (plan?.winter === "lifted")
    return setOutAgain(site, readyDay ?? sowDay) + boltsAfterReplantDays;
  if (readyDay === null) return boltDay;
  if (harvestedPart === "fruit" || harvestedPart === "pod") {
    return readyDay - FLOWERS_BEFORE_READY_DAYS;
  }
  // What is eaten in bud flowers soon after.
  if (winterNeeded && harvestedPart === "head") return readyDay + FLOWERS_AFTER_BUD_DAYS;
  if (life !== "biennial") {
    const grownDay = (fullSizeDay ?? readyDay) + FLOWERS_AFTER_FULL_DAYS;
    // Without a winter it flowers in the long days in which it is full-grown.
    const isLong = site.daysAreLongFrom(grownDay, LONG_DAY_H) === grownDay;
    if (isLong) return Math.min(grownDay, boltDay ?? Infinity);
  }
  return boltDay ?? setOutAgain(site, readyDay) + boltsAfterReplantDays;
}

/** When roots for seed go back into the ground after the winter that follows a day. */
function setOutAgain(site: Site, day: DayNumber): DayNumber {
  const winter = site.season(day);
  const last = lastFrostDay(site.climate, winter, FROST_THRESHOLDS_C.light, HALF);
  return (last ?? winter.midwinterDay) + replantAfterLastFrostDays;
}
