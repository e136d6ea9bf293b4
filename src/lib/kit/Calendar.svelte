<!-- @component A month to pick a day from; its year and month by their names. -->
<script lang="ts">
	import { m } from '$words';
	import { getLocale } from '$words/runtime.js';
	import { isDay } from '$core';
	import { parseDate } from '@internationalized/date';
	import { DatePicker } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		/** Day, YYYY-MM-DD, or nothing that can be read as one. */
		value: string;
		onpick: (day: string) => void;
	}
	let { value, onpick }: Props = $props();
	const picked = $derived(isDay(value) ? [parseDate(value)] : []);
</script>

<DatePicker
	inline
	value={picked}
	startOfWeek={1}
	locale={getLocale() === 'en' ? 'en-GB' : getLocale()}
	timeZone="UTC"
	onValueChange={({ value: [day] }) => day && onpick(day.toString())}
>
	<DatePicker.Content class="calendar">
		{#each ['day', 'month', 'year'] as const as view (view)}
			<DatePicker.View {view}>
				<DatePicker.Context>
					{#snippet children(api)}
						<DatePicker.ViewControl class="flex items-center justify-between gap-2">
							<DatePicker.PrevTrigger class="btn plain" aria-label={m.before()}>←</DatePicker.PrevTrigger>
							<DatePicker.ViewTrigger class="btn plain"><DatePicker.RangeText /></DatePicker.ViewTrigger>
							<DatePicker.NextTrigger class="btn plain" aria-label={m.after()}>→</DatePicker.NextTrigger>
						</DatePicker.ViewControl>
						<DatePicker.Table>
							{#if view === 'day'}
								<DatePicker.TableHead>
									<DatePicker.TableRow>
										{#each api().weekDays as day (day.short)}<DatePicker.TableHeader>{day.short}</DatePicker.TableHeader
											>{/each}
									</DatePicker.TableRow>
								</DatePicker.TableHead>
								<DatePicker.TableBody>
									{#each api().weeks as week, w (w)}
										<DatePicker.TableRow>
											{#each week as day (day.toString())}
												<DatePicker.TableCell value={day}>
													<DatePicker.TableCellTrigger>{day.day}</DatePicker.TableCellTrigger>
												</DatePicker.TableCell>
											{/each}
										</DatePicker.TableRow>
									{/each}
								</DatePicker.TableBody>
							{:else}
								{@const cells =
									view === 'month'
										? api().getMonthsGrid({ columns: 4, format: 'short' })
										: api().getYearsGrid({ columns: 4 })}
								<DatePicker.TableBody>
									{#each cells as row, r (r)}
										<DatePicker.TableRow>
											{#each row as cell (cell.value)}
												<DatePicker.TableCell value={cell.value}>
													<DatePicker.TableCellTrigger>{cell.label}</DatePicker.TableCellTrigger>
												</DatePicker.TableCell>
											{/each}
										</DatePicker.TableRow>
									{/each}
								</DatePicker.TableBody>
							{/if}
						</DatePicker.Table>
					{/snippet}
				</DatePicker.Context>
			</DatePicker.View>
		{/each}
	</DatePicker.Content>
</DatePicker>
