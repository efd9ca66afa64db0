/** What a mixture in ether is shaken with, by the pH that it holds: dilute acid, hydrogencarbonate, dilute alkali. */
export const WASHES = { 'hcl-5pc': 0.1, 'nahco3-5pc': 8.3, 'naoh-5pc': 14 } as const;
export type Wash = keyof typeof WASHES;
