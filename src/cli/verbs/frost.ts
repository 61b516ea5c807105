import {
  FROST_THRESHOLDS_C,
  frostRecord,
  looksSouthern,
  monthDayOfPlace,
  FEW_SEASONS,
} from "@/core/climate";
import { readWeather, type WeatherAnswers, type WeatherReading } from "@/core/weatherFiles";
import { celsius, fahrenheit } from "@/core/units";
import { optional, Refusal, type Arguments } from "../arguments";
import { readText, unitsFrom } from "../gardenInput";
import { UNITS_OPTION, type Verb } from "../verb";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { cli as say } from "@/words/en/cli";

const SHARES = { p10: 0.1, p20: 0.2, p50: 0.5, p80: 0.8, p90: 0.9 } as const;
/** Any place north or south: only the hemisphere matters to where midsummer lies. */
const NORTH_DEG = 45;

export const frost: Verb = {
  name: "frost",
  usage: say.frostFileAt02244UnitCFOrderDay,
  summary: say.oddsOfFirstAndLastFrostFromADaily,
  positional: 1,
  options: [
    { name: "at", takes: "value", help: say.thresholdsCApartByCommasDefault022 },
    { name: "unit", takes: "value", help: say.cOrFWhereTheTableDoesNotTell },
    { name: "order", takes: "value", help: say.dayOrMonthWhichComesFirstInDates },
    UNITS_OPTION,
  ],
  run(given) {
    const path = given.positional[0] ?? "";
    const imperial = unitsFrom(given) === "imperial";
    const thresholds = thresholdsFrom(given, imperial);
    const answers = answersFrom(given);
    const reading = readWeather(readText(path), answers);
    if (!reading.record)
      throw new Refusal(`${path}: ${tell(reading.problem ?? "", plainWording())}`);
    const latitudeDeg = looksSouthern(reading.record) ? -NORTH_DEG : NORTH_DEG;
    const frosts = frostRecord(reading.record, latitudeDeg);
    const date = (place: number | null) =>
      place === null ? null : monthDayOfPlace(latitudeDeg, place);
    const each = (dayAt: (share: number) => number | null) =>
      Object.fromEntries(Object.entries(SHARES).map(([name, share]) => [name, date(dayAt(share))]));
    return {
      json: {
        ...(reading.station === null ? {} : { place: { station: reading.station } }),
        thresholds: thresholds.map((atC) => ({
          ...(imperial ? { atF: tenth(fahrenheit(atC)) } : {}),
          atC: tenth(atC),
          first: each((share) => frosts.first(atC).dayAt(share)),
          last: each((share) => frosts.last(atC).dayAfterWhichNone(share)),
          seasons: frosts.seasons.length,
          dropped: [...frosts.dropped],
        })),
        warnings: warnings(reading, answers, frosts.seasons.length),
      },
    };
  },
};

function thresholdsFrom(given: Arguments, imperial: boolean): number[] {
  const text = optional(given, "at");
  if (text === undefined) return Object.values(FROST_THRESHOLDS_C);
  return text.split(",").map((part) => {
    const value = part.trim() === "" ? NaN : Number(part);
    if (Number.isNaN(value) || Math.abs(value) > 150) {
      throw new Refusal(`--at should be temperatures apart by commas, like 0,-2.2, not "${text}".`);
    }
    return imperial ? celsius(value) : value;
  });
}

function answersFrom(given: Arguments): WeatherAnswers {
  const unit = optional(given, "unit");
  if (unit !== undefined && unit !== "C" && unit !== "F") {
    throw new Refusal(`--unit should be C or F, not "${unit}".`);
  }
  const order = optional(given, "order");
  if (order !== undefined && order !== "day" && order !== "month") {
    throw new Refusal(`--order should be day or month, not "${order}".`);
  }
  return {
    ...(unit === undefined ? {} : { unit: unit === "F" ? "fahrenheit" : "celsius" }),
    ...(order === undefined ? {} : { dateOrder: order === "day" ? "dayFirst" : "monthFirst" }),
  };
}

function warnings(reading: WeatherReading, answers: WeatherAnswers, seasons: number): string[] {
  const wording = plainWording();
  const open = reading.questions.filter(({ id }) => answers[id] === undefined);
  const asked = open.map(({ id, words, assumed }) =>
    say.takenAsSayOtherwise({ tell: tell(words, wording), assumed, isUnit: id === "unit" }),
  );
  const left = reading.left.map(({ reason, count, lines }) =>
    say.leftOutLines({
      count,
      tell: tell(reason, wording),
      lines: lines.join(", "),
      isCount: count > lines.length,
    }),
  );
  const few =
    seasons === 0
      ? [say.noSeasonIsCompleteFromMidsummerTo]
      : seasons < FEW_SEASONS
        ? [say.onlyCompleteSeasonTheOddsAre({ seasons })]
        : [];
  return [...few, ...asked, ...left, ...reading.notes.map((note) => tell(note, wording))];
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10 + 0;
}
