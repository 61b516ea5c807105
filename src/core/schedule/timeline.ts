import type { DayNumber } from "../calendar";
import { NOTHING_KNOWN, type DatesKnown } from "./happened";
import { dayWhenGathered, standingPacketDays, type PlanSettings, type Site } from "../growth";
import { needOf, type Growing, type Timeline } from "./growing";
import { emergenceDay, readyDayFrom } from "./readiness";
import { boltingDay, heatDayOf } from "./spring";
import { coldThrough } from "./winterRisk";

/**
 * What becomes of a sowing on a date, by the school in force.
 *
 * @param facts what is known to have happened: it takes the place of what was planned, and moves what
 *              comes after
 */
export function timelineFrom(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  plannedDay: DayNumber,
  facts: DatesKnown = NOTHING_KNOWN,
): Timeline {
  const need = needOf(growing);
  const sowDay = facts.sownDay ?? plannedDay;
  const bedDay = need.benchDays > 0 ? (facts.plantedOutDay ?? sowDay + need.benchDays) : sowDay;
  const growth = site.growth(growing.crop, growing, sowDay);
  const emergeDay = facts.emergedDay ?? emergenceDay(site, growing, need, sowDay);
  const startDay = need.benchDays > 0 ? bedDay : emergeDay;
  const starts = { sowDay, bedDay, startDay };
  const expectedDay = readyDayFrom(site, settings, growing, need, starts, "usable");
  const picked = facts.firstHarvestDay;
  // What was picked was ready, whatever was expected.
  const readyDay =
    picked !== null && picked > sowDay ? Math.min(picked, expectedDay ?? picked) : expectedDay;
  const grownDay = readyDayFrom(site, settings, growing, need, starts, "full");
  const fullSizeDay =
    readyDay === null || grownDay === null ? grownDay : Math.max(readyDay, grownDay);
  const cold = coldThrough(site, growing, need, starts);
  const risk = -Math.log(1 - settings.frostRisk);
  const { seenDay } = facts;
  // What was seen standing came through the nights until then.
  const firstLossDay = cold.dayWhen(bedDay, risk);
  const coldLossDay =
    seenDay !== null && firstLossDay !== null && firstLossDay <= seenDay
      ? cold.dayWhen(seenDay, risk)
      : firstLossDay;
  const flowersDay =
    startDay === null || readyDay === null ? null : boltingDay(site, growing, growth, startDay);
  const tooHotDay =
    startDay === null || readyDay === null
      ? null
      : heatDayOf(site, growing, need, growth, startDay);
  const heatDay = seenDay !== null && tooHotDay !== null && tooHotDay <= seenDay ? null : tooHotDay;
  const boltDay =
    seenDay !== null && flowersDay !== null && flowersDay <= seenDay ? null : flowersDay;
  let holdsUntilDay: DayNumber | null = null;
  let lossBeforeReady: number | null = null;
  if (readyDay !== null) {
    const standing = standingPacketDays(growing.crop, growing.stage);
    // It stands in good order from full size on; what never gets there stands as it is.
    const fromDay = fullSizeDay ?? readyDay;
    const expectedEndDay = dayWhenGathered(growth, fromDay, standing) ?? fromDay + 365;
    const fadesDay =
      seenDay !== null && seenDay >= expectedEndDay
        ? (dayWhenGathered(growth, seenDay, standing) ?? seenDay + 365)
        : expectedEndDay;
    // What flowers before it is ready is eaten as it is then.
    const endsDay = Math.min(boltDay ?? Infinity, heatDay ?? Infinity);
    const spentDay = Math.max(readyDay + 1, Math.min(fadesDay, endsDay));
    holdsUntilDay =
      coldLossDay !== null && coldLossDay > readyDay ? Math.min(spentDay, coldLossDay) : spentDay;
    // What was picked still stood.
    if (facts.lastHarvestDay !== null && facts.lastHarvestDay >= holdsUntilDay) {
      holdsUntilDay = facts.lastHarvestDay + 1;
    }
    lossBeforeReady = 1 - Math.exp(-cold.between(bedDay, readyDay));
  }
  const clearDay = facts.overDay ?? growing.clearDay ?? null;
  return pulledOn(clearDay, {
    sowDay,
    plantOutDay: need.benchDays > 0 ? bedDay : null,
    emergeDay,
    readyDay,
    fullSizeDay,
    holdsUntilDay,
    coldLossDay:
      coldLossDay !== null && holdsUntilDay !== null && coldLossDay > holdsUntilDay
        ? null
        : coldLossDay,
    clearDay: null,
    boltDay,
    heatDay,
    lossBeforeReady,
    requirement: need,
  });
}

/** A life that the grower ends on a day: what would have come after does not. */
function pulledOn(clearDay: DayNumber | null, life: Timeline): Timeline {
  const { readyDay, fullSizeDay, holdsUntilDay, coldLossDay } = life;
  if (clearDay === null || clearDay >= (holdsUntilDay ?? coldLossDay ?? Infinity)) return life;
  const isPicked = readyDay !== null && readyDay < clearDay;
  return {
    ...life,
    clearDay,
    readyDay: isPicked ? readyDay : null,
    fullSizeDay: fullSizeDay !== null && fullSizeDay < clearDay ? fullSizeDay : null,
    holdsUntilDay: isPicked ? clearDay : null,
    coldLossDay: coldLossDay !== null && coldLossDay < clearDay ? coldLossDay : null,
    boltDay: life.boltDay !== null && life.boltDay < clearDay ? life.boltDay : null,
    heatDay: life.heatDay !== null && life.heatDay < clearDay ? life.heatDay : null,
  };
}
