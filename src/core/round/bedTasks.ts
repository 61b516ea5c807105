import { dayNumber } from "../calendar";
import { coverCropLibrary } from "../crops";
import { restName, restNeeds } from "../plan";
import { feedingAmount } from "../soil";
import { PLAIN, type Round, type Task } from "./task";

/** What was due is asked for so long after its day. */
const ASKED_AFTER_DAYS = 10;

/** Beds to be fed, to be put to rest, and rests that end. */
export function bedTasks(round: Round): Task[] {
  return [...feeding(round), ...rests(round)];
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
        plantingId: null,
        fromDay: on,
        untilDay: on,
        reason:
          soilSchool === "dug"
            ? "The bed gets it now, dug in a spade deep."
            : "The bed gets it now, spread on top.",
        howMuch:
          amount.litres === null
            ? wording.weightG(amount.grams ?? 0)
            : `${wording.number(amount.litres)} L`,
        endsWhen: "it is in the bed",
        ifLeft: "What is planted next starts hungry.",
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
          reason: `${wording.number(rest.lengthM, 1)} m of the bed rest until ${wording.date(untilDay, fromDay)}.`,
          howMuch: manure ? wording.weightG(grams) : `${wording.number(litres)} L`,
          endsWhen: manure ? "it is sown" : "it lies on the bed",
          ifLeft: manure
            ? "Each week later it covers less before the winter."
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
        reason: manure ? "It has to rot before the next sowing." : "The ground is wanted again.",
        howMuch: null,
        endsWhen: manure ? "it is turned in, or cut down" : "it is raked off",
        ifLeft: "The next sowing waits.",
        isLate: day > untilDay,
      },
    ];
  });
}
