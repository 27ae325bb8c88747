import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Refusal } from './api/client';
import { App } from './App';
import { Broken } from './shared/Broken';
import './styles.css';

const client = new QueryClient({
  defaultOptions: {
    queries: { retry: (count, e) => !(e instanceof Refusal) && count < 2, refetchOnWindowFocus: true, staleTime: 2000 },
  },
});

// Only what was built is kept, so that the field card opens without a network.
if (import.meta.env.PROD && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js');

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <BrowserRouter>
        <Broken>
          <App />
        </Broken>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
