import { useId, useState } from "react";
import { Problem, upload } from "../api/client";
import type { Site, Track } from "../api/types";
import { CheckField } from "../parts/CheckField";
import { words as everywhere } from "../words";
import { words } from "./words";

interface Props {
  site: Site;
  onChange: (site: Partial<Site>) => void;
}

function whatWasRead({ corners, further, places, leftOut }: Track): string {
  const kept = corners.length + further.reduce((sum, piece) => sum + piece.length, 0);
  const thinned = places > kept ? `, thinned to ${String(kept)} corners` : "";
  const pieces = further.length > 0 ? `, in ${String(further.length + 1)} pieces of ground` : "";
  const left =
    leftOut === 0
      ? ""
      : ` ${String(leftOut)} ${leftOut === 1 ? "thing in the file is no area and was" : "things in the file are no areas and were"} left out.`;
  return `${String(places)} places read${thinned}${pieces}.${left}`;
}

/** A boundary from a GPX track or a GeoJSON polygon; it counts as approximate until a tape has confirmed it. */
export function BoundaryImport({ site, onChange }: Props) {
  const id = useId();
  const [told, setTold] = useState<{ text: string; wrong: boolean }>();

  async function read(file: File) {
    try {
      const track = await upload<Track>("/api/plots/track", await file.arrayBuffer());
      onChange({
        corners: track.corners,
        further: track.further,
        latitude: rounded(track.latitude),
        longitude: rounded(track.longitude),
        approximate: true,
      });
      setTold({ text: whatWasRead(track), wrong: false });
    } catch (failure) {
      const faults = failure instanceof Problem ? failure.faults : [];
      const [first] = faults;
      const text = first
        ? `${first.wrong}; ${first.right}`
        : failure instanceof Problem
          ? failure.message
          : everywhere.awayIdle;
      setTold({ text, wrong: true });
    }
  }

  return (
    <div className="space-y-1">
      <label htmlFor={id} className="text-sm text-soft">
        Boundary from a GPX track or a GeoJSON polygon
      </label>
      <input
        id={id}
        type="file"
        accept=".gpx,.geojson,.json,application/gpx+xml,application/geo+json"
        className="w-full text-sm"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void read(file);
          event.target.value = "";
        }}
      />
      {told && (
        <p role={told.wrong ? "alert" : "status"} className={`text-sm ${told.wrong ? "text-snag" : ""}`}>
          {told.text}
        </p>
      )}
      <CheckField
        label="Corners confirmed by tape"
        checked={!site.approximate}
        onChange={(confirmed) => {
          onChange({ approximate: !confirmed });
        }}
      />
      {site.approximate && <p className="text-sm text-soft">{words.approximate}</p>}
    </div>
  );
}

/** Degrees to about ten metres: a track is no more exact. */
function rounded(degrees: number): number {
  return Math.round(degrees * 1e4) / 1e4;
}
