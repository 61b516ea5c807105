import boltingJson from "@data/bolting.json";
import type { DayNumber } from "../calendar";
import type { Crop } from "../crops";
import {
  dayWhenGathered,
  sumBetween,
  type Requirement,
  type RunningSum,
  type Site,
} from "../growth";
import type { Growing } from "./growing";

/** The first midwinter on a day or after it. */
export function midwinterAfter(site: Site, day: DayNumber): DayNumber {
  const season = site.season(day);
  return season.midwinterDay >= day
    ? season.midwinterDay
    : site.season(season.endDay + 1).midwinterDay;
}

/** The midwinter whose cold a planting has that begins to grow on a day. */
export function winterOf(site: Site, { crop }: Growing, sowDay: DayNumber, startDay: DayNumber) {
  // A clove takes its cold in the ground, up or not.
  return crop.startedFrom === "clove"
    ? midwinterAfter(site, sowDay - boltingJson.clovesStillChilledDays)
    : midwinterAfter(site, startDay);
}

/**
 * The day from which a crop that needs its winter can be ready: by the packet days of returning light,
 * counted from midwinter, or from the day length that makes it bulb.
 */
export function springReadyDay(
  site: Site,
  { springPacketDays, fromDayLengthH }: NonNullable<Crop["winterNeeded"]>,
  growth: RunningSum,
  midwinterDay: DayNumber,
): DayNumber | null {
  const fromDay =
    fromDayLengthH === undefined
      ? midwinterDay
      : site.daysAreLongFrom(midwinterDay, fromDayLengthH);
  return dayWhenGathered(growth, fromDay, springPacketDays);
}

/**
 * When a crop runs to flower; null where it does not before it is looked at no more.
 *
 * What has stood through the winter does so by the light after it, once it has had its chill; spinach
 * and other plants of the long day also without a winter, as soon as they are old enough in long days.
 */
export function boltingDay(
  site: Site,
  growing: Growing,
  growth: RunningSum,
  upDay: DayNumber,
): DayNumber | null {
  const days = [
    afterWinter(site, growing, growth, upDay),
    inLongDays(site, growing, growth, upDay),
  ].filter((day) => day !== null);
  return days.length === 0 ? null : Math.min(...days);
}

function afterWinter(
  site: Site,
  growing: Growing,
  growth: RunningSum,
  upDay: DayNumber,
): DayNumber | null {
  const { springBolting } = growing.crop;
  if (!springBolting) return null;
  const midwinter = midwinterAfter(site, upDay);
  if (sumBetween(growth, upDay, midwinter) < boltingJson.juvenilePacketDays) return null;
  const chilledDay = dayWhenGathered(site.chill(growing, upDay), upDay, boltingJson.chillDays);
  if (chilledDay === null) return null;
  return dayWhenGathered(growth, Math.max(midwinter, chilledDay), springBolting.packetDays);
}

function inLongDays(
  site: Site,
  { crop }: Growing,
  growth: RunningSum,
  upDay: DayNumber,
): DayNumber | null {
  const { longDayBolting } = crop;
  if (!longDayBolting) return null;
  const { dayLengthH, packetDays } = longDayBolting;
  const fromDay = site.daysAreLongFrom(upDay, dayLengthH);
  const boltDay = dayWhenGathered(growth, fromDay, packetDays);
  return boltDay !== null && boltDay <= site.daysAreLongUntil(fromDay, dayLengthH) ? boltDay : null;
}

/** The day by which heat has ended a planting, which bears it while it is young; null where days stay cool enough for it. */
export function heatDayOf(
  site: Site,
  growing: Growing,
  need: Requirement,
  growth: RunningSum,
  startDay: DayNumber,
): DayNumber | null {
  const { heat } = growing.crop;
  if (!heat) return null;
  const { benchPacketDays, bedPacketDays } = need;
  const wanted =
    boltingJson.heatFromGrownShare * (benchPacketDays + bedPacketDays) - benchPacketDays;
  const halfDay = wanted <= 0 ? startDay : dayWhenGathered(growth, startDay, wanted);
  if (halfDay === null) return null;
  return dayWhenGathered(site.heat(growing, startDay, heat.aboveMeanC), halfDay, heat.degreeDays);
}
