"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import type { Garden, Planting } from "@/core/garden";
import { plantingState, stateIfSown, successionMoves } from "@/core/plantings";
import { grownShare, type Timeline } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { coverWords } from "@/words/covers";
import { gardenStore, useToday } from "@/store/index";
import { InspectorSection, lazyPart } from "@/ui/frame/index";
import { setView, tell, tellRefusal } from "@/ui/viewState";
import { useWording, type LocalWording } from "@/ui/wording";
import { AgainSection } from "./AgainSection";
import { AmountsSection } from "./AmountsSection";
import { ComingUpSection } from "./ComingUpSection";
import { HappenedSection } from "./HappenedSection";
import { KindsSection } from "./KindsSection";
import { ReadyDates } from "./ReadyDates";
import { SchoolsSection } from "./SchoolsSection";
import { SetupSection } from "./SetupSection";
import { SunWarning } from "./SunWarning";
import { WeekLaterSection } from "./WeekLaterSection";
import { WhySection } from "./WhySection";
import { planting as say } from "@/words/en/planting";

const EditPlantingDialog = lazyPart(() => import("./EditPlantingDialog"));

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  /** The sowing shown: the planting's own, or where it is being dragged. */
  sowDay: DayNumber;
  day: DayNumber;
}

/** Everything about one planting: when it is ready, why, what if, how much. */
export default function PlantingInspector({ garden, site, planting, sowDay, day }: Props) {
  const wording = useWording();
  const router = useRouter();
  const [editing, setEditing] = useState(false);
  const today = useToday(garden);
  const [typedDate, setTypedDate] = useState<string | null>(null);
  // While it is dragged its sowing is still to come; otherwise what is known to have happened counts.
  const isDragged = sowDay !== dayNumber(planting.sowOn);
  const now = plantingState(garden, site, planting);
  const shownState = isDragged ? stateIfSown(garden, site, planting, sowDay) : now;
  if (!now || !shownState) return null;
  const { settings } = garden;
  const { bed, growing, timeline } = shownState;
  const { facts } = now;
  const grown = grownShare(site, settings, growing, timeline, day);
  const shown = { site, settings, growing, wording };
  // Bought plants are dated by the day on which they are set out.
  const boughtDays = planting.bought?.ageDays ?? 0;
  const dateLabel = planting.bought
    ? say.setOut
    : growing.method === "transplant"
      ? say.sownInTrays
      : say.sown;
  const move = async () => {
    const typed = typedDate;
    setTypedDate(null);
    if (typed === null || !isIsoDate(typed)) return;
    const text = isoDate(dayNumber(typed) - boughtDays);
    if (text === planting.sowOn) return;
    const done =
      planting.successionId === null
        ? await gardenStore().dispatch("planting.moveSowing", { id: planting.id, sowOn: text })
        : await gardenStore().dispatch("succession.move", {
            moves: successionMoves(garden, site, planting, dayNumber(text)),
          });
    if (!done.ok) tellRefusal(done);
  };
  const remove = async () => {
    const done = await gardenStore().dispatch("planting.remove", { id: planting.id });
    setView({ selectedPlantingId: null });
    if (done.ok) tell(say.removedFrom({ crop: growing.crop.name, bed: bed.name }), "done", true);
    else tellRefusal(done);
  };
  const another = () => {
    router.push("/plan");
    setView({ wish: { cropId: growing.crop.id, bedId: bed.id } });
  };
  return (
    <>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", pr: 4 }}>
        {bed.name} · {coverWords(growing.covers)}
        {planting.bought
          ? say.boughtSeedlings
          : growing.method === "transplant"
            ? say.transplanted2
            : ""}
      </Box>
      <Typography variant="h2">
        {growing.crop.name}, {growing.stage === "baby" ? say.babyLeaf : growing.variety.name}
      </Typography>
      <ReadyDates garden={garden} site={site} planting={planting} timeline={timeline} />
      <Box sx={{ mt: 1, fontSize: 14 }}>{onDateWords(timeline, day, grown, wording)}</Box>
      <TextField
        label={dateLabel}
        type="date"
        disabled={facts.sownDay !== null}
        helperText={facts.sownDay === null ? undefined : say.fromTheLogbookChangeTheEntryThere}
        size="small"
        fullWidth
        value={typedDate ?? isoDate(timeline.sowDay + boughtDays)}
        onChange={(event) => setTypedDate(event.target.value)}
        onBlur={() => void move()}
        onKeyDown={(event) => {
          if (event.key === "Enter") void move();
        }}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ mt: 1.5 }}
      />
      <HappenedSection planting={planting} facts={facts} />
      <SunWarning site={site} state={shownState} />
      <WhySection {...shown} timeline={timeline} />
      <ComingUpSection {...shown} timeline={timeline} />
      <WeekLaterSection {...shown} timeline={timeline} />
      <SetupSection {...shown} planting={planting} timeline={timeline} />
      <SchoolsSection {...shown} sowDay={timeline.sowDay} />
      <AgainSection garden={garden} site={site} planting={planting} growing={growing} />
      <KindsSection garden={garden} site={site} state={shownState} />
      <AmountsSection garden={garden} today={today} state={shownState} />
      <InspectorSection title={say.commands}>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          <Button variant="contained" color="secondary" onClick={another}>
            {say.addAnotherSowing}
          </Button>
          <Button color="inherit" variant="outlined" onClick={() => setEditing(true)}>
            {say.edit}
          </Button>
          <Button color="inherit" variant="outlined" onClick={() => void remove()}>
            {say.remove}
          </Button>
        </Box>
      </InspectorSection>
      {editing && (
        <EditPlantingDialog
          garden={garden}
          planting={planting}
          crop={growing.crop}
          onClose={() => setEditing(false)}
        />
      )}
    </>
  );
}

function onDateWords(
  timeline: Timeline,
  day: DayNumber,
  grown: number,
  wording: LocalWording,
): string {
  const on = say.on({ date: wording.date(day) });
  if (day < timeline.sowDay) return say.notSownYet({ on });
  if (timeline.holdsUntilDay !== null && day > timeline.holdsUntilDay) return say.finished2({ on });
  if (grown >= 1) return say.readyAndHolding({ on });
  if (timeline.readyDay !== null && day >= timeline.readyDay) {
    return say.usableAndGrowing({ on, grown: Math.round(grown * 100) });
  }
  const bench =
    timeline.plantOutDay !== null && day < timeline.plantOutDay
      ? say.inTraysUntil({ date: wording.date(timeline.plantOutDay) })
      : "";
  return say.grown({ on, grown: Math.round(grown * 100), bench });
}
