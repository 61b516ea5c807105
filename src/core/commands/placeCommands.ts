import * as z from "zod";
import { WeatherRecordSchema } from "../climate";
import { HorizonSchema } from "../sky";
import { type Change, KeptOutlookSchema, PlaceSchema } from "../garden";
import { placeProblems } from "../gardenFile";
import { change, command, refuse } from "./command";
import { fact } from "../facts";

export const setPlace = command({
  name: "place.set",
  label: () => fact("commands.locationChange"),
  input: PlaceSchema,
  run(garden, place) {
    const [problem] = placeProblems("place", place, garden.record !== null);
    if (problem) return refuse(problem.message, problem.path);
    return change({ kind: "place", id: "place", before: garden.place, after: place });
  },
});

export const setRecord = command({
  name: "record.set",
  label: ({ station }) => fact("commands.importing", { station }),
  input: WeatherRecordSchema,
  run(garden, record) {
    const changes: Change[] = [
      { kind: "record", id: "record", before: garden.record, after: record },
    ];
    const { place } = garden;
    // Who reads in a record wants to go by it.
    if (place && place.climateFrom !== "record") {
      const after = { ...place, climateFrom: "record" as const };
      changes.push({ kind: "place", id: "place", before: place, after });
    }
    return change(...changes);
  },
});

export const removeRecord = command({
  name: "record.remove",
  label: () => fact("commands.removingTheRecord"),
  input: z.object({}),
  run(garden) {
    const { place, record } = garden;
    if (!record) return refuse(fact("commands.thereIsNoRecordToRemove"));
    const changes: Change[] = [{ kind: "record", id: "record", before: record, after: null }];
    if (place?.climateFrom === "record") {
      if (!place.climate) {
        return refuse(fact("commands.enterAverageTemperaturesFirst"));
      }
      const after = { ...place, climateFrom: "sketch" as const };
      changes.push({ kind: "place", id: "place", before: place, after });
    }
    return change(...changes);
  },
});

export const setHorizon = command({
  name: "horizon.set",
  label: ({ bedId }, garden) =>
    bedId === null
      ? fact("commands.skylineChange")
      : fact("commands.skylineOf", { bed: garden.beds.get(bedId)?.name, bedId }),
  input: z.object({
    /** Null for the whole garden. */
    bedId: z.string().nullable(),
    /** Null gives a bed the garden's again. */
    horizon: HorizonSchema.nullable(),
  }),
  run(garden, { bedId, horizon }) {
    if (bedId !== null) {
      const bed = garden.beds.get(bedId);
      if (!bed) return refuse(fact("commands.thisBedIsNoLongerInTheGarden"), "bedId");
      return change({ kind: "bed", id: bedId, before: bed, after: { ...bed, horizon } });
    }
    const { place } = garden;
    if (!place) return refuse(fact("commands.setYourLocationFirst"));
    const after = { ...place, horizon: horizon ?? [] };
    return change({ kind: "place", id: "place", before: place, after });
  },
});

/** What a station sends by itself; what the grower types or reads in is `outlook.set`. */
export const receiveOutlook = command({
  name: "outlook.receive",
  label: () => fact("commands.theForecast"),
  input: KeptOutlookSchema,
  quiet: true,
  run: (garden, outlook) =>
    change({ kind: "outlook", id: "outlook", before: garden.outlook, after: outlook }),
});

export const setOutlook = command({
  name: "outlook.set",
  label: ({ outlook }) => fact("commands.theForecast2", { source: outlook.source }),
  input: KeptOutlookSchema,
  run: (garden, outlook) =>
    change({ kind: "outlook", id: "outlook", before: garden.outlook, after: outlook }),
});
