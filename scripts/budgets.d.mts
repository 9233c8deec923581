/** Everything over the budgets, by place. */
export function overBudget(): Record<'files' | 'functions' | 'nestedTernaries', string[]>;
/** Share of non-blank lines that are tests, in percent of all. */
export function testShare(): number;
