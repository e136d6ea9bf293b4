import { m } from '$words';
import type { Issue } from '$core';
import { isCarried, isDay, personIssues, predictChange, beforeOf } from '$core';
import { wordIssue } from '$lib/wording/issues';
import { checkList } from '$lib/settings/check-list';
import { typed } from '$lib/settings/field-units';
import { typedText } from '$lib/settings/typed-text';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';

type Place = 'person' | 'carrier' | 'day' | 'pressure' | 'gear' | 'rpm' | 'remarks';

/** The form that closes a calibration: who, when, at what pressure, gear and rpm. What was typed stays where it is refused. */
export class SignOffState {
	readonly #calibration: CalibrationState;
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
		const { result, sprayer, entered } = this.#calibration;
		if (!result.ok) return wordIssue(result.issues[0]!);
		// The server predicts what a change brings when it takes the signature: what it would refuse is told before.
		if (!entered.change) return '';
		const { answer } = result.value;
		const before = beforeOf(sprayer, entered, answer);
		const predicted = predictChange(before, entered.change);
		return predicted.ok ? '' : m.the_change_that_was_picked_rests({ wordIssue: wordIssue(predicted.issues[0]!) });
	});
	/** What the signature will say was left undone or odd. Findings never block. */
	notes: readonly string[] = $derived.by(() => {
		const c = this.#calibration.answer;
		if (!c) return [];
		const checks = checkList(this.#calibration.head.rig, this.#calibration.settings);
		const unticked = checks.filter((check) => !this.#calibration.entered.ticks.has(check)).length;
		const uncaught = c.nozzles ? c.nozzles.count - c.nozzles.caught : 0;
		return [
			...(unticked > 0 ? [m.of_checks_of_the_sprayer_are({ unticked, count: checks.length })] : []),
			...(!this.carried && this.pressure.trim() === '' ? [m.the_pressure_will_stand_as_not()] : []),
			...(!this.carried && this.gear.trim() === '' ? [m.the_gear_will_stand_as_not()] : []),
			...(uncaught > 0 ? [m.of_nozzles_were_not_caught({ uncaught, count: c.nozzles?.count ?? 0 })] : []),
			...(c.findings.length > 0 ? [m.warnings_will_stand_on_the_calibration({ count: c.findings.length })] : [])
		];
	});

	constructor(calibration: CalibrationState, today: string) {
		this.#calibration = calibration;
		this.day = today;
		const { setting } = calibration.head;
		this.carried = isCarried(calibration.sprayer);
		this.asksCarrier = personIssues(calibration.sprayer, calibration.entered).length > 0;
		this.person = this.carried ? calibration.entered.person : '';
		this.pressure = calibration.entered.gauge ? typedText(calibration.entered.gauge.typed) : '';
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
			const issues = await this.#calibration.add({ kind: 'person', name: this.carrier.trim() });
			if (issues[0]) this.problems = { carrier: wordIssue(issues[0]) };
			if (issues.length > 0) return false;
		}
		const issues: readonly Issue[] = await this.#calibration.add({
			kind: 'sign-off',
			person: this.person.trim(),
			day: this.day,
			...(this.pressure.trim() === ''
				? {}
				: { pressure: typed(this.pressure, this.#calibration.units.pressure, this.#calibration.settings) }),
			gear: this.gear.trim(),
			rpm: rpm === '' ? null : Number(rpm),
			remarks: this.remarks.trim()
		});
		this.problems = Object.fromEntries(issues.map((issue) => [issue.path, wordIssue(issue)]));
		return issues.length === 0;
	}
}
