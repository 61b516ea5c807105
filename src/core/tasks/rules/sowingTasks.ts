import { dayNumber } from "../../calendar";
import { amountsFor, standOf } from "../../plantings";
import { grownShare, sowingAdvice } from "../../schedule";
import {
  ASKED_AFTER_DAYS,
  isKnown,
  plantingTask,
  weekLater,
  type PlantingRound,
  type Task,
} from "../task";

/** What came up is looked at for so long. */
const CHECKED_DAYS = 4;
/** Seedlings are thinned when they have come so far, and asked for so long after. */
const THINNED_AT = 0.1;
const THINNED_DAYS = 14;
/** Closer ones are not thinned. */
const THINNED_FROM_CM = 3;

/** From the sowing to the plants in their places. */
export function sowingTasks(round: PlantingRound): Task[] {
  return [...sowing(round), ...emergence(round), ...thinning(round), ...plantingOut(round)];
}

function amounts({ bed, life }: PlantingRound) {
  return amountsFor(standOf(life.planting, bed), life.growing.crop, life.planting.method);
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
  const { life, wording } = round;
  const { plantOutDay, readyDay, sowDay } = life.timeline;
  const plannedDay = dayNumber(life.planting.sowOn);
  if (plantOutDay !== null || !isSowingAsked(round)) return [];
  const { seeds, seedGrams, rows } = amounts(round);
  const { crop } = life.growing;
  return [
    plantingTask(round, "sow", plannedDay, plannedDay, {
      reason:
        readyDay === null
          ? "Planned for now."
          : `Sown now, ready ${wording.date(readyDay, sowDay)}.`,
      howMuch: `${wording.number(seeds)} seeds, ${wording.weightG(seedGrams)}, in ${rows} rows`,
      endsWhen: "it is sown",
      ifLeft: weekLater(round, life),
      more: [
        `${wording.distanceCm(crop.sowing.depthCm)} deep, rows ${wording.distanceCm(life.planting.rowCm)} apart.`,
      ],
    }),
  ];
}

function emergence(round: PlantingRound): Task[] {
  const { day, life, site, garden, wording } = round;
  const { emergeDay, plantOutDay, sowDay } = life.timeline;
  if (plantOutDay !== null || emergeDay === null || isSowingAsked(round)) return [];
  if (day < emergeDay || day > emergeDay + CHECKED_DAYS) return [];
  if (isKnown(life.facts.emergedDay, round)) return [];
  const { settings } = garden;
  const { share, resow } = sowingAdvice(site, settings, life.growing, life.timeline, wording);
  return [
    plantingTask(round, "checkEmergence", emergeDay, emergeDay + CHECKED_DAYS, {
      reason: `Due up ${wording.date(emergeDay, sowDay)}, about ${Math.round(share * 100)} of 100 good seeds.`,
      endsWhen: "the row is checked",
      ifLeft:
        resow.kind === "tooLate"
          ? "It is too late to resow gaps."
          : resow.kind === "by"
            ? `Gaps can be resown until ${wording.date(resow.day, sowDay)}.`
            : "Gaps can be resown: each day of waiting costs about a day.",
      more: ["Count how many of about fifty seeds came up and log it."],
    }),
  ];
}

function thinning(round: PlantingRound): Task[] {
  const { day, life, site, garden, wording } = round;
  const { timeline, growing, planting } = life;
  if (timeline.plantOutDay !== null || planting.stage === "baby") return [];
  if (growing.crop.startedFrom !== "seed") return [];
  const stationCm = amounts(round).stationCm;
  if (stationCm < THINNED_FROM_CM || timeline.emergeDay === null) return [];
  const grownOn = (on: number) => grownShare(site, garden.settings, growing, timeline, on);
  if (grownOn(day) < THINNED_AT || grownOn(day - THINNED_DAYS) >= THINNED_AT) return [];
  const together = planting.plantsPerStation > 1 ? `, ${planting.plantsPerStation} together` : "";
  return [
    plantingTask(round, "thin", day, day + THINNED_DAYS, {
      reason: "The seedlings touch: those that stay need space.",
      howMuch: `one every ${wording.distanceCm(stationCm)}${together}`,
      endsWhen: "each has its room",
      ifLeft: "They crowd: roots stay thin and heads do not form.",
      more: ["Cut the extra plants with scissors, or pull them in the evening and water after."],
    }),
  ];
}

function plantingOut(round: PlantingRound): Task[] {
  const { day, life, garden, wording } = round;
  const { plantOutDay, readyDay, sowDay } = life.timeline;
  if (plantOutDay === null || day < plantOutDay || day > plantOutDay + ASKED_AFTER_DAYS) return [];
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
          ? "Planned for now."
          : `Planted now, ready ${wording.date(readyDay, sowDay)}. Choose a cool, cloudy hour or the evening.`,
      howMuch: `${wording.number(plants)} plants in ${rows} rows`,
      endsWhen: "it is in the bed",
      ifLeft: weekLater(round, life),
      more:
        life.growing.crop.family === "Brassicaceae"
          ? [
              "Plant deep, up to the first leaves, and firm: a leaf should tear before the plant lifts.",
            ]
          : [],
    }),
  ];
}
