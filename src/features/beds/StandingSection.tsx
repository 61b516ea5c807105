"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { dayNumber } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import { clashesIn, occupantsOf } from "@/core/bedSpace";
import { plantingName, plantsIn } from "@/core/plantings";
import { InspectorSection, lazyPart } from "@/ui/frame";
import { setView } from "@/ui/viewState";
import { BedSeason } from "./BedSeason";
import type { BedSectionProps } from "./section";
import { beds as say } from "@/words/en/beds";
import { groundWords } from "@/ui/ground";
import { useWording } from "@/ui/wording";

const MoveDialog = lazyPart(() => import("./map/MoveDialog"));
const TurnOverDialog = lazyPart(() => import("./turningOver/TurnOverDialog"));

/** What stands in the bed on the date in view, what comes, and the way to turn it over. */
export function StandingSection({ garden, site, bed, day }: BedSectionProps) {
  const wording = useWording();
  const router = useRouter();
  const [turning, setTurning] = useState(false);
  const [moved, setMoved] = useState<Planting | null>(null);
  const there = plantsIn(site, garden, bed, day);
  const occupants = occupantsOf(site, garden, bed);
  const resting = occupants.filter(
    ({ kind, fromDay, untilDay }) => kind === "rest" && fromDay <= day && day < untilDay,
  );
  const coming = [...garden.plantings.values()]
    .filter((planting) => planting.bedId === bed.id && dayNumber(planting.sowOn) > day)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : 1));
  const open = (plantingId: string) => setView({ selectedPlantingId: plantingId });
  const stretch = (fromM: number, toM: number) =>
    say.to({ length: wording.lengthM(fromM), length2: wording.lengthM(toM) });
  return (
    <>
      {clashesIn(site, garden, bed).map(({ earlier, later }) => (
        <Alert key={earlier.id + later.id} severity="warning" sx={{ mt: 1.5 }}>
          {say.andOverlapFromMoveOneAlongTheBedTo({
            earlier: earlier.name,
            later: later.name,
            date: wording.date(later.fromDay, day),
          })}
        </Alert>
      ))}
      <InspectorSection title={say.on({ date: wording.date(day) })}>
        {there.length + resting.length === 0 && (
          <Box sx={{ fontSize: 14.5 }}>{say.nothingGrowingHere}</Box>
        )}
        {there.map(({ planting, grown, isReady, points }) => (
          <PlantingLine
            key={planting.id}
            name={plantingName(garden, planting)}
            words={say.standing({
              stretch: [
                stretch(planting.fromM, planting.fromM + planting.lengthM),
                groundWords(planting.across, wording),
              ]
                .filter((words) => words !== "")
                .join(", "),
              count: points.length,
              between: planting.interplanted ? say.betweenOtherCrops : "",
              state: isReady ? say.ready2 : say.grown({ grown: Math.round(grown * 100) }),
            })}
            onOpen={() => open(planting.id)}
            onMove={() => setMoved(planting)}
          />
        ))}
        {resting.map(({ id, name, fromM, toM, untilDay }) => (
          <Box key={id} sx={{ fontSize: 14.5, py: 0.25 }}>
            <b>{name}</b>
            <br />
            {say.restingUntil({ stretch: stretch(fromM, toM), date: wording.date(untilDay, day) })}
          </Box>
        ))}
      </InspectorSection>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1.5 }}>
        {there.length > 0 && (
          <Button variant="contained" color="secondary" onClick={() => setTurning(true)}>
            {say.replant}
          </Button>
        )}
        <Button
          variant={there.length > 0 ? "outlined" : "contained"}
          color={there.length > 0 ? "inherit" : "secondary"}
          onClick={() => {
            router.push("/plan");
            setView({ wish: { bedId: bed.id, mode: "sowOn" } });
          }}
        >
          {say.plantHere}
        </Button>
        <Button color="inherit" onClick={() => setView({ growingNow: { bedId: bed.id } })}>
          {say.enterWhatGrowsAlready}
        </Button>
      </Box>
      <InspectorSection title={say.yearInThisBed}>
        <BedSeason occupants={occupants} bed={bed} day={day} onOpen={open} />
      </InspectorSection>
      {coming.length > 0 && (
        <InspectorSection title={say.comingUp}>
          {coming.map((planting) => (
            <PlantingLine
              key={planting.id}
              name={plantingName(garden, planting)}
              words={(dayNumber(planting.sowOn) > day ? say.sowOn : say.sown)({
                date: wording.date(dayNumber(planting.sowOn), day),
              })}
              onOpen={() => open(planting.id)}
            />
          ))}
        </InspectorSection>
      )}
      {moved && (
        <MoveDialog
          {...{ garden, site, wording }}
          planting={moved}
          onClose={() => setMoved(null)}
        />
      )}
      {turning && (
        <TurnOverDialog
          {...{ garden, site, bed, day, wording }}
          onClose={() => setTurning(false)}
        />
      )}
    </>
  );
}

function PlantingLine(props: {
  name: string;
  words: string;
  onOpen: () => void;
  onMove?: () => void;
}) {
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.25, fontSize: 14.5 }}>
      <Box sx={{ flex: 1 }}>
        <b>{props.name}</b>
        <br />
        {props.words}
      </Box>
      {props.onMove && (
        <Button
          size="small"
          color="inherit"
          onClick={props.onMove}
          aria-label={say.move2({ props: props.name })}
        >
          {say.move}
        </Button>
      )}
      <Button
        size="small"
        color="inherit"
        onClick={props.onOpen}
        aria-label={say.open2({ props: props.name })}
      >
        {say.open}
      </Button>
    </Box>
  );
}
