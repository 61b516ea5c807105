import { care, earthingUpFor, seedSavingOf, supportFor } from "../../care";
import { bedDays, grownShare } from "../../schedule";
import { plantingTask, type PlantingRound, type Task } from "../task";

/** What comes with a plant's size is asked for so long after it has come to it. */
const ASKED_DAYS = 14;
const SEED_TOLD_DAYS = 10;

/** What a planting wants while it grows: support, soil drawn up, food, a few left for seed. */
export function growingTasks(round: PlantingRound): Task[] {
  const { day, life } = round;
  const { fromDay, untilDay } = bedDays(life.timeline);
  if (day < fromDay || day >= untilDay) return [];
  return [...support(round), ...earthingUp(round), ...feeding(round), ...forSeed(round)];
}

/** Whether a planting has come to a share of its growth within the last days. */
function hasComeTo(round: PlantingRound, share: number): boolean {
  const { site, garden, life, day } = round;
  const { growing, timeline } = life;
  const grownOn = (on: number) => grownShare(site, garden.settings, growing, timeline, on);
  return grownOn(day) >= share && grownOn(day - ASKED_DAYS) < share;
}

function support(round: PlantingRound): Task[] {
  const { life, day } = round;
  const wanted = supportFor(life.growing.crop.id);
  if (!wanted || life.planting.stage === "baby" || !hasComeTo(round, wanted.atGrown)) return [];
  return [
    plantingTask(round, "support", day, day + ASKED_DAYS, {
      reason: wanted.words,
      endsWhen: wanted.endsWhen,
      ifLeft: "It falls over and is hard to straighten.",
    }),
  ];
}

function earthingUp(round: PlantingRound): Task[] {
  const { life, day } = round;
  const wanted = earthingUpFor(life.growing.crop.id);
  if (!wanted || life.planting.stage === "baby") return [];
  const time = wanted.atGrown.findIndex((share) => hasComeTo(round, share));
  if (time < 0) return [];
  return [
    plantingTask(round, "earthUp", day, day + ASKED_DAYS, {
      again: String(time + 1),
      reason: wanted.words,
      endsWhen: "it is done along the whole row",
      ifLeft: "Gaps can be resown only while there is time.",
    }),
  ];
}

/** Hungry crops once in the middle of their growth, and what overwintered when the light comes back. */
function feeding(round: PlantingRound): Task[] {
  const { life, day, garden, meanC } = round;
  const { crop } = life.growing;
  const words = {
    howMuch: "a handful of compost, or a liquid feed, for each plant",
    endsWhen: "it is on and watered in",
    more:
      garden.settings.soilSchool === "dug"
        ? ["Scratch it in between the rows."]
        : ["Lay it on top: worms take it down."],
    cautions: ["compost-dust"],
  };
  if (crop.winterNeeded && lightIsBack(round) && meanC >= care.springFeed.leastMeanC) {
    return [
      plantingTask(round, "feed", day, day + ASKED_DAYS, {
        ...words,
        again: "spring",
        reason: "Growth restarts with the light, and rain has washed nitrogen out: feed it.",
        ifLeft: "Heads or bulbs stay small.",
      }),
    ];
  }
  const { demand, atGrown, leastMeanC } = care.sideDressing;
  if (crop.nutrientDemand !== demand || life.planting.stage === "baby") return [];
  if (meanC < leastMeanC || !hasComeTo(round, atGrown)) return [];
  return [
    plantingTask(round, "feed", day, day + ASKED_DAYS, {
      ...words,
      reason: "A heavy feeder in mid growth. Fed later in the year, it grows soft.",
      ifLeft: "It stays small and turns pale.",
    }),
  ];
}

/** Whether the short days have just ended. */
function lightIsBack({ site, garden, day }: PlantingRound): boolean {
  const short = site.shortDays(site.season(day), garden.settings.shortDayHours);
  return short !== null && day > short.toDay && day <= short.toDay + ASKED_DAYS;
}

function forSeed(round: PlantingRound): Task[] {
  const { life, day, wording } = round;
  const { boltDay, sowDay } = life.timeline;
  const saving = seedSavingOf(life.growing.crop.id);
  if (!saving || boltDay === null) return [];
  if (day < boltDay - SEED_TOLD_DAYS || day > boltDay) return [];
  return [
    plantingTask(round, "leaveForSeed", boltDay - SEED_TOLD_DAYS, boltDay, {
      reason: `It bolts about ${wording.date(boltDay, sowDay)}: mark the plants to keep if you want seed.`,
      howMuch: `${saving.plants} plants, ${wording.number(saving.isolationM)} m from others of its kind`,
      endsWhen: "the best are marked and left",
      ifLeft: "The ground is free for the next crop.",
      more: [saving.words],
    }),
  ];
}
