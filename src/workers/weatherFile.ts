import * as Comlink from "comlink";
import type { WeatherAnswers, WeatherReading } from "@/core/weatherFiles";
import { inWorker, type Job } from "./inWorker";
import type { WeatherFileWorker } from "./weatherFile.worker";

/** Reads a daily weather record in a worker; stopping ends the worker at once. */
export function readWeatherFile(
  file: Blob,
  answers: WeatherAnswers,
  onShare: (share: number) => void,
): Job<WeatherReading> {
  return inWorker<WeatherFileWorker, WeatherReading>(startWeatherWorker(), (api) =>
    api.read(file, answers, Comlink.proxy(onShare)),
  );
}

export function startWeatherWorker(): Worker {
  return new Worker(new URL("./weatherFile.worker.ts", import.meta.url), { type: "module" });
}
