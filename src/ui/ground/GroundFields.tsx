"use client";

import Box from "@mui/material/Box";
import FormHelperText from "@mui/material/FormHelperText";
import type { FieldPath, FieldValues } from "react-hook-form";
import type { Container } from "@/core/containers";
import type { Part } from "@/core/layout";
import type { Units } from "@/core/units";
import { containers as containerSay } from "@/words/en/containers";
import { ground as say } from "@/words/en/ground";
import { ChoiceField, LengthField, type Fields } from "../forms";
import type { GroundFields as Typed } from "./groundFields";
import { GroundSketch, type Standing } from "./GroundSketch";

interface Props<F extends FieldValues & Typed> {
  form: Fields<F>;
  units: Units;
  bed: { name: string; lengthM: number; widthM: number; container?: Container };
  /** What the fields come to so far. */
  part: Part;
  /** Who stands there at the time. */
  standing: readonly Standing[];
  /** Where along the bed a drawn part lies is kept in the form's own fields. */
  onDrawn: (fromM: number, lengthM: number) => void;
}

const WAYS = ["whole", "strip", "sides", "edge", "cells"] as const;

/** How a planting or a feeding lies across its bed: chosen, typed, or drawn in a sketch of the bed. */
export function GroundFields<F extends FieldValues & Typed>(props: Props<F>) {
  const { form, units, bed, part, standing, onDrawn } = props;
  const { control } = form;
  const name = (field: keyof Typed) => field as FieldPath<F>;
  const across = form.watch(name("across")) as Typed["across"];
  const squares = form.watch(name("squares")) as string[];
  const unit = units === "imperial" ? "in" : "cm";
  const wrong = form.formState.errors.squares?.message;
  const length = (field: keyof Typed, label: string) => (
    <LengthField control={control} name={name(field)} unit={unit} label={label} />
  );
  return (
    <Box role="group" aria-label={say.acrossTheBed} sx={{ display: "grid", gap: 1.5 }}>
      <ChoiceField
        control={control}
        name={name("across")}
        label={bed.container ? say.inEach : say.acrossTheBed}
        choices={
          bed.container
            ? [
                { value: "whole", words: containerSay.allOver },
                { value: "edge", words: containerSay.aroundTheRim },
              ]
            : WAYS.map((value) => ({ value, words: say[value] }))
        }
      />
      {across !== "whole" && (
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
          {across === "strip" && length("stripFrom", say.fromTheLeft({ short: unit }))}
          {across === "strip" && length("stripWide", say.wide({ short: unit }))}
          {across === "sides" && length("stripWide", say.eachSideWide({ short: unit }))}
          {across === "edge" &&
            length(
              "inset",
              bed.container ? say.fromTheRim({ short: unit }) : say.fromTheEdge({ short: unit }),
            )}
          {across === "cells" && length("square", say.square({ short: unit }))}
        </Box>
      )}
      {!bed.container && (
        <GroundSketch
          {...{ bed, part, standing, units }}
          squares={across === "cells" ? squares : null}
          onSquares={(next) => form.set({ squares: next } as unknown as Partial<F>)}
          onDrawn={(drawn) => {
            form.set(drawn.fields as Partial<F>);
            onDrawn(drawn.fromM, drawn.lengthM);
          }}
        />
      )}
      {typeof wrong === "string" && <FormHelperText error>{wrong}</FormHelperText>}
    </Box>
  );
}
