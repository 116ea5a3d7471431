import { bootstrapApplication } from '@angular/platform-browser';
import { accountOnDevice } from './app/account/account-on-device';
import { App } from './app/app';
import { appConfig } from './app/app.config';

// Whoever is signed in opens on a screen inside the shell, mostly on Today: both are fetched while the
// app starts, not once it has found out.
if (accountOnDevice() !== undefined) {
  void import('./app/shell/shell');
  if (['/', '/today'].includes(location.pathname)) void import('./app/features/today/today');
}

bootstrapApplication(App, appConfig).catch((error: unknown) => console.error(error));
