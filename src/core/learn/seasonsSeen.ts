import { derive } from "../derive";
import { emptyGarden, type Garden, type KeptSeason } from "../garden";

/** A garden as the record speaks of it: in one of its seasons, by the library's numbers. */
export interface SeasonSeen {
  garden: Garden;
  /** The year in which a closed season began; null for what is not closed yet. */
  year: number | null;
}

/** The seasons of a garden that can be learned from: those that are closed, and what goes on. */
export function seasonsSeen(garden: Garden): SeasonSeen[] {
  return [
    ...[...garden.keptSeasons.values()].map((kept) => ({
      garden: byTheBook(derive([kept], gardenOfSeason)),
      year: kept.year,
    })),
    { garden: byTheBook(garden), year: null },
  ];
}

/** A garden as it stood in a season that is closed: its beds, plantings and log of then. */
export function gardenOfSeason(kept: KeptSeason): Garden {
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    new Map(list.map((one) => [one.id, one]));
  return {
    ...emptyGarden(),
    settings: kept.settings,
    place: kept.place,
    need: kept.need,
    shelters: byId(kept.shelters),
    beds: byId(kept.beds),
    ownCrops: byId(kept.ownCrops),
    ownVarieties: byId(kept.ownVarieties),
    ownNumbers: byId(kept.ownNumbers),
    successions: byId(kept.successions),
    plantings: byId(kept.plantings.map(({ planting }) => planting)),
    rests: byId(kept.rests),
    feedings: byId(kept.feedings),
    trays: byId(kept.trays),
    storeLots: byId(kept.storeLots),
    logEntries: byId(kept.entries),
  };
}

/** The garden without what was learned: what is learned anew is measured against the library. */
function byTheBook(garden: Garden): Garden {
  return garden.ownNumbers.size === 0 ? garden : derive([garden], withoutOwn);
}

const NONE: Garden["ownNumbers"] = new Map();

function withoutOwn(garden: Garden): Garden {
  return { ...garden, ownNumbers: NONE };
}
