"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { areSingleKeysOn } from "@/ui/keys";
import { setView } from "@/ui/viewState";
import { help as say, keyNames, keyWords } from "@/words/en/help";
import { meanings } from "@/words/en/meanings";
import { termNames, type TermName } from "@/words/en/terms";

const KEYS: readonly { keys: string; words: string; isSingle?: boolean }[] = [
  { keys: keyNames.search, words: keyWords.search },
  { keys: keyNames.log, words: keyWords.log, isSingle: true },
  { keys: keyNames.today, words: keyWords.today, isSingle: true },
  { keys: keyNames.day, words: keyWords.day, isSingle: true },
  { keys: keyNames.week, words: keyWords.week, isSingle: true },
  { keys: keyNames.undo, words: keyWords.undo },
  { keys: keyNames.redo, words: keyWords.redo },
  { keys: keyNames.help, words: keyWords.help, isSingle: true },
  { keys: keyNames.tab, words: keyWords.tab },
  { keys: keyNames.enter, words: keyWords.enter },
  { keys: keyNames.several, words: keyWords.several },
  { keys: keyNames.escape, words: keyWords.escape },
];

interface Props {
  /** What stands at the top. */
  first: "keys" | "terms";
  onClose: () => void;
}

/** How to get about: the keys, what the terms mean, and the way to the tour. */
export default function HelpDialog({ first, onClose }: Props) {
  const tour = () => {
    onClose();
    setView({ tourStep: 0 });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="help-title">
      <DialogTitle id="help-title" sx={{ fontFamily: "var(--font-heading)", fontWeight: 600 }}>
        {say.help}
      </DialogTitle>
      <DialogContent tabIndex={0} sx={{ display: "grid", gap: 2.5, alignContent: "start" }}>
        {first === "terms" ? (
          <>
            <Terms />
            <Keys />
          </>
        ) : (
          <>
            <Keys />
            <Terms />
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={tour}>{say.takeTheTour}</Button>
        <Button onClick={onClose} color="inherit">
          {say.close}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Terms() {
  return (
    <Box component="section" aria-labelledby="help-terms">
      <Typography id="help-terms" component="h3" sx={{ fontWeight: 600, mb: 0.5 }}>
        {say.termsHeading}
      </Typography>
      <Box component="dl" sx={{ m: 0, "& dt": { fontWeight: 700, mt: 1 }, "& dd": { m: 0 } }}>
        {(Object.keys(termNames) as TermName[]).map((term) => (
          <div key={term}>
            <dt>{termNames[term]}</dt>
            <dd>{meanings[term]}</dd>
          </div>
        ))}
      </Box>
    </Box>
  );
}

function Keys() {
  const singles = areSingleKeysOn();
  return (
    <Box component="section" aria-labelledby="help-keys">
      <Typography id="help-keys" component="h3" sx={{ fontWeight: 600, mb: 0.5 }}>
        {say.keysHeading}
      </Typography>
      {!singles && <Typography>{say.keysAreOff}</Typography>}
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          width: "100%",
          "& th, & td": {
            textAlign: "left",
            verticalAlign: "top",
            py: 0.6,
            pr: 2,
            borderBottom: "1px solid var(--line)",
            fontWeight: 400,
          },
        }}
      >
        <thead>
          <tr>
            <th scope="col">{say.key}</th>
            <th scope="col">{say.does}</th>
          </tr>
        </thead>
        <tbody>
          {KEYS.filter(({ isSingle }) => singles || !isSingle).map(({ keys, words }) => (
            <tr key={words}>
              <th scope="row" style={{ whiteSpace: "nowrap" }}>
                {keys.split(" · ").map((key) => (
                  <Box
                    component="kbd"
                    key={key}
                    sx={{
                      border: "1px solid var(--line)",
                      borderRadius: 1,
                      px: 0.75,
                      mr: 0.75,
                      font: "inherit",
                    }}
                  >
                    {key}
                  </Box>
                ))}
              </th>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
