import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Route, Routes, useLocation } from 'react-router';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { SellForm } from '../../resources/js/ledger/SellForm';
import { asking, inWorkspace, queriesOf, type Asked } from './asking';

let asked: Asked[];

beforeEach(() => {
  asked = asking();
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  window.history.replaceState(null, '', '/');
});

const settle = () => act(() => new Promise((drawn) => setTimeout(drawn, 10)));
const sales = () => asked.filter((one) => one.method === 'POST' && one.path.endsWith('/sales'));
const Where = () => <output>{useLocation().pathname}</output>;
const form = async () => {
  const Around = inWorkspace(queriesOf(), '/at/mill/ledger/sales/new');
  render(
    <Around>
      <Where />
      <Routes>
        <Route path="ledger/sales/new" element={<SellForm />} />
        <Route path="*" element={null} />
      </Routes>
    </Around>,
  );
  await settle();
  fireEvent.change(screen.getByLabelText('What is sold'), { target: { value: 'Clay' } });
};
const press = () => act(async () => screen.getByRole('button', { name: 'Make the sale' }).click());
const where = () => document.querySelector('output')?.textContent;

test('however often it is pressed or sent again, it is the same sale; a dead line loses nothing', async () => {
  await form();
  await press();
  await press();
  expect(sales()).toHaveLength(1);
  await sales()[0]?.lose();
  expect(screen.getByRole('alert').textContent).not.toBe('');
  expect(screen.getByLabelText<HTMLInputElement>('What is sold').value).toBe('Clay');
  await press();
  expect(sales()[1]?.body['id']).toBe(sales()[0]?.body['id']);
  await sales()[1]?.answer({ id: 'S1' });
  await settle();
  expect(where()).toBe('/at/mill/ledger/sales/S1');
});

test('an answer that comes late leads nobody away from where they have gone meanwhile', async () => {
  await form();
  await press();
  await act(async () => screen.getByRole('button', { name: 'Leave' }).click());
  expect(where()).toBe('/at/mill/ledger/sales');
  await sales()[0]?.answer({ id: 'S1' });
  await settle();
  expect(where()).toBe('/at/mill/ledger/sales');
});
