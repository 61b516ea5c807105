"use client";

import TextField from "@mui/material/TextField";
import type { ReactNode } from "react";
import { Controller, type Control } from "react-hook-form";
import type { EditFields } from "./editFields";

/** One of several, in the form of a planting. */
export function Choice(props: {
  control: Control<EditFields>;
  name: keyof EditFields;
  label: string;
  children: ReactNode;
}) {
  return (
    <Controller
      control={props.control}
      name={props.name}
      render={({ field }) => (
        <TextField select label={props.label} {...field}>
          {props.children}
        </TextField>
      )}
    />
  );
}
