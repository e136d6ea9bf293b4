import { diskState } from '../../src/lib/server/disk';
import { describe, expect, it } from 'vitest';
import { parse } from '../../src/lib/server/api';
import { canonicalJson } from '../../src/lib/server/canonical-json';
import { Failure } from '../../src/lib/server/failure';
import { bodyLimit, checkBodySize, checkSameOrigin, farmFilePath, readJson } from '../../src/lib/server/guards';
import { calibrationMessageSchema } from '../../src/lib/wire/calibration-message';
import { farmSettingsSchema } from '../../src/lib/settings/farm-settings';

const origin = 'http://127.0.0.1:4310';
const request = (method: string, headers: Record<string, string>, body?: BodyInit) =>
	new Request(`${origin}/api/x`, {
		method,
		headers,
		...(body === undefined ? {} : { body, duplex: 'half' })
	} as RequestInit);
const refusal = async (run: () => unknown) => {
	try {
		await run();
	} catch (e) {
		if (e instanceof Failure) return e.code;
		throw e;
	}
	return 'taken';
};

describe('same-origin check', () => {
	const json = { 'content-type': 'application/json' };
	it.each<[string, string, Record<string, string>, string]>([
		['a page of ours', 'PUT', { ...json, origin }, 'taken'],
		['a page of another site', 'PUT', { ...json, origin: 'https://elsewhere.example' }, 'cross-origin'],
		['a page that hides its origin', 'POST', { ...json, origin: 'null' }, 'cross-origin'],
		['another port of this machine', 'PUT', { ...json, origin: 'http://127.0.0.1:9' }, 'cross-origin'],
		['a browser that says cross-site', 'PUT', { ...json, 'sec-fetch-site': 'cross-site' }, 'cross-origin'],
		['a program that says nothing, JSON', 'PUT', json, 'taken'],
		['a form that says nothing', 'POST', { 'content-type': 'application/x-www-form-urlencoded' }, 'cross-origin'],
		['a reading request', 'GET', { origin: 'https://elsewhere.example' }, 'taken']
	])('%s: %s %j is %s', async (_what, method, headers, wanted) => {
		// undici drops forbidden headers only in browsers' guards; here they arrive as given.
		const r = { method, headers: new Headers(headers) } as unknown as Request;
		expect(await refusal(() => checkSameOrigin(r, origin))).toBe(wanted);
	});
});

describe('reading a body', () => {
	const json = { 'content-type': 'application/json' };
	it('takes JSON and refuses the rest', async () => {
		expect(await readJson(request('PUT', json, '{"a":1}'))).toEqual({ a: 1 });
		expect(await refusal(() => readJson(request('PUT', json, '{"a":')))).toBe('malformed');
		expect(await refusal(() => readJson(request('PUT', json)))).toBe('malformed');
		expect(await refusal(() => readJson(request('PUT', { 'content-type': 'text/plain' }, '{}')))).toBe('not-json');
		expect(await refusal(() => readJson(request('PUT', json, new Uint8Array([0x22, 0xff, 0x22]))))).toBe('malformed');
	});

	it('stops at the limit, whatever the head says', async () => {
		let sent = 0;
		const endless = new ReadableStream({
			pull(controller) {
				sent += 65_536;
				controller.enqueue(new Uint8Array(65_536));
			}
		});
		expect(await refusal(() => readJson(request('PUT', json, endless)))).toBe('too-large');
		expect(sent).toBeLessThan(bodyLimit * 2);
	});
});

describe('the disk of the data', () => {
	const of = (bytes: number) => () => Promise.resolve({ bavail: bytes / 4096, bsize: 4096 });
	it('has room, is low, or is not known', async () => {
		expect(await diskState('/data', of(1e9))).toBe('enough');
		expect(await diskState('/data', of(1e8))).toBe('low');
		expect(await diskState('/data', () => Promise.reject(new Error('no such folder')))).toBe('unknown');
		expect(await diskState(undefined)).toBe('unknown');
		expect(await diskState(import.meta.dirname)).not.toBe('unknown');
	});
});

describe('the size of a body', () => {
	const of = (method: string, headers: Record<string, string>, body = true) =>
		({ method, headers: new Headers(headers), body: body ? new ReadableStream() : null }) as unknown as Request;
	const form = { 'content-type': 'application/x-www-form-urlencoded' };
	const size = (n: number) => ({ 'content-length': `${n}` });
	it.each<[string, Request, string, string]>([
		['a form of the usual size', of('POST', { ...form, ...size(2000) }), '/farm', 'taken'],
		['a form at the limit', of('POST', { ...form, ...size(bodyLimit) }), '/farm', 'taken'],
		['a form over it', of('POST', { ...form, ...size(bodyLimit + 1) }), '/farm', 'too-large'],
		['a form that says no size', of('POST', form), '/farm', 'no-length'],
		['JSON, which is counted as it is read', of('PUT', { 'content-type': 'application/json' }), '/api/x', 'taken'],
		['a whole farm', of('PUT', { 'content-type': 'application/zip', ...size(5e8) }), farmFilePath, 'taken'],
		[
			'a farm of more than a farm has',
			of('PUT', { 'content-type': 'application/zip', ...size(2e9) }),
			farmFilePath,
			'too-large'
		],
		[
			'as much at another address',
			of('PUT', { 'content-type': 'application/zip', ...size(5e8) }),
			'/api/x',
			'too-large'
		],
		['a write without a body', of('POST', form, false), '/farm', 'taken'],
		['a look', of('GET', {}), '/farm', 'taken']
	])('%s', async (_what, request, path, wanted) => {
		expect(await refusal(() => checkBodySize(request, path))).toBe(wanted);
	});
});

describe('small parts', () => {
	it('two values are the same if their canonical texts are', () => {
		expect(canonicalJson({ b: 1, a: [{ d: 2, c: 3 }], e: undefined })).toBe('{"a":[{"c":3,"d":2}],"b":1}');
		expect(canonicalJson([2, 1])).not.toBe(canonicalJson([1, 2]));
	});

	it('a schema’s first problem is told with its place', async () => {
		const whole = { round: { id: 'x', sprayerId: 'y', startedAt: 'z', rig: {} }, entries: [] };
		try {
			parse(calibrationMessageSchema, whole);
			expect.unreachable();
		} catch (e) {
			expect(e).toMatchObject({ status: 400, code: 'invalid', path: 'round.id' });
		}
	});

	it('settings of an older farm read with the defaults', () => {
		expect(farmSettingsSchema.parse({ rateUnit: 'US gal/ac' })).toMatchObject({
			rateUnit: 'US gal/ac',
			gallon: 'US',
			evenRule: 'average'
		});
	});
});
