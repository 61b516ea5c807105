import * as Comlink from "comlink";
import type { Fact } from "@/core/facts";
import { groundProblems, mendGround } from "@/core/commands";
import {
  LARGEST_GARDEN_FILE,
  readGardenFile,
  readGeoJson,
  TOO_LARGE,
  type ReadBeds,
  type ReadGarden,
} from "@/core/formats";
import { fromGardenFile, toGardenFile } from "@/core/gardenFile";
import type { Garden } from "@/core/garden";
import { newId } from "@/store/newId";

/** A garden file read, with what has to be asked before it is taken. */
export type ReadForImport =
  | Extract<ReadGarden, { ok: false }>
  | (Extract<ReadGarden, { ok: true }> & {
      /** What was wrong with where things stand, and what was done for it; the file has it mended. */
      mends: Fact[];
    });

/** What the worker can do; seen from outside every call is a promise. */
export interface GardenFileWorker {
  /** Answers once everything is loaded. */
  ready(): void;
  readGarden(file: Blob): Promise<ReadForImport>;
  readMap(file: Blob, garden: Garden): Promise<ReadBeds>;
}

const worker: GardenFileWorker = {
  ready: () => undefined,
  async readGarden(file) {
    // A text of hundreds of megabytes does not even fit: it would come out empty.
    if (file.size > LARGEST_GARDEN_FILE) {
      return { ok: false, problems: [{ path: "", message: TOO_LARGE }], more: false };
    }
    const read = readGardenFile(await file.text());
    if (!read.ok) return read;
    const garden = fromGardenFile(read.file);
    if (groundProblems(garden).length === 0) return { ...read, mends: [] };
    const mended = mendGround(garden);
    return { ...read, file: toGardenFile(mended.garden), mends: mended.mends };
  },
  async readMap(file, garden) {
    if (file.size > LARGEST_GARDEN_FILE) return { ok: false, problem: TOO_LARGE };
    return readGeoJson(await file.text(), garden, () => newId("bed"));
  },
};

Comlink.expose(worker);
