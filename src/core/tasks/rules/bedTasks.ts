import { dayNumber } from "../../calendar";
import { care } from "../../care";
import { coverCropLibrary, feedingAmount } from "../../soil";
import { materials } from "../../shelter";
import { bedDays } from "../../schedule";
import { plantingState, plantingName } from "../../plantings";
import { restName } from "../../bedSpace";
import { restNeeds, uncovering } from "../../bedCare";
import { ASKED_AFTER_DAYS, PLAIN, type Round, type Task } from "../task";

/** Beds to be readied, fed, put to rest and uncovered, and rests that end. */
export function bedTasks(round: Round): Task[] {
  return [...readying(round), ...feeding(round), ...rests(round), ...uncoveringInSpring(round)];
}

/** A bed is readied in the week before something comes into it. */
function readying({ site, garden, day, wording }: Round): Task[] {
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
        subject: `${wording.number(planting.lengthM, 1)} m for ${plantingName(garden, planting)}`,
        place: bed.name,
        bedId: bed.id,
        plantingId: planting.id,
        fromDay: fromDay - care.readyBedAheadDays,
        untilDay: fromDay - 1,
        reason: `Planting is on ${wording.date(fromDay, day)}. ${
          undug
            ? "Weed it, cut old plants at the ground and rake it level."
            : "Weed it, loosen it a fork deep and rake it fine."
        }`,
        endsWhen: "the ground is clean, level and moist",
        ifLeft: "Sowing goes into weeds or is delayed.",
      },
    ];
  });
}

/** Covers of a bed's own come off for good in spring. */
function uncoveringInSpring({ site, garden, day, wording }: Round): Task[] {
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
        reason: `Since ${wording.date(off.day, day)} it grows as well uncovered, and killing nights are rare.`,
        endsWhen: `${off.isPlural ? "they are" : "it is"} dry, folded and in storage`,
        ifLeft: "It takes light, and plants grow soft and bolt sooner.",
        isLate: day > off.day,
      },
    ];
  });
}

function feeding({ garden, day, wording }: Round): Task[] {
  return [...garden.feedings.values()].flatMap((one): Task[] => {
    const bed = garden.beds.get(one.bedId);
    const on = dayNumber(one.on);
    if (!bed || day < on || day > on + ASKED_AFTER_DAYS) return [];
    const { soilSchool } = garden.settings;
    const amount = feedingAmount(one.feed, bed.lengthM * bed.widthM, soilSchool);
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
        reason: soilSchool === "dug" ? "Due now, dug in a spade deep." : "Due now, spread on top.",
        howMuch:
          amount.litres === null
            ? wording.weightG(amount.grams ?? 0)
            : `${wording.number(amount.litres)} L`,
        endsWhen: "it is in the bed",
        ifLeft: "The next planting starts short of nutrients.",
        isLate: day > on,
      },
    ];
  });
}

function rests({ garden, day, wording }: Round): Task[] {
  return [...garden.rests.values()].flatMap((rest): Task[] => {
    const bed = garden.beds.get(rest.bedId);
    if (!bed) return [];
    const [fromDay, untilDay] = [dayNumber(rest.fromOn), dayNumber(rest.untilOn)];
    const { grams, litres } = restNeeds(rest, bed);
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
          reason: `${wording.number(rest.lengthM, 1)} m of the bed rests until ${wording.date(untilDay, fromDay)}.`,
          howMuch: manure ? wording.weightG(grams) : `${wording.number(litres)} L`,
          endsWhen: manure ? "it is sown" : "it is on the bed",
          ifLeft: manure
            ? "Each week of delay means less cover before winter."
            : "Rain beats bare soil down and washes it out.",
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
          ? "It has to break down before the next sowing."
          : "The ground is needed again.",
        howMuch: null,
        endsWhen: manure ? "it is turned in, or cut down" : "it is raked off",
        ifLeft: "The next sowing waits.",
        isLate: day > untilDay,
      },
    ];
  });
}
