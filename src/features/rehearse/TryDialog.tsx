"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useWatch } from "react-hook-form";
import { z } from "zod";
import { dayNumber, isIsoDate } from "@/core/calendar";
import { applyAll, type CommandCall } from "@/core/commands";
import { varietyOf } from "@/core/crops";
import { bedsInOrder, cropsOf, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { plantingStates, type PlantingState } from "@/core/plantings";
import { materials } from "@/core/shelter";
import type { Tried } from "@/derive/rehearsed";
import { newId } from "@/store";
import { ChoiceField, CoverField, DateField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { told, useWording } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";

interface Props {
  garden: Garden;
  site: Site;
  onTry: (tried: Tried) => void;
  onClose: () => void;
}

const KINDS = ["coverBed", "moveSowing", "leaveOut", "otherVariety", "morePiece"] as const;

const ChangeSchema = z
  .object({
    kind: z.enum(KINDS),
    bedId: z.string(),
    cover: z.string(),
    plantingId: z.string(),
    sowOn: z.string(),
    varietyId: z.string(),
  })
  .superRefine(({ kind, bedId, cover, plantingId, sowOn, varietyId }, context) => {
    const wrong = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    if (kind === "coverBed" && bedId === "") wrong("bedId", say.chooseBed);
    if (kind === "morePiece" && cover === "") wrong("cover", say.chooseCover);
    if (kind === "coverBed" || kind === "morePiece") return;
    if (plantingId === "") wrong("plantingId", say.choosePlanting);
    if (kind === "moveSowing" && !isIsoDate(sowOn)) wrong("sowOn", say.giveDate);
    if (kind === "otherVariety" && varietyId === "") wrong("varietyId", say.chooseVariety);
  });
type Change = z.infer<typeof ChangeSchema>;

interface Step {
  title: string;
  call: CommandCall;
}

const WIDTH_M = 2;

/** A change to try against the plan, of one step or several. */
export default function TryDialog({ garden, site, onTry, onClose }: Props) {
  const wording = useWording();
  const [steps, setSteps] = useState<readonly Step[]>([]);
  const states = plantingStates(garden, site);
  const beds = bedsInOrder(garden);
  const { control, handleSubmit, refusal, refuse, setValue } = useFields(ChangeSchema, {
    kind: "coverBed" as Change["kind"],
    bedId: "",
    cover: "row-cover-light",
    plantingId: "",
    sowOn: "",
    varietyId: "",
  });
  const { kind = "coverBed", plantingId = "" } = useWatch({ control });
  const chosen = states.find(({ planting }) => planting.id === plantingId);
  const stepOf = (change: Change): Step | null | undefined => {
    const { bedId, cover, sowOn, varietyId } = change;
    const state = states.find(({ planting }) => planting.id === change.plantingId);
    const material = materials.get(cover);
    switch (change.kind) {
      case "coverBed": {
        const bed = garden.beds.get(bedId);
        if (!bed) return null;
        const covers = cover === "" ? [] : [...bed.covers, cover];
        return {
          title: material
            ? say.covered({ bed: bed.name, cover: material.shortName })
            : say.uncovered({ bed: bed.name }),
          call: { name: "bed.cover", input: { beds: [bed.id], covers } },
        };
      }
      case "morePiece": {
        const longest = Math.max(1, ...beds.map(({ lengthM }) => lengthM));
        const piece = {
          id: newId("piece"),
          kind: "cover",
          materialId: cover,
          lengthM: longest + 1,
          widthM: WIDTH_M,
          condition: "good",
          firstYear: null,
          bedId: null,
        };
        return {
          title: say.piece({
            cover: material?.shortName ?? cover,
            length: wording.lengthM(piece.lengthM),
          }),
          call: { name: "piece.set", input: piece },
        };
      }
      case "moveSowing":
        return (
          state && {
            title: say.moved({
              planting: whereOf(state),
              date: wording.date(dayNumber(sowOn), dayNumber(state.planting.sowOn)),
            }),
            call: { name: "planting.moveSowing", input: { id: state.planting.id, sowOn } },
          }
        );
      case "leaveOut":
        return (
          state && {
            title: say.leftOut({ planting: whereOf(state) }),
            call: { name: "planting.remove", input: { id: state.planting.id } },
          }
        );
      case "otherVariety":
        return (
          state && {
            title: say.grown({
              crop: state.growing.crop.name,
              variety: varietyOf(state.growing.crop, varietyId)?.name ?? varietyId,
              bed: state.bed.name,
            }),
            call: { name: "planting.edit", input: { id: state.planting.id, varietyId } },
          }
        );
    }
  };
  /** With the step that is being filled in; null where a command refuses it. */
  const withStep = (change: Change): readonly Step[] | null => {
    const step = stepOf(change);
    const all = step ? [...steps, step] : steps;
    const outcome = applyAll(
      garden,
      all.map(({ call }) => call),
    );
    if (outcome.ok) return all;
    refuse(told(outcome.refusal));
    return null;
  };
  const add = handleSubmit((change) => {
    const all = withStep(change);
    if (!all) return;
    setSteps(all);
    setValue("plantingId", "");
    setValue("bedId", "");
  });
  const tryIt = handleSubmit((change) => {
    const all = withStep(change);
    if (!all) return;
    const title = wording.list(all.map((step) => step.title));
    onTry({ id: newId("change"), title, calls: all.map(({ call }) => call) });
    onClose();
  });
  return (
    <FormDialog
      title={say.tryTitle}
      refusal={refusal}
      keepLabel={say.tryIt}
      onSubmit={() => void tryIt()}
      onClose={onClose}
      more={
        <Button color="inherit" onClick={() => void add()}>
          {say.addMore}
        </Button>
      }
    >
      {steps.length > 0 && (
        <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 16 }}>
          {steps.map((step) => (
            <li key={step.title}>{step.title}</li>
          ))}
        </Box>
      )}
      <ChoiceField
        control={control}
        name="kind"
        label={say.whatChange}
        choices={KINDS.map((value) => ({ value, words: say[value] }))}
      />
      {kind === "coverBed" && (
        <ChoiceField
          control={control}
          name="bedId"
          label={say.bed}
          choices={beds.map(({ id, name }) => ({ value: id, words: name }))}
        />
      )}
      {(kind === "coverBed" || kind === "morePiece") && (
        <CoverField control={control} name="cover" />
      )}
      {kind !== "coverBed" && kind !== "morePiece" && (
        <ChoiceField
          control={control}
          name="plantingId"
          label={say.planting}
          choices={states.map((state) => ({ value: state.planting.id, words: whereOf(state) }))}
        />
      )}
      {kind === "moveSowing" && <DateField control={control} name="sowOn" label={say.sowOn} />}
      {kind === "otherVariety" && chosen && (
        <ChoiceField
          control={control}
          name="varietyId"
          label={say.variety}
          choices={(
            cropsOf(garden).get(chosen.growing.crop.id) ?? chosen.growing.crop
          ).varieties.map(({ id, name }) => ({ value: id, words: name }))}
        />
      )}
    </FormDialog>
  );
}

const whereOf = ({ name, bed }: PlantingState) => `${name} (${bed.name})`;
