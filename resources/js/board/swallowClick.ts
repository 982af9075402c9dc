/** The click that ends a pull or a stroke presses nothing. */
export function swallowClick() {
  const swallow = (event: Event) => event.stopPropagation();
  window.addEventListener('click', swallow, { capture: true, once: true });
  window.setTimeout(() => window.removeEventListener('click', swallow, { capture: true }), 50);
}
