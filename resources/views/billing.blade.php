<x-printed-page :title="$title">
    <p>{{ __('billing.total', ['hours' => $hours]) }}@if ($amount !== null), {{ $amount }}@endif</p>
    <p class="quiet">{{ $made }}</p>
    @if ($all > count($rows))
        <p>{{ __('billing.first_rows', ['shown' => count($rows), 'all' => $all]) }}</p>
    @endif
    <x-printed-table :headings="$headings" :rows="$rows" :numbers="$numbers" />
</x-printed-page>
