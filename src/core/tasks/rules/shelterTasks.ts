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
import { fact } from "../../facts";

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

function nightTasks({ day, garden }: Round, { nights, put, shut }: Tonight): Task[] {
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
    reason: fact("tasks.itSavesMostHereAboutOfHarvest", { savesKg }),
    howMuch: fit.weights > 0 ? fact("tasks.weights", { weights: fit.weights }) : null,
    endsWhen: fact("tasks.itIsOnItsEdgesWeightedDown"),
    ifLeft: fact("tasks.tenderPlantsUnderItMayDieTonight"),
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
        endsWhen: fact("tasks.itIsDoneBeforeDark"),
        ifLeft: fact("tasks.theNightTakesIt"),
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
    reason: fact("tasks.leftOpenTheNightWouldCostHarvest"),
    howMuch: null,
    endsWhen: fact("tasks.ventsAndDoorsAreClosed"),
    ifLeft: fact("tasks.insideIsAsColdAsOutside"),
  }));
  return [...putOn, ...closing, ...picks];
}

/** Shelters that get too warm shut, and have to be opened today. */
function airing({ site, garden, day }: Round): Task[] {
  const outlook = garden.outlook?.outlook.days ?? NO_OUTLOOK;
  return [...garden.shelters.values()].flatMap((shelter): Task[] => {
    // An opener does it by itself.
    if (shelter.vent.kind === "automatic") return [];
    const { openAtHour, shutAtHour, shutMaxC } = derive([shelter, site, outlook, day], airingOf);
    if (openAtHour === null) return [];
    const until =
      shutAtHour === null
        ? fact("tasks.leaveItOpenThroughTheMildNight")
        : fact("tasks.closeItAbout", { shutAtHour });
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
        reason: fact("tasks.closedItWouldReachOpenItAbout00", { shutMaxC, openAtHour, until }),
        howMuch: null,
        cautions: ["hot-house"],
        endsWhen: shutAtHour === null ? fact("tasks.itIsOpen") : fact("tasks.itIsClosedAgain"),
        ifLeft: fact("tasks.plantsOverheatAndGrowSoft"),
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

function storms({ garden, day }: Round): Task[] {
  const shelters = [...garden.shelters.values()];
  if (shelters.length === 0) return [];
  const place = shelters.map(({ name }) => name).join(", ");
  return stormWarnings(garden.outlook?.outlook.days ?? [], day).map(({ day: on, kind }): Task => ({
    ...PLAIN,
    id: `${kind}-${isoDate(on)}`,
    kind: kind === "wind" ? "prepareForWind" : "brushSnow",
    subject: kind === "wind" ? fact("tasks.sheltersAndCovers") : fact("tasks.snowFromShelters"),
    place,
    bedId: null,
    plantingId: null,
    fromDay: kind === "wind" ? day : on,
    untilDay: on,
    reason:
      kind === "wind"
        ? fact("tasks.strongWindWeightOrBuryEdgesClose", { on })
        : fact("tasks.snowBrushItOffFromOutsideWhileItIs", { on }),
    howMuch: null,
    endsWhen:
      kind === "wind" ? fact("tasks.everythingIsHeldDown") : fact("tasks.theCoversAreClear"),
    ifLeft:
      kind === "wind" ? fact("tasks.coversBlowAway") : fact("tasks.snowBlocksLightAndCanBreakThe"),
    cautions: ["stay-out"],
    isLate: false,
  }));
}

/** Pieces that were put on for a night and are not wanted any more. */
function bringingIn({ site, garden, day, standing }: Round, { nights }: Tonight): Task[] {
  const outlook = garden.outlook?.outlook.days ?? [];
  return [...garden.beds.values()].flatMap((bed): Task[] => {
    const { covers, besides } = standingCovers(garden, bed);
    if (besides.length === 0) return [];
    const without = covers.slice(0, covers.length - besides.length);
    const handling = handlingOver(garden, bed, standing.get(bed.id) ?? []);
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
        reason: fact("tasks.theNightIsMildOffItCostsNoLight"),
        howMuch: null,
        endsWhen: fact("tasks.itIsDryAndInStorage"),
        ifLeft: fact("tasks.itTakesLightThatIsScarceNow"),
        isLate: false,
      },
    ];
  });
}
