@php use App\Support\Language\LocalFormat; @endphp
<x-printed-page :title="$title">
    <x-slot:styles>
        .sums { width: 60%; }
    </x-slot:styles>
    <p>{{ __('expense_statements.total', ['sum' => $currency.' '.$sum]) }}</p>
    <p class="quiet">{{ $made }}</p>
    @if ($all > count($rows))
        <p>{{ __('billing.first_rows', ['shown' => LocalFormat::decimal((string) count($rows)), 'all' => LocalFormat::decimal((string) $all)]) }}</p>
    @endif
    <table class="sums">
        @foreach ($sums as [$of, $amount, $own])
            <tr>
                <td>{{ $of }}</td>
                <td class="number">{{ $amount }}</td>
                <td class="number">{{ $currency }} {{ $own }}</td>
            </tr>
        @endforeach
    </table>
    <x-printed-table :headings="$headings" :rows="$rows" :numbers="[5, 6, 7]" />
</x-printed-page>
