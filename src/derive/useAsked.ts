"use client";

import { useEffect, useMemo, useState } from "react";
import { keepEqual } from "@/core/derive";
import { deriver } from "./deriver";
import { answerAtStart, keepForStart } from "./keptStart";
import type { GardenAtSite } from "./gardenAtSite";
import type { answer, AnswerTo, ArgumentsOf, QuestionName } from "./questions";

/** An answer, and what it was the answer to. */
interface Answered<Q extends QuestionName> {
  value: AnswerTo<Q>;
  /** Null for an answer of the last visit. */
  now: GardenAtSite | null;
  key: string;
}

/** The last answer to each question: a view that comes back shows it until the next is there. */
const last = new Map<QuestionName, Answered<QuestionName>>();

interface Asking {
  isBusy: boolean;
  next: (() => Promise<void>) | null;
}
const asking = new Map<QuestionName, Asking>();

/** What a question was answered, to what, and whether a newer answer is on its way. */
export interface Asked<Q extends QuestionName> {
  /** Null until there is a first. */
  value: AnswerTo<Q> | null;
  asked: ArgumentsOf<Q>;
  isLate: boolean;
}

/** What answers on the page itself. */
export type Answering = typeof answer;

/**
 * The answer to a question of the worker: the last one stays until the next has come, and what is equal
 * in it keeps its identity.
 *
 * @param here answers the first question at once, before the worker is up; null where the view can wait
 *             for it, and nothing that answers is fetched with the view
 */
export function useAsked<Q extends QuestionName>(
  name: Q,
  args: ArgumentsOf<Q>,
  { garden, site }: GardenAtSite,
  here: Answering | null,
): Asked<Q> {
  const key = JSON.stringify(args);
  const [answered, setAnswered] = useState<Answered<Q> | null>(() => {
    const known = last.get(name) as Answered<Q> | undefined;
    if (known?.key === key) return known;
    // What the last visit was answered stands until the worker has answered anew.
    const kept = answerAtStart(name, key);
    if (kept !== undefined) return { value: kept, now: null, key };
    if (!here || deriver().isReady()) return null;
    return keepAnswer(name, here(name, { garden, site }, args), { garden, site }, key);
  });
  const isLate =
    answered?.now?.garden !== garden || answered.now.site !== site || answered.key !== key;
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
      const told = await askWorker(name, now, asked);
      const value = told ?? (here ?? (await import("./questions")).answer)(name, now, asked);
      if (isWanted) setAnswered(keepAnswer(name, value, now, key));
    });
    return () => {
      isWanted = false;
    };
  }, [name, key, garden, site, isLate, here]);
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
  keepForStart(name, key, answered.value, now);
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
