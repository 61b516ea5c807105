"use client";

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
import type { LocalWording } from "@/ui/wording";
import type { SectionProps } from "@/ui/section";

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
  plantOut: <PlantIcon />,
  label: <LabelIcon />,
};

/** What the trays ask for about now, with the reason, one line each. */
export function WorkList({ garden, work, day, wording, onSow, onTray }: Props) {
  if (work.length === 0) {
    return (
      <Box sx={{ color: "var(--ash-text)" }}>
        Nothing is to be done with trays on {wording.date(day)}.
      </Box>
    );
  }
  return (
    <Box
      component="ul"
      aria-label="To do with trays"
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
            key={`${item.kind} ${item.kind === "sow" ? item.raising.planting.id : item.state.sowing.id}`}
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
              aria-label={`${item.kind === "sow" ? "Into a tray" : "Open"}: ${title}, ${name}`}
              onClick={() =>
                item.kind === "sow" ? onSow(item.raising) : onTray(item.state.tray.id)
              }
              sx={{
                gridColumn: { xs: 2, sm: "auto" },
                justifySelf: "start",
                mt: { xs: 0.5, sm: 0 },
              }}
            >
              {item.kind === "sow" ? "Into a tray…" : "Open"}
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}

function bedName({ beds }: Props["garden"], raising: Raising): string {
  return `for ${beds.get(raising.planting.bedId)?.name ?? "the bed"}`;
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
        ? `was due on ${wording.date(sowDay)}`
        : sowDay === day
          ? "today"
          : `on ${wording.date(sowDay, day)}`;
    return {
      title: `Sow ${crop.name.toLowerCase()}, ${variety.name}`,
      reason: `${due}: ${wording.number(cells)} cells, to plant out about ${wording.date(plantOutDay, day)}.`,
    };
  }
  const { crop, emergeDay, hardening, plantsPerCell } = item.state;
  const name = crop.name.toLowerCase();
  switch (item.kind) {
    case "count":
      return {
        title: `Count the ${name}`,
        reason: `Should be up since ${wording.date(emergeDay ?? day, day)}: count while there is time to sow again.`,
      };
    case "thin":
      return {
        title: `Thin the ${name}`,
        reason: `To ${plantsPerCell === 1 ? "one plant" : `${plantsPerCell} plants`} a cell, with scissors: pulling disturbs the one that stays.`,
      };
    case "label":
      return {
        title: `Label the ${name}`,
        reason:
          "It stands beside seedlings that look the same; without a label only this map knows.",
      };
    case "harden": {
      const step = hardeningOn(hardening, day);
      const today =
        step === null
          ? "Keep it out day and night."
          : step.heldUpBy
            ? `Stays in today: ${step.heldUpBy} is expected.`
            : step.hours >= 24
              ? "Out day and night."
              : `${step.hours} hours outdoors today, out of the noon sun.`;
      return {
        title: `Harden off the ${name}`,
        reason: `${today} Plant out about ${wording.date(hardening.plantOutDay, day)}.`,
      };
    }
    case "plantOut": {
      const late =
        item.state.plantOutDay < day
          ? `Due since ${wording.date(item.state.plantOutDay, day)}; roots circle soon. `
          : "";
      const moved =
        hardening.movedDays > 0 ? ` Put off by ${hardening.movedDays} days for the weather.` : "";
      const when =
        hardening.plantOutDay === day
          ? "Best today."
          : `Best on ${wording.date(hardening.plantOutDay, day)}.`;
      return {
        title: `Plant out the ${name}`,
        reason: `${late}${when} ${hardening.words}${moved}`,
      };
    }
  }
}
