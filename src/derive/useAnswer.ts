"use client";

import { useEffect, useMemo, useState } from "react";
import { keepEqual } from "@/core/derive";
import { deriver } from "./deriver";
import type { GardenAtSite } from "./gardenAtSite";
import { answer, type AnswerTo, type ArgumentsOf, type QuestionName } from "./questions";

/** An answer, and what it was the answer to. */
interface Answered<Q extends QuestionName> {
  value: AnswerTo<Q>;
  now: GardenAtSite;
  key: string;
}

/** The last answer to each question: a view that comes back shows it until the next is there. */
const last = new Map<QuestionName, Answered<QuestionName>>();

interface Asking {
  isBusy: boolean;
  next: (() => Promise<void>) | null;
}
const asking = new Map<QuestionName, Asking>();

/**
 * The answer to a question that takes longer than a frame: the last one stays until the next has come
 * from the worker, and what is equal in it keeps its identity. The first one, before the worker is up,
 * is worked out at once, unless the view can wait for it.
 *
 * @returns the answer, null until there is a first; what it is the answer to, to be told with it; and
 *          `isLate` while a newer one is on its way
 */
export function useAnswer<Q extends QuestionName>(
  name: Q,
  args: ArgumentsOf<Q>,
  { garden, site }: GardenAtSite,
  { canWait = false }: { canWait?: boolean } = {},
): { value: AnswerTo<Q> | null; asked: ArgumentsOf<Q>; isLate: boolean } {
  const key = JSON.stringify(args);
  const [answered, setAnswered] = useState<Answered<Q> | null>(() => {
    const known = last.get(name) as Answered<Q> | undefined;
    if (known?.key === key) return known;
    if (canWait || deriver().isReady()) return null;
    return keepAnswer(name, answer(name, { garden, site }, args), { garden, site }, key);
  });
  const isLate =
    answered?.now.garden !== garden || answered.now.site !== site || answered.key !== key;
  useEffect(() => {
    if (!isLate) {
      void deriver().start();
      return;
    }
    let isWanted = true;
    const now = { garden, site };
    const asked = JSON.parse(key) as ArgumentsOf<Q>;
    latest(name, async () => {
      if (!isWanted) return;
      const value = (await askWorker(name, now, asked)) ?? answer(name, now, asked);
      if (isWanted) setAnswered(keepAnswer(name, value, now, key));
    });
    return () => {
      isWanted = false;
    };
  }, [name, key, garden, site, isLate]);
  const asked = useMemo(
    () => JSON.parse(answered?.key ?? key) as ArgumentsOf<Q>,
    [answered?.key, key],
  );
  return { value: answered?.value ?? null, asked, isLate };
}

function keepAnswer<Q extends QuestionName>(
  name: Q,
  value: AnswerTo<Q>,
  now: GardenAtSite,
  key: string,
): Answered<Q> {
  const answered = { value: keepEqual(last.get(name)?.value, value), now, key };
  last.set(name, answered as Answered<QuestionName>);
  return answered;
}

/** The worker's answer; null where it is not up, or went away. */
async function askWorker<Q extends QuestionName>(
  name: Q,
  { garden }: GardenAtSite,
  args: ArgumentsOf<Q>,
): Promise<AnswerTo<Q> | null> {
  try {
    return (await deriver().start()) ? await deriver().ask(garden, name, args) : null;
  } catch {
    return null;
  }
}

/** Works one after the other, and of those that wait only the last: the others are of yesterday. */
function latest(name: QuestionName, work: () => Promise<void>): void {
  const state = asking.get(name) ?? { isBusy: false, next: null };
  asking.set(name, state);
  if (state.isBusy) {
    state.next = work;
    return;
  }
  state.isBusy = true;
  void work().finally(() => {
    state.isBusy = false;
    const { next } = state;
    state.next = null;
    if (next) latest(name, next);
  });
}
