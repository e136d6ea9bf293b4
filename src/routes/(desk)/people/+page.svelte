<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { enhance as plainly } from '$app/forms';
	import { page } from '$app/state';
	import type { ActionData, PageData } from './$types';
	import { superForm } from 'sveltekit-superforms';
	import AskTwice from '$lib/kit/AskTwice.svelte';
	import Field from '$lib/kit/Field.svelte';
	import LinkGiven from '$lib/people/LinkGiven.svelte';
	import { dayAt, timeAt } from '$lib/settings/farm-time';
	import { dayText } from '$lib/settings/day-text';
	import { isLoopback } from '$lib/settings/loopback';
	import { deviceWords, roleMay, roleWords } from '$lib/wording/people';
	import Fold from '$lib/kit/Fold.svelte';

	let { data, form: answered }: { data: PageData; form: ActionData } = $props();
	const invite = superForm(
		untrack(() => data.form),
		{ id: 'invite' }
	);
	const { form: inviting, errors: inviteErrors, enhance: inviteEnhance } = invite;
	const inspect = superForm(
		untrack(() => data.inspect),
		{ id: 'inspect', resetForm: false }
	);
	const { form: inspecting, errors: inspectErrors, enhance: inspectEnhance } = inspect;

	const zone = $derived(data.farm.settings.timeZone);
	const at = (time: Date) => timeAt(data.farm.settings, time.getTime());
	const given = $derived(answered as { link?: string; forWhom?: string; message?: string } | null);
	/** Who somebody of the asker's role may change: a manager those below, an owner all. */
	const mayChange = (role: PageData['people'][number]['role']) => data.under.includes(role);
	const today = $derived(dayAt(zone, data.now));
</script>

<svelte:head><title>{m.people_page()}</title></svelte:head>

<main class="plain-page">
	<h1>{m.people()}</h1>
	{#if given?.message}<p class="problem" role="alert">✕ {given.message}</p>{/if}
	{#if data.alone}
		<section class="card grid gap-3 p-5">
			<p>{m.alone_lead()}</p>
			<p>{m.alone_first_account()}</p>
			<p><a class="btn go" href="/first">{m.make_the_first_account()}</a></p>
		</section>
	{:else}
		{#if given?.link}
			<LinkGiven link={given.link} forWhom={given.forWhom ?? ''} loopback={isLoopback(page.url.hostname)} />
		{/if}
		<ul class="grid gap-2.5" aria-label={m.people()}>
			{#each data.people as person (person.id)}
				<li class="card flex flex-wrap items-center gap-x-4 gap-y-2 py-3 px-4">
					<span class="grid flex-1 basis-60">
						<b class="text-[1.15rem]">{person.id === data.person ? `${person.name} · ${m.you()}` : person.name}</b>
						<span class="text-soft"
							>{[roleWords(person.role), person.signInName && m.signs_in_as({ name: person.signInName })]
								.filter(Boolean)
								.join(' · ')}</span
						>
						{#if person.licenceUntil}
							<span class={person.licenceUntil < today ? 'problem' : 'text-soft'}
								>{person.licenceUntil < today ? '✕ ' : ''}{m.licence_until({
									licence: person.licence,
									day: dayText(person.licenceUntil)
								})}</span
							>
						{/if}
					</span>
					{#if person.id !== data.person && mayChange(person.role)}
						<form method="post" action="?/change" use:plainly class="flex items-center gap-2">
							<input type="hidden" name="id" value={person.id} />
							<select
								class="field-input w-auto"
								name="role"
								title={m.role_of({ name: person.name })}
								value={person.role}
								onchange={(e) => e.currentTarget.form?.requestSubmit()}
							>
								{#each data.under as role (role)}<option value={role}>{roleWords(role)}</option>{/each}
							</select>
						</form>
						<form method="post" action="?/password" use:plainly>
							<input type="hidden" name="id" value={person.id} />
							<button class="btn plain">{m.new_password()}</button>
						</form>
						<form method="post" action="?/leave" use:plainly>
							<input type="hidden" name="id" value={person.id} />
							<AskTwice ask={m.takes_leave()} words={m.leaves_the_farm({ name: person.name })} />
						</form>
					{/if}
				</li>
			{/each}
		</ul>

		<section class="card grid gap-3.5 p-5" aria-labelledby="invite">
			<h2 id="invite">{m.invite_somebody()}</h2>
			<form class="grid gap-3.5" method="post" action="?/invite" use:inviteEnhance>
				<Field
					name="name"
					label={m.name_of_the_person()}
					bind:value={$inviting.name}
					problem={$inviteErrors.name?.[0]}
				/>
				<fieldset class="m-0 border-0 p-0">
					<legend class="font-semibold">{m.role()}</legend>
					<div class="mt-1.5 grid gap-2">
						{#each data.under as role (role)}
							<label class="flex min-h-12 items-center gap-3 rounded-md border-2 border-(--field-border) px-3.5 py-2">
								<input type="radio" name="role" value={role} bind:group={$inviting.role} />
								<span class="grid"><b>{roleWords(role)}</b><span class="text-soft">{roleMay(role)}</span></span>
							</label>
						{/each}
					</div>
				</fieldset>
				<button class="btn go">{m.make_a_link_to_join()}</button>
			</form>
			{#each data.invitations as invitation (invitation.id)}
				<form method="post" action="?/recall" use:plainly class="flex flex-wrap items-center gap-3">
					<input type="hidden" name="id" value={invitation.id} />
					<span class="flex-1"
						>{invitation.forPerson ? m.link_for_a_password() : m.link_to_join_as({ role: roleWords(invitation.role) })}
						{invitation.name} · {m.ends_at({ at: at(invitation.endsAt) })}</span
					>
					<button class="btn plain">{m.end_the_link()}</button>
				</form>
			{/each}
		</section>

		<section class="card grid gap-3 p-5" aria-labelledby="devices">
			<h2 id="devices">{m.devices()}</h2>
			<p class="lab">{m.devices_lead()}</p>
			{#each data.devices as device (device.id)}
				<form method="post" action="?/device" use:plainly class="flex flex-wrap items-center gap-3">
					<input type="hidden" name="id" value={device.id} />
					<span class="flex-1"
						><b>{device.person}</b> · {deviceWords(device.device, device.userAgent)} · {m.seen_at({
							at: at(device.seenAt)
						})}{device.id === data.mySession ? ` · ${m.this_device()}` : ''}</span
					>
					{#if device.id !== data.mySession && (device.personId === data.person || mayChange(device.role))}
						<AskTwice ask={m.sign_it_out()} words={m.sign_out_now()} />
					{/if}
				</form>
			{/each}
		</section>
	{/if}

	<section class="card grid gap-3.5 p-5" aria-labelledby="inspectors">
		<h2 id="inspectors">{m.links_for_inspectors()}</h2>
		<p class="lab">{m.links_for_inspectors_lead()}</p>
		{#if data.alone && given?.link}
			<LinkGiven link={given.link} forWhom={given.forWhom ?? ''} loopback={isLoopback(page.url.hostname)} />
		{/if}
		<form
			class="grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-3.5"
			method="post"
			action="?/inspector"
			use:inspectEnhance
		>
			<Field
				name="who"
				label={m.who_the_link_is_for()}
				bind:value={$inspecting.who}
				problem={$inspectErrors.who?.[0]}
				required
			/>
			<Field
				name="first"
				type="date"
				label={m.records_from()}
				bind:value={$inspecting.first}
				problem={$inspectErrors.first?.[0]}
				required
			/>
			<Field
				name="last"
				type="date"
				label={m.records_to()}
				bind:value={$inspecting.last}
				problem={$inspectErrors.last?.[0]}
				required
			/>
			<Field
				name="until"
				type="date"
				label={m.link_opens_until()}
				bind:value={$inspecting.until}
				problem={$inspectErrors.until?.[0]}
				required
			/>
			{#if data.blocks.length > 0}
				<Fold class="col-span-full" title={m.only_some_fields()}>
					<div class="grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-2">
						{#each data.blocks as block (block)}
							<label class="check"
								><input type="checkbox" name="blocks" value={block} bind:group={$inspecting.blocks} />{block}</label
							>
						{/each}
					</div>
				</Fold>
			{/if}
			<button class="btn col-span-full justify-self-start">{m.make_the_link()}</button>
		</form>
		{#each data.links as link (link.id)}
			<form method="post" action="?/close" use:plainly class="flex flex-wrap items-center gap-3">
				<input type="hidden" name="id" value={link.id} />
				<span class="flex-1"
					><b>{link.name}</b> · {dayText(link.first)} – {dayText(link.last)} · {m.ends_at({ at: at(link.endsAt) })}
					{link.openedAt ? m.opened_at({ at: at(link.openedAt) }) : m.not_opened_yet()}</span
				>
				<button class="btn plain">{m.end_the_link()}</button>
			</form>
		{/each}
	</section>
</main>
