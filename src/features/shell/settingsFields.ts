import { z } from "zod";
import type { Settings } from "@/core/garden";
import { chanceWords } from "@/words";
import { amount } from "@/ui/forms";
import { settings as say } from "@/words/en/settings";

/** The settings as their form holds them; what is no good is told by the garden itself. */
export const SettingsFieldsSchema = z.object({
  units: z.string(),
  school: z.string(),
  degreesSchool: z.string(),
  /** A share, as a text: it is chosen from a few. */
  frostRisk: z.string(),
  soilSchool: z.string(),
  shortDayHours: amount(say.enterTheHoursUnderWhichADayIsShort),
  fallAdditionDays: amount(say.enterTheDaysAddedInFall14IsUsual),
  /** In percent. */
  grownBeforeShortDays: amount(say.enterHowMuchIsGrownByThenInPercent),
  rotationYears: amount(say.enterTheYearsBetweenCropsOfOne),
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
  { value: 0.1, words: say.n1YearIn10Careful },
  { value: 0.2, words: say.n1YearIn5 },
  { value: 1 / 3, words: say.n1YearIn3 },
  { value: 0.5, words: say.n1YearIn2Bold },
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
