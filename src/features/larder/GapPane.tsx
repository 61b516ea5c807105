"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useAnswer } from "@/derive";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import {
  takenWay,
  type Doing,
  type Gap,
  type TakenWay,
  type WayToClose,
  type Weeks,
} from "@/core/supply";
import { gardenStore, newId } from "@/store";
import { InspectorSection } from "@/ui/frame";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { costWords, doingWords } from "./wayWords";
import { roughG } from "./weights";
import { foodGroups, larder as say, takeWays } from "@/words/en/larder";

interface Props {
  garden: Garden;
  site: Site;
  gap: Gap;
  weeks: Weeks;
  day: DayNumber;
}

/** One gap: how much is missing in how many years, and the sowings that still close some of it. */
export default function GapPane({ garden, site, gap, weeks, day }: Props) {
  const wording = useWording();
  const { group, fromDay, untilDay, shortKgAWeek } = gap;
  const args = useMemo(
    () => ({ weeks, gap: { group, fromDay, untilDay, shortKgAWeek } }),
    [weeks, group, fromDay, untilDay, shortKgAWeek],
  );
  const { value: ways } = useAnswer("waysToClose", args, { garden, site });
  const weight = (kg: number) => wording.weightG(roughG(kg));
  return (
    <>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)", pr: 4 }}>
        {say.gapOf({ group: foodGroups[group] })}
      </Box>
      <Typography variant="h2">
        {say.gapTitle({ from: wording.date(fromDay, day), until: wording.date(untilDay, fromDay) })}
      </Typography>
      <Box sx={{ display: "flex", gap: 4, mt: 1 }}>
        <Figure words={say.missing} value={weight(gap.shortKg)} />
        <Figure words={say.inTheYears} value={say.yearsOfTen(gap)} />
      </Box>
      <InspectorSection title={say.waysThatWork}>
        {!ways && <Box aria-live="polite">{say.looking}</Box>}
        {ways?.length === 0 && <Box sx={{ fontSize: 15 }}>{say.noWays}</Box>}
        <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {(ways ?? []).map((way) => (
            <Way key={way.id} way={way} day={day} />
          ))}
        </Box>
      </InspectorSection>
    </>
  );
}

/** What its button says. */
const TAKEN_AS = {
  sow: "plan",
  buy: "plan",
  shoots: "plan",
  force: "plan",
  cover: "cover",
  store: "store",
} as const satisfies Record<Doing["kind"], keyof typeof takeWays>;

/** One way: what is done, what it adds in how many years, what it costs; and a tap that takes it. */
function Way({ way, day }: { way: WayToClose; day: DayNumber }) {
  const wording = useWording();
  const { doing, addsKg, hours } = way;
  const what = doingWords(doing, day, wording);
  const take = async () => {
    const done = await dispatched(takenWay(doing, newId));
    if (done.ok) tell(say.taken({ what }), "done", true);
    else tellRefusal(done);
  };
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: "minmax(0, 1fr) auto",
        columnGap: 1.25,
        alignItems: "center",
        py: 1,
        borderBottom: "1px solid var(--line)",
      }}
    >
      <Box sx={{ fontSize: 15.5, lineHeight: 1.35 }}>
        <b>{what}</b>
        <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
          {say.wayAdds({ weight: wording.weightG(roughG(addsKg)), years: say.inYears(way) })}
          {costWords(doing, wording)}
          {say.work({ hours: wording.number(Math.max(0.1, hours), 1) })}
        </Box>
      </Box>
      <Button
        size="small"
        variant="outlined"
        aria-label={`${takeWays[TAKEN_AS[doing.kind]]}: ${what}`}
        onClick={() => void take()}
      >
        {takeWays[TAKEN_AS[doing.kind]]}
      </Button>
    </Box>
  );
}

/** Each command by its own name, so that its input is checked. */
function dispatched(taken: TakenWay) {
  const store = gardenStore();
  switch (taken.name) {
    case "planting.add":
      return store.dispatch(taken.name, taken.input);
    case "succession.add":
      return store.dispatch(taken.name, taken.input);
    case "plan.take":
      return store.dispatch(taken.name, taken.input);
    case "store.putBy":
      return store.dispatch(taken.name, taken.input);
  }
}

function Figure({ words, value }: { words: string; value: string }) {
  return (
    <Box>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{words}</Box>
      <Box
        sx={{ fontFamily: "var(--font-heading)", fontSize: 27, color: "var(--ember-text)" }}
        className="tabular"
      >
        {value}
      </Box>
    </Box>
  );
}
