import { civilDate, isoDate, type DayNumber } from "../../calendar";
import { care } from "../../care";
import { firstFrostDay, FROST_THRESHOLDS_C, lastFrostDay } from "../../climate";
import { storeTasks } from "./storeTasks";
import { plannedRaisings, seedNeeds } from "../../propagation";
import { plantingName } from "../../plantings";
import { PLAIN, type Round, type Task } from "../task";
import { fact } from "../../facts";

const ML_PER_L = 1000;
/** Mix that is filled in, shaken down and lost beside the tray. */
const FILLED_TIMES = 1.15;

/** What is at no bed: seed to order, trays to fill, the store, and the hoses before frost. */
export function gardenTasks(round: Round): Task[] {
  return [...ordering(round), ...filling(round), ...storeTasks(round), ...settings(round)];
}

/** Seed that the plan wants within weeks and the box does not hold; for those who keep their box here. */
function ordering({ garden, day }: Round): Task[] {
  if (garden.seedLots.size === 0) return [];
  return seedNeeds(garden, day, day + care.orderAheadDays)
    .filter(({ toOrder }) => toOrder > 0)
    .map(({ crop, variety, toOrder, toOrderGrams, firstSowDay }): Task => ({
      ...PLAIN,
      id: `order-${crop.id}-${variety.id}-${isoDate(firstSowDay)}`,
      kind: "order",
      subject: `${crop.name}, ${variety.name}`,
      place: fact("tasks.seedBox"),
      fromDay: firstSowDay - care.orderAheadDays,
      untilDay: Math.max(day, firstSowDay - care.orderAheadDays / 2),
      reason: fact("tasks.firstSowingAndThereIsNotEnoughSeed", { firstSowDay, day }),
      howMuch: fact("tasks.seeds", { toOrder, toOrderGrams, startedFrom: crop.startedFrom }),
      endsWhen: fact("tasks.itIsOrderedOrFound"),
      ifLeft: fact("tasks.itArrivesTooLateToSowOnTime"),
    }));
}

function filling({ garden, day }: Round): Task[] {
  return plannedRaisings(garden, day + 1, day + care.fillAheadDays).map(
    ({ planting, crop, cells, sowDay }): Task => {
      const litres = ((crop.tray?.cellMl ?? 50) * cells * FILLED_TIMES) / ML_PER_L;
      return {
        ...PLAIN,
        id: `${planting.id}-fill`,
        kind: "fill",
        subject: fact("tasks.traysFor", { plantingName: plantingName(garden, planting) }),
        place: fact("tasks.bench"),
        plantingId: planting.id,
        fromDay: sowDay - care.fillAheadDays,
        untilDay: sowDay,
        reason: fact("tasks.sowingIsOnEvenlyMoistMixHelpsEven", { sowDay, day }),
        howMuch: fact("tasks.cellsAboutLOfMix", { cells, litres }),
        endsWhen: fact("tasks.theCellsAreFullAndMoist"),
        ifLeft: fact("tasks.theSowingWaits"),
        cautions: ["compost-dust"],
      };
    },
  );
}

/** Hoses, timers and vents before the first frost, and back after the last. */
function settings({ site, garden, day }: Round): Task[] {
  if (garden.beds.size === 0) return [];
  const season = site.season(day);
  const { beforeDays, forDays, risk } = care.winterSettings;
  const { light } = FROST_THRESHOLDS_C;
  const autumn = firstFrostDay(site.climate, season, light, risk);
  const spring = lastFrostDay(site.climate, season, light, risk);
  const base = { ...PLAIN, place: fact("tasks.wholeGarden") };
  const within = (from: DayNumber) => day >= from && day <= from + forDays;
  const year = (of: DayNumber) => civilDate(of).year;
  if (autumn !== null && within(autumn - beforeDays)) {
    return [
      {
        ...base,
        id: `winter-settings-${year(autumn)}`,
        kind: "winterSettings",
        subject: fact("tasks.hosesTimersAndVents"),
        fromDay: autumn - beforeDays,
        untilDay: autumn,
        reason: fact("tasks.frostIsPossibleFromDrainHosesTaps", { autumn, day }),
        endsWhen: fact("tasks.noWaterStandsInAnythingThatCan"),
        ifLeft: fact("tasks.pipesAndTimersBurstAndVentsStand"),
        isLate: day > autumn,
      },
    ];
  }
  if (spring === null || !within(spring)) return [];
  return [
    {
      ...base,
      id: `summer-settings-${year(spring)}`,
      kind: "summerSettings",
      subject: fact("tasks.hosesTimersAndVents"),
      fromDay: spring,
      untilDay: spring + forDays,
      reason: fact("tasks.afterFrostIsRareTurnWaterOnAndSet", { spring, day }),
      endsWhen: fact("tasks.timersRunAndVentsOpen"),
      ifLeft: fact("tasks.sheltersOverheatAndSeedbedsDryOut"),
      cautions: garden.shelters.size > 0 ? ["hot-house"] : [],
    },
  ];
}
