import { z } from "zod";
import type { Garden, Shelter } from "@/core/garden";
import { PLAIN_SHELTER } from "@/core/gardenFile";
import { exactM } from "@/core/layout";
import { builtBeside, resized } from "@/core/bedSpace";
import type { Vent } from "@/core/shelter";
import { amount, maybeAmount } from "@/ui/forms";
import { celsius, fahrenheit, feet, gallons, litresFromGallons, metres } from "@/core/units";
import { shelters as say } from "@/words/en/shelters";

/** What a grower can build, each with its usual cover and size in metres. */
export const KINDS = {
  upright: {
    words: say.smallUprightFrameAgainstAWall,
    name: say.wallFrame,
    cover: "cold-frame-glass",
    lengthM: 1.1,
    widthM: 0.5,
    heightM: 0.6,
    beds: 1,
  },
  twin: {
    words: say.doubleColdFrame,
    name: say.doubleFrame,
    cover: "cold-frame-twinwall",
    lengthM: 5.6,
    widthM: 1.4,
    heightM: 0.35,
    beds: 2,
  },
  lowTunnel: {
    words: say.lowTunnelFilmOnHoops,
    name: say.lowTunnel,
    cover: "low-tunnel-film",
    lengthM: 8,
    widthM: 0.9,
    heightM: 0.45,
    beds: 1,
  },
  hoops: {
    words: say.hoopsWithRowCover,
    name: say.hoops,
    cover: "row-cover-medium",
    lengthM: 8,
    widthM: 0.9,
    heightM: 0.4,
    beds: 1,
  },
  house: {
    words: say.unheatedGreenhouse,
    name: say.greenhouse,
    cover: "greenhouse-single",
    lengthM: 14,
    widthM: 5,
    heightM: 2.2,
    beds: 4,
  },
} as const;
export type KindKey = keyof typeof KINDS;

/** A shelter as it is typed, in the garden's units. */
export const ShelterFieldsSchema = z
  .object({
    kind: z.enum(["upright", "twin", "lowTunnel", "hoops", "house"]),
    name: z.string().trim().min(1, say.enterANameForTheShelter),
    length: amount(say.enterItsLength),
    width: amount(say.enterItsWidth),
    height: amount(say.enterItsAverageHeight),
    cover: z.string(),
    inner: z.string(),
    beds: maybeAmount,
    vent: z.enum(["automatic", "manual", "shut"]),
    opensAt: maybeAmount,
    wideAt: maybeAmount,
    fromHour: maybeAmount,
    toHour: maybeAmount,
    barrelLitres: amount(say.enterLitersOfWater0IsNone),
    film: z.enum(["none", "sun", "plain"]),
    filmYear: maybeAmount,
  })
  .superRefine((fields, context) => {
    const asked = [
      ...(fields.vent === "automatic" ? (["opensAt", "wideAt"] as const) : []),
      ...(fields.vent === "manual" ? (["fromHour", "toHour"] as const) : []),
      ...(fields.film === "none" ? [] : (["filmYear"] as const)),
    ];
    for (const name of asked) {
      if (!Number.isNaN(fields[name])) continue;
      context.addIssue({ code: "custom", path: [name], message: MISSING[name] });
    }
  });
export type ShelterFields = z.infer<typeof ShelterFieldsSchema>;

const MISSING = {
  opensAt: say.enterTheTemperatureAtWhichVents,
  wideAt: say.enterTheTemperatureAtWhichVentsAre,
  fromHour: say.enterTheHourVentsOpen,
  toHour: say.enterTheHourVentsClose,
  filmYear: say.enterTheYearTheFilmWasInstalled,
} as const;

const round = (value: number, per: number) => Math.round(value * per) / per;
const isFilm = (cover: string) => cover.startsWith("greenhouse") || cover === "low-tunnel-film";

/** What the form opens with for a kind of shelter. */
export function usualFields(kind: KindKey, units: Garden["settings"]["units"], year: number) {
  const usual = KINDS[kind];
  const imperial = units === "imperial";
  const long = (m: number) => (imperial ? round(feet(m), 10) : m);
  const warm = (c: number) => (imperial ? Math.round(fahrenheit(c)) : c);
  const fields: ShelterFields = {
    kind,
    name: usual.name,
    length: long(usual.lengthM),
    width: long(usual.widthM),
    height: long(usual.heightM),
    cover: usual.cover,
    inner: "",
    beds: usual.beds,
    vent: "automatic",
    opensAt: warm(PLAIN_SHELTER.vent.opensAtC),
    wideAt: warm(PLAIN_SHELTER.vent.wideAtC),
    fromHour: 10,
    toHour: 15,
    barrelLitres: 0,
    film: isFilm(usual.cover) ? "sun" : "none",
    filmYear: year,
  };
  return fields;
}

/** What the form opens with for a shelter that stands. */
export function fieldsOf(
  shelter: Shelter,
  units: Garden["settings"]["units"],
  year: number,
): ShelterFields {
  const [cover = "greenhouse-single", inner = ""] = shelter.covers;
  const kind = (Object.keys(KINDS) as KindKey[]).find((key) => KINDS[key].cover === cover);
  const usual = usualFields(kind ?? "house", units, year);
  const imperial = units === "imperial";
  const long = (m: number) => (imperial ? round(feet(m), 10) : m);
  const warm = (c: number) => (imperial ? Math.round(fahrenheit(c)) : c);
  const { vent, outline, heightM, film } = shelter;
  return {
    ...usual,
    name: shelter.name,
    cover,
    inner,
    ...(outline ? { length: long(outline.lengthM), width: long(outline.widthM) } : {}),
    ...(heightM === null ? {} : { height: long(heightM) }),
    vent: vent.kind,
    ...(vent.kind === "automatic"
      ? { opensAt: warm(vent.opensAtC), wideAt: warm(vent.wideAtC) }
      : {}),
    ...(vent.kind === "manual" ? { fromHour: vent.fromHour, toHour: vent.toHour } : {}),
    barrelLitres: imperial ? round(gallons(shelter.barrelLitres), 10) : shelter.barrelLitres,
    film: film === null ? "none" : film.madeForSun ? "sun" : "plain",
    filmYear: film?.sinceYear ?? year,
  };
}

function ventOf(fields: ShelterFields, imperial: boolean): Vent {
  const toC = (value: number) => (imperial ? round(celsius(value), 10) : value);
  switch (fields.vent) {
    case "shut":
      return { kind: "shut" };
    case "automatic":
      return { kind: "automatic", opensAtC: toC(fields.opensAt), wideAtC: toC(fields.wideAt) };
    case "manual":
      return { kind: "manual", fromHour: fields.fromHour, toHour: fields.toHour, share: 0.5 };
  }
}

/** The typed shelter as the garden keeps it, but for its place. */
function shelterOf(fields: ShelterFields, imperial: boolean) {
  const toM = (value: number) => exactM(imperial ? metres(value) : value);
  return {
    name: fields.name,
    covers: [fields.cover, ...(fields.inner === "" ? [] : [fields.inner])],
    heightM: toM(fields.height),
    vent: ventOf(fields, imperial),
    barrelLitres: imperial ? litresFromGallons(fields.barrelLitres) : fields.barrelLitres,
    film:
      fields.film === "none"
        ? null
        : { sinceYear: fields.filmYear, madeForSun: fields.film === "sun" },
    lengthM: toM(fields.length),
    widthM: toM(fields.width),
  };
}

/** A name that no shelter has yet: "Greenhouse 2" where there is one. */
export function freeName(garden: Garden, name: string): string {
  const taken = new Set([...garden.shelters.values()].map((shelter) => shelter.name));
  let free = name;
  for (let number = 2; taken.has(free); number += 1) free = say.text4({ name, number });
  return free;
}

/** A new shelter and its beds, beside everything else. */
export function newShelter(garden: Garden, fields: ShelterFields, newId: (kind: string) => string) {
  const { lengthM, widthM, ...shelter } = shelterOf(fields, garden.settings.units === "imperial");
  const floor = {
    lengthM: lengthM > 0 ? lengthM : 0,
    widthM: widthM > 0 ? widthM : 0,
    beds: Number.isInteger(fields.beds) && fields.beds > 0 ? Math.min(fields.beds, 40) : 0,
  };
  const { outline, beds } = builtBeside(garden, floor);
  const id = newId("shelter");
  return {
    shelter: { ...shelter, id, outline },
    beds: beds.map((bed, index) => ({
      ...bed,
      id: newId("bed"),
      name:
        beds.length === 1
          ? say.bed({ fields: fields.name })
          : say.bed2({ fields: fields.name, index: index + 1 }),
      shelterId: id,
      covers: [],
      horizon: null,
      history: [],
    })),
  };
}

/** The changes of a shelter that stands. */
export function changedShelter(shelter: Shelter, fields: ShelterFields, imperial: boolean) {
  const { lengthM, widthM, ...some } = shelterOf(fields, imperial);
  return { ...some, id: shelter.id, outline: resized(shelter.outline, lengthM, widthM) };
}
