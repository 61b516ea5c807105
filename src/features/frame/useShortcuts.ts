"use client";

import { useEffect } from "react";
import { setView, useView } from "@/ui/viewState";
import { redo, undo } from "./steps";

const DAYS_PER_WEEK = 7;

/** The keys that work on every view. Plain keys rest while something is being typed. */
export function useShortcuts(today: number): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      // Whoever reaches for Ctrl may be about to open the palette: have it ready.
      if (event.key === "Control" || event.key === "Meta") void import("./Palette");
      const control = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (control && key === "k") {
        event.preventDefault();
        setView({ paletteOpen: true });
        return;
      }
      if (isTyping(event.target) || event.altKey || useView.getState().paletteOpen) return;
      if (control && key === "z") {
        event.preventDefault();
        void (event.shiftKey ? redo() : undo());
      } else if (control && key === "y") {
        event.preventDefault();
        void redo();
      } else if (!control && key === "l") {
        event.preventDefault();
        setView({ logging: "" });
      } else if (!control) {
        const date = useView.getState().dateInView ?? today;
        const target = {
          "[": date - 1,
          "]": date + 1,
          "{": date - DAYS_PER_WEEK,
          "}": date + DAYS_PER_WEEK,
          t: today,
        }[key];
        if (target !== undefined) setView({ dateInView: target });
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
