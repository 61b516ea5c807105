"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { civilDate, type DayNumber } from "@/core/calendar";
import { cropsOf, type Bed, type Garden } from "@/core/garden";
import { familiesByYear, ROTATION_EXCEPTIONS } from "@/core/bedSpace";
import { gardenStore } from "@/store/index";
import { InspectorSection } from "@/ui/frame/index";
import { tellRefusal } from "@/ui/viewState";
import { beds as say } from "@/words/en/beds";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedSpace";

interface Props {
  garden: Garden;
  bed: Bed;
  day: DayNumber;
}

/** The families that stood in the bed by year; those of years before can be written down. */
export function RotationSection({ garden, bed, day }: Props) {
  const { rotationYears } = garden.settings;
  const thisYear = civilDate(day).year;
  const [year, setYear] = useState(String(thisYear - 1));
  const [family, setFamily] = useState("");
  const families = [...new Set([...cropsOf(garden).values()].map((crop) => crop.family))].sort();
  const change = async (history: Bed["history"]) => {
    const done = await gardenStore().dispatch("bed.edit", { id: bed.id, history });
    if (!done.ok) tellRefusal(done);
    else setFamily("");
  };
  return (
    <InspectorSection
      title={
        rotationYears === 0
          ? say.cropFamiliesHereNoRotationSet
          : say.cropFamiliesHereRotation({ rotationYears })
      }
    >
      {familiesByYear(garden, bed).map(({ year: of, families: there }) => (
        <Box key={of} sx={{ fontSize: 14.5, lineHeight: 1.5 }}>
          <b>{of}</b>: {there.map((one) => familyWords(garden, one)).join(", ")}
        </Box>
      ))}
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.5 }}>
        {told(ROTATION_EXCEPTIONS)}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "82px 1fr", gap: 1, mt: 1 }}>
        <TextField
          size="small"
          label={say.year}
          value={year}
          onChange={(event) => setYear(event.target.value)}
          slotProps={{ htmlInput: { inputMode: "numeric" } }}
        />
        <TextField
          select
          size="small"
          label={say.family}
          value={family}
          onChange={(event) => setFamily(event.target.value)}
        >
          {families.map((one) => (
            <MenuItem key={one} value={one}>
              {familyWords(garden, one)}
            </MenuItem>
          ))}
        </TextField>
        <Button
          variant="outlined"
          color="inherit"
          sx={{ gridColumn: "span 2" }}
          disabled={family === ""}
          onClick={() => void change([...bed.history, { year: Number(year), family }])}
        >
          {say.add}
        </Button>
      </Box>
      {bed.history.length > 0 && (
        <Button
          size="small"
          color="inherit"
          sx={{ mt: 0.5 }}
          onClick={() => void change(bed.history.slice(0, -1))}
        >
          {say.removeOf({ family: familyWords(garden, bed.history.at(-1)?.family ?? "") })}{" "}
          {bed.history.at(-1)?.year} {say.out}
        </Button>
      )}
    </InspectorSection>
  );
}

/** A family with a crop that everybody knows: "Brassicaceae (kale)". */
function familyWords(garden: Garden, family: string): string {
  const known = KNOWN_BY[family];
  const crop = known ?? [...cropsOf(garden).values()].find((one) => one.family === family)?.name;
  return crop ? `${family} (${crop.toLowerCase()})` : family;
}

const KNOWN_BY: Record<string, string> = {
  Brassicaceae: say.cabbages,
  Apiaceae: say.carrots,
  Amaranthaceae: say.spinachBeets,
  Amaryllidaceae: say.onions,
  Asteraceae: say.lettuces,
  Fabaceae: say.peasBeans,
  Solanaceae: say.tomatoesPotatoes,
  Cucurbitaceae: say.squashes,
};
