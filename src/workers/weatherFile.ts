import * as Comlink from "comlink";
import type { WeatherAnswers, WeatherReading } from "@/core/weatherFiles";
import type { WeatherFileWorker } from "./weatherFile.worker";

/** Work under way in a worker of its own. */
export interface Job<Result> {
  /** Never settles once the job is stopped. */
  result: Promise<Result>;
  stop(): void;
}

/** Reads a daily weather record in a worker; stopping ends the worker at once. */
export function readWeatherFile(
  file: Blob,
  answers: WeatherAnswers,
  onShare: (share: number) => void,
): Job<WeatherReading> {
  const worker = new Worker(new URL("./weatherFile.worker.ts", import.meta.url), {
    type: "module",
  });
  const stop = () => worker.terminate();
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || "The worker could not start."));
  });
  const remote = Comlink.wrap<WeatherFileWorker>(worker);
  const result = Promise.race([remote.read(file, answers, Comlink.proxy(onShare)), broken]);
  return { result: result.finally(stop), stop };
}
