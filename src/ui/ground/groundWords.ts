import type { Across } from "@/core/layout";
import { ground as say } from "@/words/en/ground";
import type { LocalWording } from "../wording";

/** How something lies across its bed, in a few words; nothing where it lies from side to side. */
export function groundWords(across: Across, wording: LocalWording): string {
  const short = (m: number) => wording.distanceCm(m * 100);
  switch (across.kind) {
    case "whole":
      return "";
    case "strip":
      return say.stripWords({
        from: short(across.fromM),
        to: short(across.fromM + across.widthM),
      });
    case "sides":
      return say.sidesWords({ wide: short(across.widthM) });
    case "edge":
      return say.edgeWords({ inset: short(across.insetM) });
    case "cells":
      return say.cellsWords({ count: across.cells.length });
  }
}
