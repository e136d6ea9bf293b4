import type { Entered } from '../quantity/entered';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Kind, Quantity, Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Run } from './fold-calibration';

/** Takes the readings of a calibration one after the other and gathers what is missing or wrong, each with its place. */
export class Reader {
	readonly issues: Issue[] = [];

	need<K extends Kind>(reading: Entered<K> | null | undefined, path: string): Quantity<K> {
		if (!reading) this.issues.push({ code: 'missing', path });
		else if (reading.read.ok) return reading.read.value.value;
		else this.issues.push(...reading.read.issues.map((issue) => ({ ...issue, path })));
		return si<K>(NaN);
	}

	may<K extends Kind>(reading: Entered<K> | null | undefined, path: string): Quantity<K> | undefined {
		return reading ? this.need(reading, path) : undefined;
	}

	times(runs: readonly Run[], path: string): Time[] {
		const counted = runs.filter((r) => !r.struck);
		if (counted.length === 0) this.issues.push({ code: 'no-runs', path });
		return counted.map((run, i) => this.need(run.time, `${path}.${i}`));
	}

	result<T>(value: T): Result<T> {
		return this.issues.length > 0 ? bad(...this.issues) : good(value);
	}
}
