"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useState } from "react";
import { useWatch } from "react-hook-form";
import type { Crop } from "@/core/crops";
import { neighboursOf } from "@/core/bedSpace";
import type { WayOut } from "@/core/commands";
import { bedsInOrder, coversOver, cropsOf, type Garden, type Planting } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import { coverWords } from "@/words/covers";
import { gardenStore, takeWay, type Refused } from "@/store/index";
import { ChoiceField, LengthField, NumberField, useFields } from "@/ui/forms";
import { GroundFields } from "@/ui/ground";
import { WaysOut } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import { editFieldsOf, EditFieldsSchema, plantingChangesFrom, type EditFields } from "./editFields";
import { sumOf } from "./standingSum";
import { KindsFields } from "./KindsFields";
import { StandingFields } from "./StandingFields";
import { containers as containerSay } from "@/words/en/containers";
import { planting as say } from "@/words/en/planting";
import { told } from "@/ui/wording";

interface Props {
  garden: Garden;
  planting: Planting;
  crop: Crop;
  onClose: () => void;
}

/** Everything about a planting but its date: where, which, how and how close. */
export default function EditPlantingDialog({ garden, planting, crop, onClose }: Props) {
  const { units } = garden.settings;
  const containerOf = (bedId: string) => garden.beds.get(bedId)?.container;
  const form = useFields(
    EditFieldsSchema,
    editFieldsOf(planting, units, crop, containerOf(planting.bedId)),
  );
  const { control } = form;
  const typed = useWatch({ control }) as EditFields;
  const together = typed.plantsPerStation;
  const edited = {
    ...planting,
    ...plantingChangesFrom(typed, planting, units, crop, containerOf(typed.bedId)),
  };
  const sum = sumOf(edited, garden, crop);
  const bed = garden.beds.get(edited.bedId);
  const site = siteFor(garden);
  const standing = site && bed ? neighboursOf(site, garden, bed, edited) : [];
  const isAlong = typed.across !== "cells" && !bed?.container;
  const [refused, setRefused] = useState<Refused | null>(null);
  const save = form.handleSubmit(async (fields) => {
    const done = await gardenStore().dispatch("planting.edit", {
      id: planting.id,
      ...plantingChangesFrom(fields, planting, units, crop, containerOf(fields.bedId)),
    });
    if (done.ok) onClose();
    else setRefused(done);
  });
  const take = async (way: WayOut) => {
    const done = await takeWay(gardenStore(), way);
    if (!done.ok) return setRefused(done);
    onClose();
    tell(say.done({ words: told(way.words) }), "done", true);
  };
  const imperial = units === "imperial";
  const [long, shortUnit] = imperial ? (["ft", "in"] as const) : (["m", "cm"] as const);
  const short = imperial ? say.inWord : say.cm;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="edit-planting">
      <form
        noValidate
        onSubmit={(event) => void save(event)}
        // The content scrolls, and the buttons stay in sight.
        style={{ display: "contents" }}
      >
        <DialogTitle id="edit-planting">{crop.name}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
          {refused && (
            <Alert severity="error">
              {told(refused.refusal)}
              <WaysOut ways={refused.ways ?? []} onTake={(way) => void take(way)} />
            </Alert>
          )}
          <ChoiceField
            control={control}
            name="varietyId"
            label={say.variety}
            choices={crop.varieties.map(({ id, name }) => ({ value: id, words: name }))}
          />
          <ChoiceField
            control={control}
            name="bedId"
            label={say.bed}
            choices={bedsInOrder(garden).map((bed) => ({
              value: bed.id,
              words: `${bed.name}: ${coverWords(coversOver(garden, bed))}`,
            }))}
          />
          <ChoiceField
            control={control}
            name="method"
            label={say.how}
            choices={[
              { value: "direct", words: say.directSown },
              {
                value: "transplant",
                words: say.startedInTraysAndTransplanted,
                disabled: crop.transplanting.tolerance === "never",
              },
              {
                value: "bought",
                words: say.boughtPlants,
                disabled: crop.transplanting.tolerance === "never",
              },
            ]}
          />
          <ChoiceField
            control={control}
            name="stage"
            label={say.harvestAs}
            choices={[
              { value: "full", words: say.fullGrown },
              { value: "baby", words: say.babyLeaf, disabled: crop.babyLeaf === undefined },
            ]}
          />
          {bed && (
            <GroundFields
              {...{ form, units, bed, standing }}
              part={edited}
              onDrawn={(fromM, lengthM) => {
                const shown = editFieldsOf({ ...planting, fromM, lengthM }, units, crop);
                form.set({ from: shown.from, length: shown.length });
              }}
            />
          )}
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
            {bed?.container && (
              <NumberField control={control} name="howMany" label={containerSay.howManyOf} />
            )}
            {bed?.container && (
              <NumberField control={control} name="firstOf" label={containerSay.firstOf} />
            )}
            {isAlong && (
              <LengthField
                unit={long}
                control={control}
                name="from"
                label={say.startsAt({ long })}
              />
            )}
            {isAlong && (
              <LengthField
                unit={long}
                control={control}
                name="length"
                label={say.length({ long })}
              />
            )}
            <LengthField
              unit={shortUnit}
              control={control}
              name="row"
              label={say.rows({ short })}
            />
            <LengthField
              unit={shortUnit}
              control={control}
              name="inRow"
              label={together > 1 ? say.toTheNextStation({ short }) : say.inRow({ short })}
            />
          </Box>
          <StandingFields control={control} short={short} shortUnit={shortUnit} sum={sum} />
          <KindsFields control={control} crop={crop} crops={cropsOf(garden)} />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{say.cancel}</Button>
          <Button type="submit" variant="contained">
            {say.save}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
