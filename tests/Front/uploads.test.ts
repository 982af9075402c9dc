import { expect, test } from 'vitest';
import { allSent, sent } from '../../resources/js/setup/uploads';

test('waits for what is on its way, also for what sets out meanwhile, and says whether all of it arrived', async () => {
  const done: ((arrived: boolean) => void)[] = [];
  const upload = () => sent(new Promise((resolve) => done.push(resolve)));
  const order: string[] = [];
  void upload();
  const all = allSent().then((arrived) => order.push(`all ${arrived}`));
  void upload();
  done[0]?.(true);
  await new Promise((later) => setTimeout(later, 5));
  order.push('one');
  done[1]?.(false);
  await all;
  expect(order).toEqual(['one', 'all false']);
  expect(await allSent()).toBe(true);
});
