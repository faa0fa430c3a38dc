import "@fontsource/atkinson-hyperlegible-next/400.css";
import "@fontsource/atkinson-hyperlegible-next/700.css";
import "@fontsource/spline-sans-mono/400.css";
import "@fontsource/spline-sans-mono/700.css";
import "./theme.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { App } from "./App";
import { isProblem } from "./api/problem";
import { applyKeptTheme } from "./ui/theme";

/** A refusal stays a refusal however often it is asked; only silence is worth another try. */
const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => !isProblem(error) && count < 2,
      refetchOnWindowFocus: true,
      networkMode: "always",
    },
    // Without this a write would wait for the network and be sent later, while the person is elsewhere.
    mutations: { networkMode: "always" },
  },
});

applyKeptTheme();

const root = document.getElementById("root");
if (!root) {
  throw new Error("The page has no root to draw on.");
}
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
