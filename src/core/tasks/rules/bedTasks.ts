import { dayNumber } from "../../calendar";
import { care } from "../../care";
import { coverCropLibrary, feedingAmount } from "../../soil";
import { materials } from "../../shelter";
import { bedDays } from "../../schedule";
import { plantingState, plantingName } from "../../plantings";
import { restName } from "../../bedSpace";
import { fedM2, restNeeds, uncovering } from "../../bedCare";
import { ASKED_AFTER_DAYS, PLAIN, type Round, type Task } from "../task";
import { fact } from "../../facts";

/** Beds to be readied, fed, put to rest and uncovered, and rests that end. */
export function bedTasks(round: Round): Task[] {
  return [...readying(round), ...feeding(round), ...rests(round), ...uncoveringInSpring(round)];
}

/** A bed is readied in the week before something comes into it. */
function readying({ site, garden, day }: Round): Task[] {
  return [...garden.plantings.values()].flatMap((planting): Task[] => {
    const bed = garden.beds.get(planting.bedId);
    const life = plantingState(garden, site, planting);
    if (!bed || !life || planting.interplanted || planting.potCm !== null) return [];
    const { fromDay } = bedDays(life.timeline);
    if (day < fromDay - care.readyBedAheadDays || day >= fromDay) return [];
    const undug = garden.settings.soilSchool === "undug";
    return [
      {
        ...PLAIN,
        id: `${planting.id}-readyBed`,
        kind: "readyBed",
        subject: fact("tasks.mFor", {
          lengthM: planting.lengthM,
          plantingName: plantingName(garden, planting),
        }),
        place: bed.name,
        bedId: bed.id,
        plantingId: planting.id,
        fromDay: fromDay - care.readyBedAheadDays,
        untilDay: fromDay - 1,
        reason: fact("tasks.plantingIsOn", { fromDay, day, undug }),
        endsWhen: fact("tasks.theGroundIsCleanLevelAndMoist"),
        ifLeft: fact("tasks.sowingGoesIntoWeedsOrIsDelayed"),
      },
    ];
  });
}

/** Covers of a bed's own come off for good in spring. */
function uncoveringInSpring({ site, garden, day }: Round): Task[] {
  const { midwinterDay, startDay } = site.season(day);
  if (day < midwinterDay) return [];
  return [...garden.beds.values()].flatMap((bed): Task[] => {
    if (!bed.covers.some((id) => materials.get(id)?.removable)) return [];
    const off = uncovering(site, garden, bed, midwinterDay);
    if (!off || day < off.day || day > off.day + ASKED_AFTER_DAYS) return [];
    return [
      {
        ...PLAIN,
        id: `${bed.id}-uncover-${startDay}`,
        kind: "uncover",
        subject: off.coverNames,
        place: bed.name,
        bedId: bed.id,
        fromDay: off.day,
        untilDay: off.day,
        reason: fact("tasks.sinceItGrowsAsWellUncoveredAnd", { day: off.day, day2: day }),
        endsWhen: fact("tasks.dryFoldedAndInStorage", { isPlural: off.isPlural }),
        ifLeft: fact("tasks.itTakesLightAndPlantsGrowSoftAnd"),
        isLate: day > off.day,
      },
    ];
  });
}

function feeding({ garden, day }: Round): Task[] {
  return [...garden.feedings.values()].flatMap((one): Task[] => {
    const bed = garden.beds.get(one.bedId);
    const on = dayNumber(one.on);
    if (!bed || day < on || day > on + ASKED_AFTER_DAYS) return [];
    const { soilSchool } = garden.settings;
    const amount = feedingAmount(one.feed, fedM2(one, bed), soilSchool);
    return [
      {
        ...PLAIN,
        id: `${one.id}-feed`,
        kind: "feed",
        subject: amount.item,
        place: bed.name,
        bedId: bed.id,
        fromDay: on,
        untilDay: on,
        reason:
          soilSchool === "dug"
            ? fact("tasks.dueNowDugInASpadeDeep")
            : fact("tasks.dueNowSpreadOnTop"),
        howMuch:
          amount.litres === null
            ? fact("tasks.weight", { grams: amount.grams ?? 0 })
            : fact("tasks.volume", { litres: amount.litres }),
        endsWhen: fact("tasks.itIsInTheBed"),
        ifLeft: fact("tasks.theNextPlantingStartsShortOf"),
        isLate: day > on,
      },
    ];
  });
}

function rests({ garden, day }: Round): Task[] {
  return [...garden.rests.values()].flatMap((rest): Task[] => {
    const bed = garden.beds.get(rest.bedId);
    if (!bed) return [];
    const [fromDay, untilDay] = [dayNumber(rest.fromOn), dayNumber(rest.untilOn)];
    const { grams, litres, notes } = restNeeds(rest, bed);
    const manure =
      rest.under.kind === "coverCrop" ? coverCropLibrary.get(rest.under.coverCropId) : undefined;
    const base = {
      ...PLAIN,
      subject: restName(rest),
      place: bed.name,
      bedId: bed.id,
      plantingId: null,
    };
    if (day >= fromDay && day <= fromDay + ASKED_AFTER_DAYS) {
      return [
        {
          ...base,
          id: `${rest.id}-begin`,
          kind: manure ? "sowCoverCrop" : "mulch",
          fromDay,
          untilDay: fromDay,
          reason: fact("tasks.mOfTheBedRestsUntil", { lengthM: rest.lengthM, untilDay, fromDay }),
          howMuch: manure ? fact("tasks.weight", { grams }) : fact("tasks.volume", { litres }),
          endsWhen: manure ? fact("tasks.itIsSown") : fact("tasks.itIsOnTheBed"),
          ifLeft: manure
            ? fact("tasks.eachWeekOfDelayMeansLessCover")
            : fact("tasks.rainBeatsBareSoilDownAndWashesIt"),
          more: manure ? notes : PLAIN.more,
          isLate: day > fromDay,
        },
      ];
    }
    if (day < untilDay || day > untilDay + ASKED_AFTER_DAYS) return [];
    return [
      {
        ...base,
        id: `${rest.id}-end`,
        kind: "endRest",
        fromDay: untilDay,
        untilDay,
        reason: manure
          ? fact("tasks.itHasToBreakDownBeforeTheNext")
          : fact("tasks.theGroundIsNeededAgain"),
        howMuch: null,
        endsWhen: manure ? fact("tasks.itIsTurnedInOrCutDown") : fact("tasks.itIsRakedOff"),
        ifLeft: fact("tasks.theNextSowingWaits"),
        isLate: day > untilDay,
      },
    ];
  });
}
