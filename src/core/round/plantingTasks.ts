import { daysWords, type DayNumber } from "../calendar";
import {
  amountsFor,
  bedDays,
  planSettingsOf,
  setupOperations,
  sowingAdvice,
  standOf,
  timelineFrom,
} from "../plan";
import type { Work } from "../log";
import { PLAIN, type PlantingRound, type Task } from "./task";

/** A sowing or planting out is asked for from its day on, and so long after it. */
const ASKED_AFTER_DAYS = 10;
/** What came up is looked at for so long. */
const CHECKED_DAYS = 4;
/** Clearing is told so long before its day. */
const CLEARED_AHEAD_DAYS = 7;
const DAYS_PER_WEEK = 7;

/** Everything that one planting asks for on a day. */
export function plantingTasks(round: PlantingRound): Task[] {
  return [
    ...sowing(round),
    ...emergence(round),
    ...plantingOut(round),
    ...settingUp(round),
    ...harvest(round),
    ...clearing(round),
  ];
}

/** A task on a planting; its id names the planting and the kind of work. */
function task(
  { life, name, place, day }: PlantingRound,
  kind: Work,
  fromDay: DayNumber,
  untilDay: DayNumber,
  words: Pick<Task, "reason" | "endsWhen" | "ifLeft"> & { howMuch?: string | null },
): Task {
  const { planting } = life;
  return {
    ...PLAIN,
    id: `${planting.id}-${kind}`,
    kind,
    subject: name,
    place,
    bedId: planting.bedId,
    plantingId: planting.id,
    fromDay,
    untilDay,
    reason: words.reason,
    howMuch: words.howMuch ?? null,
    endsWhen: words.endsWhen,
    ifLeft: words.ifLeft,
    isLate: day > untilDay,
  };
}

function amounts({ garden, life }: PlantingRound) {
  const bed = garden.beds.get(life.planting.bedId);
  return bed && amountsFor(standOf(life.planting, bed), life.growing.crop, life.planting.method);
}

/** What a week's wait would cost, in words: little in summer, months at the cliff. */
function weekLater({ site, garden, life, wording }: PlantingRound): string {
  const { timeline, growing } = life;
  const later = timelineFrom(
    site,
    planSettingsOf(garden),
    growing,
    timeline.sowDay + DAYS_PER_WEEK,
  );
  if (timeline.readyDay === null) return "It does not get ready here as it is planned.";
  if (later.readyDay === null) return "A week later it does not get ready here any more.";
  const costs = later.readyDay - timeline.readyDay;
  return `A week later it is ready ${daysWords(costs)} later, on ${wording.date(later.readyDay, timeline.sowDay)}.`;
}

function sowing(round: PlantingRound): Task[] {
  const { day, life, wording } = round;
  const { sowDay, plantOutDay, readyDay } = life.timeline;
  if (plantOutDay !== null || day < sowDay || day > sowDay + ASKED_AFTER_DAYS) return [];
  const needs = amounts(round);
  return [
    task(round, "sow", sowDay, sowDay, {
      reason:
        readyDay === null
          ? "It is planned for now."
          : `Sown now it is ready on ${wording.date(readyDay, sowDay)}.`,
      howMuch: needs
        ? `${wording.number(needs.seeds)} seeds, ${wording.weightG(needs.seedGrams)}, in ${needs.rows} rows`
        : null,
      endsWhen: "it is sown",
      ifLeft: weekLater(round),
    }),
  ];
}

function emergence(round: PlantingRound): Task[] {
  const { day, life, site, garden, wording } = round;
  const { emergeDay, plantOutDay, sowDay } = life.timeline;
  if (plantOutDay !== null || emergeDay === null) return [];
  if (day < emergeDay || day > emergeDay + CHECKED_DAYS) return [];
  const settings = planSettingsOf(garden);
  const { share, resowByDay } = sowingAdvice(site, settings, life.growing, life.timeline, wording);
  return [
    task(round, "checkEmergence", emergeDay, emergeDay + CHECKED_DAYS, {
      reason: `It should be up since ${wording.date(emergeDay, sowDay)}, about ${Math.round(share * 100)} in 100 sound seeds.`,
      endsWhen: "the row is looked at",
      ifLeft:
        resowByDay === null
          ? "Gaps stay: a second sowing comes too late."
          : `Gaps can be sown again until ${wording.date(resowByDay, sowDay)}.`,
    }),
  ];
}

function plantingOut(round: PlantingRound): Task[] {
  const { day, life, garden, wording } = round;
  const { plantOutDay, readyDay, sowDay } = life.timeline;
  if (plantOutDay === null || day < plantOutDay || day > plantOutDay + ASKED_AFTER_DAYS) return [];
  // Those that are raised in a tray of the garden are told of there.
  const inTray = [...garden.trays.values()].some(({ sowings }) =>
    sowings.some(({ plantingId }) => plantingId === life.planting.id),
  );
  if (inTray) return [];
  const needs = amounts(round);
  return [
    task(round, "plantOut", plantOutDay, plantOutDay, {
      reason:
        readyDay === null
          ? "It is planned for now."
          : `Planted now it is ready on ${wording.date(readyDay, sowDay)}. Choose a cool and cloudy hour, or the evening.`,
      howMuch: needs ? `${wording.number(needs.plants)} plants in ${needs.rows} rows` : null,
      endsWhen: "it stands in the bed",
      ifLeft: weekLater(round),
    }),
  ];
}

const OPERATION_WORDS = {
  shade: {
    kind: "shade",
    endsWhen: "the shade is on, and off again after the bright days",
    ifLeft: "Soft plants wilt, and may not come back.",
  },
  net: {
    kind: "net",
    endsWhen: "the netting is on, its edges buried",
    ifLeft: "Its flies and butterflies lay their eggs.",
  },
  water: {
    kind: "waterIn",
    endsWhen: "roots are down",
    ifLeft: "Shallow roots dry out within days.",
  },
} as const;

function settingUp(round: PlantingRound): Task[] {
  const { day, life, site, garden, wording } = round;
  const outlook = garden.outlook?.outlook.days ?? [];
  const { growing, timeline, planting } = life;
  return setupOperations(site, growing, timeline, planting.setup, outlook, wording).flatMap(
    ({ kind, fromDay, untilDay, words }) => {
      const until = untilDay ?? fromDay;
      // Netting is put on once; shade and water go on from day to day.
      const lastDay = kind === "net" ? fromDay + ASKED_AFTER_DAYS : until - 1;
      if (until <= fromDay && kind !== "net") return [];
      if (day < fromDay || day > lastDay) return [];
      const { kind: taskKind, endsWhen, ifLeft } = OPERATION_WORDS[kind];
      return [
        task(round, taskKind, fromDay, kind === "net" ? fromDay : lastDay, {
          reason: words,
          endsWhen,
          ifLeft,
        }),
      ];
    },
  );
}

const HABIT_WORDS = {
  cutAgain: "Cut it a hand above the ground; it comes again.",
  outerLeaves: "Take the outer leaves, leave the heart.",
  wholePlant: "Take whole plants.",
  mainHead: "Cut the main head; side shoots follow.",
  pickedAgain: "Pick what is ready every few days.",
  lifted: "Lift what is wanted.",
} as const;

function harvest(round: PlantingRound): Task[] {
  const { day, life, wording } = round;
  const { readyDay, holdsUntilDay, sowDay, boltDay } = life.timeline;
  if (readyDay === null || holdsUntilDay === null) return [];
  if (day < readyDay || day >= holdsUntilDay) return [];
  const { habit } = life.growing.crop.harvest;
  const until = wording.date(holdsUntilDay, sowDay);
  return [
    task(round, "harvest", readyDay, holdsUntilDay - 1, {
      reason: `Ready since ${wording.date(readyDay, sowDay)}. ${HABIT_WORDS[habit]}`,
      endsWhen: "it is used up",
      ifLeft:
        boltDay !== null && boltDay <= holdsUntilDay
          ? `It runs to flower about ${until}.`
          : `It stands until about ${until}.`,
    }),
  ];
}

function clearing(round: PlantingRound): Task[] {
  const { day, life, garden } = round;
  const { untilDay } = bedDays(life.timeline);
  if (day < untilDay - CLEARED_AHEAD_DAYS || day > untilDay + ASKED_AFTER_DAYS) return [];
  const undug = garden.settings.soilSchool === "undug";
  return [
    task(round, "clear", untilDay, untilDay, {
      reason: undug
        ? "It is over: cut it at the ground and leave the roots in."
        : "It is over: pull it, roots and all.",
      endsWhen: "the ground is free",
      ifLeft: "What is planned there next waits.",
    }),
  ];
}
