"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";
import {
  gardenStore,
  isMissingPart,
  loadAllParts,
  MISSING_PART,
  runWhenIdle,
  whenNeeded,
} from "@/store/index";
import { setView, tell } from "@/ui/viewState";
import { shell as say } from "@/words/en/shell";

const offlinePart = whenNeeded(() => import("@/features/offline/keepForOffline"));
const savedPart = whenNeeded(() => import("@/features/gardenFile/backups/saved"));
const copiesPart = whenNeeded(() => import("@/features/gardenFile/backups/copies"));
const droppedPart = whenNeeded(() => import("@/features/gardenFile/droppedFiles"));
const handedPart = whenNeeded(() => import("@/features/offline/handedFiles"));

/** The first view is drawn and answers before anything else is fetched, ms. */
const REST_MS = 1500;

/**
 * What is done once the page has come to rest: the program is kept for use without a network, and
 * what is kept of the garden is looked through for what does not read. Where a browser keeps no
 * program (over plain http), every part is fetched instead, so that this page goes on at least.
 */
export function useWarmUp(hrefs: readonly string[]): void {
  const router = useRouter();
  useEffect(() => {
    const timer = setTimeout(() => {
      void droppedPart().then(({ takeDroppedFiles }) =>
        takeDroppedFiles((href, view) => {
          router.push(href);
          setView(view);
        }),
      );
      void handedPart().then(({ takeHandedFiles }) => takeHandedFiles());
      void warmUp((href) => router.prefetch(href), hrefs);
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [router, hrefs]);
  useEffect(() => {
    const onRejection = ({ reason }: PromiseRejectionEvent) => {
      if (isAbort(reason)) return;
      tell(isMissingPart(reason) ? MISSING_PART : wentWrong(reason), "refused");
    };
    // What is not written yet would be lost: the browser asks.
    const onLeaving = (event: BeforeUnloadEvent) => {
      if (gardenStore().isWriting()) event.preventDefault();
    };
    window.addEventListener("unhandledrejection", onRejection);
    window.addEventListener("beforeunload", onLeaving);
    return () => {
      window.removeEventListener("unhandledrejection", onRejection);
      window.removeEventListener("beforeunload", onLeaving);
    };
  }, []);
}

async function warmUp(prefetch: (href: string) => void, hrefs: readonly string[]): Promise<void> {
  // Who saves data fetches only what is looked at.
  const { connection } = navigator as { connection?: { saveData?: boolean } };
  const isSparing = connection?.saveData === true;
  const isKept = !isSparing && (await keptForOffline());
  const isFetching = !isSparing && !isKept;
  if (!isSparing) for (const href of hrefs) prefetch(href);
  if (isFetching) await loadAllParts();
  else
    await gardenStore()
      .makeReady()
      .catch(() => undefined);
  await gardenStore().setAsideDamaged();
  await runWhenIdle(isFetching);
  await (await savedPart()).remindOfBackup();
  await (await copiesPart()).openCopies();
}

async function keptForOffline(): Promise<boolean> {
  try {
    return await (await offlinePart()).keepForOffline();
  } catch {
    // A browser that keeps no program still keeps the garden.
    return false;
  }
}

function wentWrong(reason: unknown): string {
  const { message } = (reason ?? {}) as { message?: unknown };
  return say.somethingWentWrongAndYourLast({ slice: String(message ?? reason).slice(0, 160) });
}

/** Something that was stopped on purpose, by leaving its view or closing its dialog. */
function isAbort(reason: unknown): boolean {
  return (reason as { name?: unknown } | null)?.name === "AbortError";
}
