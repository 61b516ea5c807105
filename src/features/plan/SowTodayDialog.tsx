"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import { CROP_GROUPS } from "@/core/crops";
import type { Garden } from "@/core/garden";
import type { DateSpread, SowNow } from "@/core/schedule";
import type { Site } from "@/core/growth";
import { whereWords } from "@/words/covers";
import { useAnswer, useLateAnswer } from "@/derive";
import { askedWay, betweenWords } from "./spreadWords";
import { setView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { wish as say } from "@/words/en/wish";
import { cropGroups } from "@/words/en/cropGroups";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  onClose: () => void;
}

/** Fewer days left than this: sow it now rather than next week. */
const URGENT_DAYS = 7;

/** Everything that can still be sown on the date in view, here; the urgent first in each group. */
export default function SowTodayDialog({ garden, site, day: wanted, onClose }: Props) {
  const wording = useWording();
  const narrow = useMediaQuery(useTheme().breakpoints.down("sm"));
  const { value: found, asked } = useAnswer("sowable", { day: wanted }, { garden, site });
  const { day } = asked;
  const ways = useMemo(() => (found?.now ?? []).map(askedWay), [found]);
  const spreads = useLateAnswer("sowableSpreads", { ways }, { garden, site });
  const spreadOf = new Map(
    spreads.isLate ? [] : (found?.now ?? []).map((one, index) => [one, spreads.value?.[index]]),
  );
  const usual = (found?.now ?? []).filter(({ isUsual }) => isUsual);
  const seldom = (found?.now ?? []).filter(({ isUsual }) => !isUsual);
  const young = usual.filter(({ growing }) => growing.stage === "baby");
  const groups = [
    ...CROP_GROUPS.map((id) => ({
      title: cropGroups[id],
      rows: usual.filter(({ growing }) => growing.crop.group === id && growing.stage === "full"),
    })),
    { title: say.babyLeaves, rows: young },
  ].filter(({ rows }) => rows.length > 0);
  const choose = (one: SowNow) => {
    onClose();
    setView({ wish: { cropId: one.growing.crop.id, mode: "sowOn" } });
  };
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="md"
      fullScreen={narrow}
      aria-labelledby="sow-today"
    >
      <DialogTitle
        id="sow-today"
        sx={{ fontFamily: "var(--font-heading)", fontWeight: 600, pb: 0.5 }}
      >
        {say.whatYouCanStillSowOn({ date: wording.date(day) })}
      </DialogTitle>
      <DialogContent>
        <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
          {found
            ? say.sownThatDayWillBeReadyInTimeHere({
                nowCount: new Set(usual.map(({ growing }) => growing.crop.id)).size,
              })
            : say.calculating}
        </Box>
        {groups.map(({ title, rows }) => (
          <Box component="section" key={title} aria-label={title} sx={{ mt: 1.75 }}>
            <Box component="h3" sx={{ m: 0, fontSize: 14, color: "var(--ash-text)" }}>
              {title}
            </Box>
            <SowRows rows={rows} spreadOf={spreadOf} day={day} onChoose={choose} />
          </Box>
        ))}
        {seldom.length > 0 && (
          <Box component="details" sx={{ mt: 2, fontSize: 15 }}>
            <Box component="summary" sx={{ cursor: "pointer" }}>
              {say.possibleThoughSeldom({ count: seldom.length })}
            </Box>
            <SowRows rows={seldom} spreadOf={spreadOf} day={day} onChoose={choose} />
          </Box>
        )}
        {found && found.not.length > 0 && (
          <Box component="details" sx={{ mt: 2, fontSize: 15 }}>
            <Box component="summary" sx={{ cursor: "pointer" }}>
              {say.tooLateOrTooEarly({ notCount: found.not.length })}
            </Box>
            {found.not.map(({ name }) => name).join(", ")}.
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say.close}</Button>
      </DialogActions>
    </Dialog>
  );
}

function SowRows({ rows, spreadOf, day, onChoose }: RowsProps) {
  return (
    <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
      {rows.map((one) => (
        <SowRow
          key={`${one.growing.crop.id} ${one.growing.stage}`}
          one={one}
          left={one.daysLeft}
          spread={spreadOf.get(one) ?? null}
          day={day}
          onChoose={() => onChoose(one)}
        />
      ))}
    </Box>
  );
}

interface RowsProps {
  rows: readonly (SowNow & { daysLeft: number | null })[];
  /** How the first picking of each strays, once that is known. */
  spreadOf: ReadonlyMap<SowNow, DateSpread | null | undefined>;
  day: DayNumber;
  onChoose: (one: SowNow) => void;
}

function SowRow(props: {
  one: SowNow;
  left: number | null;
  spread: DateSpread | null;
  day: DayNumber;
  onChoose: () => void;
}) {
  const wording = useWording();
  const { one, left, spread, day } = props;
  const { growing, timeline } = one;
  const urgent = left !== null && left < URGENT_DAYS;
  const how = growing.method === "transplant" ? say.inTrays : "direct";
  const young = growing.stage === "baby" && !one.isUsual ? say.babyLeaf : "";
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "170px minmax(0, 1fr) 130px auto" },
        columnGap: 1.5,
        alignItems: "center",
        py: 0.5,
        borderTop: "1px solid var(--line)",
        fontSize: 15,
      }}
    >
      <b>{growing.crop.name}</b>
      <Box sx={{ gridColumn: { xs: 1, sm: "auto" } }}>
        {how}, {whereWords(growing.covers)}
        {young}
        {one.verdict.kind === "spring" && say.overWinter}
        {say.ready({
          value: timeline.readyDay === null ? "" : wording.date(timeline.readyDay, day),
        })}
        <Box component="span" sx={{ color: "var(--ash-text)" }}>
          {betweenWords(spread, wording)}
        </Box>
      </Box>
      <Box
        sx={{
          gridColumn: { xs: 1, sm: "auto" },
          color: urgent ? "var(--ember-text)" : "var(--ash-text)",
          fontWeight: urgent ? 700 : 400,
        }}
      >
        {leftWords(left)}
      </Box>
      <Button
        size="small"
        variant="outlined"
        onClick={props.onChoose}
        aria-label={say.optionsForSowing({ crop: growing.crop.name })}
        sx={{ gridColumn: { xs: 2, sm: "auto" }, gridRow: { xs: "1 / span 3", sm: "auto" } }}
      >
        {say.options}
      </Button>
    </Box>
  );
}

function leftWords(left: number | null): string {
  if (left === null || left < 0) return "";
  if (left === 0) return say.lastSafeDate;
  return left === 1 ? say.n1DayLeft : say.left({ left });
}
