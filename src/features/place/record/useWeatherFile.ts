"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { WeatherAnswers, WeatherReading } from "@/core/weatherFiles";
import { whenNeeded } from "@/store/index";
import type { Job } from "@/workers/index";
import { place as say } from "@/words/en/place";

const workersPart = whenNeeded(() => import("@/workers/index"));

/** How far the reading of a weather file has come. */
export type FileState =
  | { step: "none" }
  | { step: "reading"; file: File; share: number; shown: Report | null }
  | { step: "read"; file: File; shown: Report }
  | { step: "failed"; file: File; problem: string };

/** What was read of a file, by the answers it was read with. */
export interface Report {
  reading: WeatherReading;
  answers: WeatherAnswers;
}

/** Reads weather files in a worker: with progress, a stop, and again when the grower has answered. */
export function useWeatherFile() {
  const [state, setState] = useState<FileState>({ step: "none" });
  const job = useRef<Job<WeatherReading> | null>(null);

  const stop = useCallback(() => {
    job.current?.stop();
    job.current = null;
    setState({ step: "none" });
  }, []);

  useEffect(() => () => job.current?.stop(), []);

  const read = useCallback(
    async (file: File, answers: WeatherAnswers = {}, before: WeatherReading | null = null) => {
      job.current?.stop();
      // Read again after an answer, the last report stays: the question just answered keeps the focus.
      const shown = before && { reading: before, answers };
      setState({ step: "reading", file, share: 0, shown });
      // The worker is fetched when the first file is read: most visits read none.
      const { readWeatherFile } = await workersPart();
      const started = readWeatherFile(file, answers, (share) =>
        setState((now) => (now.step === "reading" ? { ...now, share } : now)),
      );
      job.current = started;
      try {
        const reading = await started.result;
        if (job.current === started) setState({ step: "read", file, shown: { reading, answers } });
      } catch {
        if (job.current !== started) return;
        const problem = say.theFileCouldNotBeReadItMayHaveBeen;
        setState({ step: "failed", file, problem });
      }
    },
    [],
  );
  return { state, read, stop };
}
