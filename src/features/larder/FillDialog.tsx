"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import { useEffect, useState } from "react";
import { z } from "zod";
import type { DayNumber } from "@/core/calendar";
import { dayNumber } from "@/core/calendar";
import type { FillStep } from "@/core/fill";
import type { Garden } from "@/core/garden";
import type { Weeks } from "@/core/supply";
import { gardenStore, newId } from "@/store";
import { maybeAmount, NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { coverWords } from "@/words/covers";
import { fillGaps, type FillFound, type Job } from "@/workers";
import { roughG } from "./weights";
import { fill as say } from "@/words/en/fill";
import { larder } from "@/words/en/larder";

interface Props {
  garden: Garden;
  weeks: Weeks;
  day: DayNumber;
  onClose: () => void;
}

const SECONDS = 60;
const LimitsSchema = z.object({
  hours: maybeAmount.refine((hours) => Number.isNaN(hours) || hours > 0, say.enterHours),
  kinds: maybeAmount.refine(
    (kinds) => Number.isNaN(kinds) || (Number.isInteger(kinds) && kinds >= 1),
    say.enterKinds,
  ),
});

/** A whole plan for the gaps: searched in a worker, looked through, and planted whole or in parts. */
export default function FillDialog({ garden, weeks, day, onClose }: Props) {
  const wording = useWording();
  const { control, handleSubmit } = useFields(LimitsSchema, { hours: NaN, kinds: NaN });
  const [job, setJob] = useState<Job<FillFound | null> | null>(null);
  const [isSearching, setSearching] = useState(false);
  const [found, setFound] = useState<FillFound | null>(null);
  const [left, setLeft] = useState<ReadonlySet<string>>(NONE);
  const [refusal, setRefusal] = useState("");
  // Whoever leaves does not wait for it.
  useEffect(() => () => job?.stop(), [job]);
  const search = handleSubmit(async ({ hours, kinds }) => {
    setSearching(true);
    setFound(null);
    setLeft(NONE);
    setRefusal("");
    const limits = {
      hours: Number.isNaN(hours) ? null : hours,
      kinds: Number.isNaN(kinds) ? null : kinds,
    };
    const started = fillGaps({ garden, weeks, limits, seconds: SECONDS }, setFound);
    setJob(started);
    try {
      const last = await started.result;
      if (last) setFound(last);
    } catch {
      setRefusal(say.failed);
    }
    setSearching(false);
  });
  const stop = () => {
    job?.stop();
    setSearching(false);
  };
  const steps = found?.plan.steps ?? [];
  const taken = steps.filter(({ planting }) => !left.has(planting.id));
  const keep = async () => {
    const plantings = taken.map(({ planting }) => ({ ...planting, id: newId("planting") }));
    const done = await gardenStore().dispatch("planting.setMany", { plantings });
    if (!done.ok) return setRefusal(wording.tell(done.refusal));
    onClose();
    tell(say.planned({ count: plantings.length }), "done", true);
  };
  const weight = (kg: number) => wording.weightG(roughG(kg));
  const canKeep = !isSearching && taken.length > 0;
  return (
    <FormDialog
      title={say.title}
      refusal={refusal}
      width="md"
      keepLabel={canKeep ? say.plan({ count: taken.length }) : found ? say.searchAgain : say.search}
      onSubmit={() => void (canKeep ? keep() : isSearching ? undefined : search())}
      onClose={onClose}
    >
      <Box sx={{ fontSize: 15.5, lineHeight: 1.45 }}>{say.what}</Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 1.5 }}>
        <NumberField
          control={control}
          name="hours"
          label={say.hours}
          placeholder={say.noLimit}
          disabled={isSearching}
        />
        <NumberField
          control={control}
          name="kinds"
          label={say.kinds}
          placeholder={say.noLimit}
          disabled={isSearching}
        />
      </Box>
      {isSearching && (
        <Box>
          <LinearProgress aria-label={say.searching} />
          <Button color="inherit" variant="outlined" onClick={stop} sx={{ mt: 1.5 }}>
            {say.stop}
          </Button>
        </Box>
      )}
      <Box aria-live="polite" sx={{ fontSize: 16.5 }}>
        {found && (
          <>
            <b>
              {say.unmet({
                before: weight(found.plan.beforeKg),
                after: weight(found.plan.afterKg),
              })}
            </b>{" "}
            {found.gap < LEAST_GAP
              ? say.proven
              : Number.isFinite(found.gap) &&
                say.gap({ percent: wording.number(found.gap * 100, 1) })}{" "}
            {found.isFinal && steps.length === 0 && say.nothing}
            {found.isFinal &&
              steps.length > 0 &&
              found.plan.afterKg > LEAST_SHORT_KG &&
              say.stillShort({ weight: weight(found.plan.afterKg) })}
          </>
        )}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {steps.map((step) => (
          <Box component="li" key={step.planting.id} sx={{ borderTop: "1px solid var(--line)" }}>
            <FormControlLabel
              control={
                <Checkbox
                  checked={!left.has(step.planting.id)}
                  disabled={isSearching}
                  onChange={() => setLeft(toggled(left, step.planting.id))}
                />
              }
              label={<Step step={step} day={day} />}
            />
          </Box>
        ))}
      </Box>
    </FormDialog>
  );
}

const NONE: ReadonlySet<string> = new Set();
/** Closer than a thousandth it is as good as proven. */
const LEAST_GAP = 0.001;
const LEAST_SHORT_KG = 0.5;

function toggled(before: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(before);
  if (!next.delete(id)) next.add(id);
  return next;
}

function Step({ step, day }: { step: FillStep; day: DayNumber }) {
  const wording = useWording();
  const { planting, cropName, bedName, covers, plants, kg } = step;
  return (
    <Box sx={{ py: 0.75, fontSize: 15.5, lineHeight: 1.35 }}>
      <b>
        {say.step({
          crop: cropName,
          length: wording.lengthM(planting.lengthM, 1),
          bed: bedName,
          date: wording.date(dayNumber(planting.sowOn), day),
        })}
      </b>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
        {say.stepGives({
          weight: wording.weightG(roughG(kg)),
          plants: larder.plants({ number: wording.number(plants), count: plants }),
          covers: covers.length === 0 ? say.uncovered : say.under({ covers: coverWords(covers) }),
        })}
      </Box>
    </Box>
  );
}
