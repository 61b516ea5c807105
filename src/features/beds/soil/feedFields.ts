import { z } from "zod";
import type { FedThisYear } from "@/core/bedCare";
import { productProblem, USUAL_COMPOST_CM, type Feeding } from "@/core/soil";
import type { Bed } from "@/core/garden";
import { exactM, WHOLE_WIDTH, type Part } from "@/core/layout";
import { centimetres, feet, gramsPerM2, inches, metres, poundsPer, type Units } from "@/core/units";
import { maybeAmount } from "@/ui/forms";
import { GROUND_FIELDS, groundFieldsOf, partFrom, refineGround } from "@/ui/ground";
import { readTyped, readTypedLength } from "@/ui/inputs/index";
import { beds as say } from "@/words/en/beds";
import { feeding as feedingSay } from "@/words/en/feeding";
import { told } from "@/ui/wording";
import "@/words/en/facts/soil";
import { ui as uiSay } from "@/words/en/ui";

/** A feeding as its form holds it, all as typed. */
const FeedFieldsSchema = z.object({
  kind: z.enum(["compost", "fertiliser", "manure", "rawManure", "amendment", "carbon"]),
  /** Compost, in the grower's units. */
  depth: z.string(),
  name: z.string(),
  /** "5-3-2" */
  bag: z.string(),
  /** Nitrogen wanted, g/m². */
  nitrogen: z.string(),
  /** Of an amendment, g/m². */
  rate: z.string(),
  /** Of manure or carbon, kg/m². */
  weight: z.string(),
  /** Only a part of the bed gets it: from so far along it, so long, and so across it. */
  isPart: z.boolean(),
  from: maybeAmount,
  length: maybeAmount,
  ...GROUND_FIELDS,
});
export type FeedFields = z.infer<typeof FeedFieldsSchema>;

/** What may stand in the fields: what makes a feed, in the grower's units. */
export function feedFieldsSchema(units: Units) {
  return FeedFieldsSchema.superRefine((fields, context) => {
    const feed = feedFrom(fields, units);
    const [first] = fieldsOf(fields.kind, units);
    if (typeof feed === "string") {
      context.addIssue({ code: "custom", path: [first?.name ?? "kind"], message: feed });
    }
    if (!fields.isPart) return;
    refineGround(fields, context);
    if (fields.across === "cells") return;
    if (!(fields.from >= 0))
      context.addIssue({ code: "custom", path: ["from"], message: feedingSay.enterWhereItBegins });
    if (!(fields.length > 0))
      context.addIssue({ code: "custom", path: ["length"], message: feedingSay.enterItsLength });
  });
}

export const FEED_KINDS: Record<FeedFields["kind"], string> = {
  compost: say.compost,
  fertiliser: say.aFertilizerByItsNPK,
  manure: say.compostedManure,
  rawManure: say.rawManure,
  amendment: say.limeOrAnotherAmendment,
  carbon: say.strawOrDryLeaves,
};

/** The fields of a kind, with units where there are any. */
export function fieldsOf(kind: FeedFields["kind"], units: Units) {
  const imperial = units === "imperial";
  const nitrogen = imperial ? uiSay.lbPer1000SqFt : "g/m²";
  const small = imperial ? uiSay.lbPer100SqFt : "g/m²";
  const large = imperial ? uiSay.lbPer100SqFt : "kg/m²";
  const fields: Record<FeedFields["kind"], { name: keyof FeedFields; label: string }[]> = {
    compost: [{ name: "depth", label: imperial ? say.compostIn : say.compostCm }],
    fertiliser: [
      { name: "bag", label: say.bagNPK },
      { name: "nitrogen", label: say.nNeeded({ small: nitrogen }) },
      { name: "name", label: say.name },
    ],
    manure: [{ name: "weight", label: say.manure({ large }) }],
    rawManure: [{ name: "weight", label: say.manure({ large }) }],
    amendment: [
      { name: "name", label: say.name },
      { name: "rate", label: say.rate({ small }) },
    ],
    carbon: [{ name: "weight", label: say.dry({ large }) }],
  };
  return fields[kind];
}

/**
 * What the form begins with: a year's compost, more on a new bed, and the nitrogen that the bed's crops
 * want besides what it was given this year.
 */
export function usualFeedFields(
  units: Units,
  wantedGPerM2: number,
  { nitrogenGPerM2: givenGPerM2, isKeptUp }: FedThisYear,
  bed: Pick<Bed, "lengthM">,
): FeedFields {
  const compostCm = USUAL_COMPOST_CM[isKeptUp ? "keptUp" : "new"];
  const nitrogenGPerM2 = Math.max(0, wantedGPerM2 - Math.max(0, givenGPerM2));
  const imperial = units === "imperial";
  const tenth = (value: number) => String(Math.round(value * 10) / 10);
  return {
    kind: "compost",
    depth: tenth(imperial ? inches(compostCm) : compostCm),
    name: "",
    bag: "5-3-2",
    nitrogen: tenth(imperial ? poundsPer(1000, nitrogenGPerM2) : nitrogenGPerM2),
    rate: imperial ? "2" : "100",
    weight: imperial ? "60" : "3",
    isPart: false,
    from: 0,
    length: longFrom(bed.lengthM, units),
    ...groundFieldsOf(wholeOf(bed), units),
  };
}

/** Metres in the grower's long units, to the hundredth. */
export function longFrom(lengthM: number, units: Units): number {
  return Math.round((units === "imperial" ? feet(lengthM) : lengthM) * 100) / 100;
}

function wholeOf({ lengthM }: Pick<Bed, "lengthM">): Part {
  return { fromM: 0, lengthM, across: WHOLE_WIDTH };
}

/** The part of the bed that the fields say; null for all of it. */
export function fedPartFrom(
  fields: FeedFields,
  bed: Pick<Bed, "lengthM">,
  units: Units,
): Feeding["part"] {
  if (!fields.isPart) return null;
  const long = (typed: number) =>
    typed === longFrom(bed.lengthM, units)
      ? bed.lengthM
      : exactM(units === "imperial" ? metres(typed) : typed);
  const along = { fromM: long(fields.from), lengthM: long(fields.length) };
  return partFrom(fields, along, wholeOf(bed), units);
}

/** The feed that the fields say, or what is wrong with them in a sentence. */
export function feedFrom(fields: FeedFields, units: Units): Feeding["feed"] | string {
  const imperial = units === "imperial";
  const grams = (text: string, per: 100 | 1000) =>
    imperial ? gramsPerM2(readTyped(text), per) : readTyped(text);
  const kilograms = (text: string) => (imperial ? grams(text, 100) / 1000 : readTyped(text));
  switch (fields.kind) {
    case "compost": {
      const depth = readTypedLength(fields.depth, imperial ? "in" : "cm");
      const depthCm = imperial ? centimetres(depth) : depth;
      return depthCm > 0 ? { kind: "compost", depthCm } : say.enterACompostDepthAbove0;
    }
    case "fertiliser":
      return fertiliserFrom(fields, grams(fields.nitrogen, 1000));
    case "manure":
    case "rawManure": {
      const kgPerM2 = kilograms(fields.weight);
      if (!(kgPerM2 > 0)) return say.enterAManureRateAbove0;
      return { kind: "manure", raw: fields.kind === "rawManure", kgPerM2 };
    }
    case "amendment": {
      const gPerM2 = grams(fields.rate, 100);
      if (!(gPerM2 >= 0)) return say.enterARateOf0OrMore;
      const name = fields.name.trim();
      return name === ""
        ? say.enterWhatItIsSuchAsLimeOrRockDust
        : { kind: "amendment", name, gPerM2 };
    }
    case "carbon": {
      const kgPerM2 = kilograms(fields.weight);
      return kgPerM2 > 0 ? { kind: "carbon", kgPerM2 } : say.enterAWeightAbove0;
    }
  }
}

function fertiliserFrom(fields: FeedFields, nitrogenGPerM2: number): Feeding["feed"] | string {
  const numbers = fields.bag.split(/[-–\s/]+/).map(Number);
  const [n = NaN, p = NaN, k = NaN] = numbers;
  if (numbers.length !== 3 || [n, p, k].some(Number.isNaN)) {
    return say.enterTheBagsThreeNumbersLike532;
  }
  const product = { nitrogen: n / 100, phosphate: p / 100, potash: k / 100 };
  const problem = productProblem(product);
  if (problem) return told(problem);
  if (!(nitrogenGPerM2 >= 0)) return say.enterNitrogenOf0OrMore;
  const name = fields.name.trim() || "Fertiliser";
  return { kind: "fertiliser", name, ...product, nitrogenGPerM2 };
}
