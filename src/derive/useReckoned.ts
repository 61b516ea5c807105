"use client";

import { create } from "zustand";
import { derive } from "@/core/derive";
import { inWrittenWinter, type Garden, type WrittenWinter } from "@/core/garden";
import type { Site } from "@/core/growth";
import { isPrepared, siteFor, takePreparation } from "@/core/plantings";
import { gardenStore, whenIdle } from "@/store";
import { deriver } from "./deriver";
import { preparedAtStart } from "./keptStart";

/** The garden as the views show it, with its place. */
export interface Reckoned {
  garden: Garden;
  /** Null while the place is not known. */
  site: Site | null;
  /** Whether a newer garden is being worked out, such as one under other covers. */
  isBehind: boolean;
}

const useStore = create<Reckoned>(() => {
  const { garden } = gardenStore().getState();
  return { garden, site: siteFor(garden), isBehind: false };
});

/** Whether the worker is up and has what is on the screen: from then on the next can be waited for. */
let canWait = false;
let isPreparing = false;

/** The winter that the garden is looked at in; null for its own days. */
let lookedIn: WrittenWinter | null = null;

/** The newest garden, in the winter that it is looked at in. */
function newest(): Garden {
  const { garden } = gardenStore().getState();
  return lookedIn ? derive([garden, lookedIn], inWrittenWinter) : garden;
}

/** Shows every view the garden in a rehearsed winter; null goes back to its own days. */
export function lookInWinter(life: WrittenWinter | null): void {
  lookedIn = life;
  gardenStore().onlyLook(life !== null);
  follow();
}

/** Shows the newest garden; where something long must be worked out first, the one before stays. */
function follow(): void {
  const garden = newest();
  if (garden === useStore.getState().garden) return;
  if (!canWait || isPrepared(garden)) return show(garden);
  useStore.setState({ isBehind: true });
  if (isPreparing) return;
  isPreparing = true;
  void workOut(garden).finally(() => {
    isPreparing = false;
    show(garden);
    // There may be a newer one by now.
    follow();
  });
}

/** Has the worker do what takes long; without one it is done here, where it is needed. */
async function workOut(garden: Garden): Promise<void> {
  try {
    takePreparation(garden, await deriver().prepare(garden));
  } catch {
    canWait = false;
  }
}

function show(garden: Garden): void {
  const prepared = garden === gardenStore().getState().garden ? preparedAtStart() : null;
  if (prepared) takePreparation(garden, prepared);
  useStore.setState({ garden, site: siteFor(garden), isBehind: false });
}

gardenStore().subscribe(follow);
// Up before it is needed, and there where the network ends.
whenIdle(async () => {
  canWait = await deriver().start();
  if (canWait) await workOut(useStore.getState().garden);
});

/** The garden and its place as everything on the screen shows them: always of one moment. */
export function useReckoned(): Reckoned {
  return useStore();
}
