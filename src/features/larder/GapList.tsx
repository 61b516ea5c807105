import Box from "@mui/material/Box";
import type { Gap } from "@/core/supply";
import { larder as say } from "@/words/en/larder";

interface Props {
  gaps: readonly Gap[];
  words: (gap: Gap) => string;
  /** Whether its ways are looked at. */
  isChosen: (gap: Gap) => boolean;
  onChoose: (gap: Gap) => void;
  /** The spring ahead in a line, whether it is looked at, and what a tap on it does. */
  spring: { words: string; isChosen: boolean; onChoose: () => void };
}

/** Where it will be short, in words, the worst first; a tap tells the ways that still work. */
export function GapList({ gaps, words, isChosen, onChoose, spring }: Props) {
  return (
    <Box component="section" aria-label={say.gaps} sx={{ mt: 2, maxWidth: 860 }}>
      <Heading>{say.gaps}</Heading>
      {gaps.length === 0 && <Box sx={{ fontSize: 16 }}>{say.noGaps}</Box>}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        <Box component="li" sx={{ borderTop: "1px solid var(--line)" }}>
          <Row isChosen={spring.isChosen} colour="var(--moss)" onChoose={spring.onChoose}>
            {spring.words}
          </Row>
        </Box>
        {gaps.map((gap) => (
          <Box
            component="li"
            key={`${gap.group} ${gap.fromDay}`}
            sx={{ borderTop: "1px solid var(--line)" }}
          >
            <Row isChosen={isChosen(gap)} colour="var(--ember)" onChoose={() => onChoose(gap)}>
              {words(gap)}
            </Row>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

interface RowProps {
  isChosen: boolean;
  colour: string;
  onChoose: () => void;
  children: string;
}

function Row({ isChosen, colour, onChoose, children }: RowProps) {
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={isChosen}
      onClick={onChoose}
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
        borderLeft: `5px solid ${colour}`,
        "&[aria-pressed=true]": { bgcolor: "var(--selected)" },
        "&:hover": { bgcolor: "var(--selected)" },
        "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -2 },
      }}
    >
      {children}
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
