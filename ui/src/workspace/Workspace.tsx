import { Link, Navigate, useParams } from "react-router";
import { Problem } from "../api/client";
import { Sheet } from "../sheet/Sheet";
import { words } from "../words";
import { DeskContext, type Desk } from "./desk";
import { PurseLine } from "./PurseLine";
import { SeasonRail } from "./SeasonRail";
import { SnagSlip } from "./SnagSlip";
import { TopBar } from "./TopBar";
import { TradeOrder } from "./TradeOrder";
import { useDeskState } from "./useDeskState";
import { useWorkspaceKeys } from "./useWorkspaceKeys";

/** One garden: the sheet in the middle, the trade order left, the purse on top, the snags right, the seasons below. */
export default function Workspace() {
  const { garden = "" } = useParams();
  const { desk, failure } = useDeskState(garden);
  if (desk) return <Laid desk={desk} />;
  if (failure instanceof Problem && failure.status === 401) return <Navigate to="/" replace />;
  if (failure instanceof Problem && failure.status === 404) {
    return (
      <main className="p-8">
        <h1 className="text-xl">There is no such garden.</h1>
        <Link to="/gardens" className="text-button">
          Your gardens
        </Link>
      </main>
    );
  }
  return <p className="p-8">{failure ? words.awayIdle : "Unrolling the sheet …"}</p>;
}

function Laid({ desk }: { desk: Desk }) {
  useWorkspaceKeys(desk);
  return (
    <DeskContext.Provider value={desk}>
      <div className="grid min-h-full grid-cols-1 lg:h-full lg:grid-cols-[19.5rem_minmax(0,1fr)_17.5rem] lg:grid-rows-[auto_auto_minmax(0,1fr)_auto]">
        <div className="lg:col-span-3">
          <TopBar />
        </div>
        <div className="lg:col-span-3">
          <PurseLine />
        </div>
        <div className="flex flex-col border-rule bg-paper max-lg:order-3 lg:min-h-0 lg:border-r">
          <TradeOrder />
        </div>
        <main className="h-[60vh] lg:h-auto lg:min-h-0">
          <Sheet />
        </main>
        <SnagSlip />
        <div className="max-lg:order-2 lg:col-span-3">
          <SeasonRail />
        </div>
      </div>
    </DeskContext.Provider>
  );
}
