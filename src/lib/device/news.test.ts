import { describe, expect, it } from 'vitest';
import { NewsLine, follow } from './news';

class Stream extends EventTarget {
	closed = false;
	close() {
		this.closed = true;
	}
	open = () => this.dispatchEvent(new Event('open'));
	say = (data: object) => this.dispatchEvent(new MessageEvent('message', { data: JSON.stringify(data) }));
}

describe('what others write', () => {
	it('is told to whoever listens, over one stream, which closes with the last of them', () => {
		const streams: Stream[] = [];
		const line = new NewsLine({ open: () => (streams.push(new Stream()), streams.at(-1)!) });
		const heard: unknown[] = [];
		const one = line.hear((news) => heard.push(news));
		const two = line.hear((news) => heard.push(news));
		expect(streams).toHaveLength(1);
		streams[0]!.open();
		streams[0]!.say({ kind: 'job', id: 'a' });
		expect(heard).toEqual([
			{ kind: 'job', id: 'a' },
			{ kind: 'job', id: 'a' }
		]);
		one();
		expect(streams[0]!.closed).toBe(false);
		two();
		expect(streams[0]!.closed).toBe(true);
		line.hear(() => undefined);
		expect(streams).toHaveLength(2);
	});

	it('tells a gap when the stream comes again: something may have been missed', () => {
		const stream = new Stream();
		const heard: unknown[] = [];
		new NewsLine({ open: () => stream }).hear((news) => heard.push(news));
		stream.open();
		expect(heard).toEqual([]);
		stream.open();
		expect(heard).toEqual(['gap']);
		stream.dispatchEvent(new Event('gap'));
		expect(heard).toEqual(['gap', 'gap']);
	});

	it('is asked for one at a time, and once more where there was more meanwhile', async () => {
		const stream = new Stream();
		let running = 0;
		let most = 0;
		let runs = 0;
		let release: () => void = () => undefined;
		const line = new NewsLine({ open: () => stream });
		follow(
			line,
			(news) => news.id === 'a',
			async () => {
				runs += 1;
				most = Math.max(most, (running += 1));
				await new Promise<void>((done) => (release = done));
				running -= 1;
			}
		);
		stream.open();
		stream.say({ kind: 'job', id: 'b' });
		expect(runs).toBe(0);
		for (let i = 0; i < 5; i += 1) stream.say({ kind: 'job', id: 'a' });
		expect(runs).toBe(1);
		release();
		await Promise.resolve();
		await Promise.resolve();
		await Promise.resolve();
		expect(runs).toBe(2);
		release();
		expect(most).toBe(1);
	});

	it('closes while nobody looks, and asks for what was missed afterwards', () => {
		const streams: Stream[] = [];
		const line = new NewsLine({ open: () => (streams.push(new Stream()), streams.at(-1)!) });
		const heard: unknown[] = [];
		line.hear((news) => heard.push(news));
		streams[0]!.open();
		line.pause();
		expect(streams[0]!.closed).toBe(true);
		line.resume();
		expect(streams).toHaveLength(2);
		expect(heard).toEqual(['gap']);
	});
});
