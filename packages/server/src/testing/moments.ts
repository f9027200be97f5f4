/** Monday of the week in which every test happens, and a moment on its Friday. */
export const MONDAY = '2026-06-08';
export const FRIDAY_EVENING = '2026-06-12T17:00:00.000Z';
