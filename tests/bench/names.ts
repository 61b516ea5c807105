import { findCrops } from "@/core/cropNames";
import { cropLibrary } from "@/core/crops";
import { medianMs, report } from "./timing";

const TYPED = ["zuchini", "corriander", "kale", "spring onion", "blorfenheim"];

/** A search over every name of every crop, spelled right, with a slip, and in vain. */
export function benchNames(): void {
  findCrops(cropLibrary, "kale"); // the list of names is made once
  const ms = medianMs(() => {
    for (const typed of TYPED) findCrops(cropLibrary, typed);
  });
  report("a search over all names of crops, with typos", ms / TYPED.length, 5, "ms");
}
