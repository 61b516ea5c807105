"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { TurnOver } from "@/core/bedSpace";
import { useWording } from "@/ui/wording";
import { aboutWeight } from "./turnOverWords";
import { beds as say } from "@/words/en/beds";

interface Props {
  found: readonly TurnOver[];
  chosenId: string | null;
  day: DayNumber;
  onChoose: (cropId: string) => void;
}

/** The crops that would give most, to be chosen among. */
export function Candidates({ found, chosenId, day, onChoose }: Props) {
  const wording = useWording();
  return (
    <Box role="radiogroup" aria-label={say.whatCouldFollow}>
      {found.map((one) => {
        const { growing, timeline, onDay, gainKg } = one;
        const isChosen = growing.crop.id === chosenId;
        return (
          <Box
            key={growing.crop.id}
            component="button"
            type="button"
            role="radio"
            aria-checked={isChosen}
            onClick={() => onChoose(growing.crop.id)}
            sx={{
              font: "inherit",
              fontSize: 14.5,
              color: "inherit",
              textAlign: "left",
              display: "block",
              width: "100%",
              minHeight: 44,
              px: 1.25,
              py: 0.75,
              mb: 0.5,
              cursor: "pointer",
              borderRadius: 1.5,
              border: "1px solid",
              borderColor: isChosen ? "var(--ember)" : "var(--line)",
              bgcolor: isChosen ? "var(--selected)" : "transparent",
            }}
          >
            <b>{growing.crop.name}</b>{" "}
            {say.onReadyAbout({
              date: wording.date(onDay, day),
              value: timeline.readyDay === null ? "never" : wording.date(timeline.readyDay, day),
              aboutWeight: aboutWeight(gainKg[onDay - day] ?? 0, wording),
              value2: one.tooSoon ? say.itsFamilyWasHereTooLately : "",
            })}
          </Box>
        );
      })}
    </Box>
  );
}
