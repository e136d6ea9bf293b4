import { m } from '$words';

/** What an address or a message can be of, by the name it has in the code. */
const things: Readonly<Record<string, () => string>> = {
	setting: m.thing_setting,
	round: m.thing_calibration,
	calibration: m.thing_calibration,
	nozzle: m.thing_nozzle,
	job: m.thing_job,
	sprayer: m.thing_sprayer,
	record: m.thing_record,
	'tank mix': m.thing_tank_mix,
	'tank plan': m.thing_tank_plan,
	plan: m.thing_tank_plan,
	product: m.thing_product,
	block: m.thing_block,
	person: m.thing_person,
	device: m.thing_device,
	link: m.thing_link,
	class: m.thing_class
};

/** The name of a thing that was asked for; the code's own where it is none of these. */
export const thingWords = (what: string): string => things[what]?.() ?? what;
