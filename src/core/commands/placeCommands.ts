import * as z from "zod";
import { WeatherRecordSchema } from "../climate";
import { HorizonSchema } from "../sky";
import { type Change, KeptOutlookSchema, PlaceSchema } from "../garden";
import { placeProblems } from "../gardenFile";
import { change, command, refuse } from "./command";

export const setPlace = command({
  name: "place.set",
  label: () => "location change",
  input: PlaceSchema,
  run(garden, place) {
    const [problem] = placeProblems("place", place, garden.record !== null);
    if (problem) return refuse(problem.message, problem.path);
    return change({ kind: "place", id: "place", before: garden.place, after: place });
  },
});

export const setRecord = command({
  name: "record.set",
  label: ({ station }) => `importing ${station}`,
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
  label: () => "removing the record",
  input: z.object({}),
  run(garden) {
    const { place, record } = garden;
    if (!record) return refuse("There is no record to remove.");
    const changes: Change[] = [{ kind: "record", id: "record", before: record, after: null }];
    if (place?.climateFrom === "record") {
      if (!place.climate) {
        return refuse(
          "Enter average temperatures first: without the record there is no climate data.",
        );
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
    bedId === null ? "skyline change" : `skyline of ${garden.beds.get(bedId)?.name ?? bedId}`,
  input: z.object({
    /** Null for the whole garden. */
    bedId: z.string().nullable(),
    /** Null gives a bed the garden's again. */
    horizon: HorizonSchema.nullable(),
  }),
  run(garden, { bedId, horizon }) {
    if (bedId !== null) {
      const bed = garden.beds.get(bedId);
      if (!bed) return refuse("This bed is no longer in the garden.", "bedId");
      return change({ kind: "bed", id: bedId, before: bed, after: { ...bed, horizon } });
    }
    const { place } = garden;
    if (!place) return refuse("Set your location first.");
    const after = { ...place, horizon: horizon ?? [] };
    return change({ kind: "place", id: "place", before: place, after });
  },
});

/** What a station sends by itself; what the grower types or reads in is `outlook.set`. */
export const receiveOutlook = command({
  name: "outlook.receive",
  label: () => "the forecast",
  input: KeptOutlookSchema,
  quiet: true,
  run: (garden, outlook) =>
    change({ kind: "outlook", id: "outlook", before: garden.outlook, after: outlook }),
});

export const setOutlook = command({
  name: "outlook.set",
  label: ({ outlook }) => `the forecast ${outlook.source}`,
  input: KeptOutlookSchema,
  run: (garden, outlook) =>
    change({ kind: "outlook", id: "outlook", before: garden.outlook, after: outlook }),
});
