import { m } from '$words';
import { wordIssue } from '$lib/wording/issues';
import type { SpeedAt, TrackPoint, TrackSource } from '$core';
import { steadyPart, trackSpeed, trackSpeeds } from '$core';
import type { Fix, ReadTrack } from '$lib/device/read-track';
import { pointsOf } from '$lib/device/read-track';
import type { Receiver } from '$lib/device/receivers';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';
import { longestTrackName } from '$lib/wire/track-limit';

/** A track before it is kept: what was driven, its steady part found and moved, and the speed that it gives. */
export class TrackStepState {
	readonly #calibration: CalibrationState;
	source = $state<TrackSource>('gpx');
	name = $state('');
	points = $state.raw<readonly TrackPoint[]>([]);
	from = $state(0);
	to = $state(0);
	problem = $state('');
	recording = $state(false);
	#fixes: Fix[] = [];
	#stop: (() => void) | null = null;

	constructor(calibration: CalibrationState) {
		this.#calibration = calibration;
		const kept = calibration.entered.track;
		if (kept) this.#show({ source: kept.source, name: kept.name, points: kept.points }, kept);
	}

	speeds: readonly SpeedAt[] = $derived(trackSpeeds(this.points));
	/** Seconds of the whole track. */
	length = $derived(this.points.at(-1)?.[0] ?? 0);
	measured = $derived(this.points.length > 2 ? trackSpeed(this.points, this.from, this.to) : null);
	speed = $derived(this.measured?.value ?? null);

	#show(track: ReadTrack, part?: { from: number; to: number }): void {
		this.source = track.source;
		this.name = track.name;
		this.points = track.points;
		const found = part ?? steadyPart(trackSpeeds(track.points));
		this.from = found?.from ?? 0;
		this.to = found?.to ?? this.length;
		this.problem = found ? '' : m.no_part_of_this_track_is();
	}

	/** Takes in a track that was read from a file. */
	take(track: ReadTrack): void {
		this.#show(track);
	}

	/** Begins to record what a receiver tells. */
	record(source: 'position' | 'receiver', receiver: Receiver): void {
		this.#fixes = [];
		this.points = [];
		this.problem = '';
		this.source = source;
		this.name =
			source === 'position'
				? m.this_devices_position()
				: this.#calibration.practice
					? m.the_yards_receiver()
					: m.the_farms_receiver();
		this.recording = true;
		this.#stop = receiver.start(
			(fix) => {
				this.#fixes.push(fix);
				this.points = pointsOf(this.#fixes);
				this.to = this.length;
			},
			(words) => {
				this.problem = words;
			}
		);
	}

	/** Ends the recording and finds its steady part. */
	finish(): void {
		this.#stop?.();
		this.#stop = null;
		if (!this.recording) return;
		this.recording = false;
		if (this.points.length < 3) {
			this.problem ||= m.fewer_than_three_positions_came_in();
			return;
		}
		this.#show({ source: this.source, name: this.name, points: this.points });
	}

	/** Moves an end of the steady part; the ends do not pass each other. */
	move(end: 'from' | 'to', seconds: number): void {
		const value = Math.max(0, Math.min(this.length, seconds));
		if (end === 'from') this.from = Math.min(value, this.to);
		else this.to = Math.max(value, this.from);
	}

	/** Keeps the track as the calibration's ground speed. Answers whether it was kept. */
	async keep(): Promise<boolean> {
		const issues = await this.#calibration.add({
			kind: 'track',
			source: this.source,
			name: this.name.length > longestTrackName ? `${this.name.slice(0, longestTrackName - 1)}…` : this.name,
			points: this.points,
			from: this.from,
			to: this.to
		});
		if (issues[0])
			this.problem = issues[0].code === 'no-position' ? m.no_steady_part_of_three_readings() : wordIssue(issues[0]);
		return issues.length === 0;
	}

	/** Goes back to the course. */
	async drop(): Promise<void> {
		const kept = this.#calibration.entered.track;
		if (kept) await this.#calibration.add({ kind: 'strike', entry: kept.id });
	}
}
