import { dayNumber } from "../../calendar";
import type { Crop } from "../../crops";
import { amountsFor, groundM2, isSownByWeight, kindAmounts, standOf } from "../../plantings";
import { grownShare, sowingAdvice } from "../../schedule";
import {
  ASKED_AFTER_DAYS,
  ifDoneNow,
  isKnown,
  type PlantingRound,
  plantingTask,
  type Task,
  weekLater,
} from "../task";
import { resowingWords } from "./resowing";
import { fact, type Fact } from "../../facts";

/** Bought plants are looked for so long before they are set out. */
const BOUGHT_AHEAD_DAYS = 14;
/** A few more than there is room for, since some fail after the move (usual practice). */
const SPARE = 1.05;
/** What came up is looked at for so long. */
const CHECKED_DAYS = 4;
/** Seedlings are thinned when they have come so far, and asked for so long after. */
const THINNED_AT = 0.1;
const THINNED_DAYS = 14;
/** Closer ones are not thinned. */
const THINNED_FROM_CM = 3;

/** From the sowing to the plants in their places. */
export function sowingTasks(round: PlantingRound): Task[] {
  return [
    ...buying(round),
    ...sowing(round),
    ...emergence(round),
    ...thinning(round),
    ...plantingOut(round),
  ];
}

function amounts({ bed, life }: PlantingRound) {
  return amountsFor(standOf(life.planting, bed), life.growing.crop, life.planting.method);
}

/** Young leaves and shoots are sown by weight over their ground, what stands in rows by seeds. */
function seedFor({ garden, bed, life }: PlantingRound): { howMuch: Fact; others: Fact[] } {
  const { planting, growing } = life;
  const [own, ...others] = kindAmounts(garden, planting);
  const { seeds = 0, seedGrams = 0 } = own ?? {};
  const { rows } = amountsFor(standOf(planting, bed), growing.crop, planting.method);
  const areaM2 = groundM2(standOf(planting, bed));
  return {
    howMuch: isSownByWeight(growing)
      ? fact("tasks.seedOverArea", { seedGrams, areaM2 })
      : fact("tasks.seedsInRows", {
          seeds,
          seedGrams,
          rows,
          startedFrom: growing.crop.startedFrom,
        }),
    others: others.map((kind) =>
      fact("tasks.withItIsSown", {
        crop: kind.growing.crop.name,
        seeds: kind.seeds,
        seedGrams: kind.seedGrams,
        startedFrom: kind.growing.crop.startedFrom,
        alternating: planting.mix?.as === "alternating",
      }),
    ),
  };
}

/** Whether the sowing is still asked for: its day has come, and nobody wrote that it was made. */
function isSowingAsked(round: PlantingRound): boolean {
  const { day, life } = round;
  const plannedDay = dayNumber(life.planting.sowOn);
  return (
    day >= plannedDay && day <= plannedDay + ASKED_AFTER_DAYS && !isKnown(life.facts.sownDay, round)
  );
}

function sowing(round: PlantingRound): Task[] {
  const { life } = round;
  const plannedDay = dayNumber(life.planting.sowOn);
  if (life.timeline.plantOutDay !== null || !isSowingAsked(round)) return [];
  const { readyDay, sowDay } = ifDoneNow(round, life, plannedDay);
  const { howMuch, others } = seedFor(round);
  const { crop } = life.growing;
  const isShoots = crop.group === "shoots";
  return [
    plantingTask(round, "sow", plannedDay, plannedDay, {
      reason:
        readyDay === null
          ? fact("tasks.plannedForNow")
          : fact("tasks.sownNowReady", { readyDay, sowDay }),
      howMuch,
      endsWhen: fact("tasks.itIsSown"),
      ifLeft: weekLater(round, life, plannedDay),
      cautions: isShoots ? crop.cautions : [],
      more: [
        ...others,
        ...(isShoots ? [fact("tasks.soakThenCoverAndWeighDown")] : []),
        ...forcing(crop),
        fact("tasks.deepRowsApart", { depthCm: crop.sowing.depthCm, rowCm: life.planting.rowCm }),
      ],
    }),
  ];
}

/** How roots are set to be forced. */
function forcing({ forcedFrom, lightHalfMol, piece }: Crop): Fact[] {
  if (forcedFrom === undefined) return [];
  return [
    fact("tasks.setStoredRoots", { grams: piece?.grams ?? 0 }),
    ...(lightHalfMol < DARK_BELOW_MOL ? [fact("tasks.keepThemDark")] : []),
  ];
}

/** What wants so little light grows in the dark, mol/m² a day. */
const DARK_BELOW_MOL = 1;

/** Bought plants are got in the two weeks before they come into the bed. */
function buying(round: PlantingRound): Task[] {
  const { day, life } = round;
  const { plantOutDay, sowDay } = life.timeline;
  if (!life.planting.bought || plantOutDay === null) return [];
  if (day < plantOutDay - BOUGHT_AHEAD_DAYS || day > plantOutDay + ASKED_AFTER_DAYS) return [];
  if (isKnown(life.facts.plantedOutDay, round)) return [];
  const { plants } = amounts(round);
  return [
    plantingTask(round, "buyPlants", plantOutDay - BOUGHT_AHEAD_DAYS, plantOutDay, {
      reason: fact("tasks.toBeSetOutBy", { plantOutDay, sowDay }),
      howMuch: fact("tasks.plantsAbout", {
        plants: Math.ceil(plants * SPARE),
        ageDays: life.planting.bought.ageDays,
      }),
      endsWhen: fact("tasks.thePlantsAreHere"),
      ifLeft: weekLater(round, life, plantOutDay),
      more: [fact("tasks.chooseStockyPlantsHardenThem")],
    }),
  ];
}

function emergence(round: PlantingRound): Task[] {
  const { day, life, site, garden } = round;
  const { emergeDay, plantOutDay, sowDay } = life.timeline;
  if (plantOutDay !== null || emergeDay === null || isSowingAsked(round)) return [];
  if (day < emergeDay || day > emergeDay + CHECKED_DAYS) return [];
  if (isKnown(life.facts.emergedDay, round)) return [];
  const { settings } = garden;
  const { share } = sowingAdvice(site, settings, life.growing, life.timeline);
  return [
    plantingTask(round, "checkEmergence", emergeDay, emergeDay + CHECKED_DAYS, {
      reason: fact("tasks.dueUpAboutOf100GoodSeeds", { emergeDay, sowDay, share }),
      endsWhen: fact("tasks.theRowIsChecked"),
      ifLeft: resowingWords(round, life),
      more: [fact("tasks.countHowManyOfAboutFiftySeedsCame")],
    }),
  ];
}

function thinning(round: PlantingRound): Task[] {
  const { day, life, site, garden } = round;
  const { timeline, growing, planting } = life;
  if (timeline.plantOutDay !== null || planting.stage === "baby") return [];
  if (growing.crop.startedFrom !== "seed") return [];
  const stationCm = amounts(round).stationCm;
  if (stationCm < THINNED_FROM_CM || timeline.emergeDay === null) return [];
  const grownOn = (on: number) => grownShare(site, garden.settings, growing, timeline, on);
  if (grownOn(day) < THINNED_AT || grownOn(day - THINNED_DAYS) >= THINNED_AT) return [];
  const together =
    planting.plantsPerStation > 1
      ? fact("tasks.together", { plantsPerStation: planting.plantsPerStation })
      : "";
  return [
    plantingTask(round, "thin", day, day + THINNED_DAYS, {
      reason: fact("tasks.theSeedlingsTouchThoseThatStayNeed"),
      howMuch: fact("tasks.oneEvery", { stationCm, together }),
      endsWhen: fact("tasks.eachHasItsRoom"),
      ifLeft: fact("tasks.theyCrowdRootsStayThinAndHeadsDo"),
      more: [fact("tasks.cutTheExtraPlantsWithScissorsOr")],
    }),
  ];
}

function plantingOut(round: PlantingRound): Task[] {
  const { day, life, garden } = round;
  const { plantOutDay } = life.timeline;
  if (plantOutDay === null || day < plantOutDay || day > plantOutDay + ASKED_AFTER_DAYS) return [];
  const { readyDay, sowDay } = ifDoneNow(round, life, plantOutDay);
  if (isKnown(life.facts.plantedOutDay, round)) return [];
  // Those that are raised in a tray of the garden are told of there.
  const inTray = [...garden.trays.values()].some(({ sowings }) =>
    sowings.some(({ plantingId }) => plantingId === life.planting.id),
  );
  if (inTray) return [];
  const { plants, rows } = amounts(round);
  return [
    plantingTask(round, "plantOut", plantOutDay, plantOutDay, {
      reason:
        readyDay === null
          ? fact("tasks.plannedForNow")
          : fact("tasks.plantedNowReadyChooseACoolCloudy", { readyDay, sowDay }),
      howMuch: fact("tasks.plantsInRows", { plants, rows }),
      endsWhen: fact("tasks.itIsInTheBed"),
      ifLeft: weekLater(round, life, plantOutDay),
      more:
        life.growing.crop.family === "Brassicaceae"
          ? [fact("tasks.plantDeepUpToTheFirstLeavesAndFirm")]
          : [],
    }),
  ];
}
