"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { dayNumber, isoDate } from "@/core/calendar";
import { coverCropLibrary } from "@/core/crops";
import { coversOver, horizonOver } from "@/core/garden";
import { greenManures, occupantsOf, freeStretches, gapsIn, restName, restNeeds } from "@/core/plan";
import { mulches, type Rest } from "@/core/soil";
import { gardenStore } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import { manureWords } from "./manureWords";
import type { BedSectionProps } from "./section";

/** Rests in spring end here when nothing is planned, days after the date in view. */
const UNTIL_SPRING_DAYS = 200;
const DAYS_AHEAD = 365;

/** A part of the bed put to rest: under which green manure or mulch, until when, how much of it. */
export function RestForm({ garden, site, bed, day, wording }: BedSectionProps) {
  // From the first day on which a part of the bed is free, the date in view or later.
  const occupants = occupantsOf(site, garden, bed);
  const gaps = gapsIn(occupants, bed.lengthM, day, day + DAYS_AHEAD).sort(
    (a, b) => a.fromDay - b.fromDay,
  );
  const [gapIndex, setGapIndex] = useState(0);
  const gap = gaps[gapIndex] ?? gaps[0];
  const fromDay = gap?.fromDay ?? day;
  const wantedDay = gap && gap.untilDay < day + DAYS_AHEAD ? gap.untilDay : null;
  const found = greenManures(
    site,
    coverCropLibrary.values(),
    { covers: coversOver(garden, bed), horizon: horizonOver(garden, bed) },
    bed.lengthM * bed.widthM,
    fromDay,
    wantedDay,
  );
  const [coverId, setCoverId] = useState(() => found[0]?.crop.id ?? "leaves");
  const [sowing, setSowing] = useState<"drilled" | "broadcast">("broadcast");
  const [safety, setSafety] = useState("1");
  const [until, setUntil] = useState<string | null>(null);
  const manure = found.find(({ crop }) => crop.id === coverId);
  const mulch = mulches.get(coverId);
  const untilDay =
    until !== null
      ? dayNumberOr(until, fromDay + 1)
      : Math.max(fromDay + 1, manure?.turnInDay ?? wantedDay ?? fromDay + UNTIL_SPRING_DAYS);
  // Until a later day than the gap is free for, only a part of it is left.
  const [part] = freeStretches(occupants, bed.lengthM, fromDay, untilDay)
    .map(({ fromM, toM }) => ({
      fromM: Math.max(fromM, gap?.fromM ?? 0),
      toM: Math.min(toM, gap?.toM ?? bed.lengthM),
    }))
    .filter(({ fromM, toM }) => toM - fromM > 0.05)
    .sort((a, b) => b.toM - b.fromM - (a.toM - a.fromM));
  const rest: Rest = {
    id: "rest-new",
    bedId: bed.id,
    fromM: Math.ceil((part?.fromM ?? 0) * 100 - 1e-6) / 100,
    lengthM: Math.floor(((part?.toM ?? bed.lengthM) - (part?.fromM ?? 0)) * 100 + 1e-6) / 100,
    fromOn: isoDate(fromDay),
    untilOn: isoDate(untilDay),
    under: mulch
      ? { kind: "mulch", mulchId: mulch.id, depthCm: mulch.depthCm }
      : {
          kind: "coverCrop",
          coverCropId: coverId,
          sowing,
          safety: Number(safety.replace(",", ".")),
        },
  };
  const needs = restNeeds(rest, bed);
  const keep = async () => {
    const id = `rest-${crypto.randomUUID().slice(0, 13)}`;
    const done = await gardenStore().dispatch("rest.set", { ...rest, id });
    if (!done.ok) return tellRefusal(done);
    tell(
      `${wording.lengthM(rest.lengthM)} of ${bed.name} rest under it until ${wording.date(untilDay)}.`,
      "done",
      true,
    );
  };
  const kept = [...garden.rests.values()].filter(({ bedId }) => bedId === bed.id);
  return (
    <InspectorSection title="Put it to rest">
      {kept.map((one) => (
        <KeptRest key={one.id} rest={one} day={day} wording={wording} />
      ))}
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
        sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, mt: 1 }}
      >
        {gaps.length > 1 && (
          <TextField
            select
            size="small"
            label="Where"
            value={String(Math.min(gapIndex, gaps.length - 1))}
            onChange={(event) => setGapIndex(Number(event.target.value))}
            sx={{ gridColumn: "span 2" }}
          >
            {gaps.map((one, index) => (
              <MenuItem key={`${one.fromDay} ${one.fromM}`} value={String(index)}>
                {wording.lengthM(one.toM - one.fromM)} at {wording.lengthM(one.fromM)}, from{" "}
                {one.fromDay <= day ? "now" : wording.date(one.fromDay, day)}
              </MenuItem>
            ))}
          </TextField>
        )}
        <TextField
          select
          size="small"
          label="Under"
          value={coverId}
          onChange={(event) => setCoverId(event.target.value)}
          sx={{ gridColumn: "span 2" }}
        >
          {found.map(({ crop, when }) => (
            <MenuItem key={crop.id} value={crop.id}>
              {crop.name}
              {when === "late" ? " (too late here)" : when === "early" ? " (not yet)" : ""}
            </MenuItem>
          ))}
          {[...mulches.values()].map((one) => (
            <MenuItem key={one.id} value={one.id}>
              Mulch: {one.name}
            </MenuItem>
          ))}
        </TextField>
        {!mulch && (
          <>
            <TextField
              select
              size="small"
              label="Sown"
              value={sowing}
              onChange={(event) => setSowing(event.target.value as typeof sowing)}
            >
              <MenuItem value="drilled">in rows</MenuItem>
              <MenuItem value="broadcast">by hand, broadcast</MenuItem>
            </TextField>
            <TextField
              size="small"
              label="Rate, times"
              value={safety}
              onChange={(event) => setSafety(event.target.value)}
            />
          </>
        )}
        <TextField
          size="small"
          type="date"
          label="Until"
          value={until ?? isoDate(untilDay)}
          onChange={(event) => setUntil(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ gridColumn: "span 2" }}
        />
        <Box sx={{ gridColumn: "span 2", fontSize: 14.5, lineHeight: 1.45 }} aria-live="polite">
          {part ? (
            <>
              <b>
                {needs.grams > 0 && !mulch
                  ? wording.weightG(needs.grams)
                  : wording.volumeL(needs.litres)}
              </b>{" "}
              {mulch ? `of ${mulch.name}` : "of seed"} for {wording.lengthM(rest.lengthM)} of the
              bed.{" "}
            </>
          ) : (
            "Nothing of the bed is free until then: choose a nearer day. "
          )}
          {manure && manureWords(manure, garden.settings.soilSchool, fromDay, wording)}
          {mulch?.note}
        </Box>
        <Button type="submit" variant="outlined" disabled={!part} sx={{ gridColumn: "span 2" }}>
          Rest from {wording.date(fromDay, day)}
        </Button>
      </Box>
    </InspectorSection>
  );
}

function dayNumberOr(text: string, fallback: number): number {
  try {
    return dayNumber(text);
  } catch {
    return fallback;
  }
}

function KeptRest({
  rest,
  day,
  wording,
}: { rest: Rest } & Pick<BedSectionProps, "day" | "wording">) {
  const end = async () => {
    const done = await gardenStore().dispatch("rest.remove", { id: rest.id });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <Box sx={{ display: "flex", gap: 1, alignItems: "center", fontSize: 14.5, py: 0.25 }}>
      <Box sx={{ flex: 1 }}>
        <b>{restName(rest)}</b>, {wording.lengthM(rest.lengthM)},{" "}
        {wording.date(dayNumber(rest.fromOn), day)} to {wording.date(dayNumber(rest.untilOn), day)}
      </Box>
      <Button
        size="small"
        color="inherit"
        onClick={() => void end()}
        aria-label={`Take ${restName(rest)} out`}
      >
        Take out
      </Button>
    </Box>
  );
}
