"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { dayNumber, isoDate } from "@/core/calendar";
import { restName } from "@/core/bedSpace";
import { restNeeds } from "@/core/bedCare";
import { mulches, type Rest } from "@/core/soil";
import { gardenStore, newId } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { SectionForm } from "@/ui/inputs/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { manureWords } from "./manureWords";
import { restPlan, USUAL_REST, type RestFields } from "./restPlan";
import type { BedSectionProps } from "../section";

const WHEN_WORDS = { open: "", any: "", early: " (not yet)", late: " (too late here)" } as const;

/** A part of the bed put to rest: under which green manure or mulch, until when, how much of it. */
export function RestForm({ garden, site, bed, day, wording }: BedSectionProps) {
  const [fields, setFields] = useState<RestFields>(USUAL_REST);
  const set = (some: Partial<RestFields>) => setFields({ ...fields, ...some });
  const { gaps, found, manure, mulch, untilDay, rest } = restPlan(site, garden, bed, day, fields);
  const keep = async () => {
    if (!rest) return;
    const id = newId("rest");
    const done = await gardenStore().dispatch("rest.set", { ...rest, id });
    if (!done.ok) return tellRefusal(done);
    const ground = `${wording.lengthM(rest.lengthM)} of ${bed.name}`;
    tell(`${ground} rest until ${wording.date(untilDay, day)}.`, "done", true);
  };
  const { soilSchool } = garden.settings;
  const fromDay = rest ? dayNumber(rest.fromOn) : day;
  return (
    <InspectorSection title="Put it to rest">
      {[...garden.rests.values()]
        .filter(({ bedId }) => bedId === bed.id)
        .map((one) => (
          <KeptRest key={one.id} rest={one} day={day} wording={wording} />
        ))}
      <SectionForm onSubmit={() => void keep()}>
        {gaps.length > 1 && (
          <TextField
            select
            size="small"
            label="Where"
            value={String(Math.min(fields.gapIndex, gaps.length - 1))}
            onChange={(event) => set({ gapIndex: Number(event.target.value) })}
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
          value={mulch?.id ?? manure?.crop.id ?? ""}
          onChange={(event) => set({ coverId: event.target.value })}
          sx={{ gridColumn: "span 2" }}
        >
          {found.map(({ crop, when }) => (
            <MenuItem key={crop.id} value={crop.id}>
              {crop.name}
              {WHEN_WORDS[when]}
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
              value={fields.sowing}
              onChange={(event) => set({ sowing: event.target.value as RestFields["sowing"] })}
            >
              <MenuItem value="drilled">in rows</MenuItem>
              <MenuItem value="broadcast">broadcast</MenuItem>
            </TextField>
            <TextField
              size="small"
              label="Rate, times"
              value={fields.safety}
              onChange={(event) => set({ safety: event.target.value })}
            />
          </>
        )}
        <TextField
          size="small"
          type="date"
          label="Until"
          value={fields.until || isoDate(untilDay)}
          onChange={(event) => set({ until: event.target.value })}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ gridColumn: "span 2" }}
        />
        <Box sx={{ gridColumn: "span 2", fontSize: 14.5, lineHeight: 1.45 }} aria-live="polite">
          {rest
            ? needWords(rest, bed, wording)
            : "Nothing of the bed is free until then: choose a nearer day. "}
          {manure && manureWords(manure, soilSchool, fromDay, wording)}
          {mulch?.note}
        </Box>
        <Button type="submit" variant="outlined" disabled={!rest} sx={{ gridColumn: "span 2" }}>
          Rest from {wording.date(fromDay, day)}
        </Button>
      </SectionForm>
    </InspectorSection>
  );
}

function needWords(
  rest: Omit<Rest, "id">,
  bed: BedSectionProps["bed"],
  wording: BedSectionProps["wording"],
): string {
  const { litres, grams } = restNeeds({ ...rest, id: "rest" }, bed);
  const { under } = rest;
  const much =
    under.kind === "mulch"
      ? `${wording.volumeL(litres)} of ${mulches.get(under.mulchId)?.name ?? ""}`
      : `${wording.weightG(grams)} of seed`;
  return `${much} for ${wording.lengthM(rest.lengthM)} of the bed. `;
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
