import Box from "@mui/material/Box";
import { materials } from "@/core/shelter";
import type { CoveredBeds } from "../stacks";

/** Film made for the sun lasts about so long; other film a season (usual makers' figures). */
const SUN_FILM_YEARS = 4;

interface Props {
  group: CoveredBeds;
  /** The year in view, for the age of the film. */
  year: number;
}

/** What can hurt somebody about the covers, and the age of the film, where they are looked at. */
export function Cautions({ group, year }: Props) {
  if (group.covers.length === 0) return null;
  const kinds = group.covers.flatMap((id) => materials.get(id)?.kind ?? []);
  const isHouse = kinds.includes("house");
  const isGlass = group.covers.includes("cold-frame-glass");
  const film = group.shelter?.film ?? null;
  return (
    <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", lineHeight: 1.5 }}>
      {film && <FilmAge film={film} year={year} />}
      {isHouse &&
        "A house can need a permit, and must carry your snow and wind: ask the local building office or a licensed engineer. Stay out of it in a storm or under heavy snow. No unvented burner inside. A shut house is dangerously hot in the sun. "}
      {isGlass && "Glass: wear gloves, and prop the light so that it cannot fall. "}
      Brush snow off before it is heavy, from outside. Weigh or bury the edges before wind.
      {film === null && " Film that is not made for the sun lasts about a season."}
    </Box>
  );
}

function FilmAge({
  film,
  year,
}: {
  film: { sinceYear: number; madeForSun: boolean };
  year: number;
}) {
  const seasons = Math.max(1, year - film.sinceYear + 1);
  const lasts = film.madeForSun ? SUN_FILM_YEARS : 1;
  const kind = film.madeForSun ? "made for the sun" : "not made for the sun";
  const isOld = seasons > lasts;
  return (
    <Box component="span" sx={isOld ? { color: "var(--ember-text)", fontWeight: 700 } : undefined}>
      The film, {kind}, is in its season {seasons};{" "}
      {isOld
        ? "it is due: old film tears in the first storm. "
        : `it lasts about ${lasts === 1 ? "one" : lasts}. `}
    </Box>
  );
}
