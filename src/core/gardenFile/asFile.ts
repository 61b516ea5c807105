import {
  COLLECTED_KINDS,
  COLLECTIONS,
  collectionsFrom,
  type Collections,
  type Garden,
} from "../garden";
import type { GardenFile } from "./fileSchema";
import { GARDEN_FILE_FORMAT, GARDEN_FILE_VERSION } from "./version";

/** The garden as a file's content; entities in the order of their ids, so that equal gardens give equal files. */
export function toGardenFile(garden: Garden): GardenFile {
  const lists = Object.fromEntries(
    COLLECTED_KINDS.map((kind) => [COLLECTIONS[kind], inOrder(garden[COLLECTIONS[kind]])]),
  ) as unknown as Pick<GardenFile, keyof Collections>;
  return {
    format: GARDEN_FILE_FORMAT,
    version: GARDEN_FILE_VERSION,
    garden: garden.head,
    settings: garden.settings,
    place: garden.place,
    record: garden.record,
    outlook: garden.outlook,
    plot: garden.plot,
    need: garden.need,
    ...lists,
    history: garden.history,
  };
}

function inOrder(entities: ReadonlyMap<string, { id: string }>): { id: string }[] {
  return [...entities.values()].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}

/** The garden that a checked file holds. */
export function fromGardenFile(file: GardenFile): Garden {
  return {
    head: file.garden,
    settings: file.settings,
    place: file.place,
    record: file.record,
    outlook: file.outlook,
    plot: file.plot,
    need: file.need,
    history: file.history,
    ...collectionsFrom(
      (kind) => new Map(file[COLLECTIONS[kind]].map((entity) => [entity.id, entity])),
    ),
  };
}
