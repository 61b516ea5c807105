"use client";

import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { DayNumber } from "@/core/calendar";
import { bedsInOrder, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { useWording } from "@/ui/wording";
import { bedMap as say } from "@/words/en/bedMap";
import { familiesWithCrops, freeGround, usualFree, type Wash } from "./wash";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  wash: Wash;
  onWash: (wash: Wash) => void;
}

const ONE_LINE_CHOICE = {
  overflow: "hidden",
  textOverflow: "ellipsis",
  whiteSpace: "nowrap !important",
} as const;
const ONE_LINE = {
  fontSize: 14,
  color: "var(--ash-text)",
  minWidth: 0,
  overflow: { md: "hidden" },
  textOverflow: "ellipsis",
  whiteSpace: { md: "nowrap" },
} as const;

/** What the map is coloured by: chosen, with its days or its family. */
export function WashControl({ garden, site, day, wash, onWash }: Props) {
  const families = familiesWithCrops(garden);
  const choose = (by: Wash["by"]) => {
    if (by === "sun") onWash({ by });
    else if (by === "free") onWash(usualFree(day));
    else onWash({ by, family: families[0]?.family ?? "" });
  };
  return (
    <Box
      sx={{
        display: "flex",
        // On a wide screen it keeps its height when the inspector takes room: the map must not jump.
        flexWrap: { xs: "wrap", md: "nowrap" },
        alignItems: "center",
        gap: 1,
        px: { xs: 2, md: 2.75 },
        pb: 0.75,
        "@media print": { display: "none" },
      }}
    >
      <TextField
        select
        size="small"
        label={say.show}
        value={wash.by}
        onChange={(event) => choose(event.target.value as Wash["by"])}
        sx={{ minWidth: 260, flex: "none" }}
      >
        {(["sun", "free", "family"] as const).map((by) => (
          <MenuItem key={by} value={by}>
            {say[by]}
          </MenuItem>
        ))}
      </TextField>
      {wash.by === "free" &&
        (["from", "to"] as const).map((end) => (
          <TextField
            key={end}
            type="date"
            size="small"
            label={say[end]}
            value={wash[end]}
            error={wash.to <= wash.from}
            onChange={(event) => onWash({ ...wash, [end]: event.target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        ))}
      {wash.by === "family" && (
        <TextField
          select
          size="small"
          label={say.whichFamily}
          value={wash.family}
          onChange={(event) => onWash({ by: "family", family: event.target.value })}
          sx={{
            width: { xs: "100%", md: 300 },
            flex: "none",
            "& .MuiSelect-select": ONE_LINE_CHOICE,
          }}
        >
          {families.map(({ family, crops }) => (
            <MenuItem key={family} value={family}>
              {say.familyOf({ family, crops: crops.slice(0, 3).join(", ").toLowerCase() })}
            </MenuItem>
          ))}
        </TextField>
      )}
      {wash.by === "free" && <FreeWords {...{ garden, site, wash }} />}
      {wash.by === "family" && (
        <Box sx={ONE_LINE}>{say.crossedOut({ years: garden.settings.rotationYears })}</Box>
      )}
    </Box>
  );
}

/** Where there is room all that time, in words. */
function FreeWords(props: { garden: Garden; site: Site; wash: Extract<Wash, { by: "free" }> }) {
  const { garden, site, wash } = props;
  const wording = useWording();
  if (wash.to <= wash.from) return <Box sx={{ fontSize: 14 }}>{say.chooseALaterDay}</Box>;
  const rooms = bedsInOrder(garden).flatMap((bed) => {
    const [largest] = freeGround(site, garden, bed, wash);
    return largest ? [`${bed.name} (${wording.lengthM(largest.toM - largest.fromM)})`] : [];
  });
  return (
    <Box role="status" sx={ONE_LINE} title={rooms.join(", ")}>
      {rooms.length === 0 ? say.noneIsFree : say.freeIn({ beds: rooms.join(", ") })}
    </Box>
  );
}
