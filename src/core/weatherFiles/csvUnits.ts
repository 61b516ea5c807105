import type { HeadingUnit } from "./csvColumns";
import type { WeatherAnswers, WeatherQuestion } from "./reading";
import { fact, type Fact } from "../facts";

/** Highs that hardly a day in fifty exceeds anywhere people garden, °C. */
const PLAUSIBLE_HIGH_C = 49;
/** Highs that are too cold, day for day, for a place with a growing season, °C. */
const TOO_COLD_HIGH_C = 9;
const MM_PER_INCH = 25.4;
const TENTHS = 10;
/** Rain of a wet day that only millimetres, and not inches, can show. */
const PLAUSIBLE_WET_DAY_INCH = 3;

/** How the numbers of a table become °C and mm. */
export interface Units {
  /** The temperatures stand there in tenths of a degree. */
  inTenths: boolean;
  temperature: (value: number) => number;
  precipitation: (value: number) => number;
  questions: WeatherQuestion[];
  notes: Fact[];
}

/**
 * Finds the units of a table from its headings and its numbers, and asks where they disagree.
 *
 * @param highs all highs as they stand in the table
 */
export function unitsOf(
  highs: readonly number[],
  rains: readonly number[],
  headings: { temperatureUnit: HeadingUnit; precipitationUnit: HeadingUnit },
  answers: WeatherAnswers,
): Units {
  const notes: Fact[] = [];
  const known = sortedKnown(highs);
  const warm = at(known, 0.98);
  const whole = known.every((value) => Number.isInteger(value));
  // 312 can only be 31.2 °C; no thermometer outdoors shows it otherwise.
  const tenths =
    headings.temperatureUnit === "tenthsCelsius" || (whole && warm > 130 && at(known, 0.5) > 60);
  if (tenths) notes.push(fact("weatherFiles.theTemperaturesAreInTenthsOfA"));
  const scale = tenths ? 1 / TENTHS : 1;
  const { unit, question } = temperatureUnit(warm * scale, headings.temperatureUnit, answers);
  if (unit === "fahrenheit") notes.push(fact("weatherFiles.theTemperaturesAreReadAsFAndKeptAs"));

  const wet = at(
    sortedKnown(rains).filter((value) => value > 0),
    0.9,
  );
  const inches =
    headings.precipitationUnit === "inch" ||
    (headings.precipitationUnit === null && unit === "fahrenheit" && wet < PLAUSIBLE_WET_DAY_INCH);
  if (inches && rains.length > 0) notes.push(fact("weatherFiles.theRainIsReadAsInchesAndKeptAs"));
  const rainTenths = tenths && headings.precipitationUnit !== "mm" && !inches;
  return {
    inTenths: tenths,
    temperature:
      unit === "fahrenheit" ? (value) => (value * scale - 32) / 1.8 : (value) => value * scale,
    precipitation: inches
      ? (value) => value * MM_PER_INCH
      : rainTenths
        ? (value) => value / TENTHS
        : (value) => value,
    questions: question ? [question] : [],
    notes,
  };
}

function temperatureUnit(warm: number, named: HeadingUnit, answers: WeatherAnswers) {
  const said = named === "fahrenheit" ? "fahrenheit" : named === null ? null : "celsius";
  const inCelsius = (warm - 32) / 1.8;
  const looks =
    warm > PLAUSIBLE_HIGH_C
      ? "fahrenheit"
      : said === "fahrenheit" && inCelsius < TOO_COLD_HIGH_C
        ? "celsius"
        : (said ?? "celsius");
  const unit = answers.unit ?? looks;
  if (Number.isNaN(warm) || (looks === (said ?? "celsius") && warm <= PLAUSIBLE_HIGH_C)) {
    return { unit, question: null };
  }
  if (said === "fahrenheit" && looks === "fahrenheit") return { unit, question: null };
  const warmest = `${Math.round(warm)}`;
  const claim =
    said === null
      ? fact("weatherFiles.theTableDoesNotNameAUnit")
      : fact("weatherFiles.theHeadingSays", { said });
  const question: WeatherQuestion = {
    id: "unit",
    words:
      looks === "fahrenheit"
        ? fact("weatherFiles.butHighsOfAreNotCAnywhereAreTheyF", { claim, warmest })
        : fact("weatherFiles.butHighsThatHardlyPassFWouldMakeNo", { claim, warmest }),
    options: [
      { value: "celsius", label: fact("weatherFiles.celsius") },
      { value: "fahrenheit", label: fact("weatherFiles.fahrenheit") },
    ],
    assumed: unit,
  };
  return { unit, question };
}

function sortedKnown(values: readonly number[]): Float64Array {
  return Float64Array.from(values.filter((value) => !Number.isNaN(value))).sort();
}

function at(sorted: Float64Array, share: number): number {
  if (sorted.length === 0) return NaN;
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}
