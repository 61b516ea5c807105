"use client";

import type { DayNumber } from "@/core/calendar";
import { sameForWinters, type Garden } from "@/core/garden";
import { worthItems, type RehearsalAsked, type WorthKind } from "@/core/winter";
import { gardenStore } from "@/store";
import {
  connectRehearseWorker,
  startRehearsal,
  workersHere,
  type RehearsalRun,
  type RehearsalState,
} from "@/workers";
import { USUAL_WINTERS, useRehearsal, type Tried } from "./rehearsed";
import { lookInWinter } from "./useReckoned";

const WINTERS_OF_A_TRIAL = 400;

const WINTERS_OF_WORTH = 60;

/** Rehearses the garden as it is, from a day on. */
export function rehearse(
  fromDay: DayNumber,
  { winters, seed }: Pick<RehearsalAsked, "winters" | "seed">,
): void {
  endTrial();
  endWorth();
  useRehearsal.getState().rehearsed?.run.end();
  const { garden } = gardenStore().getState();
  const asked: RehearsalAsked = { fromDay, seed, winters, changes: [] };
  const run = takePrepared(garden, asked) ?? started(garden, asked, USUAL_WINTERS, false);
  run.resume(USUAL_WINTERS);
  useRehearsal.setState({ rehearsed: { garden, asked, run }, state: run.getState() });
  follow(run, (state) => {
    if (useRehearsal.getState().rehearsed?.run === run) useRehearsal.setState({ state });
  });
}

/** Tries changes side by side on the winters of the rehearsal, until each has its answer. */
export function tryChanges(tried: readonly Tried[]): void {
  endTrial();
  useRehearsal.setState({ tried });
  const trial = onSameWinters(
    tried.map(({ calls }) => calls),
    WINTERS_OF_A_TRIAL,
    true,
  );
  if (!trial) return;
  useRehearsal.setState({ trial, trialState: trial.getState() });
  follow(trial, (trialState) => {
    if (useRehearsal.getState().trial === trial) useRehearsal.setState({ trialState });
  });
}

/** Leaves out each cover, week of sowing or variety in turn, on the winters of the rehearsal. */
export function findWorth(kind: WorthKind): void {
  endWorth();
  const { rehearsed } = useRehearsal.getState();
  if (!rehearsed) return;
  const items = worthItems(rehearsed.garden, kind, rehearsed.asked.fromDay);
  useRehearsal.setState({ worth: { kind, items } });
  const run = onSameWinters(
    items.map(({ calls }) => calls),
    WINTERS_OF_WORTH,
    false,
  );
  if (!run) return;
  useRehearsal.setState({ worthRun: run, worthState: run.getState() });
  follow(run, (worthState) => {
    if (useRehearsal.getState().worthRun === run) useRehearsal.setState({ worthState });
  });
}

/** A rehearsal that is ready to go on, and what it is of. */
let prepared: { garden: Garden; asked: RehearsalAsked; run: RehearsalRun } | null = null;
/** Lived through before anybody asks, so that there are odds at once. */
const WINTERS_AHEAD = 2;

/** Gets ready for a rehearsal while its view is open; what it gives is called when that is left. */
export function prepareToRehearse(
  fromDay: DayNumber,
  { winters, seed }: Pick<RehearsalAsked, "winters" | "seed">,
): () => void {
  const { garden } = gardenStore().getState();
  const asked: RehearsalAsked = { fromDay, seed, winters, changes: [] };
  prepared?.run.end();
  prepared = { garden, asked, run: started(garden, asked, WINTERS_AHEAD, false) };
  return () => {
    prepared?.run.end();
    prepared = null;
  };
}

/** What was got ready, where it is of the same garden and winters. */
function takePrepared(garden: Garden, asked: RehearsalAsked): RehearsalRun | null {
  const found = prepared;
  prepared = null;
  const isSame =
    found !== null &&
    found.run.getState().status !== "broken" &&
    sameForWinters(found.garden, garden) &&
    JSON.stringify(found.asked) === JSON.stringify(asked);
  if (isSame) return found.run;
  found?.run.end();
  return null;
}

function started(garden: Garden, asked: RehearsalAsked, wanted: number, untilClear: boolean) {
  const connect = connectRehearseWorker;
  return startRehearsal(garden, asked, { connect, workers: workersHere(), wanted, untilClear });
}

function onSameWinters(changes: RehearsalAsked["changes"], wanted: number, untilClear: boolean) {
  const { rehearsed } = useRehearsal.getState();
  if (!rehearsed || changes.length === 0) return null;
  return started(rehearsed.garden, { ...rehearsed.asked, changes }, wanted, untilClear);
}

function follow(run: RehearsalRun, tell: (state: RehearsalState) => void): void {
  run.subscribe(() => tell(run.getState()));
}

function endTrial(): void {
  useRehearsal.getState().trial?.end();
  useRehearsal.setState({ trial: null, trialState: null, tried: [] });
}

function endWorth(): void {
  useRehearsal.getState().worthRun?.end();
  useRehearsal.setState({ worth: null, worthRun: null, worthState: null });
}

/** Looks at the garden in one of the winters that were rehearsed; resolves to whether that worked. */
export async function lookAtWinter(winter: number): Promise<boolean> {
  const { rehearsed } = useRehearsal.getState();
  const life = (await rehearsed?.run.tell(winter, 0)) ?? null;
  if (!life) return false;
  lookInWinter(life);
  const { totalKg, coldestC } = life;
  useRehearsal.setState({ looked: { winter, totalKg, coldestC } });
  return true;
}

/** Goes back to the garden's own days. */
export function leaveWinter(): void {
  lookInWinter(null);
  useRehearsal.setState({ looked: null });
}
