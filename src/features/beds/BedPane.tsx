"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { coversOver, horizonOver, type Bed, type Garden } from "@/core/garden";
import { groundSun, plantingName, plantsIn, type Site } from "@/core/plan";
import { coverWords } from "@/core/shelter";
import { gardenStore } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { setView, tell, tellRefusal } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { BedForm } from "./BedForm";
import { FeedSection } from "./FeedSection";
import { FitsSection } from "./FitsSection";
import { RestSection } from "./RestSection";

interface Props {
  garden: Garden;
  site: Site | null;
  bed: Bed;
  day: DayNumber;
  wording: LocalWording;
}

/** One bed: what stands in it, what comes, where it lies, and what can be done with it. */
export default function BedPane({ garden, site, bed, day, wording }: Props) {
  const router = useRouter();
  const [asked, setAsked] = useState(false);
  const there = site ? plantsIn(site, garden, bed, day) : [];
  const sun = site ? groundSun(site, horizonOver(garden, bed), day).directSunH : null;
  const coming = [...garden.plantings.values()]
    .filter((planting) => planting.bedId === bed.id && dayNumber(planting.sowOn) > day)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : 1));
  const open = (plantingId: string) => setView({ selectedPlantingId: plantingId });
  const remove = async (withPlantings: boolean) => {
    const done = await gardenStore().dispatch("bed.remove", { id: bed.id, withPlantings });
    if (done.ok) {
      setView({ selectedBedId: null });
      return tell(`${bed.name} is removed.`, "done", true);
    }
    setAsked(true);
    tellRefusal(done);
  };
  return (
    <>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", pr: 4 }}>
        {coverWords(coversOver(garden, bed))}
        {sun !== null && `, ${wording.number(sun, 1)} h of direct sun on ${wording.shortDate(day)}`}
      </Box>
      <Typography variant="h2">{bed.name}</Typography>
      <InspectorSection title={`On ${wording.date(day)}`}>
        {there.length === 0 && <Box sx={{ fontSize: 14.5 }}>Nothing stands here.</Box>}
        {there.map(({ planting, grown, isReady, points }) => (
          <PlantingLine
            key={planting.id}
            name={plantingName(garden, planting)}
            words={`${points.length} ${points.length === 1 ? "place" : "places"}, ${isReady ? "ready" : `${Math.round(grown * 100)} % grown`}`}
            onOpen={() => open(planting.id)}
          />
        ))}
      </InspectorSection>
      {coming.length > 0 && (
        <InspectorSection title="To come">
          {coming.map((planting) => (
            <PlantingLine
              key={planting.id}
              name={plantingName(garden, planting)}
              words={`sown ${wording.date(dayNumber(planting.sowOn), day)}`}
              onOpen={() => open(planting.id)}
            />
          ))}
        </InspectorSection>
      )}
      <Button
        variant="contained"
        color="secondary"
        sx={{ mt: 1.5 }}
        onClick={() => {
          router.push("/plan");
          setView({ wish: { bedId: bed.id, mode: "today" } });
        }}
      >
        Plan something here…
      </Button>
      {site && <FitsSection garden={garden} site={site} bed={bed} day={day} wording={wording} />}
      <FeedSection
        areaM2={bed.lengthM * bed.widthM}
        demand={hungriest([...there.map(({ growing }) => growing.crop.nutrientDemand)])}
        imperial={garden.settings.units === "imperial"}
        wording={wording}
      />
      {site && (
        <RestSection
          garden={garden}
          site={site}
          bed={bed}
          day={day}
          wantedDay={coming[0] ? dayNumber(coming[0].sowOn) : null}
          wording={wording}
        />
      )}
      <InspectorSection title="Where it lies">
        <BedForm garden={garden} bed={bed} />
      </InspectorSection>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 2 }}>
        <Button color="inherit" variant="outlined" onClick={() => void remove(false)}>
          Remove bed
        </Button>
        {asked && (
          <Button color="inherit" variant="outlined" onClick={() => void remove(true)}>
            Remove it with its plantings
          </Button>
        )}
      </Box>
    </>
  );
}

type Demand = "light" | "medium" | "heavy";

/** What the hungriest crop of a bed needs; a middling one where nothing stands. */
function hungriest(demands: readonly Demand[]): Demand {
  return (["heavy", "medium", "light"] as const).find((one) => demands.includes(one)) ?? "medium";
}

function PlantingLine(props: { name: string; words: string; onOpen: () => void }) {
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.25, fontSize: 14.5 }}>
      <Box sx={{ flex: 1 }}>
        <b>{props.name}</b>
        <br />
        {props.words}
      </Box>
      <Button size="small" color="inherit" onClick={props.onOpen} aria-label={`Open ${props.name}`}>
        Open
      </Button>
    </Box>
  );
}
