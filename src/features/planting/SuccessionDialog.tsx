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
import { successionPlaces } from "@/core/bedSpace";
import { successionPreview, type Growing } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { gardenStore } from "@/store/index";
import { ChoiceField, LengthField, NumberField, readable, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import {
  inMetres,
  ruleFrom,
  sowDaysFrom,
  SuccessionFieldsSchema,
  successionFrom,
  successionProblem,
  usualSuccession,
} from "./successionFields";
import { planting as say } from "@/words/en/planting";

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  growing: Growing;
  onClose: () => void;
}

/** The same again and again, so that harvests neither flood nor stop. */
export default function SuccessionDialog(props: Props) {
  const wording = useWording();
  const { garden, site, planting, growing, onClose } = props;
  const { units } = garden.settings;
  const bed = garden.beds.get(planting.bedId);
  const bedLengthM = bed?.lengthM ?? planting.lengthM;
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
    if (sowDays.length < 2) return refuse(say.noLaterSowingWouldBeReady);
    const rule = ruleFrom(fields, site, growing, planting);
    const places = bed
      ? successionPlaces(site, garden, bed, planting, preview.timelines, fields.lengthM)
      : [];
    const done = await gardenStore().dispatch(
      "succession.add",
      successionFrom(fields, rule, sowDays, planting, places),
    );
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(
      say.sowingsOfAddedDragOneAndAllMove({
        crop: growing.crop.name,
        sowDaysCount: sowDays.length,
      }),
      "done",
      true,
    );
  });
  return (
    <FormDialog
      title={say.successionSowingsOf({ crop: growing.crop.name })}
      refusal={form.refusal}
      keepLabel={say.addToPlan}
      width="sm"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <ChoiceField
        control={control}
        name="how"
        label={say.spacingInTime}
        choices={[
          { value: "standing", words: say.eachReadyWhenTheOneBeforeIsUsedUp },
          { value: "every", words: say.aSetNumberOfDaysApartWiderAsDays },
          { value: "harvests", words: say.aHarvestEverySetNumberOfDays },
        ]}
      />
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: "repeat(auto-fit, minmax(140px, 1fr))",
          gap: 1.5,
        }}
      >
        <NumberField control={control} name="count" label={say.sowings} />
        {how !== "standing" && <NumberField control={control} name="days" label={say.days2} />}
        <LengthField
          unit={units === "imperial" ? "ft" : "m"}
          control={control}
          name="length"
          label={say.lengthEach({ isImperial: units === "imperial" })}
        />
      </Box>
      {problem && <Alert severity="info">{problem}</Alert>}
      {sowDays.length > 0 && <PreviewTable {...{ sowDays, preview, wording }} />}
      {preview.firstAfterDark !== null && (
        <Alert severity="warning">
          {preview.firstAfterDark === 0
            ? say.evenTheFirstWillNotBeReadyUntilThe
            : say.fromTheOnTheyWillNotBeReadyUntil({
                ordinal: ordinal(preview.firstAfterDark + 1),
              })}
        </Alert>
      )}
    </FormDialog>
  );
}

function PreviewTable(props: {
  sowDays: readonly number[];
  preview: ReturnType<typeof successionPreview>;
}) {
  const wording = useWording();
  const { sowDays, preview } = props;
  const first = sowDays[0] ?? 0;
  const cell = { px: 1, py: 0.4, fontSize: 14.5, borderColor: "var(--line)" };
  const gap = (days: number | undefined) =>
    days === undefined || Number.isNaN(days) ? "" : `+${days}`;
  return (
    <Table size="small" className="tabular" aria-label={say.result}>
      <TableHead>
        <TableRow>
          {[say.sow, "days", say.ready2, "days", say.holdsUntil].map((title, index) => (
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
              {timeline.readyDay === null ? say.notHere : wording.date(timeline.readyDay, first)}
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
