"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import TextField from "@mui/material/TextField";
import { useColorScheme } from "@mui/material/styles";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { dayNumberOf, type DayNumber } from "@/core/calendar";
import { cropsOf } from "@/core/garden";
import { plantingName } from "@/core/plantings";
import { gardenStore, useGarden } from "@/store/index";
import {
  lookAtDay,
  setView,
  tell,
  type PlaceSection,
  type SeedlingsSection,
  type WishStart,
} from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import {
  chooseGardenFile,
  loadDemoGarden,
  saveCalendarFile,
  saveGardenFile,
  savePlantingsTable,
} from "@/features/gardenFile";
import { readDate } from "./readDate";
import { redo, undo } from "./steps";

const PLACE_SECTIONS: readonly { label: string; section: PlaceSection }[] = [
  { label: "Frost odds", section: "frost" },
  { label: "Daylight", section: "light" },
  { label: "Sun on the beds", section: "sun" },
  { label: "Outlook", section: "outlook" },
];

const SEEDLINGS_SECTIONS: readonly { label: string; section: SeedlingsSection }[] = [
  { label: "Trays", section: "trays" },
  { label: "Room on the benches", section: "room" },
  { label: "Seed box", section: "seeds" },
  { label: "Seed to order", section: "order" },
  { label: "Potting mixes", section: "mix" },
  { label: "Crop library", section: "crops" },
];

interface Action {
  label: string;
  group: "Do" | "Go to" | "Add" | "Plantings" | "Date";
  run: () => void;
}

interface Props {
  day: DayNumber;
  today: DayNumber;
  wording: LocalWording;
  onClose: () => void;
}

/** "Do or find": everything by typing a few letters of it. */
export default function Palette({ day, today, wording, onClose }: Props) {
  const actions = useActions();
  const [typed, setTyped] = useState("");
  const monthNames = useMemo(() => {
    const format = new Intl.DateTimeFormat(undefined, { month: "long", timeZone: "UTC" });
    return Array.from({ length: 12 }, (_, index) =>
      format.format(new Date(dayNumberOf(2026, index + 1, 1) * 86_400_000)),
    );
  }, []);
  const found = readDate(typed, monthNames, day);
  const options: Action[] =
    found === null
      ? actions
      : [
          {
            label: `${typed}: ${wording.longDate(found)}`,
            group: "Date",
            run: () => lookAtDay(found, today),
          },
          ...actions,
        ];
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { "aria-label": "Do or find" } }}
      sx={{ "& .MuiDialog-container": { alignItems: "flex-start" } }}
    >
      <Autocomplete
        open
        autoHighlight
        disablePortal
        forcePopupIcon={false}
        options={options}
        groupBy={(action) => action.group}
        getOptionLabel={(action) => action.label}
        onInputChange={(_event, text) => setTyped(text)}
        onChange={(_event, action) => {
          onClose();
          action?.run();
        }}
        onClose={(_event, reason) => {
          if (reason === "escape") onClose();
        }}
        slotProps={{
          popper: {
            sx: {
              position: "static !important",
              transform: "none !important",
              width: "100% !important",
            },
          },
          listbox: { component: "div", sx: { maxHeight: "50dvh", p: 0 } },
        }}
        renderGroup={({ key, group, children }) => (
          <Box key={key} role="group" aria-label={group} sx={{ py: 0.5 }}>
            <Box
              aria-hidden
              sx={{ px: 2, py: 0.5, fontSize: 12.5, fontWeight: 700, color: "var(--ash-text)" }}
            >
              {group}
            </Box>
            {children}
          </Box>
        )}
        renderInput={(params) => (
          <TextField
            {...params}
            autoFocus
            label="Do or find"
            placeholder="spinach, 1 dec, undo, place…"
            sx={{ m: 2, width: "calc(100% - 32px)" }}
          />
        )}
      />
    </Dialog>
  );
}

function useActions(): Action[] {
  const garden = useGarden((state) => state.garden);
  const router = useRouter();
  const { setMode } = useColorScheme();
  return useMemo(() => {
    const school = (value: "growth" | "tenhour" | "calendar") => () =>
      void gardenStore().dispatch("settings.set", { school: value });
    const wish = (start: WishStart) => {
      if (!garden.place || garden.beds.size === 0) {
        tell("First give the place and add beds: then it can be reckoned.", "refused");
        return;
      }
      router.push("/plan");
      setView({ wish: start });
    };
    const list: Action[] = [
      { label: "Today", group: "Go to", run: () => router.push("/today") },
      {
        label: "The week's sheet to print",
        group: "Go to",
        run: () => router.push("/today/sheet"),
      },
      { label: "Logbook", group: "Go to", run: () => router.push("/logbook") },
      { label: "Plan", group: "Go to", run: () => router.push("/plan") },
      { label: "Beds", group: "Go to", run: () => router.push("/beds") },
      { label: "Shelters", group: "Go to", run: () => router.push("/shelters") },
      { label: "The night to come", group: "Go to", run: () => router.push("/shelters") },
      { label: "Place", group: "Go to", run: () => router.push("/place") },
      ...PLACE_SECTIONS.map(({ label, section }) => ({
        label,
        group: "Go to" as const,
        run: () => {
          setView({ placeSection: section });
          router.push("/place");
        },
      })),
      ...SEEDLINGS_SECTIONS.map(({ label, section }) => ({
        label,
        group: "Go to" as const,
        run: () => {
          setView({ seedlingsSection: section, selectedTrayId: null });
          router.push("/seedlings");
        },
      })),
      {
        label: "Labels to print",
        group: "Go to",
        run: () => router.push("/seedlings/labels"),
      },
      { label: "Today's date", group: "Go to", run: () => setView({ dateInView: null }) },
      { label: "Write in the log…", group: "Do", run: () => setView({ logging: "" }) },
      { label: "I want…", group: "Do", run: () => wish({}) },
      {
        label: "What can still be sown…",
        group: "Do",
        run: () => {
          router.push("/plan");
          setView({ sowingToday: true });
        },
      },
      {
        label: "What if I sow today?",
        group: "Do",
        run: () => wish({ mode: "today" }),
      },
      {
        label: "Add beds…",
        group: "Do",
        run: () => setView({ addingBeds: true }),
      },
      { label: "Undo", group: "Do", run: () => void undo() },
      { label: "Redo", group: "Do", run: () => void redo() },
      {
        label: "Save calendar for the phone (.ics)",
        group: "Do",
        run: () => void saveCalendarFile(garden),
      },
      {
        label: "Save plantings as a table (.csv)",
        group: "Do",
        run: () => void savePlantingsTable(garden),
      },
      { label: "Save garden as a file", group: "Do", run: () => void saveGardenFile(garden) },
      { label: "Import a garden file…", group: "Do", run: chooseGardenFile },
      { label: "Load the demo garden", group: "Do", run: () => void loadDemoGarden() },
      { label: "Settings", group: "Do", run: () => setView({ settingsOpen: true }) },
      { label: "Look: Day", group: "Do", run: () => setMode("light") },
      { label: "Look: Lamp", group: "Do", run: () => setMode("dark") },
      { label: "Count by growth", group: "Do", run: school("growth") },
      { label: "Count by the ten-hour day", group: "Do", run: school("tenhour") },
      { label: "Count by the calendar", group: "Do", run: school("calendar") },
    ];
    for (const crop of cropsOf(garden).values()) {
      list.push({
        label: `Add ${crop.name.toLowerCase()}…`,
        group: "Add",
        run: () => wish({ cropId: crop.id }),
      });
    }
    for (const planting of garden.plantings.values()) {
      const bed = garden.beds.get(planting.bedId)?.name ?? "";
      list.push({
        label: `${plantingName(garden, planting)} · ${bed}`,
        group: "Plantings",
        run: () => {
          router.push("/plan");
          setView({ selectedPlantingId: planting.id });
        },
      });
    }
    const order = ["Do", "Go to", "Add", "Plantings"];
    // Two plantings may read alike; the list needs each label once.
    const seen = new Map<string, number>();
    return list
      .sort((a, b) => order.indexOf(a.group) - order.indexOf(b.group))
      .map((action) => {
        const times = (seen.get(action.label) ?? 0) + 1;
        seen.set(action.label, times);
        return times === 1 ? action : { ...action, label: `${action.label} (${times})` };
      });
  }, [garden, router, setMode]);
}
