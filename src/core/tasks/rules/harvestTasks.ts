import { isoDate, type DayNumber } from "../../calendar";
import { care } from "../../care";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../../climate";
import { bedDays, daysUntilWorth } from "../../schedule";
import { groundHardDay, leftToPickKg } from "../../plantings";
import { ASKED_AFTER_DAYS, isKnown, plantingTask, type PlantingRound, type Task } from "../task";
import { fact, type Told } from "../../facts";

/** Clearing is told so long before its day. */
const CLEARED_AHEAD_DAYS = 2;
/** What keeps shorter is eaten, not stored. */
const STORED_FROM_WEEKS = 6;
/** An even chance of frost. */
const HALF = 0.5;

/** Picking, storing and clearing. */
export function harvestTasks(round: PlantingRound): Task[] {
  return [...harvest(round), ...storing(round), ...clearing(round)];
}

const HABIT_WORDS = {
  cutAgain: fact("tasks.cutItAHandAboveTheGroundItComes"),
  outerLeaves: fact("tasks.pickTheOuterLeavesAndLeaveTheHeart"),
  wholePlant: fact("tasks.cutWholePlants"),
  mainHead: fact("tasks.cutTheMainHeadSideShootsFollow"),
  pickedAgain: fact("tasks.pickWhatIsReadyEveryFewDays"),
  lifted: fact("tasks.liftWhatYouNeed"),
} as const;

function harvest(round: PlantingRound): Task[] {
  const { day, life, site } = round;
  const { readyDay, holdsUntilDay, sowDay, boltDay } = life.timeline;
  if (readyDay === null || holdsUntilDay === null) return [];
  if (day < readyDay || day >= holdsUntilDay || isKnown(life.facts.overDay, round)) return [];
  const { habit } = life.growing.crop.harvest;
  const lastDay = life.facts.pickedDays.filter((picked) => picked <= day).at(-1) ?? null;
  const againDay = lastDay === null ? readyDay : againFrom(round, lastDay);
  if (day < againDay) return [];
  const leftKg = leftToPickKg(site, life, day);
  return [
    plantingTask(round, "harvest", againDay, holdsUntilDay - 1, {
      ...(lastDay === null ? {} : { again: isoDate(lastDay) }),
      reason:
        lastDay === null
          ? fact("tasks.readySince", {
              readyDay,
              sowDay,
              habit: HABIT_WORDS[habit],
              sweeter: sweeterWords(round),
            })
          : fact("tasks.lastHarvested", { lastDay, sowDay, habit: HABIT_WORDS[habit] }),
      howMuch: leftKg > 0.05 ? fact("tasks.aboutGrowingThere", { leftKg }) : null,
      endsWhen: fact("tasks.everythingReadyIsHarvested"),
      ifLeft:
        boltDay !== null && boltDay <= holdsUntilDay
          ? fact("tasks.itBoltsAbout", { holdsUntilDay, sowDay })
          : fact("tasks.itHoldsUntilAbout", { holdsUntilDay, sowDay }),
      cautions: [
        ...(site.climate.minTempC(day) < 0 ? ["frost-killed"] : []),
        ...life.growing.crop.cautions,
      ],
    }),
  ];
}

/** Sweeter after frost: worth waiting for, where frost is still to come. */
function sweeterWords({ site, life, day }: PlantingRound): Told {
  if (!life.growing.crop.harvest.frostSweetens) return "";
  const frostDay = firstFrostDay(site.climate, site.season(day), FROST_THRESHOLDS_C.light, HALF);
  return frostDay !== null && frostDay > day
    ? fact("tasks.itIsSweeterAfterTheFirstFrostAbout", { frostDay, day })
    : "";
}

/** When what was picked is worth picking again: by what the days are worth, within a fortnight. */
function againFrom({ site, life }: PlantingRound, lastDay: DayNumber): DayNumber {
  const { pickAgain } = care;
  const { growing } = life;
  const { harvest, here } = growing.crop;
  const regrowth = here?.regrowthPace ?? null;
  // The days there are worth more by how fast it grows, which its picking again does not go by then.
  const grows = (here?.growthPace ?? 1) * (growing.pace ?? 1);
  const wanted = pickAgain[harvest.habit] * (regrowth === null ? 1 : grows / regrowth);
  const days = daysUntilWorth(site, life.growing, life.timeline.sowDay, lastDay, wanted);
  return lastDay + Math.min(pickAgain.mostDays, Math.max(pickAgain.leastDays, days));
}

function storing(round: PlantingRound): Task[] {
  const { day, life } = round;
  const { storage } = life.growing.crop;
  const { readyDay, holdsUntilDay, sowDay } = life.timeline;
  if (!storage || storage.weeks < STORED_FROM_WEEKS) return [];
  if (readyDay === null || holdsUntilDay === null || day < readyDay) return [];
  const hardDay = groundHardDay(round.site, life, readyDay);
  const byDay = Math.min(holdsUntilDay, hardDay ?? Infinity);
  if (day < byDay - care.store.aheadDays || day >= byDay) return [];
  if (isKnown(life.facts.overDay, round)) return [];
  const air =
    storage.air === "moist" ? fact("tasks.inMoistAirOrDampSand") : fact("tasks.dryAndAiry");
  return [
    plantingTask(round, "store", byDay - care.store.aheadDays, byDay - 1, {
      reason:
        byDay < holdsUntilDay
          ? fact("tasks.theGroundIsUsuallyHardFrom", {
              hardDay: byDay,
              sowDay,
              weeks: storage.weeks,
            })
          : fact("tasks.itKeepsInTheGroundUntilAboutIn", {
              holdsUntilDay,
              sowDay,
              weeks: storage.weeks,
            }),
      howMuch: fact("tasks.at", { temperatureC: storage.temperatureC, air }),
      endsWhen: fact("tasks.theSoundOnesAreInStorage"),
      ifLeft: fact("tasks.frostRotOrBoltingTakesWhatStaysOut"),
      more: [fact("tasks.onlySoundOnesOnADryDayTwistOrCut")],
      cautions: ["lifting", "store-mould"],
    }),
  ];
}

function clearing(round: PlantingRound): Task[] {
  const { day, life, garden } = round;
  const { untilDay } = bedDays(life.timeline);
  if (day < untilDay - CLEARED_AHEAD_DAYS || day > untilDay + ASKED_AFTER_DAYS) return [];
  if (isKnown(life.facts.clearedDay, round)) return [];
  const undug = garden.settings.soilSchool === "undug";
  return [
    plantingTask(round, "clear", untilDay, untilDay, {
      reason: fact("tasks.itFinishesOnSoHarvestWhatIsLeftIt", { day, untilDay, undug }),
      endsWhen: fact("tasks.theGroundIsFree"),
      ifLeft: fact("tasks.theNextPlantingThereWaits"),
    }),
  ];
}
