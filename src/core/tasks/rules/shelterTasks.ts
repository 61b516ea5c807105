import { derive } from "../../derive";
import { isoDate, type DayNumber } from "../../calendar";
import type { OutlookDay } from "../../climate";
import type { Shelter } from "../../garden";
import type { Site } from "../../growth";
import {
  adviceWords,
  handlingOf,
  handlingOver,
  nightOf,
  shelterDays,
  standingCovers,
  stormWarnings,
  ventAdvice,
  type Tonight,
  type VentAdvice,
} from "../../frostNight";
import { materials, SHUT } from "../../shelter";
import { PLAIN, type Round, type Task } from "../task";

/** Covers lying on for a night come in again when the next is milder than this at the crop, °C. */
const MILD_NIGHT_C = 3;
/** And when it stays so far above what kills half of what stands there, °C (estimate). */
const SAFE_MARGIN_C = 3;
const NIGHT_STEPS = { daysShown: 1, stepsPerDay: 24 };

/** What the night and the day ask for under covers: tonight's decisions, airing, wind and snow. */
export function shelterTasks(round: Round, night: Tonight): Task[] {
  return [
    ...nightTasks(round, night),
    ...airing(round),
    ...storms(round),
    ...bringingIn(round, night),
  ];
}

function nightTasks({ day, wording, garden }: Round, { nights, put, shut }: Tonight): Task[] {
  const tonight = { ...PLAIN, fromDay: day, untilDay: day, isLate: false };
  const putOn = put.map(({ piece, bed, fit, savesKg }): Task => ({
    ...tonight,
    id: `${bed.id}-cover-${isoDate(day)}`,
    kind: "cover",
    pieces: [{ id: piece.id, bedId: bed.id }],
    subject: materials.get(piece.materialId)?.name ?? piece.materialId,
    place: bed.name,
    bedId: bed.id,
    plantingId: null,
    reason: `It saves most here: about ${wording.weightG(Math.round(savesKg * 10) * 100)} of harvest.`,
    howMuch: fit.weights > 0 ? `${fit.weights} weights` : null,
    endsWhen: "it is on, its edges weighted down",
    ifLeft: "Tender plants under it may die tonight.",
  }));
  const hasStock = garden.pieces.size > 0;
  const picks = nights.flatMap((one): Task[] => {
    const { advice, bed, plants, name } = one;
    if (advice === "nothing" || (advice === "cover" && hasStock)) return [];
    const kind =
      advice === "carryIn" ? "carryIn" : advice === "cover" ? "cover" : "pickBeforeFrost";
    return [
      {
        ...tonight,
        id: `${plants.planting.id}-${kind}-${isoDate(day)}`,
        kind,
        subject: name,
        place: bed.name,
        bedId: bed.id,
        plantingId: plants.planting.id,
        reason: adviceWords(one),
        howMuch: null,
        endsWhen: "it is done before dark",
        ifLeft: "The night takes it.",
      },
    ];
  });
  const closing = shut.map(({ shelter }): Task => ({
    ...tonight,
    id: `${shelter.id}-shut-${isoDate(day)}`,
    kind: "shut",
    subject: shelter.name,
    place: shelter.name,
    bedId: null,
    plantingId: null,
    reason:
      "Left open, the night would cost harvest. Closed before the sun is off it, it holds the day's warmth.",
    howMuch: null,
    endsWhen: "vents and doors are closed",
    ifLeft: "Inside is as cold as outside.",
  }));
  return [...putOn, ...closing, ...picks];
}

/** Shelters that get too warm shut, and have to be opened today. */
function airing({ site, garden, day, wording }: Round): Task[] {
  const outlook = garden.outlook?.outlook.days ?? NO_OUTLOOK;
  return [...garden.shelters.values()].flatMap((shelter): Task[] => {
    // An opener does it by itself.
    if (shelter.vent.kind === "automatic") return [];
    const { openAtHour, shutAtHour, shutMaxC } = derive([shelter, site, outlook, day], airingOf);
    if (openAtHour === null) return [];
    const until =
      shutAtHour === null
        ? "leave it open through the mild night"
        : `close it about ${Math.floor(shutAtHour)}`;
    return [
      {
        ...PLAIN,
        id: `${shelter.id}-vent-${isoDate(day)}`,
        kind: "vent",
        subject: shelter.name,
        place: shelter.name,
        bedId: null,
        plantingId: null,
        fromDay: day,
        untilDay: day,
        reason: `Closed, it would reach ${wording.temperature(shutMaxC)}: open it about ${Math.floor(openAtHour)}:00, ${until}.`,
        howMuch: null,
        cautions: ["hot-house"],
        endsWhen: shutAtHour === null ? "it is open" : "it is closed again",
        ifLeft: "Plants overheat and grow soft.",
        isLate: false,
      },
    ];
  });
}

/** When to air a shelter that stands shut. */
function airingOf(
  shelter: Shelter,
  site: Site,
  outlook: readonly OutlookDay[],
  day: DayNumber,
): VentAdvice {
  const shut = { working: SHUT, structure: handlingOf(shelter).structure };
  return ventAdvice(shelterDays(site, shelter.covers, outlook, day, shut, NIGHT_STEPS));
}

const NO_OUTLOOK: readonly OutlookDay[] = [];

function storms({ garden, day, wording }: Round): Task[] {
  const shelters = [...garden.shelters.values()];
  if (shelters.length === 0) return [];
  const place = shelters.map(({ name }) => name).join(", ");
  return stormWarnings(garden.outlook?.outlook.days ?? [], day).map(({ day: on, kind }): Task => ({
    ...PLAIN,
    id: `${kind}-${isoDate(on)}`,
    kind: kind === "wind" ? "prepareForWind" : "brushSnow",
    subject: kind === "wind" ? "shelters and covers" : "snow from shelters",
    place,
    bedId: null,
    plantingId: null,
    fromDay: kind === "wind" ? day : on,
    untilDay: on,
    reason:
      kind === "wind"
        ? `Strong wind ${wording.date(on)}: weight or bury edges, close vents and doors. Stay out of structures in the storm.`
        : `Snow ${wording.date(on)}: brush it off from outside while it is light. Stay out from under a heavy load.`,
    howMuch: null,
    endsWhen: kind === "wind" ? "everything is held down" : "the covers are clear",
    ifLeft:
      kind === "wind" ? "Covers blow away." : "Snow blocks light and can break the structure.",
    cautions: ["stay-out"],
    isLate: false,
  }));
}

/** Pieces that were put on for a night and are not wanted any more. */
function bringingIn({ site, garden, day }: Round, { nights }: Tonight): Task[] {
  const outlook = garden.outlook?.outlook.days ?? [];
  return [...garden.beds.values()].flatMap((bed): Task[] => {
    const { covers, besides } = standingCovers(garden, bed);
    if (besides.length === 0) return [];
    const without = covers.slice(0, covers.length - besides.length);
    const handling = handlingOver(garden, bed);
    const { cropMinC } = nightOf(shelterDays(site, without, outlook, day, handling, NIGHT_STEPS));
    const inDanger = nights.some(
      (one) =>
        one.bed.id === bed.id && (one.advice !== "nothing" || one.lt50C > cropMinC - SAFE_MARGIN_C),
    );
    if (cropMinC < MILD_NIGHT_C || inDanger) return [];
    return [
      {
        ...PLAIN,
        pieces: besides.map(({ id }) => ({ id, bedId: null })),
        id: `${bed.id}-bringIn-${isoDate(day)}`,
        kind: "bringIn",
        subject: besides.map(({ materialId }) => materials.get(materialId)?.shortName).join(", "),
        place: bed.name,
        bedId: bed.id,
        plantingId: null,
        fromDay: day,
        untilDay: day,
        reason: "The night is mild: off, it costs no light.",
        howMuch: null,
        endsWhen: "it is dry and in storage",
        ifLeft: "It takes light that is scarce now.",
        isLate: false,
      },
    ];
  });
}
