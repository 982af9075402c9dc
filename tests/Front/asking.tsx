import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act } from '@testing-library/react';
import { createContext, useContext, type ReactNode } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { vi } from 'vitest';
import { api } from '../../resources/js/lib/api';
import { ASKING } from '../../resources/js/lib/queryClient';
import { NoticeBoard, NoticeLine } from '../../resources/js/ui/Notices';

export type Asked = {
  method: 'GET' | 'POST';
  path: string;
  query: Record<string, unknown>;
  body: Record<string, unknown>;
  answer: (data: object) => Promise<void>;
  refuse: (error: object, status?: number) => Promise<void>;
  /** The line is dead. */
  lose: () => Promise<void>;
};

type Given = { params?: { query?: Record<string, unknown> }; body?: Record<string, unknown> };

/** Every question to the API waits here until a test answers it, in whatever order it likes. */
export function asking(): Asked[] {
  const asked: Asked[] = [];
  for (const method of ['GET', 'POST'] as const) {
    vi.spyOn(api, method).mockImplementation(
      ((path: string, { params, body }: Given = {}) =>
        new Promise((resolve, reject) => {
          const settle = (does: () => void) => act(async () => does());
          asked.push({
            method,
            path,
            query: params?.query ?? {},
            body: body ?? {},
            answer: (data) => settle(() => resolve({ data, response: new Response() })),
            refuse: (error, status = 409) => settle(() => resolve({ error, response: new Response(null, { status }) })),
            lose: () => settle(() => reject(new TypeError('Failed to fetch'))),
          });
        })) as never,
    );
  }
  return asked;
}

/** The latest question whose path has this in it. */
export const latest = (asked: Asked[], path: string): Asked | undefined =>
  asked.findLast((one) => one.path.includes(path));

/** As the workspace asks, but once. */
export const queriesOf = () =>
  new QueryClient({ defaultOptions: { ...ASKING, queries: { ...ASKING.queries, retry: false } } });

const Children = createContext<ReactNode>(null);
const Here = () => useContext(Children);

/** Somewhere in the workspace, with what is said at its foot. */
export function inWorkspace(queries: QueryClient, path = '/at/mill/board') {
  window.history.replaceState(null, '', path);
  const router = createBrowserRouter([{ path: '/at/:business/*', element: <Here /> }]);
  return function Around({ children }: { children: ReactNode }) {
    return (
      <QueryClientProvider client={queries}>
        <NoticeBoard>
          <NoticeLine />
          <Children value={children}>
            <RouterProvider router={router} />
          </Children>
        </NoticeBoard>
      </QueryClientProvider>
    );
  };
}
