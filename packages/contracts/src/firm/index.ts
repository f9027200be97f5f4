export * from './change-firm';
export * from './change-sign-in-rule';
export * from './firm-facts';
export * from './read-firm';
export * from './read-sign-in-rule';
export * from './sign-in-rule';
