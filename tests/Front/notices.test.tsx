import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { NoticeBoard, NoticeLine, useNotices } from '../../resources/js/ui/Notices';

let notices: ReturnType<typeof useNotices>;

function Takes() {
  notices = useNotices();
  return <NoticeLine />;
}

afterEach(cleanup);

test('what is said besides leaves what was said, and what undoes it', () => {
  let undone = 0;
  render(
    <NoticeBoard>
      <Takes />
    </NoticeBoard>,
  );
  act(() => notices.say('Saved.', () => undone++));
  act(() => notices.sayToo('One booking is as before.'));
  expect(screen.getByRole('status').textContent).toContain('Saved. One booking is as before.');
  act(() => document.getElementById('undo')?.click());
  expect(undone).toBe(1);
  act(() => notices.sayToo('That alone.'));
  expect(screen.getByRole('status').textContent).toContain('That alone.');
});
