/** Whether everything that is typed in a form could be read; else the focus goes to the first field that could not. */
export function isReadable(form: HTMLFormElement): boolean {
  const unread = form.querySelector<HTMLElement>('[aria-invalid="true"]');
  unread?.focus();
  return unread === null;
}
