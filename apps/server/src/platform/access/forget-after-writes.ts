import type { App } from '../app-context.js';

/**
 * Roles, rules and memberships of an area's writes hold from the answer on, in this process too: it does
 * not wait until it hears of its own change.
 */
export function forgetAfterWrites(app: App): void {
  app.addHook('onSend', (request, _reply, payload, next) => {
    if (request.method !== 'GET') app.signIns.forget();
    next(null, payload);
  });
}
