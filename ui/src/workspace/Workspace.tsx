import { lazy, Suspense } from "react";
import { Link, Navigate, useParams } from "react-router";
import { Problem } from "../api/client";
import { Sheet } from "../sheet/Sheet";
import { words } from "../words";
import { DeskContext, useDesk, type Desk } from "./desk";
import { OrderOfWork } from "./OrderOfWork";
import { PurseLine } from "./PurseLine";
import { SeasonRail } from "./SeasonRail";
import { SnagSlip } from "./SnagSlip";
import { TopBar } from "./TopBar";
import { useDeskState } from "./useDeskState";
import { useWorkspaceKeys } from "./useWorkspaceKeys";

/** One garden: the sheet in the middle, the order of work left, the purse on top, the snags right, the seasons below. */
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

/** Papers are read less often than the sheet: they come once somebody asks for one. */
const OpenPaper = lazy(() => import("./OpenPaper"));

function SheetOrPaper() {
  const { paper } = useDesk();
  if (paper === null) return <Sheet />;
  return (
    <Suspense fallback={<p className="p-4 text-soft">Fetching it …</p>}>
      <OpenPaper />
    </Suspense>
  );
}

/** From the edge of a wide screen to the sheet; on a phone the sheet on top, and what lies beside it comes from below. */
function Laid({ desk }: { desk: Desk }) {
  useWorkspaceKeys(desk);
  return (
    <DeskContext.Provider value={desk}>
      <div className="flex h-dvh flex-col print:block print:h-auto lg:grid lg:grid-cols-[auto_auto_minmax(0,1fr)_auto] lg:grid-rows-[auto_auto_minmax(0,1fr)_auto]">
        <div className="lg:col-span-4 print:hidden">
          <TopBar />
        </div>
        <div className="lg:col-span-4 print:hidden">
          <PurseLine />
        </div>
        <OrderOfWork />
        <main className="relative min-h-0 min-w-0 grow lg:col-start-3 lg:row-start-3 lg:grow-0">
          <SheetOrPaper />
        </main>
        <SnagSlip />
        <div className="lg:col-span-4 print:hidden">
          <SeasonRail />
        </div>
      </div>
    </DeskContext.Provider>
  );
}
