import { civilDate, dayNumber, isoDate, type DayNumber } from "../../calendar";
import { care } from "../../care";
import { firstFrostDay, FROST_THRESHOLDS_C, lastFrostDay } from "../../climate";
import { plannedRaisings, seedNeeds } from "../../propagation";
import { plantingName } from "../../plantings";
import { pastWorkOf } from "../pastWork";
import { PLAIN, type Round, type Task } from "../task";

const ML_PER_L = 1000;
/** Mix that is filled in, shaken down and lost beside the tray. */
const FILLED_TIMES = 1.15;

/** What is at no bed: seed to order, trays to fill, the store, and the hoses before frost. */
export function gardenTasks(round: Round): Task[] {
  return [...ordering(round), ...filling(round), ...storeLook(round), ...settings(round)];
}

/** Seed that the plan wants within weeks and the box does not hold; for those who keep their box here. */
function ordering({ garden, day, wording }: Round): Task[] {
  if (garden.seedLots.size === 0) return [];
  return seedNeeds(garden, day, day + care.orderAheadDays)
    .filter(({ toOrder }) => toOrder > 0)
    .map(({ crop, variety, toOrder, toOrderGrams, firstSowDay }): Task => ({
      ...PLAIN,
      id: `order-${crop.id}-${variety.id}-${isoDate(firstSowDay)}`,
      kind: "order",
      subject: `${crop.name}, ${variety.name}`,
      place: "Seed box",
      fromDay: firstSowDay - care.orderAheadDays,
      untilDay: Math.max(day, firstSowDay - care.orderAheadDays / 2),
      reason: `First sowing ${wording.date(firstSowDay, day)}, and there is not enough seed in stock.`,
      howMuch: `${wording.number(toOrder)} seeds, ${wording.weightG(toOrderGrams)}`,
      endsWhen: "it is ordered, or found",
      ifLeft: "It arrives too late to sow on time.",
    }));
}

function filling({ garden, day, wording }: Round): Task[] {
  return plannedRaisings(garden, day + 1, day + care.fillAheadDays).map(
    ({ planting, crop, cells, sowDay }): Task => {
      const litres = ((crop.tray?.cellMl ?? 50) * cells * FILLED_TIMES) / ML_PER_L;
      return {
        ...PLAIN,
        id: `${planting.id}-fill`,
        kind: "fill",
        subject: `trays for ${plantingName(garden, planting)}`,
        place: "Bench",
        plantingId: planting.id,
        fromDay: sowDay - care.fillAheadDays,
        untilDay: sowDay,
        reason: `Sowing is on ${wording.date(sowDay, day)}: evenly moist mix helps even germination.`,
        howMuch: `${cells} cells, about ${wording.number(litres, 1)} L of mix`,
        endsWhen: "the cells are full and moist",
        ifLeft: "The sowing waits.",
        cautions: ["compost-dust"],
      };
    },
  );
}

/** What was stored is looked through every other week: one rotten root takes its neighbours. */
function storeLook({ garden, day, wording }: Round): Task[] {
  const past = pastWorkOf(garden);
  const stored = [...garden.logEntries.values()].flatMap(({ on, what }) =>
    what.kind === "worked" && what.work === "store" && dayNumber(on) <= day ? [dayNumber(on)] : [],
  );
  const lastStored = Math.max(...stored);
  const { lookEveryDays, keptForDays } = care.store;
  if (stored.length === 0 || day > lastStored + keptForDays) return [];
  const looked = past.lastDay("lookThroughStore", STORE, day) ?? -Infinity;
  const since = Math.max(Math.min(...stored), looked);
  if (day < since + lookEveryDays) return [];
  return [
    {
      ...PLAIN,
      id: `store-look-${isoDate(since)}`,
      kind: "lookThroughStore",
      subject: "what is stored",
      place: STORE,
      fromDay: since + lookEveryDays,
      untilDay: since + 2 * lookEveryDays,
      reason: `${looked > -Infinity ? "Last checked" : "Put in"} on ${wording.date(since, day)}: remove what sprouts, shrivels or rots.`,
      endsWhen: "soft produce is out, and eaten or composted",
      ifLeft: "One that rots takes its neighbours.",
      cautions: ["store-mould"],
      isLate: day > since + 2 * lookEveryDays,
    },
  ];
}

const STORE = "Store";

/** Hoses, timers and vents before the first frost, and back after the last. */
function settings({ site, garden, day, wording }: Round): Task[] {
  if (garden.beds.size === 0) return [];
  const season = site.season(day);
  const { beforeDays, forDays, risk } = care.winterSettings;
  const { light } = FROST_THRESHOLDS_C;
  const autumn = firstFrostDay(site.climate, season, light, risk);
  const spring = lastFrostDay(site.climate, season, light, risk);
  const base = { ...PLAIN, place: "Whole garden" };
  const within = (from: DayNumber) => day >= from && day <= from + forDays;
  const year = (of: DayNumber) => civilDate(of).year;
  if (autumn !== null && within(autumn - beforeDays)) {
    return [
      {
        ...base,
        id: `winter-settings-${year(autumn)}`,
        kind: "winterSettings",
        subject: "hoses, timers and vents",
        fromDay: autumn - beforeDays,
        untilDay: autumn,
        reason: `Frost is possible from ${wording.date(autumn, day)}: drain hoses, taps and timers, and set vents for winter.`,
        endsWhen: "no water stands in anything that can burst",
        ifLeft: "Pipes and timers burst, and vents stand open in the cold.",
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
      subject: "hoses, timers and vents",
      fromDay: spring,
      untilDay: spring + forDays,
      reason: `After ${wording.date(spring, day)} frost is rare: turn water on and set vents for summer.`,
      endsWhen: "timers run and vents open",
      ifLeft: "Shelters overheat, and seedbeds dry out.",
      cautions: garden.shelters.size > 0 ? ["hot-house"] : [],
    },
  ];
}
