/** Whether keys are text where they are pressed. */
export const isTypedInto = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable="true"]') !== null;
