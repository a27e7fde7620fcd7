<x-printed-page :title="$title">
    <x-slot:styles>
        .sums { width: 60%; }
        .amount { text-align: right; }
    </x-slot:styles>
    <p>{{ __('expense_statements.total', ['sum' => $currency.' '.$sum]) }}</p>
    @if ($all > count($rows))
        <p>{{ __('billing.first_rows', ['shown' => count($rows), 'all' => $all]) }}</p>
    @endif
    <table class="sums">
        @foreach ($sums as [$of, $amount, $own])
            <tr>
                <td>{{ $of }}</td>
                <td class="amount">{{ $amount }}</td>
                <td class="amount">{{ $currency }} {{ $own }}</td>
            </tr>
        @endforeach
    </table>
    <x-printed-table :headings="$headings" :rows="$rows" />
</x-printed-page>
