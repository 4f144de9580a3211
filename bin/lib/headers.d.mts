export const safeHeaders: { key: string; value: string }[];
export function pagePolicy(scripts: readonly string[]): string;
