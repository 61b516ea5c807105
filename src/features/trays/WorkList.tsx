"use client";

import BedIcon from "@mui/icons-material/WhereToVoteOutlined";
import CountIcon from "@mui/icons-material/PinOutlined";
import HardenIcon from "@mui/icons-material/DeckOutlined";
import LabelIcon from "@mui/icons-material/LabelOutlined";
import PlantIcon from "@mui/icons-material/YardOutlined";
import SowIcon from "@mui/icons-material/GrainOutlined";
import ThinIcon from "@mui/icons-material/ContentCutOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { ReactNode } from "react";
import { hardeningOn, type Raising, type TrayWork } from "@/core/propagation";
import { useWording, type LocalWording } from "@/ui/wording";
import type { SectionProps } from "@/ui/section";
import { bedChoice } from "@/words/en/bedChoice";
import { trays as say } from "@/words/en/trays";
import { told } from "@/ui/wording";
import "@/words/en/facts/trays";

interface Props extends SectionProps {
  work: readonly TrayWork[];
  onSow: (raising: Raising) => void;
  onTray: (trayId: string) => void;
}

const ICONS: Record<TrayWork["kind"], ReactNode> = {
  sow: <SowIcon />,
  count: <CountIcon />,
  thin: <ThinIcon />,
  harden: <HardenIcon />,
  chooseBed: <BedIcon />,
  plantOut: <PlantIcon />,
  label: <LabelIcon />,
};

/** What the trays ask for about now, with the reason, one line each. */
export function WorkList({ garden, work, day, onSow, onTray }: Props) {
  const wording = useWording();
  if (work.length === 0) {
    return (
      <Box sx={{ color: "var(--ash-text)" }}>{say.noTrayTasksOn({ date: wording.date(day) })}</Box>
    );
  }
  return (
    <Box
      component="ul"
      aria-label={say.trayTasks}
      sx={{
        m: 0,
        p: 0,
        listStyle: "none",
        display: "grid",
        columnGap: 4,
        gridTemplateColumns: "repeat(auto-fill, minmax(min(100%, 430px), 1fr))",
      }}
    >
      {work.map((item) => {
        const { title, reason } = wordsOf(item, day, wording);
        const name = item.kind === "sow" ? bedName(garden, item.raising) : item.state.tray.name;
        return (
          <Box
            component="li"
            key={`${item.kind} ${item.kind === "sow" ? `${item.raising.planting.id} ${item.raising.crop.id} ${item.raising.variety.id}` : item.state.sowing.id}`}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "30px minmax(0, 1fr)", sm: "30px minmax(0, 1fr) auto" },
              columnGap: 1.25,
              alignItems: "center",
              py: 0.75,
              borderBottom: "1px solid var(--line)",
            }}
          >
            <Box aria-hidden sx={{ lineHeight: 0, color: "var(--ember-text)" }}>
              {ICONS[item.kind]}
            </Box>
            <Box sx={{ fontSize: 15, lineHeight: 1.4 }}>
              <b>{title}</b>{" "}
              <Box component="span" sx={{ color: "var(--ash-text)" }}>
                {name}
              </Box>
              <br />
              {reason}
            </Box>
            <Button
              size="small"
              variant="outlined"
              aria-label={say.text4({
                sowInTray: item.kind === "sow" ? say.sowInTray : say.open,
                title,
                name,
              })}
              onClick={() =>
                item.kind === "sow" ? onSow(item.raising) : onTray(item.state.tray.id)
              }
              sx={{
                gridColumn: { xs: 2, sm: "auto" },
                justifySelf: "start",
                mt: { xs: 0.5, sm: 0 },
              }}
            >
              {item.kind === "sow" ? say.sowInTray2 : say.open}
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}

function bedName({ beds }: Props["garden"], raising: Raising): string {
  return say.forWord3({ name: beds.get(raising.planting.bedId)?.name ?? say.theBed });
}

function wordsOf(
  item: TrayWork,
  day: number,
  wording: LocalWording,
): { title: string; reason: string } {
  if (item.kind === "sow") {
    const { crop, variety, sowDay, cells, plantOutDay } = item.raising;
    const due =
      sowDay < day
        ? say.due({ date: wording.date(sowDay) })
        : sowDay === day
          ? "today"
          : say.on({ date: wording.date(sowDay, day) });
    return {
      title: say.sow2({ crop: crop.name.toLowerCase(), variety: variety.name }),
      reason: say.cellsToTransplantAbout({
        due,
        number: wording.number(cells),
        date: wording.date(plantOutDay, day),
      }),
    };
  }
  const { crop, emergeDay, hardening, plantsPerCell } = item.state;
  const name = crop.name.toLowerCase();
  switch (item.kind) {
    case "count":
      return {
        title: say.countThe2({ name }),
        reason: say.dueUpCountWhileThereIsStillTimeTo({
          date: wording.date(emergeDay ?? day, day),
        }),
      };
    case "thin":
      return {
        title: say.thinThe({ name }),
        reason: say.toPerCellWithScissorsPulling({
          value: plantsPerCell === 1 ? say.onePlant : say.plants2({ plantsPerCell }),
        }),
      };
    case "label":
      return {
        title: say.labelThe({ name }),
        reason: say.itIsNextToSeedlingsThatLookTheSame,
      };
    case "harden": {
      const step = hardeningOn(hardening, day);
      const today =
        step === null
          ? say.keepOutsideDayAndNight
          : step.heldUpBy
            ? say.keepInsideTodayExpected({ heldUpBy: told(step.heldUpBy) })
            : step.hours >= 24
              ? say.outsideDayAndNight2
              : say.hoursOutsideTodayOutOfMiddaySun({ hours: step.hours });
      return {
        title: say.hardenOffThe({ name }),
        reason: say.transplantAbout2({ today, date: wording.date(hardening.plantOutDay, day) }),
      };
    }
    case "chooseBed": {
      const { plantOutDay } = item.state;
      return {
        title: bedChoice.chooseABed({ name }),
        reason: bedChoice.noBedYet({
          date: plantOutDay <= day ? null : wording.date(plantOutDay, day),
        }),
      };
    }
    case "plantOut": {
      const late =
        item.state.plantOutDay < day
          ? say.dueSinceRootsWillSoonCircle({ date: wording.date(item.state.plantOutDay, day) })
          : "";
      const moved =
        hardening.movedDays > 0 ? say.delayedByWeather({ movedDays: hardening.movedDays }) : "";
      const when =
        hardening.plantOutDay === day
          ? say.bestToday
          : say.bestOn({ date: wording.date(hardening.plantOutDay, day) });
      return {
        title: say.transplantThe({ name }),
        reason: say.text5({ late, when, words: told(hardening.words), moved }),
      };
    }
  }
}
