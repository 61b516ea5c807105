import Box from "@mui/material/Box";
import Link from "next/link";
import { useMemo } from "react";
import { isoDate, type DayNumber } from "@/core/calendar";
import { cropsOf, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { sowingStates } from "@/core/propagation";
import { seedlingsIn, standOn, type Tray } from "@/core/trays";
import { setView } from "@/ui/viewState";
import { bedMap as say } from "@/words/en/bedMap";

interface Props {
  garden: Garden;
  site: Site | null;
  day: DayNumber;
  today: DayNumber;
}

/** Where trays stand on a day, place by place: seedlings are part of what grows, and take no ground. */
export function TraysLine({ garden, site, day, today }: Props) {
  const sown = useMemo(() => {
    // By then they are expected to be in their beds.
    const still = sowingStates(garden, site, day).filter(
      ({ sowing, plantOutDay }) => seedlingsIn(sowing) !== 0 && Math.max(plantOutDay, today) >= day,
    );
    return [...new Set(still.map(({ tray }) => tray))];
  }, [garden, site, day, today]);
  if (sown.length === 0) return null;
  const crops = cropsOf(garden);
  const on = isoDate(day);
  const places = [
    ...[...garden.stands.values()].map(({ id, name }) => ({ id, name })),
    { id: null, name: say.elsewhere },
  ];
  const cropsIn = ({ sowings }: Tray) =>
    [...new Set(sowings.map(({ cropId }) => crops.get(cropId)?.name ?? cropId))].join(", ");
  return (
    <Box
      role="group"
      aria-label={say.trays}
      sx={{
        display: "flex",
        // One line, whatever its room: the map keeps its own.
        overflowX: "auto",
        whiteSpace: "nowrap",
        columnGap: 2.5,
        px: { xs: 2, md: 2.75 },
        py: 0.5,
        fontSize: 13.5,
        borderTop: "1px solid var(--line)",
      }}
    >
      {places.map(({ id, name }) => {
        const there = sown.filter((tray) => standOn(tray, on) === id);
        return there.length === 0 ? null : (
          <Box key={id ?? ""} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
            <b>{name}</b>
            {there.map((tray) => (
              <Box
                key={tray.id}
                component={Link}
                href="/seedlings"
                prefetch={false}
                onClick={() => setView({ seedlingsSection: "trays", selectedTrayId: tray.id })}
                sx={{
                  display: "inline-flex",
                  alignItems: "center",
                  gap: 0.5,
                  minHeight: 24,
                  color: "inherit",
                  textUnderlineOffset: 3,
                }}
              >
                <TrayGlyph />
                {say.trayOf({ tray: tray.name, crops: cropsIn(tray) })}
              </Box>
            ))}
          </Box>
        );
      })}
    </Box>
  );
}

/** A tray from above, small. */
function TrayGlyph() {
  return (
    <svg width="20" height="14" aria-hidden>
      <rect x="0.75" y="0.75" width="18.5" height="12.5" rx="2" fill="none" stroke="currentColor" />
      {[4, 8, 12, 16].flatMap((x) =>
        [4.2, 9.8].map((y) => (
          <circle key={`${x} ${y}`} cx={x} cy={y} r="1.5" fill="var(--moss)" />
        )),
      )}
    </svg>
  );
}
