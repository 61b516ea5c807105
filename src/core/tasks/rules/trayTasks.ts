import { finalSpacing, plantingState, plantingName } from "../../plantings";
import { hardeningOn, sowingStates, trayWork, type TrayWork } from "../../propagation";
import { dayNumber, isoDate } from "../../calendar";
import { seedlingsIn } from "../../trays";
import { PLAIN, weekLater, type Round, type Task } from "../task";

/** Everything that trays ask for on a day. */
export function trayTasks(round: Round): Task[] {
  const work = trayWork(round.garden, round.site, round.day)
    .filter(({ day }) => day <= round.day)
    .map((one) => (one.kind === "sow" ? sowTask(round, one) : stateTask(round, one)));
  return [...work, ...pottingOn(round)];
}

/** Seedlings that have stayed too long in their cells: into larger ones, or out at last. */
function pottingOn({ garden, site, day, wording }: Round): Task[] {
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
        reason: `Sown ${wording.date(dayNumber(sowing.sownOn), day)}, they have outgrown their cells: pot them up (leggy ones deeper) or transplant them.`,
        howMuch: alive === null ? null : `${alive} seedlings`,
        endsWhen: "roots have room",
        ifLeft: "Root-bound plants stop growing and bolt.",
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
    place: "Bench",
    bedId: null,
    plantingId: raising.planting.id,
    fromDay: on,
    untilDay: on,
    reason: "Its seedlings are needed in a few weeks.",
    howMuch: `${raising.cells} cells`,
    endsWhen: "it is sown",
    ifLeft: life ? weekLater(round, life) : "Transplanting is delayed by as much.",
    isLate: day > on,
  };
}

const WORDS = {
  count: {
    kind: "checkEmergence",
    reason: "Seedlings should show: count them.",
    endsWhen: "they are counted",
    ifLeft: "Too late to resow what didn't come up.",
  },
  thin: {
    kind: "thin",
    reason: "More than needed in each cell: cut the extras with scissors.",
    endsWhen: "each cell holds what it should",
    ifLeft: "They crowd and grow leggy.",
  },
  harden: {
    kind: "hardenOff",
    reason: "They are transplanted soon: a little longer outside each day.",
    endsWhen: "they have been out a night",
    ifLeft: "Soft seedlings stop growing or scorch when transplanted.",
  },
  plantOut: {
    kind: "plantOut",
    reason: "They are large enough and hardened off. Choose a cool, cloudy hour or the evening.",
    endsWhen: "they are in the bed",
    ifLeft: "They become root-bound.",
  },
  label: {
    kind: "label",
    reason: "Look-alikes are next to each other.",
    endsWhen: "the label is in the tray",
    ifLeft: "Nobody can tell them apart until they head.",
  },
} as const;

function stateTask(
  { garden, day, wording }: Round,
  { kind, state, day: on }: Exclude<TrayWork, { kind: "sow" }>,
): Task {
  const words = WORDS[kind];
  const { sowing, tray, crop, hardening } = state;
  const planting = garden.plantings.get(sowing.plantingId ?? "");
  const bed = garden.beds.get(planting?.bedId ?? "");
  const hours = kind === "harden" ? (hardeningOn(hardening, day)?.hours ?? null) : null;
  const spacing = kind === "plantOut" ? finalSpacing(garden, sowing.plantingId) : undefined;
  return {
    ...PLAIN,
    tray: { trayId: tray.id, sowingId: sowing.id, plantsPerCell: state.plantsPerCell },
    // Hardening goes on from day to day: it is asked for anew each day.
    id: `${sowing.id}-${words.kind}${kind === "harden" ? `-${isoDate(day)}` : ""}`,
    kind: words.kind,
    subject: crop.name,
    place: kind === "plantOut" && bed ? `${tray.name} to ${bed.name}` : tray.name,
    bedId: kind === "plantOut" ? (bed?.id ?? null) : null,
    plantingId: sowing.plantingId,
    fromDay: on,
    untilDay: kind === "harden" ? hardening.plantOutDay - 1 : on,
    reason: words.reason,
    howMuch:
      hours !== null
        ? `${hours} hours outside`
        : spacing
          ? `${wording.distanceCm(spacing.rowCm)} × ${wording.distanceCm(spacing.inRowCm)}`
          : null,
    endsWhen: words.endsWhen,
    ifLeft: words.ifLeft,
    isLate: kind !== "harden" && kind !== "label" && day > on,
  };
}
