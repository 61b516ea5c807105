"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden } from "@/core/garden";
import { gardenStore } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { setView, tell, tellRefusal } from "@/ui/viewState";
import { BedForm } from "./BedForm";
import { ContainerSection } from "./ContainerSection";
import { beds as say } from "@/words/en/beds";

/** Where a bed lies, as numbers; and taking it out. */
export function LieSection({ garden, bed, day }: { garden: Garden; bed: Bed; day: DayNumber }) {
  const [asked, setAsked] = useState(false);
  const remove = async (withPlantings: boolean) => {
    const done = await gardenStore().dispatch("bed.remove", { id: bed.id, withPlantings });
    if (done.ok) {
      setView({ selectedBedId: null });
      return tell(say.removed({ bed: bed.name }), "done", true);
    }
    setAsked(true);
    tellRefusal(done);
  };
  return (
    <InspectorSection title={say.whereItIsNow}>
      {bed.container ? (
        <ContainerSection garden={garden} bed={bed} container={bed.container} day={day} />
      ) : (
        <BedForm garden={garden} bed={bed} />
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 2 }}>
        <Button color="inherit" variant="outlined" onClick={() => void remove(false)}>
          {say.removeBed}
        </Button>
        {asked && (
          <Button color="inherit" variant="outlined" onClick={() => void remove(true)}>
            {say.removeWithItsPlantings}
          </Button>
        )}
      </Box>
    </InspectorSection>
  );
}
