"use client";

import Autocomplete, { createFilterOptions } from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import TextField from "@mui/material/TextField";
import { useColorScheme } from "@mui/material/styles";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { dayNumberOf, type DayNumber } from "@/core/calendar";
import { otherNamesOf } from "@/core/cropNames";
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
import { useWording } from "@/ui/wording";
import {
  chooseGardenFile,
  loadDemoGarden,
  saveGardenFile,
  savePlantingsTable,
} from "@/features/gardenFile";
import { readDate } from "./readDate";
import { redo, undo } from "./steps";
import { logbookSections as pages } from "@/words/en/logbookSections";
import { shell as say } from "@/words/en/shell";
import { help as helpSay } from "@/words/en/help";
import { settings as settingsSay } from "@/words/en/settings";

const PLACE_SECTIONS: readonly { label: string; section: PlaceSection }[] = [
  { label: settingsSay.frostOdds, section: "frost" },
  { label: settingsSay.daylight, section: "light" },
  { label: settingsSay.sunOnTheBeds, section: "sun" },
  { label: settingsSay.forecast, section: "outlook" },
];

const SEEDLINGS_SECTIONS: readonly { label: string; section: SeedlingsSection }[] = [
  { label: settingsSay.trays, section: "trays" },
  { label: settingsSay.traySpace, section: "room" },
  { label: settingsSay.seedBox, section: "seeds" },
  { label: settingsSay.ownSeed, section: "saving" },
  { label: settingsSay.seedOrder, section: "order" },
  { label: settingsSay.pottingMixes, section: "mix" },
  { label: settingsSay.cropLibrary, section: "crops" },
];

interface Action {
  label: string;
  /** Under what it stands in the list. */
  group: string;
  /** Other words by which it is found. */
  also?: string;
  run: () => void;
}

const filterActions = createFilterOptions<Action>({
  stringify: ({ label, also }) => (also === undefined ? label : `${label} ${also}`),
});

interface Props {
  day: DayNumber;
  today: DayNumber;
  onClose: () => void;
}

/** "Do or find": everything by typing a few letters of it. */
export default function Palette({ day, today, onClose }: Props) {
  const wording = useWording();
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
            group: settingsSay.date,
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
      slotProps={{ paper: { "aria-label": say.searchOrRunACommand } }}
      sx={{ "& .MuiDialog-container": { alignItems: "flex-start" } }}
    >
      <Autocomplete
        open
        autoHighlight
        disablePortal
        forcePopupIcon={false}
        options={options}
        filterOptions={filterActions}
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
            label={say.searchOrRunACommand}
            placeholder={settingsSay.spinach1DecUndoPlace}
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
        tell(settingsSay.setYourLocationAndAddBedsFirst, "refused");
        return;
      }
      router.push("/plan");
      setView({ wish: start });
    };
    const list: Action[] = [
      { label: say.today, group: settingsSay.goTo, run: () => router.push("/today") },
      {
        label: settingsSay.printTheWeeklySheet,
        group: settingsSay.goTo,
        run: () => router.push("/today/sheet"),
      },
      { label: say.larder, group: settingsSay.goTo, run: () => router.push("/larder") },
      {
        label: say.rehearseThePlan,
        group: settingsSay.goTo,
        run: () => router.push("/plan/rehearse"),
      },
      { label: say.practiseAWinter, group: settingsSay.goTo, run: () => router.push("/practise") },
      { label: say.logbook, group: settingsSay.goTo, run: () => router.push("/logbook") },
      ...[
        { label: pages.numbers, href: "/logbook/numbers" },
        { label: pages.seasons, href: "/logbook/seasons" },
        { label: pages.trials, href: "/logbook/trials" },
      ].map(({ label, href }) => ({
        label,
        group: settingsSay.goTo,
        run: () => router.push(href),
      })),
      { label: say.plan, group: settingsSay.goTo, run: () => router.push("/plan") },
      { label: say.beds, group: settingsSay.goTo, run: () => router.push("/beds") },
      { label: say.shelters, group: settingsSay.goTo, run: () => router.push("/shelters") },
      { label: settingsSay.tonight, group: settingsSay.goTo, run: () => router.push("/shelters") },
      { label: say.place, group: settingsSay.goTo, run: () => router.push("/place") },
      ...PLACE_SECTIONS.map(({ label, section }) => ({
        label,
        group: settingsSay.goTo,
        run: () => {
          setView({ placeSection: section });
          router.push("/place");
        },
      })),
      ...SEEDLINGS_SECTIONS.map(({ label, section }) => ({
        label,
        group: settingsSay.goTo,
        run: () => {
          setView({ seedlingsSection: section, selectedTrayId: null });
          router.push("/seedlings");
        },
      })),
      {
        label: settingsSay.printLabels,
        group: settingsSay.goTo,
        run: () => router.push("/seedlings/labels"),
      },
      {
        label: settingsSay.goToTodaysDate,
        group: settingsSay.goTo,
        run: () => setView({ dateInView: null }),
      },
      {
        label: settingsSay.logSomething,
        group: settingsSay.commands,
        run: () => setView({ logging: "" }),
      },
      { label: settingsSay.iWant, group: settingsSay.commands, run: () => wish({}) },
      {
        label: settingsSay.whatCanIStillSow,
        group: settingsSay.commands,
        run: () => {
          router.push("/plan");
          setView({ sowingToday: true });
        },
      },
      {
        label: settingsSay.ifISowToday,
        group: settingsSay.commands,
        run: () => wish({ mode: "sowOn" }),
      },
      {
        label: settingsSay.addBeds2,
        group: settingsSay.commands,
        run: () => setView({ addingBeds: true }),
      },
      ...(garden.place && garden.beds.size > 0
        ? [
            {
              label: settingsSay.enterWhatGrowsAlready,
              group: settingsSay.commands,
              run: () => setView({ growingNow: {} }),
            },
          ]
        : []),
      { label: say.undo, group: settingsSay.commands, run: () => void undo() },
      { label: say.redo, group: settingsSay.commands, run: () => void redo() },
      {
        label: settingsSay.saveCalendarFileIcs,
        group: settingsSay.commands,
        run: () => setView({ keeping: "calendar" }),
      },
      {
        label: settingsSay.savePlantingsAsASpreadsheetCsv,
        group: settingsSay.commands,
        run: () => void savePlantingsTable(garden),
      },
      {
        label: settingsSay.saveGardenFile,
        group: settingsSay.commands,
        run: () => void saveGardenFile(garden),
      },
      {
        label: settingsSay.backups,
        group: settingsSay.commands,
        run: () => setView({ keeping: "backups" }),
      },
      { label: settingsSay.importAGardenFile, group: settingsSay.commands, run: chooseGardenFile },
      {
        label: settingsSay.openTheSampleGarden,
        group: settingsSay.commands,
        run: () => void loadDemoGarden(),
      },
      {
        label: say.helpAndKeys,
        group: settingsSay.commands,
        run: () => setView({ helping: "keys" }),
      },
      {
        label: helpSay.takeTheTour,
        group: settingsSay.commands,
        run: () => setView({ tourStep: 0 }),
      },
      {
        label: say.settings,
        group: settingsSay.commands,
        run: () => setView({ settingsOpen: true }),
      },
      { label: settingsSay.themeDay, group: settingsSay.commands, run: () => setMode("light") },
      { label: settingsSay.themeLamp, group: settingsSay.commands, run: () => setMode("dark") },
      { label: settingsSay.datesByGrowth, group: settingsSay.commands, run: school("growth") },
      {
        label: settingsSay.datesByTheTenHourDay,
        group: settingsSay.commands,
        run: school("tenhour"),
      },
      {
        label: settingsSay.datesByCalendarDays,
        group: settingsSay.commands,
        run: school("calendar"),
      },
    ];
    for (const crop of cropsOf(garden).values()) {
      list.push({
        label: settingsSay.add2({ crop: crop.name.toLowerCase() }),
        group: settingsSay.add,
        also: otherNamesOf(crop.id).join(" "),
        run: () => wish({ cropId: crop.id }),
      });
    }
    for (const planting of garden.plantings.values()) {
      const bed = garden.beds.get(planting.bedId)?.name ?? "";
      list.push({
        label: `${plantingName(garden, planting)} · ${bed}`,
        group: settingsSay.plantings,
        run: () => {
          router.push("/plan");
          setView({ selectedPlantingId: planting.id });
        },
      });
    }
    const order = [settingsSay.commands, settingsSay.goTo, settingsSay.add, settingsSay.plantings];
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
