/** How often a law over generated toys is tried: all of it in `npm run fuzz` (HOPPLA_SHARE=1), a quarter in `npm test`. */
export const share = (all: number): number => Math.ceil(all * Number(process.env.HOPPLA_SHARE ?? 0.25));
