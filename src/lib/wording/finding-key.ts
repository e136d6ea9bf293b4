import type { Finding } from '../../core';

/** Tells one finding from every other of the same calibration. */
export const findingKey = (finding: Finding): string =>
	[
		finding.code,
		'nozzle' in finding && finding.nozzle,
		'run' in finding && finding.run,
		'section' in finding && finding.section,
		'width' in finding && finding.width,
		'group' in finding && finding.group,
		'reading' in finding && finding.reading,
		'method' in finding && finding.method,
		'from' in finding && finding.from
	].join('-');
