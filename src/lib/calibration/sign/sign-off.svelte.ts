import { m } from '$words';
import type { Issue } from '$core';
import { isCarried, isDay, personIssues, predictChange, roundBefore } from '$core';
import { wordIssue } from '$lib/wording/issues';
import { checkList } from '$lib/settings/check-list';
import { typed } from '$lib/settings/field-units';
import { typedText } from '$lib/settings/typed-text';
import type { RoundState } from '$lib/calibration/round.svelte';

type Place = 'person' | 'carrier' | 'day' | 'pressure' | 'gear' | 'rpm' | 'remarks';

/** The form that closes a round: who, when, at what pressure, gear and rpm. What was typed stays where it is refused. */
export class SignOffState {
	readonly #round: RoundState;
	/** Carried: it may have no gauge and has no gear. */
	readonly carried: boolean;
	person = $state('');
	/** Who carries it, where nobody was named before. */
	carrier = $state('');
	/** Whether that is still to be said here. */
	readonly asksCarrier: boolean;
	/** What the setting is meant to have at the gauge: told beside the field, never taken for a reading. */
	readonly meant: string;
	day = $state('');
	pressure = $state('');
	gear = $state('');
	rpm = $state('');
	remarks = $state('');
	problems = $state<Partial<Record<Place, string>>>({});
	/** What stands against signing: words; empty when nothing does. */
	blocked: string = $derived.by(() => {
		const { result, rig, entered: round } = this.#round;
		if (!result.ok) return wordIssue(result.issues[0]!);
		// The server predicts what a change brings when it takes the signature: what it would refuse is told before.
		if (!round.change) return '';
		const { calibration } = result.value;
		const before = roundBefore(rig, round, calibration);
		const predicted = predictChange(before, round.change);
		return predicted.ok ? '' : m.the_change_that_was_picked_rests({ wordIssue: wordIssue(predicted.issues[0]!) });
	});
	/** What the signature will say was left undone or odd. Findings never block. */
	notes: readonly string[] = $derived.by(() => {
		const c = this.#round.calibration;
		if (!c) return [];
		const checks = checkList(this.#round.head.rig, this.#round.settings);
		const unticked = checks.filter((check) => !this.#round.entered.ticks.has(check)).length;
		const uncaught = c.nozzles ? c.nozzles.count - c.nozzles.caught : 0;
		return [
			...(unticked > 0 ? [m.of_checks_of_the_sprayer_are({ unticked, count: checks.length })] : []),
			...(!this.carried && this.pressure.trim() === '' ? [m.the_pressure_will_stand_as_not()] : []),
			...(!this.carried && this.gear.trim() === '' ? [m.the_gear_will_stand_as_not()] : []),
			...(uncaught > 0 ? [m.of_nozzles_were_not_caught({ uncaught, count: c.nozzles?.count ?? 0 })] : []),
			...(c.findings.length > 0 ? [m.warnings_will_stand_on_the_calibration({ count: c.findings.length })] : [])
		];
	});

	constructor(round: RoundState, today: string) {
		this.#round = round;
		this.day = today;
		const { setting } = round.head;
		this.carried = isCarried(round.rig);
		this.asksCarrier = personIssues(round.rig, round.entered).length > 0;
		this.person = this.carried ? round.entered.person : '';
		this.pressure = round.entered.gauge ? typedText(round.entered.gauge.typed) : '';
		this.meant = setting?.pressure ? typedText(setting.pressure) : '';
		this.gear = setting?.gear ?? '';
		this.rpm = setting?.rpm ? `${setting.rpm}` : '';
	}

	/** Signs if all is well. Answers whether it did. */
	async sign(): Promise<boolean> {
		const problems: Partial<Record<Place, string>> = {};
		if (this.person.trim() === '') problems.person = m.nobody_has_signed_yet_write_the();
		if (!isDay(this.day)) problems.day = m.that_is_not_a_day_write();
		if (this.asksCarrier && this.carrier.trim() === '')
			problems.carrier = wordIssue({ code: 'no-person', path: 'person' });
		const rpm = this.rpm.trim().replace(',', '');
		if (rpm !== '' && !(/^\d+$/.test(rpm) && Number(rpm) <= 10_000))
			problems.rpm = m.is_not_a_number_of_turns({ rpm: this.rpm });
		this.problems = problems;
		if (Object.keys(problems).length > 0 || this.blocked !== '') return false;
		if (this.asksCarrier) {
			const issues = await this.#round.add({ kind: 'person', name: this.carrier.trim() });
			if (issues[0]) this.problems = { carrier: wordIssue(issues[0]) };
			if (issues.length > 0) return false;
		}
		const issues: readonly Issue[] = await this.#round.add({
			kind: 'sign-off',
			person: this.person.trim(),
			day: this.day,
			...(this.pressure.trim() === ''
				? {}
				: { pressure: typed(this.pressure, this.#round.units.pressure, this.#round.settings) }),
			gear: this.gear.trim(),
			rpm: rpm === '' ? null : Number(rpm),
			remarks: this.remarks.trim()
		});
		this.problems = Object.fromEntries(issues.map((issue) => [issue.path, wordIssue(issue)]));
		return issues.length === 0;
	}
}
