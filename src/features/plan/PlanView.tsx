"use client";

import Box from "@mui/material/Box";
import { useLateAnswer, useReckoned } from "@/derive";
import Button from "@mui/material/Button";
import { useCallback, useMemo, useState } from "react";
import { dayNumber, isoDate, type DayNumber } from "@/core/calendar";
import { bedsInOrder, coversOver, type Garden } from "@/core/garden";
import { plantingState, successionMoves } from "@/core/plantings";
import { seasonAimedAt } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { gardenStore, useToday } from "@/store";
import { lazyPart } from "@/ui/frame";
import { setView, useView, tellRefusal } from "@/ui/viewState";
import { PlanHeading } from "./PlanHeading";
import { StrandChart } from "./strands/StrandChart";
import { StrandKey } from "./strands/StrandKey";
import { DAYS_BEFORE_SEASON, DAYS_CUT_AT_END } from "./strands/strandLayout";
import { useStrandOdds } from "./strands/useStrandOdds";
import { draggedItems, livingWithin, useStrands, type Grouping } from "./strands/useStrands";
import { plan as say } from "@/words/en/plan";

const CliffChart = lazyPart(() => import("./cliff/CliffChart"));
const EmptyPlan = lazyPart(() => import("./EmptyPlan"));
const SeveralPlantings = lazyPart(() => import("./several/SeveralPlantings"));
const SowTodayDialog = lazyPart(() => import("./SowTodayDialog"));
const WishDialog = lazyPart(() => import("./wish/WishDialog"));

const STACKS_SHOWN = 5;
const NO_SPREADS = {};

/** The plan: every planting as a strand along time, and the cliff of the one selected. */
export function PlanView() {
  const { garden, site } = useReckoned();
  const wish = useView((state) => state.wish);
  const sowingToday = useView((state) => state.sowingToday);
  const dateInView = useView((state) => state.dateInView);
  const today = useToday(garden);
  const day = dateInView ?? today;
  const empty = !site || garden.beds.size === 0 || garden.plantings.size === 0;
  return (
    <>
      {empty ? <EmptyPlan garden={garden} /> : <FilledPlan garden={garden} site={site} day={day} />}
      {sowingToday && site && garden.beds.size > 0 && (
        <SowTodayDialog
          garden={garden}
          site={site}
          day={day}
          onClose={() => setView({ sowingToday: false })}
        />
      )}
      {wish && site && garden.beds.size > 0 && (
        <WishDialog
          garden={garden}
          site={site}
          today={today}
          inView={day}
          start={wish}
          onClose={() => setView({ wish: null })}
        />
      )}
    </>
  );
}

function FilledPlan({ garden, site, day }: { garden: Garden; site: Site; day: DayNumber }) {
  const grouping = useView((state) => state.planGrouping);
  const selectedId = useView((state) => state.selectedPlantingId);
  const dragged = useView((state) => state.dragged);
  const season = useSeason(site, day);
  const all = useStrands(garden, site, grouping);
  const groups = useMemo(
    () => livingWithin(all, season.startDay - DAYS_BEFORE_SEASON, season.endDay - DAYS_CUT_AT_END),
    [all, season],
  );
  const short = site.shortDays(season, garden.settings.shortDayHours);
  const { select, preview, move } = useActions(site);
  const { chosen, setChosen, tap } = useChosen(selectedId, select);
  const stopChoosing = useCallback(() => setChosen(null), [setChosen]);

  const draggedPlanting = dragged ? garden.plantings.get(dragged.plantingId) : undefined;
  const draggedRows = useMemo(
    () =>
      dragged && draggedPlanting ? draggedItems(garden, site, draggedPlanting, dragged.sowDay) : [],
    [garden, site, dragged, draggedPlanting],
  );
  const draggedRow = draggedRows.find(({ id }) => id === dragged?.plantingId) ?? null;
  const looked = garden.plantings.get(selectedId ?? groups[0]?.items[0]?.id ?? "") ?? null;
  const view = looked && plantingState(garden, site, looked);
  const timeline =
    draggedRow && draggedRow.id === looked?.id ? draggedRow.timeline : view?.timeline;
  const inView = {
    fromDay: season.startDay - DAYS_BEFORE_SEASON,
    toDay: season.endDay - DAYS_CUT_AT_END,
  };
  const spreads = useLateAnswer("strandSpreads", inView, { garden, site });
  const odds = useStrandOdds();
  const stacks = useStacks(garden, view?.growing.covers ?? NO_COVERS);
  return (
    <Box
      sx={{
        height: "100%",
        display: "flex",
        flexDirection: "column",
        "@media print": { height: "auto", display: "block" },
      }}
    >
      <PlanHeading grouping={grouping} onGrouping={setGrouping} school={garden.settings.school} />
      {groups.length === 0 && (
        <Box sx={{ px: 2, color: "var(--ash-text)" }}>{say.nothingIsPlannedThisSeasonMoveThe}</Box>
      )}
      <Box sx={{ flex: "3 1 0", minHeight: 160, "@media print": { minHeight: 0 } }}>
        <StrandChart
          groups={groups}
          dragged={draggedRows}
          spreads={spreads.value ?? NO_SPREADS}
          odds={odds}
          season={season}
          short={short}
          shortDayHours={garden.settings.shortDayHours}
          day={day}
          selectedId={selectedId}
          chosen={chosen}
          onSelect={chosen ? nothing : select}
          onTap={tap}
          onPreview={preview}
          onMove={move}
        />
      </Box>
      {chosen ? (
        <SeveralPlantings garden={garden} chosen={chosen} onStop={stopChoosing} />
      ) : (
        <Box sx={{ display: "flex", alignItems: "center", borderTop: "1px solid var(--line)" }}>
          <StrandKey hasOdds={odds !== null} />
          <Button
            color="inherit"
            sx={{ ml: "auto", mr: 1, whiteSpace: "nowrap", "@media print": { display: "none" } }}
            onClick={() => {
              // The button goes: whoever came by keys is where plantings are selected.
              document
                .querySelector<SVGElement>('.knot[tabindex="0"]')
                ?.focus({ preventScroll: true });
              setChosen(NONE);
            }}
          >
            {say.selectSeveral}
          </Button>
        </Box>
      )}
      {view && timeline && (
        <Box
          sx={{
            flex: "2 1 0",
            // On a phone several that are chosen need the room.
            display: chosen ? { xs: "none", sm: "block" } : undefined,
            minHeight: 150,
            maxHeight: 260,
            borderTop: "1px solid var(--line)",
            "@media print": { maxHeight: "none", breakInside: "avoid", mt: 1 },
          }}
        >
          <CliffChart
            garden={garden}
            plantingId={view.planting.id}
            site={site}
            settings={garden.settings}
            growing={view.growing}
            stacks={stacks}
            aroundDay={seasonAimedAt(site, timeline)}
            sowDay={timeline.sowDay}
            readyDay={timeline.readyDay}
          />
        </Box>
      )}
    </Box>
  );
}

const NONE: ReadonlySet<string> = new Set();
const nothing = () => undefined;

/** Several plantings that are chosen together, by taps; one that is tapped alone is looked at. */
function useChosen(selectedId: string | null, select: (id: string) => void) {
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const isChoosing = chosen !== null;
  const tap = useCallback(
    (id: string, isAdding: boolean) => {
      if (!isChoosing && !isAdding) return select(id);
      setView({ selectedPlantingId: null });
      setChosen((before) => {
        const next = new Set(before ?? (selectedId === null ? [] : [selectedId]));
        if (!next.delete(id)) next.add(id);
        return next;
      });
    },
    [isChoosing, selectedId, select],
  );
  return { chosen, setChosen, tap };
}

const NO_COVERS: readonly string[] = [];
const setGrouping = (planGrouping: Grouping) => setView({ planGrouping });

/** The season of the date in view, the same object for all its days. */
function useSeason(site: Site, day: DayNumber) {
  const { startDay } = site.season(day);
  return useMemo(() => site.season(startDay), [site, startDay]);
}

function useActions(site: Site) {
  const select = useCallback((id: string) => setView({ selectedPlantingId: id }), []);
  const preview = useCallback(
    (plantingId: string, sowDay: DayNumber | null) =>
      setView({ dragged: sowDay === null ? null : { plantingId, sowDay } }),
    [],
  );
  const move = useCallback(
    async (id: string, sowDay: DayNumber) => {
      const { garden } = gardenStore().getState();
      const planting = garden.plantings.get(id);
      if (planting && dayNumber(planting.sowOn) !== sowDay) {
        const done =
          planting.successionId === null
            ? await gardenStore().dispatch("planting.moveSowing", { id, sowOn: isoDate(sowDay) })
            : await gardenStore().dispatch("succession.move", {
                moves: successionMoves(garden, site, planting, sowDay),
              });
        if (!done.ok) tellRefusal(done);
      }
      setView({ dragged: null });
    },
    [site],
  );
  return { select, preview, move };
}

/**
 * The covers to compare on the cliff: the open air and the garden's others in the order of the beds,
 * so that each keeps its line; the planting's own among them in any case.
 */
function useStacks(
  { beds, shelters }: Garden,
  own: readonly string[],
): readonly (readonly string[])[] {
  const ownKey = own.join("+");
  return useMemo(() => {
    const stacks = new Map<string, readonly string[]>([["", NO_COVERS]]);
    for (const bed of bedsInOrder({ beds, shelters })) {
      const covers = coversOver({ shelters }, bed);
      stacks.set(covers.join("+"), covers);
    }
    const all = [...stacks];
    const shown = all.slice(0, STACKS_SHOWN);
    const ownStack = all.find(([key]) => key === ownKey);
    if (ownStack && !shown.includes(ownStack)) shown[STACKS_SHOWN - 1] = ownStack;
    return shown.map(([, covers]) => covers);
  }, [beds, shelters, ownKey]);
}
