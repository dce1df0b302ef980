/** What a user or a file can make go wrong is a Result; what only a bug can cause throws. */
export type Result<T, E extends { readonly kind: string }> =
  | { readonly ok: true; readonly value: T; readonly error: null }
  | { readonly ok: false; readonly value: null; readonly error: E };

export function ok<T>(value: T): { readonly ok: true; readonly value: T; readonly error: null } {
  return { ok: true, value, error: null };
}

export function err<const E extends { readonly kind: string }>(
  error: E,
): { readonly ok: false; readonly value: null; readonly error: E } {
  return { ok: false, value: null, error };
}
