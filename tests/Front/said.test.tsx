import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useSaidAct } from '../../resources/js/board/useSaidAct';
import { api } from '../../resources/js/lib/api';
import { Alert } from '../../resources/js/ui/Alert';
import { Button } from '../../resources/js/ui/Button';
import { NoticeBoard, NoticeLine } from '../../resources/js/ui/Notices';

let answer: (given: object) => void;

beforeEach(() => {
  vi.spyOn(api, 'POST').mockImplementation((() => new Promise((resolve) => (answer = resolve))) as never);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function Sends() {
  const { busy, trouble, act } = useSaidAct('It is sent.');
  const params = { path: { business: 'mill', id: 'b1' } };
  const send = () =>
    void act(api.POST('/api/businesses/{business}/bookings/{id}/word', { params, body: { text: '' } }));
  return (
    <>
      <Button disabled={busy} onClick={send}>
        Send
      </Button>
      <Alert says={trouble} />
    </>
  );
}

const show = () =>
  render(
    <NoticeBoard>
      <NoticeLine />
      <Sends />
    </NoticeBoard>,
  );
const press = () => fireEvent.click(screen.getByRole('button', { name: 'Send' }));
const answered = (given: object) => act(async () => answer(given));

test('what is pressed twice is sent once, and that it was sent is said', async () => {
  show();
  press();
  press();
  expect(api.POST).toHaveBeenCalledTimes(1);
  await answered({ data: {}, response: new Response() });
  expect(screen.getByRole('status').textContent).toContain('It is sent.');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('what stood in its way is said aloud, and it can be sent again', async () => {
  show();
  press();
  await answered({ error: { code: 'x', message: 'Nobody is told.' }, response: new Response(null, { status: 409 }) });
  expect(screen.getByRole('alert').textContent).toBe('Nobody is told.');
  press();
  expect(screen.queryByRole('alert')).toBeNull();
  expect(api.POST).toHaveBeenCalledTimes(2);
});
