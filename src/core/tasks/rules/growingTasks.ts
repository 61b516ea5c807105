import { care, earthingUpFor, supportFor } from "../../care";
import { seedSavingOf } from "../../seedSaving";
import { BEGINS_M, containerCount, fillingsOf, litresOfEach, type Filling } from "../../containers";
import { bedDays, grownShare } from "../../schedule";
import { plantingTask, type PlantingRound, type Task } from "../task";
import { fact } from "../../facts";

/** What comes with a plant's size is asked for so long after it has come to it. */
const ASKED_DAYS = 14;
const SEED_TOLD_DAYS = 10;

/** What a planting wants while it grows: support, soil drawn up, food, a few left for seed. */
export function growingTasks(round: PlantingRound): Task[] {
  const { day, life } = round;
  const { fromDay, untilDay } = bedDays(life.timeline);
  if (day < fromDay || day >= untilDay || isStillInTray(round)) return [];
  return [...support(round), ...earthingUp(round), ...feeding(round), ...forSeed(round)];
}

/** Whether its plants still stand in a tray, though the day to plant them out has passed. */
function isStillInTray({ garden, life }: PlantingRound): boolean {
  if (life.facts.plantedOutDay !== null || life.timeline.plantOutDay === null) return false;
  return [...garden.trays.values()].some(({ sowings }) =>
    sowings.some(({ plantingId, cells }) => plantingId === life.planting.id && cells.length > 0),
  );
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
      ifLeft: fact("tasks.itFallsOverAndIsHardToStraighten"),
    }),
  ];
}

function earthingUp(round: PlantingRound): Task[] {
  const { life, day } = round;
  const wanted = earthingUpFor(life.growing.crop.id);
  if (!wanted || life.planting.stage === "baby") return [];
  if (life.growing.crop.id === "potato" && fillingsIn(round).length > 0) return fillingUp(round);
  const time = wanted.atGrown.findIndex((share) => hasComeTo(round, share));
  if (time < 0) return [];
  return [
    plantingTask(round, "earthUp", day, day + ASKED_DAYS, {
      again: String(time + 1),
      reason: wanted.words,
      endsWhen: fact("tasks.itIsDoneAlongTheWholeRow"),
      ifLeft: fact("tasks.gapsCanBeResownOnlyWhileThereIs"),
    }),
  ];
}

function fillingsIn({ bed }: PlantingRound): Filling[] {
  return bed.container ? fillingsOf(bed.container) : [];
}

/** Sacks filled up as often as the shoots show, one filling after the other. */
function fillingUp(round: PlantingRound): Task[] {
  const { site, garden, bed, life, day } = round;
  const { growing, timeline, planting } = life;
  const fillings = fillingsIn(round);
  const grown = grownShare(site, garden.settings, growing, timeline, day);
  const idOf = ({ time }: Filling) => `${planting.id}-earthUp-${time}`;
  // What the log settles is looked up here, so that the next is asked for only after the one before:
  // one that is put off is still to be done.
  const isSettled = (filling: Filling) => {
    const entry = garden.logEntries.get(idOf(filling));
    return entry !== undefined && entry.what.kind !== "putOff";
  };
  const next = fillings.find((filling) => !isSettled(filling));
  if (!next || !bed.container || grown < next.atGrown) return [];
  const row = { ...bed, lengthM: planting.lengthM, container: bed.container };
  const containers = containerCount(row);
  const beforeM = fillings.find(({ time }) => time === next.time - 1)?.toM ?? BEGINS_M;
  const share = (next.toM - beforeM) / bed.container.depthM;
  return [
    plantingTask(round, "earthUp", day, day + ASKED_DAYS, {
      again: String(next.time),
      reason: fact("tasks.shootsStandOutOfTheSoilFillUp", {
        time: next.time,
        times: fillings.length,
      }),
      howMuch: fact("tasks.fillUpTo", {
        toM: next.toM,
        litres: litresOfEach(row) * share * containers,
        containers,
      }),
      endsWhen: fact("tasks.onlyTheirTopsShow"),
      ifLeft: fact("tasks.tubersFormOnlyUnderSoil"),
      cautions: ["compost-dust"],
    }),
  ];
}

/** Hungry crops once in the middle of their growth, and what overwintered when the light comes back. */
function feeding(round: PlantingRound): Task[] {
  const { life, day, garden, meanC } = round;
  const { crop } = life.growing;
  const words = {
    howMuch: fact("tasks.aHandfulOfCompostOrALiquidFeedFor"),
    endsWhen: fact("tasks.itIsOnAndWateredIn"),
    more:
      garden.settings.soilSchool === "dug"
        ? [fact("tasks.scratchItInBetweenTheRows")]
        : [fact("tasks.layItOnTopWormsTakeItDown")],
    cautions: ["compost-dust"],
  };
  if (crop.winterNeeded && lightIsBack(round) && meanC >= care.springFeed.leastMeanC) {
    return [
      plantingTask(round, "feed", day, day + ASKED_DAYS, {
        ...words,
        again: "spring",
        reason: fact("tasks.growthRestartsWithTheLightAndRain"),
        ifLeft: fact("tasks.headsOrBulbsStaySmall"),
      }),
    ];
  }
  const { demand, atGrown, leastMeanC } = care.sideDressing;
  if (crop.nutrientDemand !== demand || life.planting.stage === "baby") return [];
  if (meanC < leastMeanC || !hasComeTo(round, atGrown)) return [];
  return [
    plantingTask(round, "feed", day, day + ASKED_DAYS, {
      ...words,
      reason: fact("tasks.aHeavyFeederInMidGrowthFedLaterIn"),
      ifLeft: fact("tasks.itStaysSmallAndTurnsPale"),
    }),
  ];
}

/** Whether the short days have just ended. */
function lightIsBack({ site, garden, day }: PlantingRound): boolean {
  const short = site.shortDays(site.season(day), garden.settings.shortDayHours);
  return short !== null && day > short.toDay && day <= short.toDay + ASKED_DAYS;
}

function forSeed(round: PlantingRound): Task[] {
  const { life, day } = round;
  const { boltDay, sowDay } = life.timeline;
  const saving = seedSavingOf(life.growing.crop);
  if (!saving || boltDay === null) return [];
  // What is left for seed already is asked for by its own steps.
  const { planting } = life;
  if ([...round.garden.seedPlans.values()].some((plan) => plan.plantingId === planting.id))
    return [];
  if (day < boltDay - SEED_TOLD_DAYS || day > boltDay) return [];
  return [
    plantingTask(round, "leaveForSeed", boltDay - SEED_TOLD_DAYS, boltDay, {
      reason: fact("tasks.itBoltsAboutMarkThePlantsToKeepIf", { boltDay, sowDay }),
      howMuch: fact("tasks.plantsMFromOthersOfItsKind", {
        plants: saving.plants,
        isolationM: saving.isolationM,
      }),
      endsWhen: fact("tasks.theBestAreMarkedAndLeft"),
      ifLeft: fact("tasks.theGroundIsFreeForTheNextCrop"),
      more: [fact("tasks.cutWhen", { ripeWhen: saving.ripeWhen }), saving.harvest],
    }),
  ];
}
