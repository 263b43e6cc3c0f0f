/** Money to the cent. */
export const cents = (usd: number): number => Math.round(usd * 100) / 100;
