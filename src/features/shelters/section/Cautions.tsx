import Box from "@mui/material/Box";
import { materials } from "@/core/shelter";
import type { CoveredBeds } from "../stacks";
import { shelters as say } from "@/words/en/shelters";

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
      {isHouse && say.aGreenhouseMayNeedAPermitAndMust}
      {isGlass && say.glassWearGlovesAndPropTheLightSoIt}
      {say.brushSnowOffFromOutsideBeforeIt}
      {film === null && say.filmThatIsNotUvStabilizedLasts}
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
  const kind = film.madeForSun ? say.uvStabilized : say.notUvStabilized2;
  const isOld = seasons > lasts;
  return (
    <Box component="span" sx={isOld ? { color: "var(--ember-text)", fontWeight: 700 } : undefined}>
      {say.filmSeason({
        kind,
        seasons,
        value: isOld
          ? say.itIsDueOldFilmTearsInTheFirstStorm
          : say.itLastsAbout({ value: lasts === 1 ? "one" : lasts }),
      })}
    </Box>
  );
}
