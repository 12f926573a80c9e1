// The browser that everything is tested and measured in: Debian's headless shell of Chromium, which does half the work of the whole one.
import { chromium } from 'playwright-core';

const FLAGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];

/** @param flags beside those that are always given @param options of playwright's own launch */
export const launch = (flags = [], options = {}) => chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: [...FLAGS, ...flags], ...options });
