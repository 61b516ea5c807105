"use client";

import { create } from "zustand";
import type { DayNumber } from "@/core/calendar";
import type { WayOut } from "@/core/commands";
import type { Told } from "@/core/facts";
import { told } from "./wording";

/** What the "I want…" dialog opens with. */
export interface WishStart {
  cropId?: string;
  bedId?: string;
  mode?: "by" | "between" | "sowOn";
}

/** What of the place is looked at. */
export type PlaceSection = "frost" | "light" | "sun" | "outlook";

/** What of the seedlings is looked at. */
export type SeedlingsSection = "trays" | "room" | "seeds" | "saving" | "order" | "mix" | "crops";

/** What of a bed is looked at. */
export type BedSection = "standing" | "fill" | "soil" | "lie";

/** Something told at the foot of the screen for a while. */
export interface Message {
  text: string;
  kind: "done" | "refused";
  /** Offers to take the last step back. */
  undoable: boolean;
  /** Other ways to what was refused, each taken with a tap. */
  ways: readonly WayOut[];
}

/** What of the log is shown: the dates as ISO, empty where nothing is said. */
export interface LogFilter {
  text: string;
  kind: string;
  from: string;
  until: string;
}
export const NO_FILTER: LogFilter = { text: "", kind: "", from: "", until: "" };

/** What is being looked at: nothing of this is part of the garden. */
export interface ViewState {
  /** The lantern's date; null is today, whichever day that is. */
  dateInView: DayNumber | null;
  selectedPlantingId: string | null;
  /** A planting that is being dragged, and the sowing it would have if let go. */
  dragged: { plantingId: string; sowDay: DayNumber } | null;
  /** The bed whose sun is looked at; null for the whole garden. */
  sunBedId: string | null;
  placeSection: PlaceSection;
  seedlingsSection: SeedlingsSection;
  /** The bed that is looked at on the map. */
  selectedBedId: string | null;
  bedSection: BedSection;
  /** The opening of the bed that is looked at; null for the first. */
  openingFrom: string | null;
  /** The tray that is looked at. */
  selectedTrayId: string | null;
  /** The crop that is read about; null for the first. */
  cropId: string | null;
  /** What the strands of the plan stand under. */
  planGrouping: "bed" | "crop";
  /** The covers that are looked at; null for the most covered. */
  coversKey: string | null;
  logFilter: LogFilter;
  /** The list of what can still be sown today. */
  sowingToday: boolean;
  wish: WishStart | null;
  /** The line of the log that is being written, with what it begins with; null when none is. */
  logging: string | null;
  paletteOpen: boolean;
  settingsOpen: boolean;
  /** Help is open, with what stands first in it. */
  helping: "keys" | "terms" | null;
  /** The step of the tour, from 0; null when nobody is on it. */
  tourStep: number | null;
  addingBeds: boolean;
  /** What stands already is being entered, first of all in this bed; null when it is not. */
  growingNow: { bedId?: string } | null;
  /** A file that was chosen and is being taken in; null when none is. */
  importing: { file: File; kind: "garden" | "map" | "join" } | null;
  /** A table of the grower's own is being brought in: chosen already, or not yet; null when none is. */
  bringing: { file: File | null } | null;
  /** A weather record is being read in: chosen already, or not yet; null when none is. */
  readingRecord: { file: File | null } | null;
  /** A file is held over the page. */
  dropping: boolean;
  /** What of keeping the garden outside this browser is open. */
  keeping: "calendar" | "backups" | "share" | null;
  /** The last file is old (null: there is none) and so much changed since. */
  backupDue: { daysAgo: number | null; changes: number } | null;
  message: Message | null;
}

export const useView = create<ViewState>(() => ({
  dateInView: null,
  selectedPlantingId: null,
  dragged: null,
  sunBedId: null,
  placeSection: "frost",
  seedlingsSection: "trays",
  selectedTrayId: null,
  selectedBedId: null,
  bedSection: "standing",
  openingFrom: null,
  cropId: null,
  planGrouping: "bed",
  coversKey: null,
  logFilter: NO_FILTER,
  sowingToday: false,
  wish: null,
  logging: null,
  paletteOpen: false,
  settingsOpen: false,
  helping: null,
  tourStep: null,
  addingBeds: false,
  growingNow: null,
  importing: null,
  bringing: null,
  readingRecord: null,
  dropping: false,
  keeping: null,
  backupDue: null,
  message: null,
}));

/** Puts the lantern on a day; today's goes along with the calendar. */
export function lookAtDay(day: DayNumber, today: DayNumber): void {
  useView.setState({ dateInView: day === today ? null : day });
}

export function setView(some: Partial<ViewState>): void {
  useView.setState(some);
}

/** Tells something that has been done, or refused, at the foot of the screen. */
export function tell(text: Told, kind: Message["kind"] = "done", undoable = false): void {
  useView.setState({ message: { text: told(text), kind, undoable, ways: [] } });
}

/** Tells why something was refused, with other ways to it where there are some. */
export function tellRefusal(done: { refusal: Told; ways?: readonly WayOut[] }): void {
  const { refusal, ways = [] } = done;
  useView.setState({ message: { text: told(refusal), kind: "refused", undoable: false, ways } });
}
