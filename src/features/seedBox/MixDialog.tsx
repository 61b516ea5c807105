"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Autocomplete from "@mui/material/Autocomplete";
import { useState } from "react";
import { ingredients, type Mix } from "@/core/trays";
import { gardenStore, newId } from "@/store/index";
import { FormDialog, NumberInput } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";

interface Props {
  /** The mix it starts from. */
  start: Mix;
  /** Whether it is the grower's own already; otherwise a copy is made. */
  own: boolean;
  onKept: (id: string) => void;
  onClose: () => void;
}

const nameOf = (id: string) => ingredients.get(id)?.name ?? id;
const idOf = (name: string) =>
  [...ingredients.values()].find((one) => one.name === name)?.id ?? name;

/** A mix of one's own, in parts. */
export default function MixDialog({ start, own, onKept, onClose }: Props) {
  const [name, setName] = useState(own ? start.name : `${start.name}, ours`);
  const [parts, setParts] = useState(start.parts);
  const [refusal, setRefusal] = useState("");
  const keep = async () => {
    const mix = { id: own ? start.id : newId("mix"), name, parts };
    const done = await gardenStore().dispatch("mix.set", mix);
    if (!done.ok) return setRefusal(done.refusal);
    onKept(mix.id);
    onClose();
    tell(`${name} is kept.`, "done", true);
  };
  const remove = async () => {
    const done = await gardenStore().dispatch("mix.remove", { id: start.id });
    if (!done.ok) return setRefusal(done.refusal);
    onClose();
    tell(`${start.name} is removed.`, "done", true);
  };
  const change = (at: number, some: Partial<Mix["parts"][number]>) =>
    setParts(parts.map((part, index) => (index === at ? { ...part, ...some } : part)));
  return (
    <FormDialog
      title={own ? start.name : "A mix of your own"}
      refusal={refusal}
      width="sm"
      more={
        own && (
          <Button color="inherit" onClick={() => void remove()}>
            Remove
          </Button>
        )
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <TextField label="Name" value={name} onChange={(event) => setName(event.target.value)} />
      {parts.map((part, at) => (
        <Box
          key={at}
          sx={{
            display: "grid",
            gridTemplateColumns: "1fr 90px auto",
            gap: 1,
            alignItems: "center",
          }}
        >
          <Autocomplete
            freeSolo
            options={[...ingredients.values()].map((one) => one.name)}
            inputValue={nameOf(part.ingredient)}
            onInputChange={(_event, typed) => change(at, { ingredient: idOf(typed) })}
            renderInput={(params) => <TextField {...params} label={`Ingredient ${at + 1}`} />}
          />
          <NumberInput
            label="Parts"
            value={part.parts}
            onNumber={(parts) => change(at, { parts })}
          />
          <Button
            color="inherit"
            aria-label={`Take out ${nameOf(part.ingredient)}`}
            onClick={() => setParts(parts.filter((_, index) => index !== at))}
          >
            Take out
          </Button>
        </Box>
      ))}
      <Button
        color="inherit"
        variant="outlined"
        sx={{ justifySelf: "start" }}
        onClick={() => setParts([...parts, { ingredient: "", parts: 1 }])}
      >
        One more ingredient
      </Button>
    </FormDialog>
  );
}
