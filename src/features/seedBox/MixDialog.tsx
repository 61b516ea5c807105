"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Autocomplete from "@mui/material/Autocomplete";
import { Controller, useFieldArray } from "react-hook-form";
import { z } from "zod";
import { ingredients, type Mix } from "@/core/trays";
import { gardenStore, newId } from "@/store/index";
import { amount, NumberField, useFields, WordsField } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { seedBox as say } from "@/words/en/seedBox";
import { toldMessage } from "@/ui/wording";

interface Props {
  /** The mix it starts from. */
  start: Mix;
  /** Whether it is the grower's own already; otherwise a copy is made. */
  own: boolean;
  onKept: (id: string) => void;
  onClose: () => void;
}

const MixFieldsSchema = z.object({
  name: z.string().trim().min(1, say.enterANameForTheMix),
  parts: z
    .array(
      z.object({
        ingredient: z.string().trim().min(1, say.enterAnIngredient),
        parts: amount(say.enterHowManyParts),
      }),
    )
    .min(1, say.addAtLeastOneIngredient),
});

const nameOf = (id: string) => ingredients.get(id)?.name ?? id;
const idOf = (name: string) =>
  [...ingredients.values()].find((one) => one.name === name)?.id ?? name;

/** A mix of one's own, in parts. */
export default function MixDialog({ start, own, onKept, onClose }: Props) {
  const form = useFields(MixFieldsSchema, {
    name: own ? start.name : say.own({ start: start.name }),
    parts: start.parts,
  });
  const { control, refuse } = form;
  const { fields: rows, append, remove: takeOut } = useFieldArray({ control, name: "parts" });
  const keep = form.handleSubmit(async ({ name, parts }) => {
    const mix = { id: own ? start.id : newId("mix"), name, parts };
    const done = await gardenStore().dispatch("mix.set", mix);
    if (!done.ok) return refuse(done.refusal);
    onKept(mix.id);
    onClose();
    tell(say.saved({ name }), "done", true);
  });
  const remove = async () => {
    const done = await gardenStore().dispatch("mix.remove", { id: start.id });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    tell(say.removed({ start: start.name }), "done", true);
  };
  const parts = form.watch("parts");
  return (
    <FormDialog
      title={own ? start.name : say.yourOwnMix}
      refusal={toldMessage(form.formState.errors.parts?.root?.message ?? form.refusal)}
      width="sm"
      more={
        own && (
          <Button color="inherit" onClick={() => void remove()}>
            {say.remove}
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <WordsField control={control} name="name" label={say.name} />
      {rows.map((row, at) => (
        <Box
          key={row.id}
          sx={{
            display: "grid",
            gridTemplateColumns: "1fr 90px auto",
            gap: 1,
            alignItems: "center",
          }}
        >
          <Controller
            control={control}
            name={`parts.${at}.ingredient`}
            render={({ field, fieldState }) => (
              <Autocomplete
                freeSolo
                options={[...ingredients.values()].map((one) => one.name)}
                inputValue={nameOf(field.value)}
                onInputChange={(_event, typed) => field.onChange(idOf(typed))}
                renderInput={(params) => (
                  <TextField
                    {...params}
                    label={say.ingredient({ at: at + 1 })}
                    error={fieldState.error !== undefined}
                    helperText={toldMessage(fieldState.error?.message ?? "")}
                  />
                )}
              />
            )}
          />
          <NumberField control={control} name={`parts.${at}.parts`} label={say.parts} />
          <Button
            color="inherit"
            aria-label={say.remove2({ nameOf: nameOf(parts[at]?.ingredient ?? "") })}
            onClick={() => takeOut(at)}
          >
            {say.remove}
          </Button>
        </Box>
      ))}
      <Button
        color="inherit"
        variant="outlined"
        sx={{ justifySelf: "start" }}
        onClick={() => append({ ingredient: "", parts: 1 })}
      >
        {say.addIngredient}
      </Button>
    </FormDialog>
  );
}
