"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { gardenStore, isMissingPart, loadAllParts, MISSING_PART, runWhenIdle } from "@/store/index";
import { tell } from "@/ui/viewState";
import { shell as say } from "@/words/en/shell";

/** The first view is drawn and answers before anything else is fetched, ms. */
const REST_MS = 1500;

/**
 * What is done once the page has come to rest: every part that it may need is fetched, so that it
 * goes on where the network ends, and what is kept is looked through for what does not read.
 */
export function useWarmUp(hrefs: readonly string[]): void {
  const router = useRouter();
  useEffect(() => {
    const timer = setTimeout(() => {
      for (const href of hrefs) router.prefetch(href);
      void loadAllParts()
        .then(() => gardenStore().setAsideDamaged())
        .then(runWhenIdle);
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [router, hrefs]);
  useEffect(() => {
    const onRejection = ({ reason }: PromiseRejectionEvent) => {
      if (isAbort(reason)) return;
      tell(isMissingPart(reason) ? MISSING_PART : wentWrong(reason), "refused");
    };
    window.addEventListener("unhandledrejection", onRejection);
    return () => window.removeEventListener("unhandledrejection", onRejection);
  }, []);
}

function wentWrong(reason: unknown): string {
  const { message } = (reason ?? {}) as { message?: unknown };
  return say.somethingWentWrongAndYourLast({ slice: String(message ?? reason).slice(0, 160) });
}

/** Something that was stopped on purpose, by leaving its view or closing its dialog. */
function isAbort(reason: unknown): boolean {
  return (reason as { name?: unknown } | null)?.name === "AbortError";
}
