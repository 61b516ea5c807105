"use client";

import { useCallback, useEffect, useState } from "react";
import { isEmptyGarden, SIMULATED_STATION } from "@/core/garden";
import {
  compareGardens,
  fromGardenFile,
  type GardenFile,
  type KindCompared,
} from "@/core/gardenFile";
import {
  gardenStore,
  isMissingPart,
  MISSING_PART,
  whenIdle,
  whenNeeded,
  type Done,
} from "@/store/index";
import type { Job, ReadForImport } from "@/workers/index";
import { takeBeds, takeGarden } from "./gardenTaken";
import { imports as say } from "@/words/en/imports";
import { told } from "@/ui/wording";
import type { Told } from "@/core/facts";

const workersPart = whenNeeded(() => import("@/workers/index"));
// Workers have files of their own, which are fetched when one starts.
whenIdle(async () => (await workersPart()).warmUpWorkers(), true);

/** What has to be asked before a garden file is taken. */
export interface Question {
  file: GardenFile;
  mends: readonly string[];
  /** What of it does not read and is left out, a line each. */
  left: readonly string[];
  /** A weather station that the file names and this browser does not ask yet; null when there is none. */
  stationUrl: string | null;
  /** What becomes of the garden here; nothing where it is empty. */
  compared: readonly KindCompared[];
}

/** What is wrong with the file, or why it was not taken. */
interface ImportProblem {
  path: string;
  message: Told;
}

export type ImportState =
  | { step: "reading" }
  | { step: "failed"; problems: readonly ImportProblem[]; more: boolean }
  | { step: "asking"; question: Question }
  | { step: "done" };

/** Reads a chosen file in a worker and takes it in; where something has to be asked, it waits. */
export function useImport(file: File, kind: "garden" | "map") {
  const [state, setState] = useState<ImportState>({ step: "reading" });
  const tellDone = useCallback((done: Done) => {
    setState(done.ok ? { step: "done" } : failed({ path: done.path, message: done.refusal }));
  }, []);
  useEffect(() => {
    let job: Job<unknown> | null = null;
    let current = true;
    const read = async () => {
      const { readGardenFileIn, readMapIn } = await workersPart();
      if (!current) return;
      if (kind === "map") {
        const reading = readMapIn(file, gardenStore().getState().garden);
        job = reading;
        const beds = await reading.result;
        if (!current) return;
        if (beds.ok) tellDone(await takeBeds(beds));
        else setState(failed({ path: "", message: beds.problem }));
        return;
      }
      const reading = readGardenFileIn(file);
      job = reading;
      const garden = await reading.result;
      if (!current) return;
      if (!garden.ok) return setState({ step: "failed", ...garden });
      const question = questionOf(garden);
      if (isAsked(question)) setState({ step: "asking", question });
      else tellDone(await takeGarden(question.file));
    };
    read().catch((error: unknown) => {
      if (!current) return;
      const message = isMissingPart(error) ? MISSING_PART : say.theFileCouldNotBeReadItMayHaveBeen;
      setState(failed({ path: "", message }));
    });
    return () => {
      current = false;
      job?.stop();
    };
  }, [file, kind, tellDone]);
  const take = useCallback(
    async ({ file: asked, stationUrl }: Question, askStation: boolean) => {
      const settings = askStation ? { ...asked.settings, stationUrl } : asked.settings;
      tellDone(await takeGarden({ ...asked, settings }));
    },
    [tellDone],
  );
  return { state, take };
}

function failed(problem: ImportProblem): ImportState {
  return { step: "failed", problems: [problem], more: false };
}

/** The file as it is taken without a word: a station that somebody else chose is not asked by itself. */
function questionOf({ file, mends, left = [] }: Extract<ReadForImport, { ok: true }>): Question {
  const { stationUrl } = file.settings;
  const known = [null, SIMULATED_STATION, gardenStore().getState().garden.settings.stationUrl];
  const strange = known.includes(stationUrl) ? null : stationUrl;
  const settings = strange === null ? file.settings : { ...file.settings, stationUrl: null };
  const here = gardenStore().getState().garden;
  return {
    file: { ...file, settings },
    mends: mends.map(told),
    left: left.map(told),
    stationUrl: strange,
    compared: isEmptyGarden(here) ? [] : compareGardens(here, fromGardenFile(file)),
  };
}

/** What replaces nothing and is all there is taken at once. */
function isAsked({ mends, left, stationUrl, compared }: Question): boolean {
  return mends.length > 0 || left.length > 0 || stationUrl !== null || compared.length > 0;
}
