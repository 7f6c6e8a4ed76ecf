export function changedSpecs(files?: readonly string[]): readonly string[] | undefined;
