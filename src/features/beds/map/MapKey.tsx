import Box from "@mui/material/Box";
import { bedMap as mapSay } from "@/words/en/bedMap";
import { beds as say } from "@/words/en/beds";
import { Mark } from "@/ui/chart";
import type { Wash } from "./wash";

/** What the marks of the map mean. */
export function MapKey({ layingOut, by }: { layingOut: boolean; by: Wash["by"] }) {
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: { xs: "wrap", md: "nowrap" },
        overflow: "hidden",
        whiteSpace: { md: "nowrap" },
        gap: 2.5,
        px: { xs: 2, md: 2.75 },
        py: 0.75,
        borderTop: "1px solid var(--line)",
        fontSize: 13,
        color: "var(--ash-text)",
      }}
    >
      <Mark words={say.growing2}>
        <circle cx="9" cy="9" r="6" fill="var(--moss)" stroke="var(--moss-text)" />
      </Mark>
      <Mark words={say.ready2}>
        <circle cx="9" cy="9" r="6" fill="var(--moss)" stroke="var(--ember)" strokeWidth="2.4" />
        <circle cx="9" cy="9" r="2.2" fill="var(--surface)" />
      </Mark>
      <Mark words={say.covered}>
        <path d="M1,17 L17,1 M1,9 L9,1 M9,17 L17,9" stroke="var(--frost-text)" strokeWidth="1.4" />
      </Mark>
      <Mark words={say.resting}>
        <rect x="1" y="3" width="16" height="12" fill="var(--straw)" stroke="var(--ash-text)" />
        <path d="M4 7 l3 2 M10 12 l3 -3" stroke="var(--ash-text)" strokeWidth="1.2" />
      </Mark>
      <Mark words={say.shelter}>
        <rect
          x="1"
          y="3"
          width="16"
          height="12"
          fill="none"
          stroke="var(--frost-text)"
          strokeWidth="2"
        />
      </Mark>
      {by === "sun" ? (
        <Mark words={say.directSunDarkerIsMore}>
          <rect x="1" y="3" width="16" height="12" fill="var(--glow)" opacity="0.4" />
        </Mark>
      ) : (
        <Mark words={by === "free" ? mapSay.freeAllThatTime : mapSay.restedFromIt}>
          <rect x="1" y="3" width="16" height="12" fill="var(--moss)" opacity="0.5" />
        </Mark>
      )}
      <Box sx={{ "@media print": { display: "none" } }}>
        {layingOut ? say.dragArrowKeysOrRHandlesResizeAnd : say.dragAPlantingToAnotherBed}
      </Box>
    </Box>
  );
}
