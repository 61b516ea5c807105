import Box from "@mui/material/Box";
import { imports as say } from "@/words/en/imports";

const MOST_LINES = 20;

/** What is said of a file, a line each; of many the first. */
export function FileLines({
  lines,
  more = null,
}: {
  lines: readonly string[];
  more?: string | null;
}) {
  const hidden = lines.length - MOST_LINES;
  return (
    <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5, lineHeight: 1.45 }}>
      {lines.slice(0, MOST_LINES).map((line, index) => (
        <Box component="li" key={index} sx={{ overflowWrap: "anywhere" }}>
          {line}
        </Box>
      ))}
      {hidden > 0 && <li>{say.andMore({ hidden })}</li>}
      {more !== null && <li>{more}</li>}
    </Box>
  );
}
