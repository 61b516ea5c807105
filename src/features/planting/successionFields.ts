import { z } from "zod";
import { dayNumber, isoDate } from "@/core/calendar";
import type { CommandInput } from "@/core/commands";
import type { Garden, Planting } from "@/core/garden";
import { exactM, fitsInto } from "@/core/layout";
import {
  ruleFromDays,
  ruleFromStanding,
  successionSowDays,
  type Growing,
  type SuccessionRule,
} from "@/core/schedule";
import type { Site } from "@/core/growth";
import { feet, metres, type Units } from "@/core/units";
import { localWording } from "@/words";
import { newId } from "@/store/index";
import { maybeAmount } from "@/ui/forms";
import { planting as say } from "@/words/en/planting";

/** A succession as its form holds it; what it comes to is looked at by `successionProblem`. */
export const SuccessionFieldsSchema = z.object({
  how: z.enum(["standing", "every", "harvests"]),
  /** Days between the first two, or between all harvests. */
  days: maybeAmount,
  count: maybeAmount,
  /** Length of bed of each sowing, in metres or feet. */
  length: maybeAmount,
});

type Typed = z.infer<typeof SuccessionFieldsSchema>;

/** A succession with its length in metres; empty numbers are NaN. */
export type SuccessionFields = Omit<Typed, "length"> & { lengthM: number };

const USUAL_COUNT = 4;
const MOST_SOWINGS = 30;
const LEAST_M = 0.1;

/** The form begins with the planting's own part of the bed, shared among a few sowings. */
export function usualSuccession(planting: Planting, units: Units): Typed {
  const lengthM = Math.max(LEAST_M, exactM(planting.lengthM / USUAL_COUNT));
  return {
    how: "standing",
    days: 10,
    count: USUAL_COUNT,
    length: units === "imperial" ? Math.round(feet(lengthM) * 1000) / 1000 : lengthM,
  };
}

/** What is typed, with its length in metres. */
export function inMetres({ length, ...typed }: Typed, units: Units): SuccessionFields {
  return { ...typed, lengthM: exactM(units === "imperial" ? metres(length) : length) };
}

/** The rule the fields say. */
export function ruleFrom(
  fields: SuccessionFields,
  site: Site,
  growing: Growing,
  planting: Planting,
): SuccessionRule {
  if (fields.how === "harvests") return { rule: "calendar", interval: fields.days };
  return fields.how === "every"
    ? ruleFromDays(site, growing, dayNumber(planting.sowOn), fields.days)
    : ruleFromStanding(growing);
}

/** What is wrong with the fields, in a sentence; null when nothing is. */
export function successionProblem(
  fields: SuccessionFields,
  bedLengthM: number,
  units: Units,
): string | null {
  if (!Number.isInteger(fields.count) || fields.count < 2 || fields.count > MOST_SOWINGS) {
    return say.enter2ToSowings({ MOST_SOWINGS });
  }
  if (fields.how !== "standing" && !(fields.days >= 1 && fields.days <= 120)) {
    return say.enter1To120DaysBetweenSowings;
  }
  if (!(fields.lengthM >= LEAST_M)) {
    return say.giveEachSowingAtLeastOfBed({ length: localWording(units).lengthM(LEAST_M, 2) });
  }
  if (!fitsInto(fields.lengthM, bedLengthM))
    return say.theBedIsOnlyLong({ length: localWording(units).lengthM(bedLengthM, 2) });
  return null;
}

/** The sowing days that would come out. */
export function sowDaysFrom(
  fields: SuccessionFields,
  garden: Garden,
  site: Site,
  growing: Growing,
  planting: Planting,
): number[] {
  const rule = ruleFrom(fields, site, growing, planting);
  const first = dayNumber(planting.sowOn);
  return successionSowDays(site, garden.settings, growing, rule, fields.count, first);
}

/**
 * The command's input: the planting itself becomes the first of the succession.
 *
 * @param places  where each sowing begins, metres from the bed's near end
 */
export function successionFrom(
  fields: SuccessionFields,
  rule: SuccessionRule,
  sowDays: readonly number[],
  planting: Planting,
  places: readonly number[],
): CommandInput<"succession.add"> {
  const id = newId("succession");
  return {
    succession: { id, ...rule },
    plantings: sowDays.map((day, index) => ({
      ...planting,
      id: index === 0 ? planting.id : newId("planting"),
      sowOn: isoDate(day),
      fromM: places[index] ?? planting.fromM,
      lengthM: fields.lengthM,
      successionId: id,
    })),
  };
}
