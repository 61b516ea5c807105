import { useEffect, useState } from "react";
import { isEmptyGarden } from "@/core/garden";
import { readStart } from "@/derive";
import { gardenStore, whenNeeded } from "@/store/index";
import { openAddress } from "@/ui/address";

/** How far the page is with opening what this browser keeps. */
export type Opening = { step: "opening" | "slow" | "open" } | { step: "failed"; error: unknown };

/** So long a browser may take before it is said that it takes long, ms. */
const SLOW_MS = 10_000;

const gardenTaken = whenNeeded(() => import("@/features/gardenFile/gardenTaken"));

let begun: Promise<unknown> | null = null;

/** Begins as soon as this part of the program is there: the browser reads while the page is being drawn. */
function begin(): Promise<unknown> {
  begun ??= Promise.all([openGarden(), openAddress()]);
  return begun;
}
// What fails is told by whoever waits for it.
if (typeof window !== "undefined") begin().catch(() => undefined);

/** Opens the garden and what the address says of it; once, as the page begins. */
export function useOpening(): Opening {
  const [opening, setOpening] = useState<Opening>({ step: "opening" });
  useEffect(() => {
    const slow = setTimeout(() => setOpening({ step: "slow" }), SLOW_MS);
    begin()
      .then(
        () => setOpening({ step: "open" }),
        (error: unknown) => setOpening({ step: "failed", error }),
      )
      .finally(() => clearTimeout(slow));
  }, []);
  return opening;
}

/** Opens what this browser keeps; a server started for the demo fills an empty browser with it. */
async function openGarden(): Promise<void> {
  // Before the garden, so that its first view has it.
  await readStart();
  const store = gardenStore();
  await store.open();
  if (store.getState().status !== "ready" || !isEmptyGarden(store.getState().garden)) return;
  if ((await kindOfStart()) === "demo" && isEmptyGarden(store.getState().garden)) {
    await (await gardenTaken()).loadDemoGarden(true);
  }
}

/** What the server was started with; without one, or one that answers otherwise, nothing comes by itself. */
async function kindOfStart(): Promise<string> {
  try {
    const answer = await fetch("/api/start");
    return answer.ok ? ((await answer.json()) as { garden: string }).garden : "empty";
  } catch {
    return "empty";
  }
}
