// Imports run one way: core ← contracts ← server | web, server ← demo.
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  comment: `${from} may import only ${allowed}`,
  from: { path: `^packages/${from}/src`, pathNot: '\\.spec\\.ts$|/src/testing/' },
  to: { path: '^packages/', pathNot: `^packages/(${allowed})/` },
});

/** Domains in their one order, the same in every package: each may use those before it. */
const domains = ['firm', 'people', 'work', 'rates', 'costs', 'ledger', 'time', 'review', 'billing', 'results', 'founding'];
/** What a domain may not use: those that come after it. */
const inOrder = (name) =>
  domains.slice(0, -1).map((domain, index) => ({
    name: `${name}-${domain}-order`,
    severity: 'error',
    comment: `${name}/${domain} may use only the domains before it`,
    from: { path: `^packages/${name}/src/(generated/)?${domain}/`, pathNot: '\\.spec\\.ts$' },
    to: { path: `^packages/${name}/src/(generated/)?(${domains.slice(index + 1).join('|')})/` },
  }));
/** What every domain stands on knows none of them. */
const platformAlone = (name) => ({
  name: `${name}-platform-alone`,
  severity: 'error',
  from: { path: `^packages/${name}/src/platform/`, pathNot: '\\.spec\\.ts$' },
  to: { path: `^packages/${name}/src/(generated/)?(${domains.join('|')})/` },
});

module.exports = {
  forbidden: [
    only('core-alone', 'core', 'core'),
    only('contracts-on-core', 'contracts', 'core|contracts'),
    only('server-on-contracts', 'server', 'core|contracts|server'),
    only('web-on-contracts', 'web', 'core|contracts|web'),
    only('stand-ins-alone', 'stand-ins', 'stand-ins'),
    only('demo-on-server', 'demo', 'core|contracts|server|demo'),
    {
      name: 'core-no-packages',
      severity: 'error',
      comment: 'the core computes without I/O: dates, and grouping and summing are all that it takes from outside',
      from: { path: '^packages/core/src', pathNot: '\\.spec\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot: 'node_modules/(temporal-polyfill|d3-array|@types/d3-array)/',
      },
    },
    ...['core', 'contracts', 'server'].flatMap(inOrder),
    platformAlone('server'),
    {
      name: 'only-api-talks-http',
      severity: 'error',
      from: { path: '^packages/web/src/app', pathNot: '^packages/web/src/app/(api/|testing/|app\\.config)' },
      to: { path: '@angular/common/http|@angular/common/.*http' },
    },
    { name: 'no-circles', severity: 'error', from: { path: '^packages/(core|server)/src' }, to: { circular: true } },
    { name: 'no-unresolved', severity: 'error', from: { path: '^packages' }, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'dist|generated/checks' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      mainFields: ['module', 'main', 'types'],
    },
  },
};
