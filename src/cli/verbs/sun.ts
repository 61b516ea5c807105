import { isoDate, seasonOf } from "@/core/calendar";
import { extraterrestrialRadiationMJ, shortDays, sunDay } from "@/core/sky";
import { numberOption, optional, Refusal, required } from "../arguments";
import { dayOption } from "../gardenInput";
import type { Verb } from "../verb";

const MAX_DAYS = 40_000;

export const sun: Verb = {
  name: "sun",
  usage: "sun --lat L [--lon L] --from DATE --to DATE [--short 10]",
  summary: "day length, sunrise, sunset and radiation outside the air, day by day",
  positional: 0,
  options: [
    { name: "lat", takes: "value", help: "latitude in degrees, north positive" },
    { name: "lon", takes: "value", help: "longitude in degrees, east positive (default 0)" },
    { name: "from", takes: "value", help: "first date" },
    { name: "to", takes: "value", help: "last date" },
    { name: "short", takes: "value", help: "hours under which a day is short (default 10)" },
  ],
  run(given) {
    const latitudeDeg = numberOption(required(given, "lat"), "lat", -90, 90);
    const longitudeDeg = numberOption(optional(given, "lon") ?? "0", "lon", -180, 180);
    const shortH = numberOption(optional(given, "short") ?? "10", "short", 0, 24);
    const fromDay = dayOption(given, "from");
    const toDay = dayOption(given, "to");
    if (toDay < fromDay) throw new Refusal("--to lies before --from.");
    if (toDay - fromDay > MAX_DAYS) throw new Refusal(`Ask for at most ${MAX_DAYS} days at once.`);
    const days = [];
    for (let day = fromDay; day <= toDay; day += 1) {
      days.push({
        date: isoDate(day),
        ...sunDay(latitudeDeg, longitudeDeg, day),
        raMJ: extraterrestrialRadiationMJ(latitudeDeg, day),
      });
    }
    const short = shortDays(latitudeDeg, seasonOf(latitudeDeg, fromDay), shortH);
    return {
      json: {
        days,
        shortDays: short && { from: isoDate(short.fromDay), to: isoDate(short.toDay) },
      },
    };
  },
};
