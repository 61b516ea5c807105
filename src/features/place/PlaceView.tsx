"use client";

import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import Typography from "@mui/material/Typography";
import { useRouter } from "next/navigation";
import { useMemo } from "react";
import { useWatch } from "react-hook-form";
import type { Garden } from "@/core/garden";
import { gardenStore, useToday, useGarden } from "@/store";
import { useFields } from "@/ui/forms";
import { setView, tell, useView, tellRefusal } from "@/ui/viewState";
import { PlaceForm } from "./PlaceForm";
import { PlaceSections, SECTIONS, type SectionName } from "./PlaceSections";
import { fieldsOf, placeFieldsSchema, placeFrom } from "./placeFields";
import { place as say } from "@/words/en/place";

/** Where the garden is: what is typed on the left, what follows from it on the right. */
export function PlaceView() {
  const garden = useGarden((state) => state.garden);
  const section = useView((state) => state.placeSection);
  return (
    <Box sx={{ height: "100%", overflowY: "auto", px: { xs: 2, md: 2.75 }, pt: 1.75, pb: 3 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {say.place}
        </Typography>
        {garden.place && <SectionSwitch section={section} />}
      </Box>
      <PlaceEditor key={garden.settings.units} garden={garden} section={section} />
    </Box>
  );
}

function SectionSwitch({ section }: { section: SectionName }) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      aria-label={say.show}
      value={section}
      onChange={(_event, next: SectionName | null) => {
        if (next !== null) setView({ placeSection: next });
      }}
    >
      {SECTIONS.map(({ name, label }) => (
        <ToggleButton key={name} value={name}>
          {label}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

function PlaceEditor({ garden, section }: { garden: Garden; section: SectionName }) {
  const { units } = garden.settings;
  const router = useRouter();
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  const kept = useMemo(() => fieldsOf(garden.place, units), [garden.place, units]);
  // Undo, imports and other tabs bring another place: what nobody has touched follows, what is half
  // typed stays.
  // While a form is being filled for the first time, only what was typed is found fault with.
  const schema = useMemo(() => placeFieldsSchema(units, garden.place), [units, garden.place]);
  const form = useFields(schema, kept, "asTyped");
  const watched = useWatch({ control: form.control });
  const fields = useMemo(() => ({ ...kept, ...watched }), [kept, watched]);
  const read = useMemo(() => placeFrom(fields, units, garden.place), [fields, units, garden.place]);
  const keep = form.handleSubmit(async () => {
    if (!read.ok) return;
    const first = garden.place === null;
    const done = await gardenStore().dispatch("place.set", read.place);
    if (!done.ok) return tellRefusal(done);
    form.settle(fieldsOf(read.place, units));
    tell(say.savedEveryDateFollowsIt({ place: read.place.name }), "done", true);
    if (first && garden.beds.size === 0) router.push("/today");
  });
  return (
    <Box
      sx={{
        mt: 1.5,
        display: "grid",
        gap: { xs: 3, md: 4 },
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "340px minmax(0, 1fr)" },
      }}
    >
      {/* On a phone what is looked at comes first once there is a place. */}
      <Box sx={{ order: { xs: garden.place ? 2 : 0, md: 0 } }}>
        <PlaceForm
          form={form}
          fields={fields}
          units={units}
          record={garden.record}
          first={garden.place === null}
          onSubmit={() => void keep()}
        />
      </Box>
      <Box sx={{ minWidth: 0, order: 1 }}>
        <PlaceSections
          section={section}
          garden={garden}
          draft={read.ok ? read.place : null}
          day={day}
          today={today}
        />
      </Box>
    </Box>
  );
}
