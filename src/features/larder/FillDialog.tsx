"use client";

import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import { useEffect, useState } from "react";
import { Controller } from "react-hook-form";
import { z } from "zod";
import type { DayNumber } from "@/core/calendar";
import { dayNumber, type IsoDate } from "@/core/calendar";
import { takenSteps, type FillLimits, type FillStep } from "@/core/fill";
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
  mayMove: z.boolean(),
  hours: maybeAmount.refine((hours) => Number.isNaN(hours) || hours > 0, say.enterHours),
  kinds: maybeAmount.refine(
    (kinds) => Number.isNaN(kinds) || (Number.isInteger(kinds) && kinds >= 1),
    say.enterKinds,
  ),
});

/** A whole plan for the gaps: searched in a worker, looked through, and planted whole or in parts. */
export default function FillDialog({ garden, weeks, day, onClose }: Props) {
  const wording = useWording();
  const { control, handleSubmit } = useFields(LimitsSchema, {
    hours: NaN,
    kinds: NaN,
    mayMove: false,
  });
  const [job, setJob] = useState<Job<FillFound | null> | null>(null);
  const [isSearching, setSearching] = useState(false);
  const [found, setFound] = useState<FillFound | null>(null);
  const [left, setLeft] = useState<ReadonlySet<string>>(NONE);
  const [refusal, setRefusal] = useState("");
  const [limits, setLimits] = useState<FillLimits>({ hours: null, kinds: null });
  // Whoever leaves does not wait for it.
  useEffect(() => () => job?.stop(), [job]);
  const search = handleSubmit(async ({ hours, kinds, mayMove }) => {
    setSearching(true);
    setFound(null);
    setLeft(NONE);
    setRefusal("");
    const asked = {
      hours: Number.isNaN(hours) ? null : hours,
      kinds: Number.isNaN(kinds) ? null : kinds,
      mayMove,
    };
    setLimits(asked);
    try {
      const started = fillGaps({ garden, weeks, limits: asked, seconds: SECONDS }, setFound);
      setJob(started);
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
  const taken = steps.filter(({ id }) => !left.has(id));
  const keep = async () => {
    const done = await gardenStore().dispatch("plan.take", takenSteps(taken, newId));
    if (!done.ok) return setRefusal(wording.tell(done.refusal));
    onClose();
    tell(say.planned({ count: taken.length }), "done", true);
  };
  const weight = (kg: number) => wording.weightG(roughG(kg));
  const canKeep = !isSearching && taken.length > 0;
  const toKeep = canKeep ? say.plan({ count: taken.length }) : found ? say.searchAgain : say.search;
  const label = isSearching ? say.stop : toKeep;
  return (
    <FormDialog
      title={say.title}
      refusal={refusal}
      width="md"
      keepLabel={label}
      onSubmit={() => void (isSearching ? stop() : canKeep ? keep() : search())}
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
      <Controller
        control={control}
        name="mayMove"
        render={({ field: { value, onChange } }) => (
          <FormControlLabel
            control={
              <Checkbox
                checked={value}
                disabled={isSearching}
                onChange={(_event, isChecked) => onChange(isChecked)}
              />
            }
            label={say.mayMove}
          />
        )}
      />
      {isSearching && <LinearProgress aria-label={say.searching} />}
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
              : found.gap < 1 && say.gap({ percent: wording.number(found.gap * 100, 1) })}{" "}
            {!isSearching &&
              steps.length === 0 &&
              (limits.hours === null ? say.nothing : say.nothingInHours)}
            {!isSearching &&
              steps.length > 0 &&
              found.plan.afterKg > LEAST_SHORT_KG &&
              say[limitedBy(steps, limits)]({ weight: weight(found.plan.afterKg) })}
          </>
        )}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {steps.map((step) => (
          <Box component="li" key={step.id} sx={{ borderTop: "1px solid var(--line)" }}>
            <FormControlLabel
              control={
                <Checkbox
                  checked={!left.has(step.id)}
                  disabled={isSearching}
                  onChange={() => setLeft(toggled(left, step, steps))}
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

/** What a plan has used up of what it was allowed: then that is what is short, and not the ground. */
function limitedBy(steps: readonly FillStep[], { hours, kinds }: FillLimits) {
  const sown = steps.flatMap((step) => ("hours" in step ? [step] : []));
  const used = sown.reduce((sum, step) => sum + step.hours, 0);
  if (hours !== null && used >= NEARLY * hours) return "stillShortOfHours";
  const crops = new Set(sown.map(({ cropName }) => cropName));
  return kinds !== null && crops.size >= kinds ? "stillShortOfKinds" : "stillShort";
}

const NEARLY = 0.9;

/** A step left or taken; what is under a cover goes with its cover, and comes with it. */
function toggled(
  before: ReadonlySet<string>,
  step: FillStep,
  steps: readonly FillStep[],
): ReadonlySet<string> {
  const next = new Set(before);
  if (next.delete(step.id)) {
    if ("wants" in step && step.wants !== null) next.delete(step.wants);
    return next;
  }
  next.add(step.id);
  for (const one of steps) if ("wants" in one && one.wants === step.id) next.add(one.id);
  return next;
}

function Step({ step, day }: { step: FillStep; day: DayNumber }) {
  const wording = useWording();
  const dateOf = ({ sowOn }: { sowOn: IsoDate }) => wording.date(dayNumber(sowOn), day);
  const { bedName } = step;
  if (step.kind === "cover") {
    const cover = coverWords([step.coverId]);
    return <StepWords what={larder.coverIt({ cover, bed: bedName })} detail={say.fromTheShed} />;
  }
  if (step.kind === "leaveOut") {
    const what = say.leaveOut({ crop: step.cropName, bed: bedName, date: dateOf(step.planting) });
    return <StepWords what={what} detail={say.makesWay} />;
  }
  const { kind, plantings, cropName, covers, plants, seedGrams, hours, kg } = step;
  const [first] = plantings;
  const date = dateOf(first);
  const what =
    kind !== "sow"
      ? larder[kind === "shoots" ? "shootsWeekly" : "forceRoots"]({
          crop: cropName,
          count: plantings.length,
          bed: bedName,
          date,
        })
      : say.step({ crop: cropName, length: wording.lengthM(first.lengthM, 1), bed: bedName, date });
  const gives = {
    weight: wording.weightG(roughG(kg)),
    plants: larder.plants({ number: wording.number(plants), count: plants }),
    seed: wording.weightG(seedGrams < 10 ? Math.round(seedGrams * 10) / 10 : Math.round(seedGrams)),
    hours: wording.number(hours, 1),
    covers: covers.length === 0 ? say.uncovered : say.under({ covers: coverWords(covers) }),
  };
  const details = {
    sow: say.stepGives(gives),
    shoots: say.shootsGive(gives),
    force: say.forceGives({ ...gives, roots: wording.number(plants) }),
  };
  return <StepWords what={what} detail={details[kind]} />;
}

function StepWords({ what, detail }: { what: string; detail: string }) {
  return (
    <Box sx={{ py: 0.75, fontSize: 15.5, lineHeight: 1.35 }}>
      <b>{what}</b>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{detail}</Box>
    </Box>
  );
}
