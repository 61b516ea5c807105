import AddIcon from "@mui/icons-material/Add";
import FitScreenIcon from "@mui/icons-material/FitScreen";
import RemoveIcon from "@mui/icons-material/Remove";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { bedMap as say } from "@/words/en/bedMap";

interface Props {
  zoomBy: (times: number) => void;
  showAll: () => void;
  isWhole: boolean;
}

const STEP = 1.5;

/** Closer, farther, and all of it: for keys and thumbs that do not pinch. */
export function ZoomButtons({ zoomBy, showAll, isWhole }: Props) {
  return (
    <Box
      role="group"
      aria-label={say.zoom}
      sx={{
        position: "absolute",
        right: 12,
        bottom: 12,
        display: "flex",
        flexDirection: { xs: "row", md: "column" },
        borderRadius: 2,
        border: "1px solid var(--line)",
        bgcolor: "var(--surface)",
        "@media print": { display: "none" },
      }}
    >
      <IconButton size="small" aria-label={say.closer} onClick={() => zoomBy(STEP)}>
        <AddIcon />
      </IconButton>
      <IconButton
        size="small"
        aria-label={say.farther}
        disabled={isWhole}
        onClick={() => zoomBy(1 / STEP)}
      >
        <RemoveIcon />
      </IconButton>
      <IconButton size="small" aria-label={say.showAll} onClick={showAll}>
        <FitScreenIcon />
      </IconButton>
    </Box>
  );
}
