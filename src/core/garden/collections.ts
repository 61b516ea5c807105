import type { StoreLot } from "../food";
import type { LogEntry, ThermometerDay } from "../log";
import type { Mix, Stand, Tray } from "../trays";
import type { SeedLot } from "../seedBox";
import type { Piece } from "../shelter";
import type { Feeding, Rest } from "../soil";
import type { KeptSeason } from "./keptSeasonSchema";
import type { SeedPlan } from "./seedPlanSchema";
import type { Trial } from "./trialSchema";
import type { OwnNumber } from "./ownNumberSchema";
import type { Bed, OwnCrop, OwnVariety, Planting, Shelter, Succession } from "./schema";

/** The entities of which a garden has many, by kind. */
export interface CollectedByKind {
  shelter: Shelter;
  bed: Bed;
  planting: Planting;
  rest: Rest;
  feeding: Feeding;
  succession: Succession;
  ownCrop: OwnCrop;
  ownVariety: OwnVariety;
  ownNumber: OwnNumber;
  seedLot: SeedLot;
  stand: Stand;
  tray: Tray;
  mix: Mix;
  piece: Piece;
  thermometerDay: ThermometerDay;
  storeLot: StoreLot;
  logEntry: LogEntry;
  keptSeason: KeptSeason;
  trial: Trial;
  seedPlan: SeedPlan;
}
export type CollectedKind = keyof CollectedByKind;

/** Where the entities of each kind stand, in the garden as in its file; what others lean on first. */
export const COLLECTIONS = {
  shelter: "shelters",
  bed: "beds",
  ownCrop: "ownCrops",
  ownVariety: "ownVarieties",
  ownNumber: "ownNumbers",
  succession: "successions",
  planting: "plantings",
  rest: "rests",
  feeding: "feedings",
  seedLot: "seedLots",
  stand: "stands",
  tray: "trays",
  mix: "mixes",
  piece: "pieces",
  thermometerDay: "thermometerDays",
  storeLot: "storeLots",
  logEntry: "logEntries",
  keptSeason: "keptSeasons",
  trial: "trials",
  seedPlan: "seedPlans",
} as const satisfies Record<CollectedKind, string>;

export const COLLECTED_KINDS = Object.keys(COLLECTIONS) as CollectedKind[];

/** Every collection of a garden, by name. */
export type Collections = {
  [K in CollectedKind as (typeof COLLECTIONS)[K]]: ReadonlyMap<string, CollectedByKind[K]>;
};

/** Makes every collection of a garden from its kind. */
export function collectionsFrom(
  of: (kind: CollectedKind) => ReadonlyMap<string, unknown>,
): Collections {
  return Object.fromEntries(
    COLLECTED_KINDS.map((kind) => [COLLECTIONS[kind], of(kind)]),
  ) as unknown as Collections;
}
