"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useMemo } from "react";
import type { Garden, Planting } from "@/core/garden";
import { successionPreview, type Growing } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { gardenStore } from "@/store/index";
import { ChoiceField, NumberField, readable, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import {
  inMetres,
  ruleFrom,
  sowDaysFrom,
  SuccessionFieldsSchema,
  successionFrom,
  successionProblem,
  usualSuccession,
} from "./successionFields";

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  growing: Growing;
  wording: LocalWording;
  onClose: () => void;
}

/** The same again and again, so that harvests neither flood nor stop. */
export default function SuccessionDialog(props: Props) {
  const { garden, site, planting, growing, wording, onClose } = props;
  const { units } = garden.settings;
  const bedLengthM = garden.beds.get(planting.bedId)?.lengthM ?? planting.lengthM;
  const form = useFields(SuccessionFieldsSchema, usualSuccession(planting, units));
  const { control, refuse } = form;
  const { how, days, count, length } = readable(form.watch());
  const fields = useMemo(
    () => inMetres({ how, days, count, length }, units),
    [how, days, count, length, units],
  );
  const problem = successionProblem(fields, bedLengthM, units);
  const sowDays = useMemo(
    () => (problem ? [] : sowDaysFrom(fields, garden, site, growing, planting)),
    [problem, fields, garden, site, growing, planting],
  );
  const preview = useMemo(
    () => successionPreview(site, garden.settings, growing, sowDays),
    [site, garden.settings, growing, sowDays],
  );
  const keep = form.handleSubmit(async () => {
    if (problem) return refuse(problem);
    if (sowDays.length < 2) return refuse("No second sowing gets anywhere after the first.");
    const rule = ruleFrom(fields, site, growing, planting);
    const done = await gardenStore().dispatch(
      "succession.add",
      successionFrom(fields, rule, sowDays, planting, bedLengthM),
    );
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(
      `${growing.crop.name} is planned ${sowDays.length} times: drag one, and all move.`,
      "done",
      true,
    );
  });
  return (
    <FormDialog
      title={`${growing.crop.name}, every so often`}
      refusal={form.refusal}
      keepLabel="Plan them"
      width="sm"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <ChoiceField
        control={control}
        name="how"
        label="Even out"
        choices={[
          { value: "standing", words: "each ready as the one before is used up" },
          { value: "every", words: "so many days apart now, stretching as days shorten" },
          { value: "harvests", words: "a harvest every so many days by the calendar" },
        ]}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1.5 }}>
        <NumberField control={control} name="count" label="Sowings" />
        {how !== "standing" && <NumberField control={control} name="days" label="Days" />}
        <NumberField
          control={control}
          name="length"
          label={`Each takes (${units === "imperial" ? "ft" : "m"})`}
        />
      </Box>
      {problem && <Alert severity="info">{problem}</Alert>}
      {sowDays.length > 0 && <PreviewTable {...{ sowDays, preview, wording }} />}
      {preview.firstAfterDark !== null && (
        <Alert severity="warning">
          {preview.firstAfterDark === 0
            ? "Already the first is ready only after the dark."
            : `From the ${ordinal(preview.firstAfterDark + 1)} on they are ready only after the dark: a gap in between. Sow fewer, or under a cover.`}
        </Alert>
      )}
    </FormDialog>
  );
}

function PreviewTable(props: {
  sowDays: readonly number[];
  preview: ReturnType<typeof successionPreview>;
  wording: LocalWording;
}) {
  const { sowDays, preview, wording } = props;
  const first = sowDays[0] ?? 0;
  const cell = { px: 1, py: 0.4, fontSize: 14.5, borderColor: "var(--line)" };
  const gap = (days: number | undefined) =>
    days === undefined || Number.isNaN(days) ? "" : `+${days}`;
  return (
    <Table size="small" className="tabular" aria-label="What comes out">
      <TableHead>
        <TableRow>
          {["Sow", "days", "Ready", "days", "Stands until"].map((title, index) => (
            <TableCell key={`${title}${index}`} sx={cell}>
              {title}
            </TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {preview.timelines.map((timeline, index) => (
          <TableRow key={timeline.sowDay}>
            <TableCell sx={cell}>{wording.date(timeline.sowDay, first)}</TableCell>
            <TableCell sx={cell}>{gap(preview.sowGaps[index - 1])}</TableCell>
            <TableCell sx={cell}>
              {timeline.readyDay === null ? "not here" : wording.date(timeline.readyDay, first)}
            </TableCell>
            <TableCell sx={cell}>{gap(preview.readyGaps[index - 1])}</TableCell>
            <TableCell sx={cell}>
              {timeline.holdsUntilDay === null ? "" : wording.date(timeline.holdsUntilDay, first)}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

const ORDINALS = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"];

function ordinal(place: number): string {
  return ORDINALS[place - 1] ?? `${place}th`;
}
