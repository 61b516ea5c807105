"use client";

import { useStore } from "zustand";
import { DATABASE, openDatabase } from "./database";
import { thisDevice } from "./device";
import { tabName } from "./tab";
import { createGardenStore, type GardenState, type GardenStore } from "./gardenStore";

let store: GardenStore | null = null;

/** The browser's one garden store. */
export function gardenStore(): GardenStore {
  store ??= createGardenStore({
    tab: tabName(),
    openStorage: (events) => openDatabase(DATABASE, events),
    channel:
      typeof BroadcastChannel === "undefined" ? undefined : new BroadcastChannel("late-ember"),
    // Asked for when there is something to lose, not at the door.
    writer: thisDevice,
    onFirstChange: () => void navigator.storage?.persist?.(),
  });
  return store;
}

/** A part of the garden's state; the component is drawn again when that part changes. */
export function useGarden<T>(select: (state: GardenState) => T): T {
  return useStore(gardenStore(), select);
}
