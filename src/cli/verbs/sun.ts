import { isoDate, seasonOf, type DayNumber } from "@/core/calendar";
import { coversOver, horizonOver } from "@/core/garden";
import { groundSun } from "@/core/schedule";
import { growingSpace } from "@/core/shelter";
import { extraterrestrialRadiationMJ, shortDays, sunDay } from "@/core/sky";
import { numberOption, optional, Refusal, required, type Arguments } from "../arguments";
import { dayOption, gardenFrom, siteFrom } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

const MAX_DAYS = 40_000;

export const sun: Verb = {
  name: "sun",
  usage: say.sunLatLLonLGardenFileBedIdFromDate,
  summary: say.dayLengthSunriseSunsetAndRadiation,
  positional: 0,
  options: [
    { name: "lat", takes: "value", help: say.latitudeInDegreesNorthPositive },
    { name: "lon", takes: "value", help: say.longitudeInDegreesEastPositive },
    { name: "garden", takes: "value", help: say.aGardenFileForItsPlaceAndSkylines },
    { name: "bed", takes: "value", help: say.aBedsIdInIt },
    { name: "from", takes: "value", help: say.firstDate },
    { name: "to", takes: "value", help: say.lastDate },
    { name: "short", takes: "value", help: say.hoursUnderWhichADayIsShortDefault },
  ],
  run(given) {
    const spot = given.options.has("garden") ? bedIn(given) : pointOnEarth(given);
    const shortH = numberOption(optional(given, "short") ?? "10", "short", 0, 24);
    const fromDay = dayOption(given, "from");
    const toDay = dayOption(given, "to");
    if (toDay < fromDay) throw new Refusal("--to lies before --from.");
    if (toDay - fromDay > MAX_DAYS)
      throw new Refusal(say.askForAtMostDaysAtOnce({ maxDays: MAX_DAYS }));
    const days = [];
    for (let day = fromDay; day <= toDay; day += 1) {
      days.push({
        date: isoDate(day),
        ...sunDay(spot.latitudeDeg, spot.longitudeDeg, day),
        raMJ: extraterrestrialRadiationMJ(spot.latitudeDeg, day),
        ...spot.onGround(day),
      });
    }
    const short = shortDays(spot.latitudeDeg, seasonOf(spot.latitudeDeg, fromDay), shortH);
    return {
      json: {
        days,
        shortDays: short && { from: isoDate(short.fromDay), to: isoDate(short.toDay) },
      },
    };
  },
};

/** Where the sun is asked for, and what of it reaches the ground there. */
interface Spot {
  latitudeDeg: number;
  longitudeDeg: number;
  onGround(day: DayNumber): object;
}

function pointOnEarth(given: Arguments): Spot {
  if (given.options.has("bed")) throw new Refusal("--bed needs --garden: a bed lies in a garden.");
  return {
    latitudeDeg: numberOption(required(given, "lat"), "lat", -90, 90),
    longitudeDeg: numberOption(optional(given, "lon") ?? "0", "lon", -180, 180),
    onGround: () => ({}),
  };
}

function bedIn(given: Arguments): Spot {
  for (const name of ["lat", "lon"]) {
    if (given.options.has(name)) {
      throw new Refusal(`--${name} is not needed with --garden: the garden has its place.`);
    }
  }
  const garden = gardenFrom(required(given, "garden"));
  const site = siteFrom(garden);
  const bedId = required(given, "bed");
  const bed = garden.beds.get(bedId);
  if (!bed) {
    const known = [...garden.beds.keys()].slice(0, 30).join(", ");
    throw new Refusal(say.thereIsNoBedInThisGardenKnown({ bedId, known }));
  }
  const horizon = horizonOver(garden, bed);
  const covers = coversOver(garden, bed);
  return {
    latitudeDeg: site.latitudeDeg,
    longitudeDeg: garden.place?.longitudeDeg ?? 0,
    onGround: (day) => ({
      ...groundSun(site, horizon, day),
      dliUnderCoversMol: growingSpace(site.climate, covers, horizon, day, 1).dliMol[0],
    }),
  };
}
