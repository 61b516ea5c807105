import { startGardenWorker } from "./gardenFile";
import { warmUp } from "./inWorker";
import { startJoiningWorker } from "./joining";
import { startWeatherWorker } from "./weatherFile";

export { fillGaps } from "./fill";
export type { FillFound } from "./fill.worker";
export { readGardenFileIn, readMapIn } from "./gardenFile";
export type { ReadForImport } from "./gardenFile.worker";
export type { Job } from "./inWorker";
export { historyIn, joinIn } from "./joining";
export type { ReadForJoin } from "./joining.worker";
export {
  connectRehearseWorker,
  startRehearsal,
  workersHere,
  type RehearsalRun,
  type RehearsalState,
} from "./rehearse";
export { startPracticeWorker } from "./practice";
export { readWeatherFile } from "./weatherFile";

/** Fetches what every worker is made of. */
export async function warmUpWorkers(): Promise<void> {
  for (const start of [startGardenWorker, startWeatherWorker, startJoiningWorker])
    await warmUp(start());
}
