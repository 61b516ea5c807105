"use client";

import type { DayNumber } from "@/core/calendar";
import { gardenStore, whenNeeded } from "@/store/index";
import { FileButton } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

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
      return onProblem("Nothing was read. This file is far larger than a table of some days.");
    }
    const { readOutlookTable } = await weatherFilesPart();
    const source = file.name.replace(/[<>]/g, "").slice(0, 80) || "a table";
    const table = readOutlookTable(await file.text(), source, today);
    if (!table.ok) return onProblem(`Nothing was read. ${table.problem}`);
    const done = await gardenStore().dispatch("outlook.set", {
      id: "outlook",
      receivedAt: new Date().toISOString(),
      outlook: table.outlook,
    });
    if (!done.ok) return onProblem(done.refusal);
    onProblem(null);
    tell(`${table.outlook.days.length} days are read from ${source}.`, "done", true);
  };
  return (
    <FileButton
      size="small"
      inputLabel="Outlook table"
      accept=".csv,.txt,.tsv,text/csv,text/plain"
      onFile={(file) => void read(file)}
    >
      Read a table…
    </FileButton>
  );
}
