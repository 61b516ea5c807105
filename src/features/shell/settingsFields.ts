import { z } from "zod";
import type { Settings } from "@/core/garden";
import { chanceWords } from "@/core/wording";
import { amount } from "@/ui/forms";

/** The settings as their form holds them; what is no good is told by the garden itself. */
export const SettingsFieldsSchema = z.object({
  units: z.string(),
  school: z.string(),
  degreesSchool: z.string(),
  /** A share, as a text: it is chosen from a few. */
  frostRisk: z.string(),
  soilSchool: z.string(),
  shortDayHours: amount("Say under how many hours a day is short: 10 is usual."),
  fallAdditionDays: amount("Say how many days are added in fall: 14 is usual."),
  /** In percent. */
  grownBeforeShortDays: amount("Say how much is grown by then, in percent: 75 is usual."),
  rotationYears: amount("Say how many years a family stays away from a bed: 0 is none."),
  /** Empty where there is none. */
  stationUrl: z.string(),
});

export type SettingsFields = z.infer<typeof SettingsFieldsSchema>;

export function settingsFieldsOf(settings: Settings): SettingsFields {
  return {
    ...settings,
    frostRisk: String(settings.frostRisk),
    grownBeforeShortDays: Math.round(settings.grownBeforeShortDays * 1e6) / 1e4,
    stationUrl: settings.stationUrl ?? "",
  };
}

/** What a field changes in the settings. */
export function changeFrom(
  name: keyof SettingsFields,
  fields: SettingsFields,
): Record<string, string | number | null> {
  switch (name) {
    case "frostRisk":
      return { frostRisk: Number(fields.frostRisk) };
    case "grownBeforeShortDays":
      return { grownBeforeShortDays: fields.grownBeforeShortDays / 100 };
    case "stationUrl":
      return { stationUrl: fields.stationUrl.trim() || null };
    default:
      return { [name]: fields[name] };
  }
}

const RISKS = [
  { value: 0.1, words: "1 year in 10: careful" },
  { value: 0.2, words: "1 year in 5" },
  { value: 1 / 3, words: "1 year in 3" },
  { value: 0.5, words: "1 year in 2: bold" },
];

/** The risks to choose from, with the garden's own first where it is none of them. */
export function riskChoices(own: number): { value: string; words: string }[] {
  const known = RISKS.map(({ value, words }) => ({
    value: Math.abs(value - own) < 1e-6 ? String(own) : String(value),
    words,
  }));
  return known.some(({ value }) => value === String(own))
    ? known
    : [{ value: String(own), words: chanceWords(own) }, ...known];
}
