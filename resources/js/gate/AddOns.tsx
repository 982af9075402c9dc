import { money, shortDuration } from '../lib/format';
import type { Ask, Page, Service } from './types';
import * as say from '@words/gate';
import './AddOns.css';

type Props = {
  page: Page;
  service: Service;
  /** One that follows another in the same visit. */
  isFurther?: boolean;
  chosen: Ask['addOns'];
  onChoose: (addOns: Ask['addOns']) => void;
};

/** Most of one add-on. */
const MOST = 20;

/** What can be had with it, and how many. */
export function AddOns({ page, service, isFurther = false, chosen, onChoose }: Props) {
  const offered = page.addOns.filter((one) => service.addOns.includes(one.id));
  if (offered.length === 0) {
    return null;
  }
  const put = (id: string, quantity: number) => {
    const others = Object.entries(chosen).filter(([other]) => other !== id);
    onChoose(Object.fromEntries(quantity === 0 ? others : [...others, [id, quantity]]));
  };
  return (
    <fieldset className="add-ons">
      <legend>{isFurther ? say.withServiceIfLike({ service: service.name }) : say.withIfLike}</legend>
      {offered.map((one) => {
        const quantity = chosen[one.id] ?? 0;
        const says = [
          one.price === 0
            ? say.free
            : one.perPerson
              ? say.perPerson({ amount: money(one.price, page.business.currency) })
              : money(one.price, page.business.currency),
          one.minutes === 0 ? '' : say.longer({ minutes: shortDuration(one.minutes) }),
        ].filter((part) => part !== '');
        return (
          <div key={one.id} className="add-on" data-chosen={quantity > 0}>
            <label>
              <input
                type="checkbox"
                checked={quantity > 0}
                onChange={(event) => put(one.id, event.target.checked ? 1 : 0)}
              />
              {one.picture !== null && <img src={`/pictures/${one.picture}`} alt="" loading="lazy" />}
              <span>
                <b>{one.name}</b>
                <span className="block text-sm text-soft">{says.join(', ')}</span>
              </span>
            </label>
            {quantity > 0 && (
              <span className="add-on-many">
                <button
                  type="button"
                  aria-label={say.oneLess({ name: one.name })}
                  disabled={quantity === 1}
                  onClick={() => put(one.id, quantity - 1)}
                >
                  −
                </button>
                <output>{quantity}</output>
                <button
                  type="button"
                  aria-label={say.oneMore({ name: one.name })}
                  disabled={quantity === MOST}
                  onClick={() => put(one.id, quantity + 1)}
                >
                  +
                </button>
              </span>
            )}
          </div>
        );
      })}
    </fieldset>
  );
}
