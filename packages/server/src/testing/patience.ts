// Real servers and databases on a small machine: a minute is a fault, five seconds are not.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 60_000;
