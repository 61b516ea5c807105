import type { DayNumber } from "../calendar";
import { needOf, type Growing, type Timeline } from "./growing";
import { latestSowingFor, frostCountedFrom, growthStartDay, readyDayBy } from "./readiness";
import type { PlanSettings, Site } from "../growth";
import { coldThrough } from "./winterRisk";

/** From here on, each day's delay costs a week or more: the edge of the cliff. */
const COST_AT_THE_EDGE_DAYS = 7;

/** Crops with more packet days than this are sown before midsummer for the winter, by as many days. */
const QUICK_PACKET_DAYS = 45;
const LONGEST_LEAD_DAYS = 150;

/** Sowing dates of a season against the dates they are ready. */
export interface Cliff {
  /** One a day from the season's start. */
  sowDays: DayNumber[];
  readyDays: (DayNumber | null)[];
  /** The last sowing before a day's delay costs a week or more; null when even the first is late. */
  lastSafeDay: DayNumber | null;
  /** When a sowing of the day after would be ready instead; null when there is no cliff. */
  afterLastSafeReadyDay: DayNumber | null;
  /** False where every day's delay costs about a day: sow when you like. */
  hasCliff: boolean;
}

/**
 * The cliff of one crop under one stack of covers: how sowing later makes it ready later, slowly at
 * first and then by months at once. Looks at sowings from midsummer (earlier for slow crops) to the
 * darkest day.
 *
 * @param aroundDay any day of the season looked at
 */
export function cliffOf(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  aroundDay: DayNumber,
): Cliff {
  const season = site.season(aroundDay);
  const need = needOf(growing);
  const sowDays: DayNumber[] = [];
  const readyDays: (DayNumber | null)[] = [];
  const lead = Math.min(LONGEST_LEAD_DAYS, Math.max(0, need.totalPacketDays - QUICK_PACKET_DAYS));
  const firstDay = season.startDay - Math.round(lead);
  for (let day = firstDay; day <= season.midwinterDay; day += 1) {
    sowDays.push(day);
    readyDays.push(readyDayBy(site, settings, growing, need, day));
  }
  if (settings.school === "calendar") {
    const frostDay = frostCountedFrom(site, settings, aroundDay);
    const lastSafeDay =
      frostDay === null ? null : latestSowingFor(site, settings, growing, frostDay);
    return {
      sowDays,
      readyDays,
      lastSafeDay,
      afterLastSafeReadyDay: null,
      hasCliff: lastSafeDay !== null,
    };
  }
  return {
    sowDays,
    readyDays,
    ...edge(site, settings, growing, sowDays, readyDays),
  };
}

function edge(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  sowDays: DayNumber[],
  readyDays: (DayNumber | null)[],
): Pick<Cliff, "lastSafeDay" | "afterLastSafeReadyDay" | "hasCliff"> {
  const none = { lastSafeDay: null, afterLastSafeReadyDay: null, hasCliff: false };
  const firstSow = sowDays[0];
  if (firstSow === undefined) return none;
  const need = needOf(growing);
  const lossUntil = (sowDay: DayNumber, ready: DayNumber) => {
    const bedDay = sowDay + need.benchDays;
    const startDay = growthStartDay(site, growing, need, sowDay);
    return coldThrough(site, growing, need, { sowDay, bedDay, startDay }).between(bedDay, ready);
  };
  const riskTaken = -Math.log(1 - settings.frostRisk);
  for (let index = 0; index < sowDays.length; index += 1) {
    const sowDay = sowDays[index] ?? firstSow;
    const ready = readyDays[index] ?? null;
    const next = readyDays[index + 1];
    const lost = ready !== null && lossUntil(sowDay, ready) > riskTaken;
    const before = { lastSafeDay: index > 0 ? sowDay - 1 : null, hasCliff: true };
    if (ready === null || lost) return { ...before, afterLastSafeReadyDay: lost ? null : ready };
    if (next === undefined) break;
    if (next === null || next - ready >= COST_AT_THE_EDGE_DAYS) {
      return { lastSafeDay: sowDay, afterLastSafeReadyDay: next, hasCliff: true };
    }
  }
  return none;
}

/** A day of the season that is ahead of a planting: in spring last autumn's cliff is past. */
export function seasonAimedAt(site: Site, { sowDay }: Pick<Timeline, "sowDay">): DayNumber {
  const sownIn = site.season(sowDay);
  return sowDay > sownIn.midwinterDay ? sownIn.endDay + 1 : sowDay;
}
