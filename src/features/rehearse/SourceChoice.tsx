"use client";

import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { rehearse as say } from "@/words/en/rehearse";

type Winters = "made" | "recorded";

/** Whether the winters are made from the climate or are the years on record. */
export function SourceChoice(props: { value: Winters; onChange: (value: Winters) => void }) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      aria-label={say.winters}
      value={props.value}
      onChange={(_event, value: Winters | null) => value && props.onChange(value)}
    >
      <ToggleButton value="made">{say.made}</ToggleButton>
      <ToggleButton value="recorded">{say.recorded}</ToggleButton>
    </ToggleButtonGroup>
  );
}
