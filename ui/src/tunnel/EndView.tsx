import { MeasuredView } from "../parts/MeasuredView";
import { useDesk } from "../workspace/desk";
import type { TunnelTold, WalkInTunnel } from "./tunnels";
import { words } from "./words";

/** The end of a tunnel with its door from outside, to scale. */
export function EndView({ tunnel, told }: { tunnel: WalkInTunnel; told: TunnelTold }) {
  const { units } = useDesk();
  return (
    <MeasuredView
      width={tunnel.place.width}
      height={tunnel.rise}
      units={units}
      label={(width, height) => words.endView(tunnel.name, width, height)}
      testId="tunnel-end"
    >
      {({ left, right, ground, scale }) => {
        const middle = (left + right) / 2;
        const line = told.side
          .map((place) => `${String(middle + place.x * scale)},${String(ground - place.y * scale)}`)
          .join(" ");
        // From outside, what is to the left of one who looks along the tunnel is to the right.
        const door = middle - (tunnel.doorAside + tunnel.doorWidth / 2) * scale;
        return (
          <>
            <polyline points={line} fill="none" stroke="var(--color-ink)" strokeWidth="2.5" />
            <rect
              x={door}
              y={ground - told.doorHeight * scale}
              width={tunnel.doorWidth * scale}
              height={told.doorHeight * scale}
              fill="none"
              stroke="var(--color-ink)"
              strokeWidth="1.2"
            />
            {tunnel.hip !== undefined && (
              <line
                x1={left}
                x2={right}
                y1={ground - tunnel.hip * scale}
                y2={ground - tunnel.hip * scale}
                stroke="var(--color-soft)"
                strokeWidth="0.8"
                strokeDasharray="3 3"
              />
            )}
          </>
        );
      }}
    </MeasuredView>
  );
}
