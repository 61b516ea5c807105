import setupJson from "@data/setup.json";
import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Planting } from "../garden";
import { bedDays, type Growing, type Timeline } from "../schedule";
import type { Site } from "../growth";
import { fact, type Fact } from "../facts";

/** What is set up when a planting comes into its bed, chosen by the grower or as usual for the crop. */
export type Setup = NonNullable<Planting["setup"]>;

/** Something to be done to a planting from one day to another. */
export interface Operation {
  kind: "shade" | "net" | "water";
  fromDay: DayNumber;
  /** The day it ends; null as long as the planting stands. */
  untilDay: DayNumber | null;
  words: Fact;
}

/** What is usual for a crop: netting against its flies and butterflies, water until it is established. */
export function usualSetup({ crop, method }: Growing, timeline: Timeline): Setup {
  const { fromDay } = bedDays(timeline);
  // Garlic in October: nothing is up that could wilt or be eaten, and the ground is moist.
  if (PLANTED_ASLEEP.has(crop.startedFrom)) return { shade: "none", netting: false, waterDays: 0 };
  const establishing =
    method === "transplant"
      ? setupJson.water.transplantDays
      : Math.max(0, (timeline.emergeDay ?? fromDay) - fromDay) + setupJson.water.afterEmergenceDays;
  return {
    shade: "byWeather",
    netting: setupJson.netting.families.includes(crop.family),
    waterDays: Math.min(60, establishing),
  };
}

/**
 * The operations that planting sets going: shade on the days that are bright and warm (by the outlook
 * where it reaches, by the usual weather beyond), netting at once until its pests rest, short daily
 * watering until roots are down and back to deep and seldom after.
 *
 * @param outlook days that are expected; may be empty
 */
export function setupOperations(
  site: Site,
  growing: Growing,
  timeline: Timeline,
  setup: Setup | null,
  outlook: readonly OutlookDay[],
): Operation[] {
  const { shade, netting, waterDays } = setup ?? usualSetup(growing, timeline);
  const { fromDay, untilDay } = bedDays(timeline);
  const operations: Operation[] = [];
  const shaded = shade === "none" ? [] : brightDays(site, growing, fromDay, outlook);
  const [first] = shaded;
  const last = shaded.at(-1);
  if (first !== undefined && last !== undefined) {
    operations.push({
      kind: "shade",
      fromDay: first,
      untilDay: last + 1,
      words: fact("bedCare.shadeOnOffNoShadeWhenItIsCoolOr", {
        first,
        last,
        shadedCount: shaded.length,
      }),
    });
  } else if (shade === "byWeather") {
    operations.push({
      kind: "shade",
      fromDay,
      untilDay: fromDay,
      words: fact("bedCare.noShadeItIsCoolOrCloudyAndLightIs"),
    });
  }
  if (netting && pestsFly(site, fromDay)) {
    const restDay = pestsRestDay(site, fromDay, untilDay);
    operations.push({
      kind: "net",
      fromDay,
      untilDay: restDay,
      words: fact("bedCare.insectNettingAtOnceEdgesBuried", { restDay }),
    });
  }
  if (waterDays > 0) {
    const establishedDay = fromDay + waterDays;
    operations.push({
      kind: "water",
      fromDay,
      untilDay: establishedDay,
      words: fact("bedCare.waterALittleEveryDayUntilThen", { establishedDay }),
    });
  }
  return operations;
}

/** Cloves, sets, tubers and roots: they stand in the ground for weeks before anything is up. */
const PLANTED_ASLEEP: ReadonlySet<string> = new Set(["clove", "set", "tuber", "root"]);

/** Whether it is warm enough for its pests to fly on a day. */
function pestsFly({ climate }: Site, day: DayNumber): boolean {
  return (climate.minTempC(day) + climate.maxTempC(day)) / 2 >= setupJson.netting.endsBelowMeanC;
}

/** The days after coming into the bed on which soft plants wilt: warm ones with little cloud. */
function brightDays(
  site: Site,
  { covers, crop }: Growing,
  fromDay: DayNumber,
  outlook: readonly OutlookDay[],
): DayNumber[] {
  const expected = new Map(outlook.map((day) => [dayNumber(day.date), day]));
  const { days, cloudShare, clearness, forOptimumC } = setupJson.shade;
  // What grows best in more warmth wilts in more of it.
  const warmC = setupJson.shade.warmC + Math.max(0, crop.temperature.optimumC - forOptimumC);
  const bright: DayNumber[] = [];
  for (let day = fromDay; day < fromDay + days; day += 1) {
    const told = expected.get(day);
    // Under glass or film it is warmer by some degrees on any bright day.
    const maxC =
      (told?.maxTempC ?? site.climate.maxTempC(day)) +
      (covers.length > 0 ? setupJson.heat.underCoversC : 0);
    const isBright =
      told && told.cloudShare !== null
        ? told.cloudShare <= cloudShare
        : site.climate.clearness(day) >= clearness;
    if (maxC >= warmC && isBright) bright.push(day);
  }
  return bright;
}

/** The first day on which it is usually too cold for its pests to fly; null when it is over before. */
function pestsRestDay(site: Site, fromDay: DayNumber, untilDay: DayNumber): DayNumber | null {
  const lastDay = Math.min(untilDay, fromDay + 365);
  for (let day = fromDay; day < lastDay; day += 1) {
    if (!pestsFly(site, day)) return day;
  }
  return null;
}
