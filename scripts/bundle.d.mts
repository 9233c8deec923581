export const root: string;
export function dist(name: string): URL;
export function bundle(entry: string, name: string): Promise<void>;
export function bundleWhenNewer(entry: string, name: string, folders: readonly string[]): Promise<void>;
