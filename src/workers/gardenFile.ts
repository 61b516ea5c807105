import type { ReadBeds } from "@/core/formats";
import type { Garden } from "@/core/garden";
import type { GardenFileWorker, ReadForImport } from "./gardenFile.worker";
import { inWorker, type Job } from "./inWorker";

/** Reads and checks a garden file in a worker. */
export function readGardenFileIn(file: Blob): Job<ReadForImport> {
  return inWorker<GardenFileWorker, ReadForImport>(startGardenWorker(), (api) =>
    api.readGarden(file),
  );
}

/** Reads the beds of a map in a worker, as far as the garden can take them. */
export function readMapIn(file: Blob, garden: Garden): Job<ReadBeds> {
  // Thirty years of weather have nothing to do with where beds lie.
  const light = { ...garden, record: null, outlook: null };
  return inWorker<GardenFileWorker, ReadBeds>(startGardenWorker(), (api) =>
    api.readMap(file, light),
  );
}

export function startGardenWorker(): Worker {
  return new Worker(new URL("./gardenFile.worker.ts", import.meta.url), { type: "module" });
}
