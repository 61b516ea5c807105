"use client";

import { usePathname } from "next/navigation";
import { useEffect } from "react";
import { whenNeeded } from "@/store/index";
import { useView } from "../viewState";
import { addressOf, OPENED, searchOf, type Address } from "./fields";

const readPart = whenNeeded(() => import("./readAddress"));

let isReading = false;

/** Shows what the address says is looked at; a bare address says nothing. */
export async function openAddress(): Promise<void> {
  if (window.location.search === "") return;
  // What reads it may be out of reach: the garden opens all the same.
  await show().catch(() => undefined);
}

async function show(): Promise<void> {
  const { readAddress } = await readPart();
  const { pathname, search } = window.location;
  isReading = true;
  useView.setState(readAddress(pathname, search));
  isReading = false;
}

/** Keeps the address in step with what is looked at, so that it can be kept, sent and gone back to. */
export function useAddress(): void {
  const pathname = usePathname();
  // A view that was gone to: the address says what of it is looked at.
  useEffect(() => write("replace"), [pathname]);
  useEffect(() => {
    const onBack = () => void show();
    window.addEventListener("popstate", onBack);
    const stop = useView.subscribe(() => {
      if (!isReading) write("asUsual");
    });
    return () => {
      window.removeEventListener("popstate", onBack);
      stop();
    };
  }, []);
}

/** Writes the address: as a place to come back to where something was opened. */
function write(how: "replace" | "asUsual"): void {
  const { pathname, search, hash } = window.location;
  const next = addressOf(pathname, useView.getState());
  const nextSearch = searchOf(next);
  if (nextSearch === search) return;
  const before = Object.fromEntries(new URLSearchParams(search)) as Address;
  const opens = [...OPENED].some((name) => next[name] && next[name] !== before[name]);
  // The router's own functions would begin a navigation and drop one that is under way; its state is
  // taken along, so that going back finds the same view.
  const { pushState, replaceState } = History.prototype;
  const set = how === "asUsual" && opens ? pushState : replaceState;
  set.call(window.history, window.history.state, "", `${pathname}${nextSearch}${hash}`);
}
