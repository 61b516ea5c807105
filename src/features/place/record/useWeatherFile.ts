"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { WeatherAnswers, WeatherReading } from "@/core/weatherFiles";
import { isMissingPart, MISSING_PART, whenNeeded } from "@/store/index";
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
  /** The reading that still counts. */
  const latest = useRef<symbol | null>(null);

  const stop = useCallback(() => {
    job.current?.stop();
    latest.current = null;
    setState({ step: "none" });
  }, []);

  useEffect(
    () => () => {
      job.current?.stop();
      latest.current = null;
    },
    [],
  );

  const read = useCallback(
    async (file: File, answers: WeatherAnswers = {}, before: WeatherReading | null = null) => {
      job.current?.stop();
      // Read again after an answer, the last report stays: the question just answered keeps the focus.
      const shown = before && { reading: before, answers };
      setState({ step: "reading", file, share: 0, shown });
      const asked = Symbol();
      latest.current = asked;
      try {
        // The worker is fetched when the first file is read: most visits read none.
        const { readWeatherFile } = await workersPart();
        if (latest.current !== asked) return;
        job.current = readWeatherFile(file, answers, (share) =>
          setState((now) => (now.step === "reading" ? { ...now, share } : now)),
        );
        const reading = await job.current.result;
        if (latest.current === asked) setState({ step: "read", file, shown: { reading, answers } });
      } catch (error) {
        if (latest.current !== asked) return;
        const problem = isMissingPart(error)
          ? MISSING_PART
          : say.theFileCouldNotBeReadItMayHaveBeen;
        setState({ step: "failed", file, problem });
      }
    },
    [],
  );
  return { state, read, stop };
}
