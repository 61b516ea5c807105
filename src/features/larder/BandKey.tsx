import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { SupplyWeek } from "@/core/supply";
import { Mark } from "@/ui/chart";
import { GROUP_FILLS, STACKED } from "./bands";
import { foodGroups, larder as say } from "@/words/en/larder";

interface Props {
  weeks: readonly SupplyWeek[];
  asTable: boolean;
  onTable: () => void;
}

/** What the bands mean, those that are there, from the top of the chart down. */
export function BandKey({ weeks, asTable, onTable }: Props) {
  const there = STACKED.filter((group) =>
    weeks.some(({ byGroup }) => byGroup[group].harvestKg > 0),
  );
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 2,
        rowGap: 0.5,
        fontSize: 14,
        color: "var(--ash-text)",
      }}
    >
      {!asTable && (
        <>
          {[...there].reverse().map((group) => (
            <Mark key={group} words={foodGroups[group]}>
              <rect x="1" y="3" width="16" height="12" fill={GROUP_FILLS[group]} />
            </Mark>
          ))}
          {weeks.some(({ storeKg }) => storeKg > 0) && (
            <Mark words={say.store}>
              <rect x="1" y="3" width="16" height="12" fill="var(--straw)" />
              <circle cx="6" cy="9" r="1.4" fill="#6d4d16" />
              <circle cx="12" cy="9" r="1.4" fill="#6d4d16" />
            </Mark>
          )}
          <Mark words={say.leftOver}>
            <rect x="1" y="3" width="16" height="12" fill="var(--moss)" opacity="0.25" />
          </Mark>
          <Mark words={say.wanted}>
            <line x1="0" x2="18" y1="9" y2="9" stroke="var(--text)" strokeWidth="2.5" />
            <circle
              cx="9"
              cy="9"
              r="4"
              fill="var(--paper)"
              stroke="var(--text)"
              strokeWidth="1.5"
            />
          </Mark>
          <Mark words={say.short}>
            <path d="M1,17 L17,1 M1,9 L9,1 M9,17 L17,9" stroke="var(--ember)" strokeWidth="1.6" />
          </Mark>
          <span>{say.oneYearInTen}</span>
        </>
      )}
      <Button size="small" color="inherit" onClick={onTable} sx={{ ml: "auto" }}>
        {asTable ? say.asChart : say.asTable}
      </Button>
    </Box>
  );
}
