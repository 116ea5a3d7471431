// Karma in Debian's Chromium, without network or monitor.
process.env.CHROME_BIN ??= '/usr/bin/chromium';

module.exports = (config) =>
  config.set({
    frameworks: ['jasmine'],
    plugins: [require('karma-jasmine'), require('karma-chrome-launcher')],
    reporters: ['dots'],
    hostname: '127.0.0.1',
    browsers: ['QuietChromium'],
    customLaunchers: {
      QuietChromium: {
        base: 'ChromeHeadless',
        flags: [
          '--headless=new',
          '--no-sandbox',
          '--disable-gpu',
          '--disable-quic',
          '--no-first-run',
          '--disable-background-networking',
          '--disable-component-update',
          '--disable-sync',
          '--disable-dev-shm-usage',
        ],
      },
    },
    singleRun: true,
    restartOnFileChange: false,
  });
