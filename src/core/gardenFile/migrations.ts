import { BY_THE_BOOK } from "./byTheBook";
import type { Code } from "../facts";
import { exactM, SAME_LENGTH_M, WHOLE_WIDTH } from "../layout";
import { clean } from "../naming";
import { COLLECTED_KINDS, COLLECTIONS, STATION_ADDRESS, type EntityKind } from "../garden";

/** Anything that was kept by an earlier version, as yet unchecked. */
type Kept = Record<string, unknown>;

/** A shelter as it is built where nobody says more: of its kind's height, aired when it gets warm. */
export const PLAIN_SHELTER = {
  heightM: null,
  vent: { kind: "automatic", opensAtC: 15, wideAtC: 25 },
  barrelLitres: 0,
  film: null,
} as const;

/** What each version added, by kind of entity: fields that are missing get these values. */
const ADDED: Record<number, Partial<Record<EntityKind, (entity: Kept) => Kept>>> = {
  2: {
    settings: (settings) => ({ stationUrl: null, ...settings }),
    place: (place) => ({
      climateFrom: "sketch",
      horizon: [],
      ...place,
      ...(isKept(place.climate) ? { climate: { wetDaysPerYear: null, ...place.climate } } : {}),
    }),
    bed: (bed) => ({ horizon: null, ...bed }),
  },
  3: {
    settings: (settings) => ({ rotationYears: 3, ...settings }),
    planting: (planting) => ({ ...BY_THE_BOOK, ...planting }),
    bed: (bed) => ({ position: null, ...bed }),
    shelter: (shelter) => ({ outline: null, ...shelter }),
  },
  4: {
    settings: (settings) => ({ soilSchool: "undug", ...settings }),
    planting: (planting) => ({ ...BY_THE_BOOK, fromM: 0, ...planting }),
    bed: (bed) => ({ history: [], ...bed }),
  },
  5: {
    settings: (settings) => ({ degreesSchool: "measured", ...settings }),
    shelter: (shelter) => ({ ...PLAIN_SHELTER, ...shelter }),
  },
  6: { garden: (head) => ({ walk: [], ...head }) },
  7: {
    garden: (head) => ({ sample: false, ...head }),
    settings: (settings) => ({ ...settings, stationUrl: plainAddress(settings.stationUrl) }),
  },
  8: {
    logEntry: (entry) => (isKept(entry.what) ? { ...entry, what: withFacts(entry.what) } : entry),
  },
  9: {
    planting: (planting) => ({
      seedsPerHole: null,
      bought: null,
      mix: null,
      ...planting,
      ...fromStationToStation(planting),
    }),
  },
  10: {
    planting: (planting) => ({ across: WHOLE_WIDTH, ...planting }),
    feeding: (feeding) => ({ part: null, ...feeding }),
  },
};

/** What the program named in English until version 7, and the fact that is kept for it since. */
const WAS_SAID: ReadonlyMap<string, Code> = new Map<string, Code>(
  Object.entries({
    Bench: "tasks.bench",
    Garden: "tasks.wholeGarden",
    "Seed box": "tasks.seedBox",
    Store: "tasks.store",
    "Uncovered beds": "tasks.uncoveredBeds",
    "Whole garden": "tasks.wholeGarden",
    "hoses, timers and vents": "tasks.hosesTimersAndVents",
    "shelters and covers": "tasks.sheltersAndCovers",
    "snow from shelters": "tasks.snowFromShelters",
    "what is stored": "tasks.whatIsStored",
  }),
);

function withFacts(what: Kept): Kept {
  const kept = { ...what };
  for (const name of ["subject", "place"]) {
    const said = kept[name];
    if (typeof said === "string") kept[name] = WAS_SAID.get(said) ?? said;
  }
  return kept;
}

const WIDEST_CM = 500;

/** Until version 8 a cluster's distance was a single plant's, and was multiplied by its plants. */
function fromStationToStation({ inRowCm, plantsPerStation, arrangement }: Kept): Kept {
  if (typeof inRowCm !== "number" || typeof plantsPerStation !== "number") return {};
  if (plantsPerStation <= 1 || arrangement === "pots") return {};
  return { inRowCm: Math.min(WIDEST_CM, Math.round(inRowCm * plantsPerStation * 1e6) / 1e6) };
}

/** A station's address without what it may no longer hold; null where nothing else is left. */
function plainAddress(address: unknown): unknown {
  if (typeof address !== "string") return address;
  const [plain = ""] = address.split(/[?#]/);
  return STATION_ADDRESS.test(plain) ? plain : null;
}

/** What a file of an earlier version may not have, of which a garden has one. */
const ONES_ADDED = ["record", "outlook", "plot", "need"];

/** Lists that a file of an earlier version does not have. */
const LISTS_ADDED = [
  "rests",
  "feedings",
  "successions",
  "ownCrops",
  "ownVarieties",
  "seedLots",
  "stands",
  "trays",
  "mixes",
  "pieces",
  "thermometerDays",
  "storeLots",
  "logEntries",
  "ownNumbers",
  "keptSeasons",
  "trials",
  "seedPlans",
];

/** From this version on, no text holds control characters or marks that turn the direction of writing. */
const CLEAN_SINCE = 14;

/** An entity kept by an earlier version as this one would keep it. Anything else is left alone. */
export function migrateEntity(kind: EntityKind, entity: unknown, fromVersion: number): unknown {
  if (!isKept(entity)) return entity;
  const migrated = Object.entries(ADDED)
    .filter(([version]) => Number(version) > fromVersion)
    .reduce<Kept>((kept, [, added]) => added[kind]?.(kept) ?? kept, entity);
  return fromVersion < CLEAN_SINCE ? cleaned(migrated) : migrated;
}

/** The same with every text in it cleaned; what needs none stays the same object. */
function cleaned(value: unknown): unknown {
  if (typeof value === "string") return clean(value);
  if (Array.isArray(value)) {
    const next = value.map(cleaned);
    return next.some((one, index) => one !== value[index]) ? next : value;
  }
  if (!isKept(value)) return value;
  const next = Object.entries(value).map(([name, one]) => [name, cleaned(one)] as const);
  return next.some(([name, one]) => one !== value[name]) ? Object.fromEntries(next) : value;
}

/**
 * The content of a garden file of an earlier version as this one would write it, still unchecked.
 *
 * @param version the file's own, below the current one
 */
export function migrateGardenFile(content: Kept, version: number, current: number): Kept {
  const each = (kind: EntityKind, list: unknown) =>
    Array.isArray(list) ? list.map((entity) => migrateEntity(kind, entity, version)) : list;
  const plantings = each("planting", content.plantings);
  const ones = ["settings", "place", "record", "outlook", "plot", "need"] as const;
  return {
    history: null,
    ...Object.fromEntries(ONES_ADDED.map((name) => [name, null])),
    ...Object.fromEntries(LISTS_ADDED.map((name) => [name, []])),
    ...content,
    version: current,
    garden: migrateEntity("garden", content.garden, version),
    ...Object.fromEntries(
      ones
        .filter((kind) => kind in content)
        .map((kind) => [kind, migrateEntity(kind, content[kind], version)]),
    ),
    ...Object.fromEntries(
      COLLECTED_KINDS.filter((kind) => COLLECTIONS[kind] in content).map((kind) => [
        COLLECTIONS[kind],
        each(kind, content[COLLECTIONS[kind]]),
      ]),
    ),
    plantings: version < PLACED_SINCE ? alongTheirBeds(plantings, content.beds) : plantings,
  };
}

/** From this version on, plantings say where along their beds they begin. */
export const PLACED_SINCE = 4;

/**
 * Plantings of earlier versions, each put after the one before it along its bed, in the order of
 * their sowing, and from the near end again where the bed is used up. Anything else is left alone.
 */
export function alongTheirBeds(plantings: unknown, beds: unknown): unknown {
  if (!Array.isArray(plantings) || !Array.isArray(beds)) return plantings;
  const lengths = new Map(beds.filter(isKept).map((bed) => [bed.id, metresOf(bed.lengthM)]));
  const usedM = new Map<unknown, number>();
  const bySowing = plantings
    .filter(isKept)
    .sort((a, b) => (dateOf(a.sowOn) < dateOf(b.sowOn) ? -1 : 1));
  const fromM = new Map<unknown, number>();
  for (const planting of bySowing) {
    const used = usedM.get(planting.bedId) ?? 0;
    const takes = metresOf(planting.lengthM);
    const fits = used + takes <= (lengths.get(planting.bedId) ?? 0) + SAME_LENGTH_M;
    const from = fits ? exactM(used) : 0;
    fromM.set(planting, from);
    usedM.set(planting.bedId, from + takes);
  }
  return plantings.map((planting: unknown) =>
    fromM.has(planting) && isKept(planting)
      ? { ...planting, fromM: fromM.get(planting) }
      : planting,
  );
}

/** Anything may stand in a file that is not checked yet, also what cannot be made a number or a text. */
function metresOf(value: unknown): number {
  return typeof value === "number" ? value : 0;
}

function dateOf(value: unknown): string {
  return typeof value === "string" ? value : "";
}

function isKept(value: unknown): value is Kept {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
