"use client";

import { useEffect, useState } from "react";
import type { Told } from "@/core/facts";
import { compareGardens, toGardenFile, type KindCompared } from "@/core/gardenFile";
import { withChoices, type Conflict, type SideName } from "@/joining/choices";
import { gardenStore, isMissingPart, MISSING_PART, useGarden, whenNeeded } from "@/store/index";
import type { Job, ReadForJoin } from "@/workers/index";
import { tell } from "@/ui/viewState";
import { joining as say } from "@/words/en/joining";

const workersPart = whenNeeded(() => import("@/workers/index"));

/** Another device's file read and joined with the garden here. */
export type JoinFound = Extract<ReadForJoin, { ok: true }> & {
  /** What becomes of the garden here, kind by kind. */
  compared: readonly KindCompared[];
};

export type JoinState =
  | { step: "reading" }
  | { step: "failed"; problems: readonly { path: string; message: Told }[]; more: boolean }
  | { step: "asking"; found: JoinFound }
  | { step: "done" };

/** Joins a chosen file with the garden, again when the garden changes meanwhile, and waits to be told so. */
export function useJoin(file: File) {
  const garden = useGarden((state) => state.garden);
  const [state, setState] = useState<JoinState>({ step: "reading" });
  const isDone = state.step === "done";
  useEffect(() => {
    if (isDone) return;
    let job: Job<ReadForJoin> | null = null;
    let current = true;
    const read = async () => {
      const { joinIn } = await workersPart();
      if (!current) return;
      job = joinIn(garden, file);
      const found = await job.result;
      if (!current) return;
      if (!found.ok) return setState({ step: "failed", ...found });
      const compared = compareGardens(garden, found.garden);
      setState({ step: "asking", found: { ...found, compared } });
    };
    read().catch((error: unknown) => {
      if (current) setState(failed(isMissingPart(error) ? MISSING_PART : say.couldNotBeJoined));
    });
    return () => {
      current = false;
      job?.stop();
    };
  }, [file, garden, isDone]);

  const take = async (found: JoinFound, sides: ReadonlyMap<Conflict, SideName>) => {
    const chosen = found.conflicts.map((conflict) => ({
      conflict,
      side: sides.get(conflict) ?? conflict.taken,
    }));
    const joined = withChoices(found.garden, chosen);
    const done = await gardenStore().dispatch("garden.join", toGardenFile(joined));
    if (!done.ok) return setState(failed(done.refusal, done.path));
    setState({ step: "done" });
    tell(say.joined({ comes: say.comes({ count: found.fromB }) }), "done", true);
  };
  return { state, take };
}

function failed(message: Told, path = ""): JoinState {
  return { step: "failed", problems: [{ path, message }], more: false };
}
