import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Refused } from '../lib/api';
import { Workspace } from './Workspace';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (failures, wrong) =>
        !(wrong instanceof Refused && wrong.status >= 400 && wrong.status < 500) && failures < 2,
      refetchOnWindowFocus: true,
    },
  },
});

const root = document.getElementById('workspace');
if (root !== null) {
  createRoot(root).render(
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Workspace />
      </BrowserRouter>
    </QueryClientProvider>,
  );
}
