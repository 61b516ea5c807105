import type { Units } from "@/core/units";
import "./en/facts";
import { localWording, type LocalWording } from "./localWording";

/** As a program in a terminal says it, every fact among it: the same on every machine. */
export function plainWording(units: Units = "metric"): LocalWording {
  return localWording(units, "en-GB");
}
