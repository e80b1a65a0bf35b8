import "@fontsource-variable/atkinson-hyperlegible-mono";
import "@fontsource-variable/atkinson-hyperlegible-next";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, StrictMode, Suspense } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { Away, Problem } from "./api/client";
import { keepPagesForOutdoors } from "./outdoors/worker";
import { AccountPage } from "./pages/AccountPage";
import { GardensPage } from "./pages/GardensPage";
import { GuidePage } from "./pages/GuidePage";
import { LookPage } from "./pages/LookPage";
import { RecoveryPage } from "./pages/RecoveryPage";
import { SignInPage } from "./pages/SignInPage";
import "./styles.css";

const Workspace = lazy(() => import("./workspace/Workspace"));
const ShoppingPage = lazy(() => import("./shopping/ShoppingPage"));

const client = new QueryClient({
  defaultOptions: {
    queries: {
      // Pages for outdoors have answers without a network.
      networkMode: "always",
      // What the program explained will not change by asking again; while it is away, asking again is all there is.
      retry: (count, failure) => failure instanceof Away || (!(failure instanceof Problem) && count < 2),
      retryDelay: 2000,
      refetchOnWindowFocus: true,
    },
  },
});

keepPagesForOutdoors();

const root = document.getElementById("root");
if (!root) throw new Error("the page has no #root to draw in");
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <BrowserRouter>
        <Suspense fallback={<p className="p-8">Unrolling the sheet …</p>}>
          <Routes>
            <Route path="/" element={<SignInPage />} />
            <Route path="/gardens" element={<GardensPage />} />
            <Route path="/recovery" element={<RecoveryPage />} />
            <Route path="/guide" element={<GuidePage />} />
            <Route path="/look/:secret" element={<LookPage />} />
            <Route path="/account" element={<AccountPage />} />
            <Route path="/gardens/:garden" element={<Workspace />} />
            <Route path="/gardens/:garden/shopping" element={<ShoppingPage />} />
          </Routes>
        </Suspense>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
