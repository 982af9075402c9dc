import '../ui/ui.css';
import '../setup/setup.css';
import '../accounts/accounts.css';
import '../board/board.css';
import '../roster/roster.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { Refused } from '../lib/api';
import { NoticeBoard } from '../ui/Notices';
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

const router = createBrowserRouter([{ path: '*', element: <Workspace /> }]);

const root = document.getElementById('workspace');
if (root !== null) {
  createRoot(root).render(
    <QueryClientProvider client={queries}>
      <NoticeBoard>
        <RouterProvider router={router} />
      </NoticeBoard>
    </QueryClientProvider>,
  );
}
