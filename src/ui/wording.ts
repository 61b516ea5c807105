"use client";

import { useMemo } from "react";
import type { Units } from "@/core/wording";
import { localWording, type LocalWording } from "@/words";

export type { LocalWording } from "@/words";

export function useWording(units: Units): LocalWording {
  return useMemo(() => localWording(units), [units]);
}
