@php use App\Support\Language\LocalFormat; @endphp
<x-printed-page :title="$title">
    @if ($isNarrow)
        <x-slot:styles>
            table { font-size: 5.5pt; }
            th, td { padding-right: 3pt; }
        </x-slot:styles>
    @endif
    <p>{{ __('billing.total', ['hours' => $hours]) }}@if ($amount !== null), {{ $amount }}@endif</p>
    <p class="quiet">{{ $made }}</p>
    @if ($all > count($rows))
        <p>{{ __('billing.first_rows', ['shown' => LocalFormat::decimal((string) count($rows)), 'all' => LocalFormat::decimal((string) $all)]) }}</p>
    @endif
    <x-printed-table :headings="$headings" :rows="$rows" :numbers="$numbers" />
</x-printed-page>
