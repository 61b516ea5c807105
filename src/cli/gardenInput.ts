import { readFileSync, renameSync, writeFileSync } from "node:fs";
import { isIsoDate, dayNumber, type DayNumber } from "@/core/calendar";
import { cropLibrary, varietyOf, type Crop, type Variety } from "@/core/crops";
import { readGardenFile } from "@/core/formats";
import { cropsOf, type Garden } from "@/core/garden";
import { fromGardenFile } from "@/core/gardenFile";
import { siteOf } from "@/core/plantings";
import type { Growing } from "@/core/schedule";
import type { PlanSettings, Site } from "@/core/growth";
import { decoded } from "@/core/encoding";
import { materials } from "@/core/shelter";
import type { Units } from "@/core/units";
import { optional, Refusal, required, type Arguments } from "./arguments";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { cli as say } from "@/words/en/cli";

/** The text of a file, or a refusal that names it. */
export function readText(path: string): string {
  try {
    return decoded(readFileSync(path));
  } catch {
    throw new Refusal(say.cannotReadIsTheNameRight({ path }));
  }
}

const PROBLEMS_COUNTED = 1000;

/** A checked garden from a file. */
export function gardenFrom(path: string): Garden {
  const read = readGardenFile(readText(path), PROBLEMS_COUNTED);
  if (!read.ok) {
    const [first] = read.problems;
    const more =
      read.problems.length > 1 ? say.andMore({ problemsCount: read.problems.length - 1 }) : "";
    throw new Refusal(
      `${path}: ${first?.path ? `${first.path}: ` : ""}${first ? tell(first.message, plainWording()) : ""}${more}`,
    );
  }
  return fromGardenFile(read.file);
}

export function siteFrom(garden: Garden): Site {
  if (!garden.place) throw new Refusal(say.thisGardenHasNoPlaceYetSoNothing);
  return siteOf(garden.place, garden.record);
}

export function unitsFrom(given: Arguments): Units {
  const units = optional(given, "units") ?? "metric";
  if (units !== "metric" && units !== "imperial") {
    throw new Refusal(`--units should be metric or imperial, not "${units}".`);
  }
  return units;
}

export function dayOption(given: Arguments, name: string): DayNumber {
  const text = required(given, name);
  if (!isIsoDate(text)) {
    throw new Refusal(`--${name} should be a date like 2026-09-24, not "${text}".`);
  }
  return dayNumber(text);
}

export function cropFrom(
  given: Arguments,
  crops: ReadonlyMap<string, Crop> = cropLibrary,
): { crop: Crop; variety: Variety } {
  const id = required(given, "crop");
  const crop = crops.get(id);
  if (!crop) {
    throw new Refusal(say.thereIsNoCropKnown({ id, value: [...crops.keys()].join(", ") }));
  }
  const varietyId = optional(given, "variety");
  const variety = varietyOf(crop, varietyId);
  if (!variety) {
    const known = crop.varieties.map((one) => one.id).join(", ");
    throw new Refusal(`${crop.name} has no variety "${varietyId}". Known: ${known}.`);
  }
  return { crop, variety };
}

export function coversFrom(given: Arguments): string[] {
  const text = optional(given, "cover");
  if (text === undefined || text === "none") return [];
  return text.split(",").map((part) => {
    const id = part.trim();
    if (!materials.has(id)) {
      throw new Refusal(
        say.thereIsNoCoveringKnownNone({ id, value: [...materials.keys()].join(", ") }),
      );
    }
    return id;
  });
}

export function growingFrom(given: Arguments, garden: Garden): Growing {
  const { crop, variety } = cropFrom(given, cropsOf(garden));
  const transplant = given.options.has("transplant");
  if (transplant && crop.transplanting.tolerance === "never") {
    throw new Refusal(say.doesNotStandBeingTransplantedLeave({ crop: crop.name }));
  }
  return {
    crop,
    variety,
    method: transplant ? "transplant" : "direct",
    stage: "full",
    covers: coversFrom(given),
    horizon: garden.place?.horizon ?? [],
  };
}

export function planSettingsFrom(given: Arguments, garden: Garden): PlanSettings {
  const school = optional(given, "school") ?? garden.settings.school;
  if (school !== "growth" && school !== "calendar" && school !== "tenhour") {
    throw new Refusal(`--school should be growth, calendar or tenhour, not "${school}".`);
  }
  return { ...garden.settings, school };
}

/** The day that is asked for, else the garden's own today, else the calendar's. */
export function todayFrom(given: Arguments, garden: Garden): DayNumber {
  if (optional(given, "on") !== undefined) return dayOption(given, "on");
  return dayNumber(garden.head.today ?? new Date().toISOString().slice(0, 10));
}

/** Writes a file whole or not at all: a half-written garden is none. */
export function writeWhole(path: string, text: string): void {
  const beside = `${path}.part`;
  try {
    writeFileSync(beside, text);
    renameSync(beside, path);
  } catch {
    throw new Refusal(say.cannotWrite({ path }));
  }
}
