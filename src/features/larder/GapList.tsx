import Box from "@mui/material/Box";
import type { Gap } from "@/core/supply";
import { larder as say } from "@/words/en/larder";

interface Props {
  gaps: readonly Gap[];
  words: (gap: Gap) => string;
  /** Whether its ways are looked at. */
  isChosen: (gap: Gap) => boolean;
  onChoose: (gap: Gap) => void;
}

/** Where it will be short, in words, the worst first; a tap tells the ways that still work. */
export function GapList({ gaps, words, isChosen, onChoose }: Props) {
  return (
    <Box component="section" aria-label={say.gaps} sx={{ mt: 2, maxWidth: 860 }}>
      <Heading>{say.gaps}</Heading>
      {gaps.length === 0 && <Box sx={{ fontSize: 16 }}>{say.noGaps}</Box>}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {gaps.map((gap) => (
          <Box
            component="li"
            key={`${gap.group} ${gap.fromDay}`}
            sx={{ borderTop: "1px solid var(--line)" }}
          >
            <Box
              component="button"
              type="button"
              aria-pressed={isChosen(gap)}
              onClick={() => onChoose(gap)}
              sx={{
                all: "unset",
                display: "block",
                width: "100%",
                boxSizing: "border-box",
                cursor: "pointer",
                py: 1,
                pl: 1.25,
                fontSize: 16,
                lineHeight: 1.35,
                borderLeft: "5px solid var(--ember)",
                "&[aria-pressed=true]": { bgcolor: "var(--selected)" },
                "&:hover": { bgcolor: "var(--selected)" },
                "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
              }}
            >
              {words(gap)}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

export function Heading({ children }: { children: React.ReactNode }) {
  return (
    <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 21, m: 0, mb: 0.5 }}>
      {children}
    </Box>
  );
}
