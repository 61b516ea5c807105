"use client";

import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden, Planting } from "@/core/garden";
import type { Site } from "@/core/growth";
import { plantingName } from "@/core/plantings";
import PlantingInspector from "@/features/planting/PlantingInspector";
import { InspectorPanel } from "@/ui/frame/index";
import { setView, useView } from "@/ui/viewState";

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  day: DayNumber;
}

/** The planting that is selected, with where it is being dragged to. */
export default function SelectedPlanting({ garden, site, planting, day }: Props) {
  const dragged = useView((view) => view.dragged);
  const sowDay = dragged?.plantingId === planting.id ? dragged.sowDay : dayNumber(planting.sowOn);
  return (
    <InspectorPanel
      label={plantingName(garden, planting)}
      onClose={() => setView({ selectedPlantingId: null })}
    >
      <PlantingInspector
        key={planting.id}
        garden={garden}
        site={site}
        planting={planting}
        sowDay={sowDay}
        day={day}
      />
    </InspectorPanel>
  );
}
