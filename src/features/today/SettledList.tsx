"use client";

import Box from "@mui/material/Box";
import { memo } from "react";
import Button from "@mui/material/Button";
import Link from "next/link";
import { isoDate, type DayNumber } from "@/core/calendar";
import { cropsOf, type Garden } from "@/core/garden";
import type { LogEntry } from "@/core/log";
import { subjectOf } from "@/core/logbook";
import { kindWords, amountWords } from "@/words/en/entries";
import { gardenStore } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { today as say } from "@/words/en/today";
import { told } from "@/ui/wording";
import { lazyPart } from "@/ui/frame";

// Their height when they stand, pixels: a row below must not move under a finger.
const StoreForm = lazyPart(
  () => import("./StoreForm"),
  <Box sx={{ height: { xs: 92, sm: 46 } }} />,
);
const WeighForm = lazyPart(() => import("./WeighForm"), <Box sx={{ height: 46 }} />);

interface Props {
  garden: Garden;
  entries: readonly LogEntry[];
  today: DayNumber;
  isToday: boolean;
}

/** What of the day's round is settled: a harvest can be weighed here, and anything taken back. */
export default memo(function SettledList({ garden, entries, today, isToday }: Props) {
  const wording = useWording();
  const takeBack = async (entry: LogEntry) => {
    const done = await gardenStore().dispatch("log.remove", { ids: [entry.id] });
    if (done.ok) tell(say.backOnTheList, "done", true);
    else tellRefusal(done);
  };
  return (
    <Box component="section" aria-label={say.done}>
      <Box component="h2" sx={{ m: 0, mb: 0.5, fontFamily: "var(--font-heading)", fontSize: 19 }}>
        {isToday ? say.doneToday : say.doneThatDay}
      </Box>
      <Box component="ul" aria-label={say.done} sx={{ m: 0, p: 0, listStyle: "none" }}>
        {entries.map((entry) => {
          const about = subjectOf(garden, entry);
          const [subject, place] = [told(about.subject), told(about.place)];
          const stored = storedBy(garden, entry);
          const name = `${kindWords(entry.what)}: ${subject}${place !== subject ? `, ${place}` : ""}`;
          return (
            <Box
              component="li"
              key={entry.id}
              sx={{
                py: 0.75,
                borderBottom: "1px solid var(--line)",
                fontSize: 15,
                lineHeight: 1.4,
              }}
            >
              <b>{kindWords(entry.what)}</b> {subject}
              {place !== subject && `, ${place}`}{" "}
              <Box component="span" sx={{ color: "var(--ash-text)" }}>
                {amountWords(entry, wording)}
              </Box>
              {isTakenBack(entry) && (
                <Button
                  size="small"
                  color="inherit"
                  aria-label={say.undo2({ name })}
                  onClick={() => void takeBack(entry)}
                  sx={{ color: "var(--ash-text)", py: 0, minHeight: 32 }}
                >
                  {say.undo}
                </Button>
              )}
              {entry.what.kind === "harvested" && entry.what.grams === null && (
                <WeighForm
                  key={entry.id}
                  entry={entry}
                  name={subject}
                  units={garden.settings.units}
                  today={isoDate(today)}
                />
              )}
              {stored && (
                <StoreForm
                  entry={entry}
                  plantingId={stored.id}
                  crop={stored.crop}
                  varietyId={stored.varietyId}
                  units={garden.settings.units}
                />
              )}
            </Box>
          );
        })}
      </Box>
      <Button component={Link} href="/logbook" prefetch={false} size="small" sx={{ mt: 0.5 }}>
        {say.seeAllInLogbook}
      </Button>
    </Box>
  );
});

/** The planting that was stored with an entry and is not in the larder yet; null where there is none. */
function storedBy({ plantings, storeLots, ...garden }: Garden, { what, on }: LogEntry) {
  if (what.kind !== "worked" || what.work !== "store" || what.plantingId === null) return null;
  const planting = plantings.get(what.plantingId);
  const crop = planting && cropsOf(garden).get(planting.cropId);
  const isKept = [...storeLots.values()].some(
    ({ plantingId, since }) => plantingId === what.plantingId && since === on,
  );
  return planting && crop && !isKept
    ? { id: planting.id, crop, varietyId: planting.varietyId }
    : null;
}

/** Covers and trays have moved with the tick: undo takes those back, not the entry alone. */
function isTakenBack({ what, taskId }: LogEntry): boolean {
  // A planting out whose task is not the planting's own came out of a tray.
  if (what.kind === "plantedOut") return taskId === `${what.plantingId}-plantOut`;
  return what.kind !== "worked" || !["cover", "bringIn", "thin", "label"].includes(what.work);
}
