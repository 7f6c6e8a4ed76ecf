export const CHROMIUM_LAUNCH: { readonly executablePath: string; readonly args: string[] };
