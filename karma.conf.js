// Karma for core and web, in Debian's Chromium.
export default (config) => {
  config.set({
    frameworks: ['jasmine'],
    plugins: ['karma-jasmine', 'karma-chrome-launcher'],
    customLaunchers: {
      Headless: {
        base: 'Chromium',
        flags: [
          '--headless',
          '--no-sandbox',
          '--disable-gpu',
          '--disable-quic',
          '--no-first-run',
          '--disable-background-networking',
          '--disable-component-update',
          '--disable-sync',
        ],
      },
    },
    browsers: ['Headless'],
    reporters: ['dots'],
    browserNoActivityTimeout: 240000,
    captureTimeout: 120000,
    client: { jasmine: { random: true, timeoutInterval: 60000 } },
    restartOnFileChange: false,
    singleRun: true,
  });
};
