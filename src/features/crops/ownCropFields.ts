import { z } from "zod";
import type { Crop, PacketBasis } from "@/core/crops";
import {
  celsius,
  centimetres,
  fahrenheit,
  gramsPerM2,
  inches,
  ounces,
  poundsPer,
  type Units,
} from "@/core/units";
import { amount } from "@/ui/forms";
import { crops as say } from "@/words/en/crops";
import { ui as uiSay } from "@/words/en/ui";

/** How a number of a crop is shown and typed. */
type Kind = "temperature" | "distance" | "percent" | "perWeight" | "yield" | "plain";

/** The values of a crop that growers know for their own: where they stand, what they are called. */
export const OWN_FIELDS = [
  { name: "minimumC", label: say.minimumTemperature, kind: "temperature" },
  { name: "optimumC", label: say.bestTemperature, kind: "temperature" },
  { name: "ceilingC", label: say.maximumTemperature, kind: "temperature" },
  { name: "unhardenedLt50C", label: say.lt50BeforeHardening, kind: "temperature" },
  { name: "hardenedLt50C", label: say.lt50Hardened2, kind: "temperature" },
  { name: "rowCm", label: say.betweenRows, kind: "distance" },
  { name: "inRowCm", label: say.inTheRow, kind: "distance" },
  { name: "depthCm", label: say.sowingDepth, kind: "distance" },
  { name: "seedsPerGram", label: say.seedsByWeight, kind: "perWeight" },
  { name: "sproutShare", label: say.germinationFreshSeed, kind: "percent" },
  { name: "fieldShare", label: say.fieldEmergence, kind: "percent" },
  { name: "halfLifeYears", label: say.seedLifeHalfYears, kind: "plain" },
  { name: "seedlingWeeks", label: say.weeksAsASeedling, kind: "plain" },
  { name: "standingPacketDays", label: say.holdsPacketDays, kind: "plain" },
  { name: "yieldKgPerM2", label: say.gives, kind: "yield" },
] as const satisfies readonly { name: string; label: string; kind: Kind }[];

export type OwnFieldName = (typeof OWN_FIELDS)[number]["name"];

const amounts = Object.fromEntries(
  OWN_FIELDS.map(({ name, label }) => [name, amount(say.enterANumber({ label }))]),
) as Record<OwnFieldName, ReturnType<typeof amount>>;

export const OwnFieldsSchema = z.object({
  ...amounts,
  name: z.string(),
  varietyName: z.string(),
  packetDays: amount(say.enterTheDaysOnThePacket),
  packetBasis: z.enum(["sowing", "emergence", "transplanting"]),
});

export type OwnFields = z.infer<typeof OwnFieldsSchema>;

/** From when a packet counts its days. */
export const PACKET_BASES: { value: PacketBasis; words: string }[] = [
  { value: "sowing", words: say.sowing2 },
  { value: "emergence", words: say.emergence },
  { value: "transplanting", words: say.transplanting },
];

/** What stands behind a number in its field. */
export function unitOf(kind: Kind, units: Units): string {
  const imperial = units === "imperial";
  if (kind === "temperature") return imperial ? "°F" : "°C";
  if (kind === "distance") return imperial ? "in" : "cm";
  if (kind === "perWeight") return imperial ? say.perOz : say.perGram;
  if (kind === "yield") return imperial ? uiSay.lbPer100SqFt : "kg/m²";
  return kind === "percent" ? "%" : "";
}

const tenth = (value: number) => Math.round(value * 10) / 10;

function shown(value: number, kind: Kind, units: Units): number {
  if (kind === "percent") return Math.round(value * 100);
  if (units === "metric" || kind === "plain") return value;
  switch (kind) {
    case "temperature":
      return tenth(fahrenheit(value));
    case "distance":
      return tenth(inches(value));
    case "perWeight":
      return Math.round(value / ounces(1));
    case "yield":
      return tenth(poundsPer(100, value * 1000));
  }
}

function kept(value: number, kind: Kind, units: Units): number {
  if (kind === "percent") return value / 100;
  if (units === "metric" || kind === "plain") return value;
  switch (kind) {
    case "temperature":
      return celsius(value);
    case "distance":
      return centimetres(value);
    case "perWeight":
      return value * ounces(1);
    case "yield":
      return gramsPerM2(value, 100) / 1000;
  }
}

const valuesOf = (crop: Crop): Record<OwnFieldName, number> => ({
  ...crop.temperature,
  unhardenedLt50C: crop.hardiness.unhardenedLt50C,
  hardenedLt50C: crop.hardiness.hardenedLt50C,
  rowCm: crop.spacing.rowCm,
  inRowCm: crop.spacing.inRowCm,
  depthCm: crop.sowing.depthCm,
  seedsPerGram: crop.sowing.seedsPerGram,
  sproutShare: crop.sowing.sproutShare,
  fieldShare: crop.sowing.fieldShare,
  halfLifeYears: crop.sowing.halfLifeYears,
  seedlingWeeks: crop.transplanting.seedlingWeeks,
  standingPacketDays: crop.harvest.standingPacketDays,
  yieldKgPerM2: crop.harvest.yieldKgPerM2,
});

/** A crop as the form holds it, in the grower's units. */
export function ownFieldsOf(crop: Crop, name: string, units: Units): OwnFields {
  const values = valuesOf(crop);
  const [variety] = crop.varieties;
  return {
    ...(Object.fromEntries(
      OWN_FIELDS.map((field) => [field.name, shown(values[field.name], field.kind, units)]),
    ) as Record<OwnFieldName, number>),
    name,
    varietyName: variety?.name ?? "",
    packetDays: variety?.packetDays ?? NaN,
    packetBasis: variety?.packetBasis ?? "sowing",
  };
}

/** The crop the fields say: the one it was copied from with what was changed. */
export function ownCropFrom(fields: OwnFields, from: Crop, id: string, units: Units): Crop {
  const before = valuesOf(from);
  const value = (name: OwnFieldName) => {
    const field = OWN_FIELDS.find((one) => one.name === name);
    const kind = field?.kind ?? "plain";
    // What was not touched keeps its exact value: the shown one is rounded.
    return fields[name] === shown(before[name], kind, units)
      ? before[name]
      : kept(fields[name], kind, units);
  };
  const [first, ...others] = from.varieties;
  return {
    ...from,
    id,
    name: fields.name,
    temperature: {
      minimumC: value("minimumC"),
      optimumC: value("optimumC"),
      ceilingC: value("ceilingC"),
    },
    hardiness: {
      ...from.hardiness,
      unhardenedLt50C: value("unhardenedLt50C"),
      hardenedLt50C: value("hardenedLt50C"),
    },
    varieties: first
      ? [
          {
            ...first,
            name: fields.varietyName,
            packetDays: fields.packetDays,
            packetBasis: fields.packetBasis,
          },
          ...others,
        ]
      : [],
    spacing: { ...from.spacing, rowCm: value("rowCm"), inRowCm: value("inRowCm") },
    sowing: {
      ...from.sowing,
      depthCm: value("depthCm"),
      seedsPerGram: value("seedsPerGram"),
      sproutShare: value("sproutShare"),
      fieldShare: value("fieldShare"),
      halfLifeYears: value("halfLifeYears"),
    },
    transplanting: { ...from.transplanting, seedlingWeeks: value("seedlingWeeks") },
    harvest: {
      ...from.harvest,
      standingPacketDays: value("standingPacketDays"),
      yieldKgPerM2: value("yieldKgPerM2"),
    },
  };
}
