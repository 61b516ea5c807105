"use client";

import { useMemo } from "react";
import { useOdds } from "@/derive/rehearsed";
import { endWords, lostWords, mainCause } from "@/words/causes";
import type { StrandOdds } from "./StrandRow";

/** The odds of each strand over rehearsed winters; null where the plan was not rehearsed as it stands. */
export function useStrandOdds(): ReadonlyMap<string, StrandOdds> | null {
  const found = useOdds();
  return useMemo(
    () =>
      found &&
      new Map(
        [...found.odds].map(([id, odds]) => [
          id,
          {
            reached: odds.reached,
            winters: found.winters,
            early: odds.first.p10,
            late: odds.first.p90,
            words: [lostWords(odds), endWords(odds, found.winters).replace(" · ", "")]
              .filter((one) => one !== "")
              .join("; "),
            cause: mainCause(odds, found.winters),
          },
        ]),
      ),
    [found],
  );
}
