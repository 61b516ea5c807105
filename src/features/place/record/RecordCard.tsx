"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { dailyRecordOf, lastDayOf, type WeatherRecord } from "@/core/climate";
import { civilDate } from "@/core/calendar";
import { gardenStore, whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { lazyPart } from "@/ui/frame/index";
import { setView, tell, tellRefusal, useView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { place as say } from "@/words/en/place";

const weatherFilesPart = whenNeeded(() => import("@/core/weatherFiles"));

const RecordDialog = lazyPart(() => import("./RecordDialog"));

interface Props {
  record: WeatherRecord | null;
}

/** The daily record of the garden: what it is, another in its place, out again as a file. */
export function RecordCard({ record }: Props) {
  const reading = useView((state) => state.readingRecord);
  return (
    <Box sx={{ display: "grid", gap: 1.25, justifyItems: "start" }}>
      {record ? (
        <RecordFacts record={record} />
      ) : (
        <Box sx={{ fontSize: 14.5 }}>{say.aWeatherStationNearYouHasDailyLows}</Box>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Button
          type="button"
          variant="outlined"
          color="inherit"
          size="small"
          onClick={() => setView({ readingRecord: { file: null } })}
        >
          {record ? say.importAnother : say.importARecord}
        </Button>
        {record && <RecordActions record={record} />}
      </Box>
      {reading && (
        <RecordDialog file={reading.file} onClose={() => setView({ readingRecord: null })} />
      )}
    </Box>
  );
}

function RecordFacts({ record }: { record: WeatherRecord }) {
  const wording = useWording();
  const daily = dailyRecordOf(record);
  const years = [civilDate(daily.firstDay).year, civilDate(lastDayOf(daily)).year];
  const coldest = daily.minTempC.reduce((least, low) => (low < least ? low : least), Infinity);
  return (
    <Box sx={{ fontSize: 14.5, lineHeight: 1.5 }}>
      <Box sx={{ fontWeight: 700 }}>{record.station}</Box>
      {say.daysColdestNight({
        years: years.join(say.to2),
        number: wording.number(daily.minTempC.length),
        temperature: Number.isFinite(coldest) ? wording.temperature(coldest, 1) : "unknown",
      })}
    </Box>
  );
}

function RecordActions({ record }: { record: WeatherRecord }) {
  const fileName = record.station.replace(/[^\p{L}\p{N} _-]/gu, "").trim() || "record";
  const saveCsv = async () => {
    const { writeWeatherCsv } = await weatherFilesPart();
    downloadText(`${fileName}.csv`, "text/csv", writeWeatherCsv(dailyRecordOf(record)));
    tell(say.recordSaved);
  };
  const remove = async () => {
    const done = await gardenStore().dispatch("record.remove", {});
    if (done.ok) tell(say.removed({ station: record.station }), "done", true);
    else tellRefusal(done);
  };
  return (
    <>
      <Button type="button" size="small" onClick={() => void saveCsv()}>
        {say.saveAsCsv}
      </Button>
      <Button type="button" size="small" color="inherit" onClick={() => void remove()}>
        {say.remove}
      </Button>
    </>
  );
}
