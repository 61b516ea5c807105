import learningJson from "@data/learning.json";
import shelterJson from "@data/shelter.json";
import { civilDate, dayNumber } from "../calendar";
import { coversOver, isThermometerOff, ownNumberId, type Garden } from "../garden";
import type { Site } from "../growth";
import { measuredUnder, thermometerDaysOf } from "../plantings";
import type { LearnedNumber, Seen } from "./seen";

const { ownThermometer: PRIOR } = shelterJson;
const { z } = learningJson.confidence;

/** What thermometers under covers say of the nights there: degrees by which the balance is off. */
export function degreesLearned(site: Site, garden: Garden): LearnedNumber[] {
  const places = [
    ...[...garden.shelters.values()].map(({ id, name, covers }) => ({
      under: { kind: "shelter", id } as const,
      name,
      covers,
    })),
    ...[...garden.beds.values()].map((bed) => ({
      under: { kind: "bed", id: bed.id } as const,
      name: bed.name,
      covers: coversOver(garden, bed),
    })),
  ];
  return places.flatMap(({ under, name, covers }): LearnedNumber[] => {
    const days = covers.length === 0 ? [] : thermometerDaysOf(garden, under);
    if (days.length === 0) return [];
    const { pairs, nights, meanNightC, nightWeight, bias } = measuredUnder(
      site.latitudeDeg,
      covers,
      days,
    );
    const sd = PRIOR.priorNightC * Math.sqrt(1 - nightWeight);
    const id = ownNumberId("degrees", under);
    const taken = garden.ownNumbers.get(id) ?? null;
    const [low, high] = [bias.nightC - z * sd, bias.nightC + z * sd];
    const seen = pairs.map(({ on, insideMinC, reckonedMinC }): Seen => {
      const day = dayNumber(on);
      return {
        what: "degrees",
        plantingId: null,
        cropId: "",
        bedId: under.kind === "bed" ? under.id : "",
        name,
        place: name,
        year: civilDate(site.season(day).startDay).year,
        day,
        expected: reckonedMinC,
        came: insideMinC,
        value: insideMinC - reckonedMinC,
        sd: PRIOR.nightNoiseC,
        counts: 1,
      };
    });
    return [
      {
        id,
        what: "degrees",
        about: under,
        unit: "degrees",
        library: 0,
        own: meanNightC ?? 0,
        joined: bias.nightC,
        low,
        high,
        value: bias.nightC,
        valueLow: low,
        valueHigh: high,
        weight: nights > 0 ? nightWeight : 0,
        seen: seen.reverse(),
        taken,
        // A thermometer counts as soon as it hangs there, unless it is switched off.
        used:
          garden.settings.degreesSchool === "measured" &&
          !isThermometerOff(garden.ownNumbers, under),
      },
    ];
  });
}
