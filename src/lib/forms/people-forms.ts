import { m } from '$words';
import { z } from 'zod';
import { isDay } from '$core';
import { roles } from '../settings/roles';

const name = z
	.string()
	.trim()
	.min(1, { error: () => m.type_your_name() })
	.max(80, { error: () => m.that_name_is_over_80_letters() })
	.default('');
const role = z.enum(roles).default('operator');

export const inviteSchema = z.object({
	name: z
		.string()
		.trim()
		.max(80, { error: () => m.that_name_is_over_80_letters() })
		.default(''),
	role
});

export const meSchema = z.object({
	name,
	initials: z
		.string()
		.trim()
		.max(8, { error: () => m.initials_over_8() })
		.default(''),
	licence: z
		.string()
		.trim()
		.max(80, { error: () => m.that_name_is_over_80_letters() })
		.default(''),
	licenceUntil: z
		.string()
		.refine((day) => day === '' || isDay(day), { error: () => m.no_such_day() })
		.default('')
});

export const newPasswordSchema = z.object({
	current: z.string().max(200).default(''),
	password: z.string().max(200).default('')
});

const day = z.string().refine(isDay, { error: () => m.no_such_day() });
/** What an inspector's link shows, and how long. */
export const inspectorSchema = z
	.object({
		who: z
			.string()
			.trim()
			.min(1, { error: () => m.type_who_the_link_is_for() })
			.max(80, { error: () => m.that_name_is_over_80_letters() })
			.default(''),
		first: day.default(''),
		last: day.default(''),
		until: day.default(''),
		blocks: z.array(z.string().max(120)).max(500).default([])
	})
	.refine((asked) => asked.last >= asked.first, { path: ['last'], error: () => m.last_day_before_the_first() });
