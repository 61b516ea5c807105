import { finalSpacing, plantingState, plantingName } from "../../plantings";
import { hardeningOn, sowingStates, trayWork, type TrayWork } from "../../propagation";
import { dayNumber, isoDate } from "../../calendar";
import { seedlingsIn } from "../../trays";
import { PLAIN, weekLater, type Round, type Task } from "../task";
import { fact } from "../../facts";
import { GAPS_CAN_BE_RESOWN, resowingWords } from "./resowing";

/** Everything that trays ask for on a day. */
export function trayTasks(round: Round): Task[] {
  const work = trayWork(round.garden, round.site, round.day)
    .filter(({ day }) => day <= round.day)
    .map((one) => (one.kind === "sow" ? sowTask(round, one) : stateTask(round, one)));
  return [...work, ...pottingOn(round)];
}

/** Seedlings that have stayed too long in their cells: into larger ones, or out at last. */
function pottingOn({ garden, site, day }: Round): Task[] {
  return sowingStates(garden, site, day).flatMap(({ tray, sowing, crop, rootBoundDay }): Task[] => {
    const alive = seedlingsIn(sowing);
    if (day < rootBoundDay || sowing.cells.length === 0 || alive === 0) return [];
    return [
      {
        ...PLAIN,
        id: `${sowing.id}-potOn`,
        kind: "potOn",
        subject: crop.name,
        place: tray.name,
        plantingId: sowing.plantingId,
        fromDay: rootBoundDay,
        untilDay: rootBoundDay,
        reason: fact("tasks.sownTheyHaveOutgrownTheirCellsPot", {
          dayNumber: dayNumber(sowing.sownOn),
          day,
        }),
        howMuch: alive === null ? null : fact("tasks.seedlings", { alive }),
        endsWhen: fact("tasks.rootsHaveRoom"),
        ifLeft: fact("tasks.rootBoundPlantsStopGrowingAndBolt"),
        isLate: day > rootBoundDay,
        cautions: ["compost-dust"],
      },
    ];
  });
}

function sowTask(round: Round, { raising, day: on }: Extract<TrayWork, { kind: "sow" }>): Task {
  const { garden, day, site } = round;
  const life = plantingState(garden, site, raising.planting);
  return {
    ...PLAIN,
    id: `${raising.planting.id}-sowTray`,
    kind: "sowTray",
    subject: plantingName(garden, raising.planting),
    place: fact("tasks.bench"),
    bedId: null,
    plantingId: raising.planting.id,
    fromDay: on,
    untilDay: on,
    reason: fact("tasks.itsSeedlingsAreNeededInAFewWeeks"),
    howMuch: fact("tasks.cells", { cells: raising.cells }),
    endsWhen: fact("tasks.itIsSown"),
    ifLeft: life ? weekLater(round, life, on) : fact("tasks.transplantingIsDelayedByAsMuch"),
    isLate: day > on,
  };
}

const WORDS = {
  count: {
    kind: "checkEmergence",
    reason: fact("tasks.seedlingsShouldShowCountThem"),
    endsWhen: fact("tasks.theyAreCounted"),
  },
  thin: {
    kind: "thin",
    reason: fact("tasks.moreThanNeededInEachCellCutThe"),
    endsWhen: fact("tasks.eachCellHoldsWhatItShould"),
    ifLeft: fact("tasks.theyCrowdAndGrowLeggy"),
  },
  harden: {
    kind: "hardenOff",
    reason: fact("tasks.theyAreTransplantedSoonALittle"),
    endsWhen: fact("tasks.theyHaveBeenOutANight"),
    ifLeft: fact("tasks.softSeedlingsStopGrowingOrScorch"),
  },
  chooseBed: {
    kind: "chooseBed",
    endsWhen: fact("tasks.aBedIsChosenForThem"),
    ifLeft: fact("tasks.theyBecomeRootBound"),
  },
  plantOut: {
    kind: "plantOut",
    reason: fact("tasks.theyAreLargeEnoughAndHardenedOff"),
    endsWhen: fact("tasks.theyAreInTheBed"),
    ifLeft: fact("tasks.theyBecomeRootBound"),
  },
  label: {
    kind: "label",
    reason: fact("tasks.lookAlikesAreNextToEachOther"),
    endsWhen: fact("tasks.theLabelIsInTheTray"),
    ifLeft: fact("tasks.nobodyCanTellThemApartUntilThey"),
  },
} as const;

function stateTask(
  round: Round,
  { kind, state, day: on }: Exclude<TrayWork, { kind: "sow" }>,
): Task {
  const { garden, day, site } = round;
  const words = WORDS[kind];
  const { sowing, tray, crop, hardening } = state;
  const planting = garden.plantings.get(sowing.plantingId ?? "");
  const bed = garden.beds.get(planting?.bedId ?? "");
  const life = planting && plantingState(garden, site, planting);
  const hours = kind === "harden" ? (hardeningOn(hardening, day)?.hours ?? null) : null;
  const spacing = kind === "plantOut" ? finalSpacing(garden, sowing.plantingId) : undefined;
  return {
    ...PLAIN,
    tray: { trayId: tray.id, sowingId: sowing.id, plantsPerCell: state.plantsPerCell },
    // Hardening goes on from day to day: it is asked for anew each day.
    id: `${sowing.id}-${words.kind}${kind === "harden" ? `-${isoDate(day)}` : ""}`,
    kind: words.kind,
    subject: crop.name,
    place:
      kind === "plantOut" && bed ? fact("tasks.to", { tray: tray.name, bed: bed.name }) : tray.name,
    bedId: kind === "plantOut" ? (bed?.id ?? null) : null,
    plantingId: sowing.plantingId,
    fromDay: on,
    untilDay: kind === "harden" ? hardening.plantOutDay - 1 : on,
    reason:
      "reason" in words
        ? words.reason
        : fact("tasks.theyAreForNoBedYet", { plantOutDay: state.plantOutDay, day }),
    howMuch:
      hours !== null
        ? fact("tasks.hoursOutside", { hours })
        : spacing
          ? fact("tasks.apart", { rowCm: spacing.rowCm, inRowCm: spacing.inRowCm })
          : null,
    endsWhen: words.endsWhen,
    ifLeft:
      "ifLeft" in words ? words.ifLeft : life ? resowingWords(round, life) : GAPS_CAN_BE_RESOWN,
    isLate: kind !== "harden" && kind !== "label" && day > on,
  };
}
