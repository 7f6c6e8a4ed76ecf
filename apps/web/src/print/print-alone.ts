/** Prints the one thing of a page that is drawn for paper alone, and nothing of the rest. */
export function printAlone(): void {
  const { dataset } = document.body;
  dataset['print'] = 'alone';
  window.addEventListener('afterprint', () => delete dataset['print'], { once: true });
  window.print();
}
