import { emergenceAt } from "@/core/crops";
import { required, Refusal, type Arguments } from "../arguments";
import { cropFrom, unitsFrom } from "../gardenInput";
import { celsius } from "@/core/units";
import { UNITS_OPTION, type Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

export const sprout: Verb = {
  name: "sprout",
  usage: say.sproutCropIdSoilT,
  summary: say.daysToEmergenceAndShareEmergedAtA,
  positional: 0,
  options: [
    { name: "crop", takes: "value", help: say.aCropsId },
    { name: "soil", takes: "value", help: say.soilTemperatureCFWithUnitsImperial },
    UNITS_OPTION,
  ],
  run(given) {
    const { crop } = cropFrom(given);
    const { days, share } = emergenceAt(crop, soilFrom(given));
    return {
      json: {
        days: days === null ? null : Math.round(days * 10) / 10,
        share: Math.round(share * 1000) / 1000,
      },
    };
  },
};

const SOILS_C = { coldest: -40, warmest: 70 };

function soilFrom(given: Arguments): number {
  const text = required(given, "soil");
  const value = text.trim() === "" ? NaN : Number(text);
  const soilC = unitsFrom(given) === "imperial" ? celsius(value) : value;
  if (!(soilC >= SOILS_C.coldest && soilC <= SOILS_C.warmest)) {
    throw new Refusal(`--soil should be a soil temperature like 12, not "${text}".`);
  }
  return soilC;
}
