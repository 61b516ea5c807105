import { z } from "zod";
import { DAYS_PER_WEEK, dayNumber, isoDate } from "@/core/calendar";
import type { Container } from "@/core/containers";
import type { Crop } from "@/core/crops";
import type { Planting } from "@/core/garden";
import { seedlingDays, usualBoughtAgeDays } from "@/core/growth";
import { exactM } from "@/core/layout";
import { centimetres, feet, inches, metres, type Units } from "@/core/units";
import { amount, maybeAmount } from "@/ui/forms";
import { GROUND_FIELDS, groundFieldsOf, partFrom, refineGround } from "@/ui/ground";
import { planting as say } from "@/words/en/planting";

const FIELDS = {
  varietyId: z.string(),
  bedId: z.string(),
  method: z.enum(["direct", "transplant", "bought"]),
  stage: z.enum(["full", "baby"]),
  /** Where along the bed it begins. */
  from: amount(say.enterWhereItStartsAlongTheBed0Is),
  length: amount(say.enterTheLengthOfBedItTakes),
  row: amount(say.enterTheDistanceBetweenRows),
  inRow: amount(say.enterTheDistanceBetweenPlantsInThe),
  arrangement: z.enum(["rows", "offset", "pots"]),
  /** Diameter of the pots; only of use where there are some. */
  pot: amount(say.enterTheWidthOfThePots),
  plantsPerStation: amount(say.enterThePlantsPerStation1IsUsual),
  spacingFactor: amount(say.enterAMultipleOfTheUsualSpacing1Is),
  /** Nothing sows for the usual losses. */
  seedsPerHole: maybeAmount,
  /** Age of bought plants when they are set out, weeks. */
  ageWeeks: maybeAmount,
  /** What is sown with it; each share in per cent of the plants. */
  kinds: z.array(
    z.object({
      cropId: z.string().min(1, say.chooseTheKind),
      varietyId: z.string(),
      share: amount(say.enterTheShare).gt(0, say.enterTheShare).lt(100, say.enterTheShare),
    }),
  ),
  kindsAs: z.enum(["mixed", "alternating"]),
  ...GROUND_FIELDS,
  /** In containers: from which on, and how many of them. */
  firstOf: maybeAmount,
  howMany: maybeAmount,
};
/** A planting as the edit form holds it, lengths in the grower's units. */
export const EditFieldsSchema = z.object(FIELDS).superRefine(refineGround);

export type EditFields = z.infer<typeof EditFieldsSchema>;

const USUAL_POT_CM = 15;

export function editFieldsOf(
  planting: Planting,
  units: Units,
  crop: Crop,
  container?: Container,
): EditFields {
  const imperial = units === "imperial";
  const { varietyId, bedId, method, stage } = planting;
  return {
    varietyId,
    bedId,
    method: planting.bought ? "bought" : method,
    stage,
    from: rounded(imperial ? feet(planting.fromM) : planting.fromM),
    length: rounded(imperial ? feet(planting.lengthM) : planting.lengthM),
    row: rounded(imperial ? inches(planting.rowCm) : planting.rowCm),
    inRow: rounded(imperial ? inches(planting.inRowCm) : planting.inRowCm),
    arrangement: planting.arrangement,
    pot: rounded(
      imperial ? inches(planting.potCm ?? USUAL_POT_CM) : (planting.potCm ?? USUAL_POT_CM),
    ),
    plantsPerStation: planting.plantsPerStation,
    spacingFactor: planting.spacingFactor,
    seedsPerHole: planting.seedsPerHole ?? NaN,
    kinds: (planting.mix?.parts ?? []).map((part) => ({
      cropId: part.cropId,
      varietyId: part.varietyId,
      share: rounded(part.share * 100),
    })),
    kindsAs: planting.mix?.as ?? "mixed",
    ageWeeks: weeksOf(planting.bought?.ageDays ?? usualBoughtAgeDays(crop)),
    ...groundFieldsOf(planting, units),
    firstOf: container ? Math.round(planting.fromM / container.eachM) + 1 : 1,
    howMany: container ? Math.round(planting.lengthM / container.eachM) : 1,
  };
}

/** Seeds for each hole, or null for the usual losses; plants that are bought have none. */
function seedsFrom({ method, seedsPerHole }: EditFields): number | null {
  return method === "bought" || Number.isNaN(seedsPerHole) ? null : seedsPerHole;
}

/** The age of bought plants that is typed, in days; one that was not touched is kept exactly. */
function ageDaysFrom({ ageWeeks }: EditFields, { bought }: Planting): number {
  if (bought && ageWeeks === weeksOf(bought.ageDays)) return bought.ageDays;
  return Math.round(ageWeeks * DAYS_PER_WEEK);
}

const weeksOf = (days: number) => Math.round(days / DAYS_PER_WEEK);

/** Nobody sells older ones; what is typed beyond is refused when it is saved. */
const OLDEST_DAYS = 365;

/**
 * The sowing day that keeps the day on which plants come into the bed, where they are bought from now
 * on, or no more, or at another age.
 */
function movedSowing(fields: EditFields, planting: Planting, crop: Crop) {
  if (fields.method !== "bought" && !planting.bought) return {};
  const raisedDays = planting.method === "transplant" ? seedlingDays(crop) : 0;
  const bedDay = dayNumber(planting.sowOn) + (planting.bought?.ageDays ?? raisedDays);
  const beforeDays = {
    bought: ageDaysFrom(fields, planting),
    transplant: seedlingDays(crop),
    direct: 0,
  }[fields.method];
  const isAge = beforeDays >= 0 && beforeDays <= OLDEST_DAYS;
  return isAge ? { sowOn: isoDate(bedDay - beforeDays) } : {};
}

/**
 * What the fields change in a planting. A length that was not touched keeps its exact value: what is
 * shown in feet and inches is rounded.
 */
export function plantingChangesFrom(
  fields: EditFields,
  planting: Planting,
  units: Units,
  crop: Crop,
  /** Of the bed that is chosen. */
  container?: Container,
): Partial<Planting> {
  const shown = editFieldsOf(planting, units, crop);
  const { varietyId, bedId, stage } = fields;
  const isBought = fields.method === "bought";
  const imperial = units === "imperial";
  const long = (value: number) => exactM(imperial ? metres(value) : value);
  const short = (value: number) => (imperial ? centimetres(value) : value);
  const exact = (typed: number, before: number, kept: number, metric: (value: number) => number) =>
    typed === before ? kept : metric(typed);
  return {
    varietyId,
    bedId,
    method: fields.method === "direct" ? "direct" : "transplant",
    bought: isBought ? { ageDays: ageDaysFrom(fields, planting) } : null,
    ...movedSowing(fields, planting, crop),
    seedsPerHole: seedsFrom(fields),
    stage,
    ...partFrom(
      fields,
      container
        ? {
            fromM: exactM((fields.firstOf - 1) * container.eachM),
            lengthM: exactM(fields.howMany * container.eachM),
          }
        : {
            fromM: exact(fields.from, shown.from, planting.fromM, long),
            lengthM: exact(fields.length, shown.length, planting.lengthM, long),
          },
      planting,
      units,
    ),
    rowCm: exact(fields.row, shown.row, planting.rowCm, short),
    inRowCm: exact(fields.inRow, shown.inRow, planting.inRowCm, short),
    arrangement: fields.arrangement,
    potCm:
      fields.arrangement === "pots"
        ? exact(fields.pot, shown.pot, planting.potCm ?? USUAL_POT_CM, short)
        : null,
    plantsPerStation: fields.plantsPerStation,
    spacingFactor: fields.spacingFactor,
    mix:
      fields.kinds.length === 0
        ? null
        : {
            as: fields.kindsAs,
            parts: fields.kinds.map((kind, index) => ({
              cropId: kind.cropId,
              varietyId: kind.varietyId,
              share: exact(
                kind.share,
                shown.kinds[index]?.share ?? NaN,
                planting.mix?.parts[index]?.share ?? NaN,
                (percent) => percent / 100,
              ),
            })),
          },
  };
}

function rounded(value: number): number {
  return Math.round(value * 100) / 100;
}
