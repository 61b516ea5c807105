import type { Workbox } from "workbox-window";
import { whenNeeded } from "@/store/index";
import { useVersion } from "./useVersion";

const workboxPart = whenNeeded(() => import("workbox-window"));

/** A garden may stay open for weeks: how often a newer version is asked for, ms. */
const ASKED_EVERY_MS = 3_600_000;

let workbox: Workbox | null = null;
let isTaking = false;

/**
 * Has the program kept for use without a network, and hears of newer ones. Once for each page.
 *
 * @returns whether this browser keeps it: only over https, and on this very machine
 */
export async function keepForOffline(): Promise<boolean> {
  if (workbox) return true;
  if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return false;
  const { Workbox } = await workboxPart();
  workbox = new Workbox("/sw.js");
  workbox.addEventListener("waiting", () => useVersion.setState({ state: "newer" }));
  workbox.addEventListener("activated", markKept);
  const wasKept = navigator.serviceWorker.controller !== null;
  workbox.addEventListener("controlling", () => {
    if (isTaking) window.location.reload();
    // The very first version takes nothing over.
    else if (wasKept) useVersion.setState({ state: "taken" });
  });
  const registration = await workbox.register();
  if (registration?.active) markKept();
  const ask = () => void workbox?.update().catch(() => undefined);
  setInterval(ask, ASKED_EVERY_MS);
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible") ask();
  });
  return registration !== undefined;
}

function markKept(): void {
  if (useVersion.getState().state === "unknown") useVersion.setState({ state: "kept" });
}

/** Goes on with the newer version: the page is loaded anew. */
export function takeNewerVersion(): void {
  if (useVersion.getState().state !== "newer" || !workbox) return window.location.reload();
  isTaking = true;
  workbox.messageSkipWaiting();
}
