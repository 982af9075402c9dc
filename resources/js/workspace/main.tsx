import '../ui/ui.css';
import '../setup/setup.css';
import '../accounts/accounts.css';
import '../board/board.css';
import '../roster/roster.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { newQueryClient } from '../lib/queryClient';
import { NoticeBoard } from '../ui/Notices';
import { Workspace } from './Workspace';

const queries = newQueryClient();

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
