"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { DayOfPair } from "@/core/log";
import type { Units } from "@/core/units";
import { NumberField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs/index";
import { useWording } from "@/ui/wording";
import { daysFromTyped, EMPTY_NIGHT, NIGHTS_TYPED, TypedNightsSchema } from "./typedNights";
import { shelters as say } from "@/words/en/shelters";
import type { Told } from "@/core/facts";

interface Props {
  today: DayNumber;
  units: Units;
  /** Keeps the days; says why not where they are refused. */
  onKeep: (days: DayOfPair[]) => Promise<Told | null>;
  onClose: () => void;
}

const FIELDS = [
  { name: "insideLow", label: say.lowInside, short: say.lowIn },
  { name: "outsideLow", label: say.lowOutside, short: say.lowOut },
  { name: "insideHigh", label: say.highInside, short: say.highIn },
  { name: "outsideHigh", label: say.highOutside, short: say.highOut },
] as const;

const NOTHING_TYPED = { nights: Array.from({ length: NIGHTS_TYPED }, () => EMPTY_NIGHT) };

/** A week of one's own thermometers, typed in. */
export default function NightsDialog({ today, units, onKeep, onClose }: Props) {
  const wording = useWording();
  const form = useFields(TypedNightsSchema, NOTHING_TYPED);
  const firstDay = today - NIGHTS_TYPED + 1;
  const keep = form.handleSubmit(async ({ nights }) => {
    const typed = daysFromTyped(nights, firstDay, units, (day) => wording.date(day));
    if (!typed.ok) return form.refuse(typed.problem);
    const refused = await onKeep(typed.days);
    if (refused === null) onClose();
    else form.refuse(refused);
  });
  const unit = units === "imperial" ? "°F" : "°C";
  return (
    <FormDialog
      title={say.yourThermometerReadings({ unit })}
      refusal={form.refusal}
      width="sm"
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
        {say.eachNightsLowInsideAtCropHeightAnd}
      </Box>
      {Array.from({ length: NIGHTS_TYPED }, (_, index) => {
        const name = wording.narrowDate(firstDay + index);
        return (
          <Box
            key={index}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr repeat(4, 98px)" },
              gap: 1,
            }}
          >
            <Box sx={{ alignSelf: "center", gridColumn: { xs: "span 2", sm: "auto" } }}>{name}</Box>
            {FIELDS.map((field) => (
              <NumberField
                key={field.name}
                control={form.control}
                name={`nights.${index}.${field.name}`}
                size="small"
                label={field.short}
                slotProps={{
                  htmlInput: {
                    "aria-label": say.on({ label: field.label, name }),
                    inputMode: "text",
                  },
                }}
              />
            ))}
          </Box>
        );
      })}
    </FormDialog>
  );
}
