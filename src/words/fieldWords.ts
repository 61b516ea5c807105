import { dayNumber, isIsoDate } from "@/core/calendar";
import { cropsOf, type EntityKind, type Garden } from "@/core/garden";
import { plantingName } from "@/core/plantings";
import { fieldNames, joining as say } from "./en/joining";
import type { LocalWording } from "./voice";

const LONGEST = 80;

/** What a field of a garden file is called; all of it where none is named. */
export function fieldName(field: string | null): string {
  if (field === null) return say.allOfIt;
  return (fieldNames as Record<string, string>)[field] ?? field;
}

/**
 * A value of a garden file as it is said, by its field: lengths, weights and dates as the garden has
 * them, ids by what they name.
 */
export function valueWords(
  garden: Garden,
  field: string | null,
  value: unknown,
  wording: LocalWording,
): string {
  if (value === undefined) return say.removed;
  if (value === null) return say.nothing;
  if (typeof value === "boolean") return value ? say.yes : say.no;
  if (typeof value === "number") return amountWords(field ?? "", value, wording);
  if (typeof value === "string") {
    if (isIsoDate(value)) return wording.date(dayNumber(value));
    return (nameOf(garden, field, value) ?? value).slice(0, LONGEST);
  }
  if (Array.isArray(value) && value.every((one) => typeof one === "string")) {
    return value.length === 0 ? say.nothing : wording.names(value).slice(0, LONGEST);
  }
  return nameIn(value) ?? say.itsOwnVersion;
}

function amountWords(field: string, value: number, wording: LocalWording): string {
  if (field.endsWith("Cm")) return wording.distanceCm(value);
  if (field.endsWith("M")) return wording.lengthM(value, 2);
  if (field.endsWith("C")) return wording.temperature(value);
  if (field === "grams" || field.endsWith("G")) return wording.weightG(value);
  return wording.number(value, 3);
}

function nameOf(garden: Garden, field: string | null, id: string): string | undefined {
  switch (field) {
    case "bedId":
      return garden.beds.get(id)?.name;
    case "shelterId":
      return garden.shelters.get(id)?.name;
    case "cropId":
      return cropsOf(garden).get(id)?.name;
    case "plantingId": {
      const planting = garden.plantings.get(id);
      return planting && plantingName(garden, planting);
    }
    default:
      return undefined;
  }
}

function nameIn(value: unknown): string | undefined {
  const { name } = (value ?? {}) as { name?: unknown };
  return typeof name === "string" && name !== "" ? name.slice(0, LONGEST) : undefined;
}

/** What an entity is called to growers: "Spinach, winter type", "Bed 3"; its id where it has no name. */
export function entityName(
  garden: Garden,
  kind: EntityKind,
  id: string,
  values: unknown[],
): string {
  const planting = kind === "planting" ? garden.plantings.get(id) : undefined;
  if (planting) {
    const bed = garden.beds.get(planting.bedId)?.name;
    return [plantingName(garden, planting), bed].filter(Boolean).join(", ");
  }
  const kept = { shelter: garden.shelters, bed: garden.beds, tray: garden.trays }[kind as "bed"];
  return kept?.get(id)?.name ?? values.map(nameIn).find(Boolean) ?? id;
}
