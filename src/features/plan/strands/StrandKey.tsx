import { memo, type ReactNode } from "react";
import Box from "@mui/material/Box";
import { causeWords } from "@/words/en/causes";
import { plan as say } from "@/words/en/plan";
import { CauseMark, MARKED_CAUSES } from "./CauseMark";

const SWATCH = { width: 26, height: 14 };

/** What the shapes on a strand mean. */
export const StrandKey = memo(function StrandKey({ hasOdds }: { hasOdds: boolean }) {
  return (
    <Box
      component="ul"
      aria-label={say.key}
      sx={{
        display: { xs: "none", sm: "flex" },
        flexWrap: "wrap",
        flex: "1 1 0",
        minWidth: 0,
        columnGap: 2.5,
        m: 0,
        px: 2,
        py: 0.75,
        listStyle: "none",
        fontSize: 12.5,
        color: "var(--ash-text)",
      }}
    >
      <Entry words={say.sowingDateDragToChange}>
        <circle cx="13" cy="7" r="4.5" fill="var(--paper)" stroke="var(--text)" strokeWidth="1.6" />
      </Entry>
      <Entry words={say.sownLogged}>
        <circle cx="13" cy="7" r="4.5" fill="var(--text)" />
      </Entry>
      <Entry words={say.plannedDate}>
        <path
          d="M1,9 H25 M1,6 v6 M25,6 v6"
          fill="none"
          stroke="var(--ash-text)"
          strokeDasharray="3 3"
          strokeWidth="1.4"
        />
      </Entry>
      <Entry words={say.harvested}>
        <path d="M9,11 l4,-7 l4,7 z" fill="var(--text)" />
      </Entry>
      <Entry words={say.transplanted}>
        <path d="M8,11 a5,6 0 1 1 10,0" fill="none" stroke="var(--text)" strokeWidth="1.4" />
      </Entry>
      <Entry words={say.growing}>
        <path d="M0,7 L26,1 V13 Z" fill="var(--moss)" />
      </Entry>
      <Entry words={say.readyAndHolding}>
        <rect x="1" y="1" width="25" height="12" fill="var(--ember)" />
        <path d="M2,13 L10,1 M9,13 L17,1 M16,13 L24,1" stroke="var(--glow)" strokeWidth="2.4" />
        <line x1="1" x2="1" y1="0" y2="14" stroke="var(--text)" strokeWidth="2" />
      </Entry>
      <Entry words={say.spreadInKey}>
        <path d="M0,7 L26,1 V13 Z" fill="var(--moss)" />
        <path d="M8,13 V3 L14,2 V13 Z" fill="var(--ember)" opacity="0.45" />
        <path d="M14,13 V2 L20,1 V13 Z" fill="var(--ember)" opacity="0.9" />
      </Entry>
      {hasOdds && (
        <>
          <Entry words={say.oddsInKey}>
            <rect x="1" y="6" width="19" height="3" fill="var(--moss)" />
            <rect x="20" y="6" width="5" height="3" fill="var(--frost-text)" />
          </Entry>
          {MARKED_CAUSES.map((cause) => (
            <Entry key={cause} words={causeWords[cause]}>
              <CauseMark cause={cause} x={13} y={7} />
            </Entry>
          ))}
        </>
      )}
      <Entry words={say.aKillingFrostMayHaveComeByThen}>
        <path
          d="M7.5,2 h11 l-5.5,10 z"
          fill="var(--paper)"
          stroke="var(--frost-text)"
          strokeWidth="1.6"
        />
      </Entry>
    </Box>
  );
});

function Entry({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box component="li" sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
      <svg {...SWATCH} aria-hidden>
        {children}
      </svg>
      {words}
    </Box>
  );
}
