import { create } from "zustand";

/** How the program that runs here stands to the one that was fetched. */
interface Version {
  /**
   * `kept`: this version is here for use without a network. `newer`: another one is here and waits.
   * `taken`: another tab has taken it, and this one still shows the old.
   */
  state: "unknown" | "kept" | "newer" | "taken";
}

export const useVersion = create<Version>(() => ({ state: "unknown" }));
