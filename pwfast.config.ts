import { defineConfig } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './scripts/lib/chromium.mjs';

export default defineConfig({
	testDir: 'tests/browser',
	outputDir: 'test-results',
	// Bounds for what hangs, not for what is slow: a busy machine has taken twenty times the usual time.
	timeout: 240_000,
	expect: { timeout: 25_000 },
	workers: 2,
	retries: 0,
	fullyParallel: true,
	forbidOnly: true,
	reporter: [['line'], ['json', { outputFile: process.env.FALLOW_BROWSER_REPORT ?? 'test-results/report.json' }]],
	use: {
		viewport: { width: 1280, height: 800 },
		trace: 'off',
		actionTimeout: 40_000,
		launchOptions: {
			executablePath: chromiumPath,
			args: chromiumArgs
		}
	}
});
