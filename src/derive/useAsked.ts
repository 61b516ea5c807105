"use client";

import { useEffect, useMemo, useState } from "react";
import { keepEqual } from "@/core/derive";
import { whenNeeded } from "@/store";
import { deriver } from "./deriver";
import { answerAtStart, keepForStart } from "./keptStart";
import type { GardenAtSite } from "./gardenAtSite";
import type { AnswerTo, ArgumentsOf, QuestionName } from "./questions";

/** What answers on the page itself: seldom asked, as the last visit's answers are kept. */
const answeringPart = whenNeeded(() => import("./questions"));

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

/**
 * The answer to a question of the worker: the last one stays until the next has come, and what is equal
 * in it keeps its identity.
 *
 * @param isUrgent whether the first answer, where the last visit left none, is worked out on the page
 *                 while no worker is up
 * @throws in drawing, where what is urgent can be answered neither by a worker nor by the page
 */
export function useAsked<Q extends QuestionName>(
  name: Q,
  args: ArgumentsOf<Q>,
  { garden, site }: GardenAtSite,
  isUrgent: boolean,
): Asked<Q> {
  const key = JSON.stringify(args);
  const [answered, setAnswered] = useState<Answered<Q> | null>(() => {
    const known = last.get(name) as Answered<Q> | undefined;
    if (known?.key === key) return known;
    // What the last visit was answered stands until the worker has answered anew.
    const kept = answerAtStart(name, key);
    return kept === undefined ? null : { value: kept, now: null, key };
  });
  const [failure, setFailure] = useState<{ error: unknown } | null>(null);
  if (failure) throw failure.error;
  const isFirst = answered === null;
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
      try {
        const isHere = isUrgent && isFirst && !deriver().isReady();
        const value = await (isHere ? answeredHere : answeredByWorker)(name, now, asked);
        if (isWanted) setAnswered(keepAnswer(name, value, now, key));
      } catch (error) {
        // Without a first answer there is nothing to draw; what only adds to a view is told beside it.
        if (!isUrgent || !isFirst) throw error;
        if (isWanted) setFailure({ error });
      }
    });
    return () => {
      isWanted = false;
    };
  }, [name, key, garden, site, isLate, isUrgent, isFirst]);
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

/** The worker's answer; the page's own where it is not up, or went away. */
async function answeredByWorker<Q extends QuestionName>(
  name: Q,
  now: GardenAtSite,
  args: ArgumentsOf<Q>,
): Promise<AnswerTo<Q>> {
  try {
    const told = (await deriver().start()) ? await deriver().ask(now.garden, name, args) : null;
    if (told !== null) return told;
  } catch {
    // A worker that breaks is no reason to show nothing.
  }
  return answeredHere(name, now, args);
}

async function answeredHere<Q extends QuestionName>(
  name: Q,
  now: GardenAtSite,
  args: ArgumentsOf<Q>,
): Promise<AnswerTo<Q>> {
  return (await answeringPart()).answer(name, now, args);
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
