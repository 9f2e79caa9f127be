import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { ThemeProvider } from "styled-components";
import { App } from "./App";
import { keepPage } from "./api/offline";
import { claimTab } from "./api/tab";
import { followAppearance } from "./theme/appearances";
import { GlobalStyle } from "./theme/GlobalStyle";
import { theme } from "./theme/tokens";
import { saveOnLeaving } from "./ui/typing";

const client = new QueryClient({
  defaultOptions: { queries: { staleTime: 5000, refetchOnWindowFocus: true, retry: 1 } },
});

saveOnLeaving();
keepPage();
followAppearance();
const root = document.getElementById("root");
const tab = await claimTab();
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ThemeProvider theme={theme}>
        <GlobalStyle />
        <QueryClientProvider client={client}>
          <App tab={tab} />
        </QueryClientProvider>
      </ThemeProvider>
    </StrictMode>,
  );
}
