import { isoDate } from "@/core/calendar";
import type { ViewState } from "../viewState";

/** What the address of a view holds, by name; nothing stands for what is usual. */
export type Address = Partial<Record<AddressName, string>>;

export const ADDRESS_NAMES = [
  "on",
  "planting",
  "bed",
  "part",
  "opening",
  "tray",
  "crop",
  "covers",
  "by",
  "find",
  "kind",
  "from",
  "until",
  "dialog",
  "mode",
] as const;
export type AddressName = (typeof ADDRESS_NAMES)[number];

/** What one opens, and leaves with the back button; the rest only changes what the address says. */
export const OPENED: ReadonlySet<AddressName> = new Set<AddressName>([
  "planting",
  "bed",
  "part",
  "tray",
  "crop",
  "covers",
  "dialog",
]);

/** The address of what is looked at in a view. */
export function addressOf(path: string, state: ViewState): Address {
  const { dateInView, selectedPlantingId, logging, settingsOpen, addingBeds } = state;
  return withoutUsual({
    on: dateInView === null ? null : isoDate(dateInView),
    planting: selectedPlantingId,
    dialog: settingsOpen ? "settings" : addingBeds ? "beds" : logging !== null ? "log" : null,
    ...inView(path, state),
  });
}

function inView(path: string, state: ViewState): Record<string, string | null> {
  switch (path) {
    case "/plan": {
      const { wish, sowingToday, planGrouping } = state;
      return {
        by: planGrouping === "bed" ? null : planGrouping,
        ...(sowingToday ? { dialog: "sow" } : {}),
        ...(wish
          ? {
              dialog: "wish",
              crop: wish.cropId ?? null,
              bed: wish.bedId ?? null,
              mode: wish.mode ?? null,
            }
          : {}),
      };
    }
    case "/beds":
      return {
        bed: state.selectedBedId,
        part: state.bedSection === "standing" ? null : state.bedSection,
        opening: state.openingFrom,
      };
    case "/place":
      return {
        part: state.placeSection === "frost" ? null : state.placeSection,
        bed: state.sunBedId,
      };
    case "/seedlings":
      return {
        part: state.seedlingsSection === "trays" ? null : state.seedlingsSection,
        tray: state.selectedTrayId,
        crop: state.seedlingsSection === "crops" ? state.cropId : null,
      };
    case "/shelters":
      return { covers: state.coversKey };
    case "/logbook": {
      const { text, kind, from, until } = state.logFilter;
      return { find: text, kind, from, until };
    }
    default:
      return {};
  }
}

function withoutUsual(found: Record<string, string | null>): Address {
  return Object.fromEntries(
    Object.entries(found).filter(([, value]) => value !== null && value !== ""),
  );
}

/** As the end of an address: "?on=2026-11-10&bed=bed-9", empty where nothing is to be said. */
export function searchOf(address: Address): string {
  const search = new URLSearchParams(
    ADDRESS_NAMES.flatMap((name) => {
      const value = address[name];
      return value === undefined ? [] : [[name, value]];
    }),
  ).toString();
  return search === "" ? "" : `?${search}`;
}
