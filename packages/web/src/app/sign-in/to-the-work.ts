import { DOCUMENT, inject } from '@angular/core';
import { NavigationBehaviorOptions, Router } from '@angular/router';
import { focusWhenThere } from '../ui/focus-when-there';

/** Leads from a page outside the firms into one: whoever works by keyboard goes on at the work. Use in an injection context. */
export function toTheWork(): (url: string, options?: NavigationBehaviorOptions) => Promise<void> {
  const [router, document] = [inject(Router), inject(DOCUMENT)];
  return async (url, options) => {
    await router.navigateByUrl(url, options);
    focusWhenThere(() => document.getElementById('work')).subscribe();
  };
}
