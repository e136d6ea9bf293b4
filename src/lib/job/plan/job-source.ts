import type { FarmSettings } from '$lib/settings/farm-settings';
import type { HeardJobSource } from '$lib/wire/job-source';

/** What a job is planned from. */
export interface JobSource extends HeardJobSource {
	readonly settings: FarmSettings;
}
