import { CannotRun } from '../core/steps/step';

/** An error whose message is meant for the person, with the status it is answered with. */
export class Told extends Error {
  constructor(message: string, readonly status: number = 400, readonly code: string = 'refused') {
    super(message);
  }
}

/** What was seen is no longer so: somebody else changed the workspace. */
export const changed = (): Told => new Told('The workspace was changed meanwhile, perhaps in another tab. It is shown anew; say it again if it still holds.', 409, 'changed');

/** What an error is told as: the environment's own in one sentence that says what to do, unknown ones without a stack. */
export function tell(error: unknown): { status: number; code: string; message: string } {
  if (error instanceof Told) return { status: error.status, code: error.code, message: error.message };
  if (error instanceof CannotRun) return { status: 422, code: 'cannot', message: error.message };
  const known = environmental(error);
  if (known) return known;
  return { status: 500, code: 'fault', message: 'Something went wrong in Kulfi itself. Nothing was changed.' };
}

/** What an error of the environment is told as, also when another error wraps it; null when it is none. */
function environmental(error: unknown): { status: number; code: string; message: string } | null {
  const { code, message, cause } = error as NodeJS.ErrnoException & { cause?: unknown };
  const name = String(code ?? '');
  if (name === 'ENOSPC' || name === '53100') return { status: 507, code: 'full', message: 'The disk is full. Nothing was changed; make room and do it again.' };
  if (name === 'EACCES' || name === 'EROFS') return { status: 507, code: 'readonly', message: 'The data folder cannot be written. Nothing was changed; check its permissions and do it again.' };
  if (/^(?:ECONNREFUSED|ECONNRESET|EPIPE|57P0[1-3]|08\d{3}|ETIMEDOUT)$/.test(name) || /Connection terminated|timeout exceeded when trying to connect|connection timeout/i.test(message ?? '')) {
    return { status: 503, code: 'database', message: 'The database does not answer. Nothing was changed; this page goes on by itself when it is back.' };
  }
  return cause === undefined || cause === null ? null : environmental(cause);
}
