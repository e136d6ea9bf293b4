import type { Kysely } from 'kysely';
import * as boomRounds from './0001-boom-rounds';
import * as everySprayer from './0002-every-sprayer';
import * as nozzles from './0003-nozzles';
import * as products from './0004-products';
import * as ground from './0005-ground';
import * as jobs from './0006-jobs';
import * as runs from './0007-runs';
import * as log from './0008-log';
import * as due from './0009-due';
import * as safety from './0010-safety';
import * as goes from './0011-goes';
import * as names from './0012-names';
import * as tankMixes from './0013-tank-mixes';
import * as waysBack from './0014-ways-back';
import * as people from './0015-people';
import * as news from './0016-news';
import * as practice from './0017-practice';
import * as language from './0018-language';

export interface Migration {
	readonly name: string;
	readonly up: (db: Kysely<unknown>) => Promise<void>;
}

/** In order, forward only. A migration that has landed is never edited: the next one mends it. */
export const migrations: readonly Migration[] = [
	{ name: '0001-boom-rounds', up: boomRounds.up },
	{ name: '0002-every-sprayer', up: everySprayer.up },
	{ name: '0003-nozzles', up: nozzles.up },
	{ name: '0004-products', up: products.up },
	{ name: '0005-ground', up: ground.up },
	{ name: '0006-jobs', up: jobs.up },
	{ name: '0007-runs', up: runs.up },
	{ name: '0008-log', up: log.up },
	{ name: '0009-due', up: due.up },
	{ name: '0010-safety', up: safety.up },
	{ name: '0011-goes', up: goes.up },
	{ name: '0012-names', up: names.up },
	{ name: '0013-tank-mixes', up: tankMixes.up },
	{ name: '0014-ways-back', up: waysBack.up },
	{ name: '0015-people', up: people.up },
	{ name: '0016-news', up: news.up },
	{ name: '0017-practice', up: practice.up },
	{ name: '0018-language', up: language.up }
];
