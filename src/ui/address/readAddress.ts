import { z } from "zod";
import { dayNumber, IsoDateSchema } from "@/core/calendar";
import { NO_FILTER, type ViewState } from "../viewState";

const LONGEST_WORD = 200;
const word = z.string().min(1).max(LONGEST_WORD).nullable().default(null).catch(null);
const date = IsoDateSchema.nullable().default(null).catch(null);
const oneOf = <const T extends readonly [string, ...string[]]>(values: T) =>
  z.enum(values).nullable().default(null).catch(null);

/** What may stand in the address of any view; what does not read is as if it were not there. */
const EverywhereSchema = z.object({
  on: date,
  planting: word,
  dialog: oneOf(["settings", "beds", "log", "wish", "sow"]),
});
const PlanSchema = z.object({
  by: z.enum(["bed", "crop"]).default("bed").catch("bed"),
  crop: word,
  bed: word,
  mode: oneOf(["by", "between", "sowOn"]),
});
const BedsSchema = z.object({
  bed: word,
  part: z.enum(["standing", "fill", "soil", "lie"]).default("standing").catch("standing"),
  opening: word,
});
const PlaceSchema = z.object({
  part: z.enum(["frost", "light", "sun", "outlook"]).default("frost").catch("frost"),
  bed: word,
});
const SeedlingsSchema = z.object({
  part: z
    .enum(["trays", "room", "seeds", "saving", "order", "mix", "crops"])
    .default("trays")
    .catch("trays"),
  tray: word,
  crop: word,
});
const SheltersSchema = z.object({ covers: word });
const LogbookSchema = z.object({
  find: z.string().max(LONGEST_WORD).default("").catch(""),
  kind: z.string().max(LONGEST_WORD).default("").catch(""),
  from: date,
  until: date,
});

/** What an address says is looked at; everything else of the view stays as it is. */
export function readAddress(path: string, search: string): Partial<ViewState> {
  const said = Object.fromEntries(new URLSearchParams(search));
  const { on, planting, dialog } = EverywhereSchema.parse(said);
  return {
    dateInView: on === null ? null : dayNumber(on),
    selectedPlantingId: planting,
    settingsOpen: dialog === "settings",
    addingBeds: dialog === "beds",
    logging: dialog === "log" ? "" : null,
    wish: null,
    sowingToday: false,
    ...inView(path, said, dialog),
  };
}

function inView(
  path: string,
  said: Record<string, string>,
  dialog: string | null,
): Partial<ViewState> {
  switch (path) {
    case "/plan": {
      const { by, crop, bed, mode } = PlanSchema.parse(said);
      return {
        planGrouping: by,
        sowingToday: dialog === "sow",
        wish:
          dialog === "wish"
            ? { cropId: crop ?? undefined, bedId: bed ?? undefined, mode: mode ?? undefined }
            : null,
      };
    }
    case "/beds": {
      const { bed, part, opening } = BedsSchema.parse(said);
      return { selectedBedId: bed, bedSection: part, openingFrom: opening };
    }
    case "/place": {
      const { part, bed } = PlaceSchema.parse(said);
      return { placeSection: part, sunBedId: bed };
    }
    case "/seedlings": {
      const { part, tray, crop } = SeedlingsSchema.parse(said);
      return { seedlingsSection: part, selectedTrayId: tray, cropId: crop };
    }
    case "/shelters":
      return { coversKey: SheltersSchema.parse(said).covers };
    case "/logbook": {
      const { find, kind, from, until } = LogbookSchema.parse(said);
      return {
        logFilter: { ...NO_FILTER, text: find, kind, from: from ?? "", until: until ?? "" },
      };
    }
    default:
      return {};
  }
}
