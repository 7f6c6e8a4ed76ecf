/** Where errors are written for the person who runs the server. */
export interface ErrorLog {
  write(line: string): void;
}

export const STDERR_LOG: ErrorLog = { write: (line) => void process.stderr.write(`${line}\n`) };

/** One entry of the log: when, which request, what went wrong, and the stack beneath. */
export function logEntry(at: Date, requestId: string, request: string, error: unknown): string {
  const text = error instanceof Error ? (error.stack ?? error.message) : String(error);
  return `${at.toISOString()} [${requestId}] ${request}: ${text}`;
}
