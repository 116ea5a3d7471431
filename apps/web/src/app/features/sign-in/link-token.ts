import { inject } from '@angular/core';
import { ActivatedRoute } from '@angular/router';

/** What the link of a mail carries, after its `#`. */
export function linkToken(): string {
  return inject(ActivatedRoute).snapshot.fragment ?? '';
}
