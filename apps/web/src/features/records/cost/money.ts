/** An amount as it is said: whole from ten on, with the shop's sign where it has told one. */
export function moneyText(amount: number, currency: string | undefined): string {
  const figures = amount >= 1000 ? 0 : amount >= 10 ? 0 : 2;
  const text = amount.toLocaleString('en', {
    minimumFractionDigits: figures,
    maximumFractionDigits: figures,
    useGrouping: true,
  });
  return currency === undefined ? text : `${text} ${currency}`;
}
