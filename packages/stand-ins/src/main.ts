import { startMailCatcher } from './mail-catcher';

// Beside `npm start` with the demo: takes the messages that would go to people.
const catcher = await startMailCatcher({ pagePort: Number(process.env['MAIL_PORT'] ?? 0) });

process.send?.({ smtpUrl: catcher.smtpUrl, page: catcher.page });

process.on('SIGTERM', () => void catcher.stop().then(() => process.exit(0)));

process.on('SIGINT', () => void catcher.stop().then(() => process.exit(0)));
