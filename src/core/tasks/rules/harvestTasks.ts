import { isoDate, type DayNumber } from "../../calendar";
import { care } from "../../care";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../../climate";
import { bedDays, daysUntilWorth } from "../../schedule";
import { leftToPickKg } from "../../plantings";
import { ASKED_AFTER_DAYS, isKnown, plantingTask, type PlantingRound, type Task } from "../task";

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
  cutAgain: "Cut it a hand above the ground; it comes again.",
  outerLeaves: "Pick the outer leaves and leave the heart.",
  wholePlant: "Cut whole plants.",
  mainHead: "Cut the main head; side shoots follow.",
  pickedAgain: "Pick what is ready every few days.",
  lifted: "Lift what you need.",
} as const;

function harvest(round: PlantingRound): Task[] {
  const { day, life, wording, site } = round;
  const { readyDay, holdsUntilDay, sowDay, boltDay } = life.timeline;
  if (readyDay === null || holdsUntilDay === null) return [];
  if (day < readyDay || day >= holdsUntilDay || isKnown(life.facts.overDay, round)) return [];
  const { habit } = life.growing.crop.harvest;
  const until = wording.date(holdsUntilDay, sowDay);
  const lastDay = life.facts.pickedDays.filter((picked) => picked <= day).at(-1) ?? null;
  const againDay = lastDay === null ? readyDay : againFrom(round, lastDay);
  if (day < againDay) return [];
  const leftKg = leftToPickKg(site, life, day);
  return [
    plantingTask(round, "harvest", againDay, holdsUntilDay - 1, {
      ...(lastDay === null ? {} : { again: isoDate(lastDay) }),
      reason:
        lastDay === null
          ? `Ready since ${wording.date(readyDay, sowDay)}. ${HABIT_WORDS[habit]}${sweeterWords(round)}`
          : `Last harvested ${wording.date(lastDay, sowDay)}. ${HABIT_WORDS[habit]}`,
      howMuch:
        leftKg > 0.05
          ? `about ${wording.weightG(Math.round(leftKg * 10) * 100)} growing there`
          : null,
      endsWhen: "everything ready is harvested",
      ifLeft:
        boltDay !== null && boltDay <= holdsUntilDay
          ? `It bolts about ${until}.`
          : `It holds until about ${until}.`,
      cautions: [
        ...(site.climate.minTempC(day) < 0 ? ["frost-killed"] : []),
        ...life.growing.crop.cautions,
      ],
    }),
  ];
}

/** Sweeter after frost: worth waiting for, where frost is still to come. */
function sweeterWords({ site, life, day, wording }: PlantingRound): string {
  if (!life.growing.crop.harvest.frostSweetens) return "";
  const frostDay = firstFrostDay(site.climate, site.season(day), FROST_THRESHOLDS_C.light, HALF);
  return frostDay !== null && frostDay > day
    ? ` It is sweeter after the first frost, about ${wording.date(frostDay, day)}: leave it until then if you can.`
    : "";
}

/** When what was picked is worth picking again: by what the days are worth, within a fortnight. */
function againFrom({ site, life }: PlantingRound, lastDay: DayNumber): DayNumber {
  const { pickAgain } = care;
  const wanted = pickAgain[life.growing.crop.harvest.habit];
  const days = daysUntilWorth(site, life.growing, life.timeline.sowDay, lastDay, wanted);
  return lastDay + Math.min(pickAgain.mostDays, Math.max(pickAgain.leastDays, days));
}

function storing(round: PlantingRound): Task[] {
  const { day, life, wording } = round;
  const { storage } = life.growing.crop;
  const { readyDay, holdsUntilDay, sowDay } = life.timeline;
  if (!storage || storage.weeks < STORED_FROM_WEEKS) return [];
  if (readyDay === null || holdsUntilDay === null || day < readyDay) return [];
  if (day < holdsUntilDay - care.store.aheadDays || day >= holdsUntilDay) return [];
  if (isKnown(life.facts.overDay, round)) return [];
  const air = storage.air === "moist" ? "in moist air or damp sand" : "dry and airy";
  return [
    plantingTask(round, "store", holdsUntilDay - care.store.aheadDays, holdsUntilDay - 1, {
      reason: `It keeps in the ground until about ${wording.date(holdsUntilDay, sowDay)}, in storage about ${storage.weeks} weeks.`,
      howMuch: `at ${wording.temperature(storage.temperatureC)}, ${air}`,
      endsWhen: "the sound ones are in storage",
      ifLeft: "Frost, rot or bolting takes what stays out.",
      more: ["Only sound ones, on a dry day; twist or cut the leaves off roots, do not wash them."],
      cautions: ["lifting", "store-mould"],
    }),
  ];
}

function clearing(round: PlantingRound): Task[] {
  const { day, life, garden, wording } = round;
  const { untilDay } = bedDays(life.timeline);
  if (day < untilDay - CLEARED_AHEAD_DAYS || day > untilDay + ASKED_AFTER_DAYS) return [];
  if (isKnown(life.facts.clearedDay, round)) return [];
  const undug = garden.settings.soilSchool === "undug";
  return [
    plantingTask(round, "clear", untilDay, untilDay, {
      reason: `${day < untilDay ? `It finishes on ${wording.date(untilDay, day)}, so harvest what is left` : "It is finished"}: ${
        undug ? "cut it at the ground and leave the roots in." : "pull it, roots and all."
      }`,
      endsWhen: "the ground is free",
      ifLeft: "The next planting there waits.",
    }),
  ];
}
