"use client";

import { useEffect } from "react";
import { areSingleKeysOn } from "@/ui/keys";
import { lookAtDay, setView, useView } from "@/ui/viewState";
import { redo, undo } from "./steps";

/** Keys that move the date in view, by days. */
const DATE_STEPS: Readonly<Record<string, number>> = { "[": -1, "]": 1, "{": -7, "}": 7 };

/** The keys that work on every view. Plain keys rest while something is being typed. */
export function useShortcuts(today: number): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const control = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (control && key === "k") {
        event.preventDefault();
        setView({ paletteOpen: true });
        return;
      }
      if (isTyping(event.target) || useView.getState().paletteOpen) return;
      const areSingle = areSingleKeysOn();
      const step = areSingle ? DATE_STEPS[event.key] : undefined;
      if (step !== undefined) {
        // Many keyboards have brackets only with AltGr (which counts as Ctrl and Alt) or Option.
        if (event.metaKey || (event.ctrlKey && !event.altKey)) return;
        event.preventDefault();
        lookAtDay((useView.getState().dateInView ?? today) + step, today);
        return;
      }
      if (event.altKey) return;
      if (control && key === "z") {
        event.preventDefault();
        void (event.shiftKey ? redo() : undo());
      } else if (control && key === "y") {
        event.preventDefault();
        void redo();
      } else if (control || !areSingle) {
        return;
      } else if (key === "?") {
        event.preventDefault();
        setView({ helping: "keys" });
      } else if (key === "l") {
        event.preventDefault();
        setView({ logging: "" });
      } else if (key === "t") {
        setView({ dateInView: null });
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [today]);
}

const TICKED: ReadonlySet<string> = new Set(["checkbox", "radio", "button"]);

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  // Nothing is typed into a box that is ticked.
  if (target instanceof HTMLInputElement && TICKED.has(target.type)) return false;
  return (
    target.isContentEditable ||
    ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName) ||
    target.closest('[role="dialog"], [role="combobox"], [role="listbox"], [role="menu"]') !== null
  );
}
