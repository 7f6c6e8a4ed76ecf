/** Brings the first field of a form that is marked wrong into sight and into the hand, once the marks are drawn. */
export function focusFirstInvalid(form: HTMLFormElement): void {
  requestAnimationFrame(() => form.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus());
}
