"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useAnswer, useReckoned } from "@/derive";
import { useMemo, useState } from "react";
import { DAYS_PER_WEEK, type DayNumber } from "@/core/calendar";
import type { Need } from "@/core/food";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { hungryGap } from "@/core/spring";
import type { Gap } from "@/core/supply";
import { useToday } from "@/store";
import { InspectorPanel, lazyPart } from "@/ui/frame";
import { useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { BandKey } from "./BandKey";
import { EatOrder } from "./EatOrder";
import { FirstNeed } from "./FirstNeed";
import { GapList } from "./GapList";
import { roughG } from "./weights";
import { StoreList } from "./StoreList";
import { SupplyChart } from "./SupplyChart";
import { SurplusList } from "./SurplusList";
import { fill } from "@/words/en/fill";
import { shoots } from "@/words/en/shoots";
import { spring } from "@/words/en/spring";
import { foodGroups, larder as say } from "@/words/en/larder";

const GapPane = lazyPart(() => import("./GapPane"));
const SpringPane = lazyPart(() => import("./SpringPane"));
const NeedDialog = lazyPart(() => import("./NeedDialog"));
const FillDialog = lazyPart(() => import("./FillDialog"));
const RotationDialog = lazyPart(() => import("./RotationDialog"));
const StoreDialog = lazyPart(() => import("./StoreDialog"));
const SupplyTable = lazyPart(() => import("./SupplyTable"));

/** What comes in each week against what is wanted, and how a gap is closed while there is still time. */
export function LarderView() {
  const { garden, site } = useReckoned();
  const today = useToday(garden);
  const day = useView((state) => state.dateInView) ?? today;
  if (site && garden.need) return <Filled {...{ garden, site, today, day }} need={garden.need} />;
  return (
    <Box sx={{ px: { xs: 2, md: 2.75 }, pt: 1.75 }}>
      <Typography variant="h1">{say.larder}</Typography>
      {site ? <FirstNeed /> : <Box sx={{ mt: 1, fontSize: 17 }}>{say.setPlaceFirst}</Box>}
    </Box>
  );
}

interface Props {
  garden: Garden;
  site: Site;
  need: Need;
  today: DayNumber;
  day: DayNumber;
}

function Filled({ garden, site, need, today, day }: Props) {
  const wording = useWording();
  const [dialog, setDialog] = useState<"need" | "store" | "shoots" | "fill" | null>(null);
  const [asTable, setAsTable] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const season = useMemo(() => site.season(day), [site, day]);
  const weeks = useMemo(() => {
    const firstDay = Math.max(today, season.startDay);
    const count = Math.max(1, Math.ceil((season.endDay + 1 - firstDay) / DAYS_PER_WEEK));
    return { firstDay, count, today };
  }, [season, today]);
  const { value } = useAnswer("supply", weeks, { garden, site });
  const gaps = value?.gaps ?? [];
  const gap = gaps.find((one) => gapKey(one) === chosen) ?? null;
  const gapWords = (one: Gap) =>
    say.gap({
      group: foodGroups[one.group],
      weight: wording.weightG(roughG(one.shortKgAWeek)),
      from: wording.date(one.fromDay, day),
      until: wording.date(one.untilDay, one.fromDay),
      years: say.inYears(one),
    });
  const hungry = value ? hungryGap(value.weeks, season.midwinterDay) : null;
  const springWords = hungry
    ? spring.hungryGap({
        weight: wording.weightG(roughG(hungry.shortKgAWeek)),
        from: wording.date(hungry.fromDay, day),
        until: wording.date(hungry.untilDay, hungry.fromDay),
      })
    : spring.noHungryGap;
  const summary = say.chartSummary({
    short: gaps[0] ? gapWords(gaps[0]) : say.nothingShort,
  });
  return (
    <Box sx={{ height: "100%", display: "flex" }}>
      <Box
        tabIndex={0}
        role="region"
        aria-label={say.larder}
        sx={{
          flex: 1,
          minWidth: 0,
          overflowY: "auto",
          px: { xs: 2, md: 2.75 },
          pt: 1.75,
          pb: 4,
          "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
        }}
      >
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, alignItems: "center" }}>
          <Typography variant="h1" sx={{ mr: "auto" }}>
            {say.larder}
          </Typography>
          <Button variant="outlined" color="inherit" onClick={() => setDialog("need")}>
            {say.whatIsWanted}
          </Button>
          <Button variant="contained" onClick={() => setDialog("fill")}>
            {fill.closeTheGaps}
          </Button>
          <Button variant="outlined" color="inherit" onClick={() => setDialog("shoots")}>
            {shoots.shoots}
          </Button>
          <Button variant="outlined" onClick={() => setDialog("store")}>
            {say.putIntoStore}
          </Button>
        </Box>
        <Box sx={{ fontSize: 16, color: "var(--ash-text)", mb: 1 }}>
          {say.subtitle({ eaters: need.eaters })}
        </Box>
        {value && (
          <>
            {asTable ? (
              <SupplyTable weeks={value.weeks} day={day} />
            ) : (
              <SupplyChart
                {...{ season, day, summary }}
                weeks={value.weeks}
                latitudeDeg={site.latitudeDeg}
              />
            )}
            <BandKey weeks={value.weeks} asTable={asTable} onTable={() => setAsTable(!asTable)} />
            <GapList
              gaps={gaps}
              words={gapWords}
              isChosen={(one) => gapKey(one) === chosen}
              onChoose={(one) => setChosen(gapKey(one))}
              spring={{
                words: springWords,
                isChosen: chosen === SPRING,
                onChoose: () => setChosen(SPRING),
              }}
            />
            <SurplusList weeks={value.weeks} day={day} />
            <EatOrder order={value.order} day={day} />
          </>
        )}
        <StoreList garden={garden} today={today} />
      </Box>
      {gap && (
        <Box sx={{ width: { md: 340 }, flex: "none", display: "flex", minHeight: 0 }}>
          <InspectorPanel label={foodGroups[gap.group]} onClose={() => setChosen(null)}>
            <GapPane key={gapKey(gap)} {...{ garden, site, gap, weeks, day }} />
          </InspectorPanel>
        </Box>
      )}
      {chosen === SPRING && (
        <Box sx={{ width: { md: 340 }, flex: "none", display: "flex", minHeight: 0 }}>
          <InspectorPanel label={spring.spring} onClose={() => setChosen(null)}>
            <SpringPane {...{ garden, site, day }} hungry={hungry && springWords} />
          </InspectorPanel>
        </Box>
      )}
      {dialog === "need" && (
        <NeedDialog garden={garden} need={need} onClose={() => setDialog(null)} />
      )}
      {dialog === "fill" && (
        <FillDialog {...{ garden, weeks, day }} onClose={() => setDialog(null)} />
      )}
      {dialog === "shoots" && (
        <RotationDialog {...{ garden, site, today }} onClose={() => setDialog(null)} />
      )}
      {dialog === "store" && (
        <StoreDialog garden={garden} lot={null} today={today} onClose={() => setDialog(null)} />
      )}
    </Box>
  );
}

/** Chosen in place of a gap. */
const SPRING = "spring";

/** A gap is the same as long as its group and its first month are. */
function gapKey({ group, fromDay }: Gap): string {
  return `${group} ${Math.floor(fromDay / 28)}`;
}
