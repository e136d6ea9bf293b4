<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { enhance as plainly } from '$app/forms';
	import { superForm } from 'sveltekit-superforms';
	import type { ActionData, PageData } from './$types';
	import AskTwice from '$lib/kit/AskTwice.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { openForm } from '$lib/kit/open-form';
	import LanguagePicker from '$lib/frame/LanguagePicker.svelte';
	import PasskeyMake from '$lib/people/PasskeyMake.svelte';
	import { timeAt } from '$lib/settings/farm-time';
	import { deviceWords, roleWords } from '$lib/wording/people';

	let { data, form: answer }: { data: PageData; form: ActionData } = $props();
	const { form, errors, message, enhance } = openForm(
		untrack(() => data.form),
		{ stays: true }
	);
	const {
		form: secret,
		errors: wrong,
		message: changed,
		enhance: sendSecret
	} = superForm(
		untrack(() => data.password),
		{ id: 'password' }
	);
	const at = (time: Date) => timeAt(data.farm.settings, time.getTime());
	const mine = $derived(data.devices.find((device) => device.id === data.session));
	let device = $state(untrack(() => mine?.device ?? deviceWords(null, mine?.userAgent ?? null)));
</script>

<svelte:head><title>{m.me_page()}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{$form.name}</h1>
			<p class="lab">{data.me.role ? roleWords(data.me.role) : ''} · {data.farm.name}</p>
		</div>
		<div class="flex flex-wrap gap-2.5">
			{#if data.me.rights.includes('manage')}<a class="btn plain" href="/people">{m.people()}</a>{/if}
			{#if data.farms > 1}<a class="btn plain" href="/farms">{m.another_farm()}</a>{/if}
			<form method="post" action="/sign-out"><button class="btn">{m.sign_out()}</button></form>
		</div>
	</div>
	<form
		class="card grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-3.5 p-5"
		method="post"
		action="?/name"
		use:enhance
	>
		<Field
			name="name"
			label={m.your_name()}
			hint={m.as_it_stands_in_records()}
			autocomplete="name"
			bind:value={$form.name}
			problem={$errors.name?.[0]}
			required
		/>
		<Field name="initials" label={m.initials()} bind:value={$form.initials} problem={$errors.initials?.[0]} />
		<Field
			name="licence"
			label={m.licence_title()}
			hint={m.licence_hint()}
			bind:value={$form.licence}
			problem={$errors.licence?.[0]}
		/>
		<Field
			name="licenceUntil"
			type="date"
			label={m.licence_last_day()}
			bind:value={$form.licenceUntil}
			problem={$errors.licenceUntil?.[0]}
		/>
		<div class="col-span-full flex items-center gap-4">
			<button class="btn go">{m.save()}</button>
			{#if $message}<p role="status"><b>{$message}</b></p>{/if}
		</div>
	</form>
	<div class="card p-5"><LanguagePicker /></div>
	<form
		class="card grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-3.5 p-5"
		method="post"
		action="?/password"
		use:sendSecret
	>
		<h2 class="col-span-full">{m.new_password()}</h2>
		<Field
			name="current"
			type="password"
			label={m.password_now()}
			autocomplete="current-password"
			bind:value={$secret.current}
			problem={$wrong.current?.[0]}
		/>
		<Field
			name="password"
			type="password"
			label={m.new_password()}
			autocomplete="new-password"
			hint={m.password_hint()}
			bind:value={$secret.password}
			problem={$wrong.password?.[0]}
		/>
		<div class="col-span-full flex items-center gap-4">
			<button class="btn">{m.change_the_password()}</button>
			{#if $changed}<p role="status"><b>{$changed}</b></p>{/if}
		</div>
	</form>
	<section class="card grid gap-3 p-5" aria-labelledby="passkeys">
		<h2 id="passkeys">{m.passkeys()}</h2>
		<p class="lab">{m.passkeys_lead()}</p>
		{#each data.passkeys as key (key.id)}
			<form method="post" action="?/forget" use:plainly class="flex flex-wrap items-center gap-3">
				<input type="hidden" name="id" value={key.id} />
				<span class="flex-1">{key.name ?? m.a_passkey()}{key.madeAt ? ` · ${at(key.madeAt)}` : ''}</span>
				<AskTwice ask={m.remove_title()} words={m.remove_the_passkey()} />
			</form>
		{/each}
		<PasskeyMake />
	</section>
	<section class="card grid gap-3 p-5" aria-labelledby="mine">
		<h2 id="mine">{m.my_devices()}</h2>
		<form method="post" action="?/device" use:plainly class="flex flex-wrap items-end gap-3">
			<Field
				name="device"
				label={m.name_of_this_device()}
				bind:value={device}
				problem={answer && 'device' in answer && typeof answer.device === 'string' ? answer.device : null}
			/>
			<button class="btn plain">{m.save()}</button>
		</form>
		{#each data.devices as device (device.id)}
			{#if device.id !== data.session}
				<form method="post" action="?/end" use:plainly class="flex flex-wrap items-center gap-3">
					<input type="hidden" name="id" value={device.id} />
					<span class="flex-1"
						>{deviceWords(device.device, device.userAgent)} · {m.seen_at({ at: at(device.seenAt) })}</span
					>
					<AskTwice ask={m.sign_it_out()} words={m.sign_out_now()} />
				</form>
			{/if}
		{/each}
	</section>
</main>
