"use client";

import type { DayNumber } from "@/core/calendar";
import { gardenStore, whenNeeded } from "@/store/index";
import { FileButton, textOf } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";
import "@/words/en/facts/weatherFiles";
import "@/words/en/facts/climate";

const weatherFilesPart = whenNeeded(() => import("@/core/weatherFiles"));

interface Props {
  today: DayNumber;
  onProblem: (problem: string | null) => void;
}

const LARGEST_BYTES = 5_000_000;

/** Reads an outlook from a table of dates, highs and lows. */
export function OutlookTableButton({ today, onProblem }: Props) {
  const read = async (file: File) => {
    if (file.size > LARGEST_BYTES) {
      return onProblem(say.importFailedThisFileIsFarTooLarge);
    }
    const { readOutlookTable } = await weatherFilesPart();
    const source = file.name.replace(/[<>]/g, "").slice(0, 80) || say.aSpreadsheet;
    const table = readOutlookTable(await textOf(file), source, today);
    if (!table.ok) return onProblem(say.importFailed({ problem: told(table.problem) }));
    const done = await gardenStore().dispatch("outlook.set", {
      id: "outlook",
      receivedAt: new Date().toISOString(),
      outlook: table.outlook,
    });
    if (!done.ok) return onProblem(told(done.refusal));
    onProblem(null);
    tell(say.importedFrom({ daysCount: table.outlook.days.length, source }), "done", true);
  };
  return (
    <FileButton
      size="small"
      inputLabel={say.forecastSpreadsheet}
      accept=".csv,.txt,.tsv,text/csv,text/plain"
      onFile={(file) => void read(file)}
    >
      {say.importASpreadsheet}
    </FileButton>
  );
}
