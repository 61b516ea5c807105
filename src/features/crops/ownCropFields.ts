import { z } from "zod";
import type { Crop, PacketBasis } from "@/core/crops";
import { celsius, centimetres, fahrenheit, inches, type Units } from "@/core/wording";
import { amount } from "@/ui/forms";

/** How a number of a crop is shown and typed. */
type Kind = "temperature" | "distance" | "percent" | "plain";

/** The values of a crop that growers know for their own: where they stand, what they are called. */
export const OWN_FIELDS = [
  { name: "minimumC", label: "Grows from", kind: "temperature" },
  { name: "optimumC", label: "Grows best at", kind: "temperature" },
  { name: "ceilingC", label: "Too hot over", kind: "temperature" },
  { name: "unhardenedLt50C", label: "Half die at, soft", kind: "temperature" },
  { name: "hardenedLt50C", label: "Half die at, hardened", kind: "temperature" },
  { name: "rowCm", label: "Rows apart", kind: "distance" },
  { name: "inRowCm", label: "In the row", kind: "distance" },
  { name: "depthCm", label: "Sown deep", kind: "distance" },
  { name: "seedsPerGram", label: "Seeds a gram", kind: "plain" },
  { name: "sproutShare", label: "Fresh seed sprouts", kind: "percent" },
  { name: "fieldShare", label: "Comes to stand", kind: "percent" },
  { name: "halfLifeYears", label: "Years to lose half", kind: "plain" },
  { name: "seedlingWeeks", label: "Weeks as a seedling", kind: "plain" },
  { name: "standingPacketDays", label: "Stands, packet days", kind: "plain" },
  { name: "yieldKgPerM2", label: "Gives, kg/m²", kind: "plain" },
] as const satisfies readonly { name: string; label: string; kind: Kind }[];

export type OwnFieldName = (typeof OWN_FIELDS)[number]["name"];

const amounts = Object.fromEntries(
  OWN_FIELDS.map(({ name, label }) => [name, amount(`${label}: give a number.`)]),
) as Record<OwnFieldName, ReturnType<typeof amount>>;

export const OwnFieldsSchema = z.object({
  ...amounts,
  name: z.string(),
  varietyName: z.string(),
  packetDays: amount("Give the days of the packet."),
  packetBasis: z.enum(["sowing", "emergence", "transplanting"]),
});

export type OwnFields = z.infer<typeof OwnFieldsSchema>;

/** From when a packet counts its days. */
export const PACKET_BASES: { value: PacketBasis; words: string }[] = [
  { value: "sowing", words: "sowing" },
  { value: "emergence", words: "emergence" },
  { value: "transplanting", words: "transplanting" },
];

/** What stands behind a number in its field. */
export function unitOf(kind: Kind, units: Units): string {
  const imperial = units === "imperial";
  if (kind === "temperature") return imperial ? "°F" : "°C";
  if (kind === "distance") return imperial ? "in" : "cm";
  return kind === "percent" ? "%" : "";
}

const tenth = (value: number) => Math.round(value * 10) / 10;

function shown(value: number, kind: Kind, units: Units): number {
  if (kind === "percent") return Math.round(value * 100);
  if (units === "metric" || kind === "plain") return value;
  return tenth(kind === "temperature" ? fahrenheit(value) : inches(value));
}

function kept(value: number, kind: Kind, units: Units): number {
  if (kind === "percent") return value / 100;
  if (units === "metric" || kind === "plain") return value;
  return kind === "temperature" ? celsius(value) : centimetres(value);
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
