import { celsius, fahrenheit } from "@/core/units";
import { nightUnder, type ShelterDay } from "@/core/shelter";
import { numberOption, optional, Refusal, required, type Arguments } from "../arguments";
import { coversFrom, dayOption, unitsFrom } from "../gardenInput";
import { UNITS_OPTION, type Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

export const night: Verb = {
  name: "night",
  usage: say.nightCoverListLatLDateDMinTMaxT,
  summary: say.aNightUnderNestedCoversByTheEnergy,
  positional: 0,
  options: [
    { name: "cover", takes: "value", help: say.coveringsFromTheOutsideInOrNone },
    { name: "lat", takes: "value", help: say.latitudeInDegreesNorthPositive },
    { name: "date", takes: "value", help: say.theDayWhoseMorningIsColdest },
    { name: "min", takes: "value", help: say.itsMinimumOutside },
    { name: "max", takes: "value", help: say.itsMaximumOutside },
    { name: "wind", takes: "value", help: say.meanWindMSDefault1 },
    { name: "cloud", takes: "value", help: say.shareOfTheSkyUnderCloud0To1Default },
    { name: "before", takes: "value", help: say.howMuchMilderTheDaysBeforeWere },
    UNITS_OPTION,
  ],
  run(given) {
    required(given, "cover");
    const imperial = unitsFrom(given) === "imperial";
    const told = (tempC: number) => tenth(imperial ? fahrenheit(tempC) : tempC);
    const found = nightUnder(coversFrom(given), {
      latitudeDeg: numberOption(required(given, "lat"), "lat", -90, 90),
      day: dayOption(given, "date"),
      milderBeforeC:
        numberOption(optional(given, "before") ?? "4", "before", -50, 50) / (imperial ? 1.8 : 1),
      ...weatherFrom(given, imperial),
    });
    const { outside, spaces, crop } = found;
    const extremes = ({ minC, maxC }: { minC: number; maxC: number }) => ({
      minC: told(minC),
      maxC: told(maxC),
    });
    return {
      json: {
        outside: extremes(outside),
        spaces: spaces.map((space) => ({ name: space.name, ...extremes(space) })),
        crop: { ...extremes(crop), gainC: tenth(crop.gainC * (imperial ? 1.8 : 1)) },
        soil5cm: { minC: told(found.soil5cmMinC) },
        lightShare: Math.round(found.lightShare * 1000) / 1000,
      },
    };
  },
};

function weatherFrom(given: Arguments, imperial: boolean): ShelterDay {
  const temperature = (name: string) => {
    const value = numberOption(required(given, name), name, -100, 150);
    const tempC = imperial ? celsius(value) : value;
    if (tempC < -70 || tempC > 60) {
      throw new Refusal(`--${name} is no weather: ${value} °${imperial ? "F" : "C"}.`);
    }
    return tempC;
  };
  const minTempC = temperature("min");
  const maxTempC = temperature("max");
  if (minTempC > maxTempC) throw new Refusal("--min is above --max: are the two swapped?");
  return {
    minTempC,
    maxTempC,
    windMps: numberOption(optional(given, "wind") ?? "1", "wind", 0, 60),
    cloudShare: numberOption(optional(given, "cloud") ?? "0", "cloud", 0, 1),
  };
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10 + 0;
}
