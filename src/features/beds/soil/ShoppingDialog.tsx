"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { shoppingList } from "@/core/bedCare";
import { barrowLoads } from "@/core/soil";
import { whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { useWording } from "@/ui/wording";
import { beds as say } from "@/words/en/beds";
import { told } from "@/ui/wording";
import { fileWords } from "@/words/fileWords";
import "@/words/en/facts/bedCare";
import "@/words/en/facts/soil";

const formatsPart = whenNeeded(() => import("@/core/formats"));

interface Props {
  garden: Garden;
  day: DayNumber;
  onClose: () => void;
}

const DAYS_AHEAD = 365;

/** What feedings and rests of the year to come need, over all beds. */
export default function ShoppingDialog({ garden, day, onClose }: Props) {
  const wording = useWording();
  const items = shoppingList(garden, day, day + DAYS_AHEAD).sort((a, b) =>
    told(a.item).localeCompare(told(b.item)),
  );
  const much = ({ litres, grams }: (typeof items)[number]) =>
    litres > 0
      ? say.volumeAndBarrows({ volume: wording.soilL(litres), count: barrowLoads(litres) })
      : wording.weightG(grams);
  const save = async () => {
    const { writeShoppingCsv } = await formatsPart();
    downloadText(
      say.shoppingListCsv,
      "text/csv",
      writeShoppingCsv(items, fileWords(wording), garden.settings.units),
    );
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="shopping">
      <DialogTitle id="shopping" sx={{ fontFamily: "var(--font-heading)", fontWeight: 600 }}>
        {say.shoppingListOn({ date: wording.date(day) })}
      </DialogTitle>
      <DialogContent>
        {items.length === 0 ? (
          <Box sx={{ fontSize: 15 }}>{say.nothingYetFeedingsCoverCropsAnd}</Box>
        ) : (
          <Table size="small">
            <TableHead>
              <TableRow>
                <TableCell>{say.item}</TableCell>
                <TableCell>{say.howMuch}</TableCell>
                <TableCell>{say.firstNeeded}</TableCell>
                <TableCell>{say.forWord}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {items.map((one) => (
                <TableRow key={told(one.item)}>
                  <TableCell>
                    <b>{told(one.item)}</b>
                    {one.notes.length > 0 && (
                      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
                        {one.notes.map(told).join("; ")}
                      </Box>
                    )}
                  </TableCell>
                  <TableCell className="tabular">{much(one)}</TableCell>
                  <TableCell>{wording.date(dayNumber(one.firstOn), day)}</TableCell>
                  <TableCell>{one.beds.join(", ")}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        )}
        <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 1.5 }}>
          {say.seedsAreListedUnderSeedlingsSeed}
        </Box>
      </DialogContent>
      <DialogActions>
        {items.length > 0 && (
          <Button color="inherit" onClick={() => void save()}>
            {say.saveAsASpreadsheetCsv}
          </Button>
        )}
        <Button onClick={onClose}>{say.done}</Button>
      </DialogActions>
    </Dialog>
  );
}
