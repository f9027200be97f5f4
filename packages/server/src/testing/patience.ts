// Real servers and databases on a small machine: a minute is a fault, five seconds are not.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 60_000;

// A worker of the runner that is done ends, whatever a spec that failed has left open.
process.on('disconnect', () => process.exit());
