@php
    use App\Features\Compare\Files\GroupWords;
    use App\Features\Compare\Files\MeasureWords;
    use App\Support\Language\LocalFormat;
    use Moss\Core\Compare\ComparisonRow;

    $terms = $comparison->asked->terms;
    $measures = $terms->fitting();
@endphp
<x-printed-page :title="$heading->title">
    <x-slot:styles>
        body { font-size: 8.5pt; }
        th, td { padding: 2pt 0 2pt 7pt; text-align: right; }
        th:first-child, td:first-child { padding-left: 0; text-align: left; }
        .part td { color: #35463c; }
        .part td:first-child { padding-left: 10pt; }
        .group td, .total td { font-weight: bold; }
    </x-slot:styles>
    <p>{{ $heading->period }}</p>
    @foreach ($heading->filters as $filter)
        <p>{{ $filter }}</p>
    @endforeach
    <p class="quiet">{{ $heading->made }}</p>
    <table>
        <thead>
            <tr>
                <th>{{ GroupWords::grouping($terms->by, $terms) }}@if ($terms->then !== null), {{ GroupWords::grouping($terms->then, $terms) }}@endif</th>
                @foreach ($measures as $measure)
                    <th>{{ MeasureWords::heading($measure, $currency) }}</th>
                @endforeach
                @foreach ($comparison->periods as $period)
                    <th>{{ __('compare.actual_in', ['period' => GroupWords::of($terms->across, $period, $period)]) }}</th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($lines as $line)
                <tr class="{{ $line->part !== null ? 'part' : ($terms->then !== null ? 'group' : '') }}">
                    <td>{{ $line->part === null ? GroupWords::ofGroup($terms, $line) : GroupWords::ofPart($terms, $line) }}</td>
                    @foreach ($measures as $measure)
                        <td>{{ MeasureWords::text($measure, $line->row) }}</td>
                    @endforeach
                    @foreach ($comparison->periods as $period)
                        <td>{{ MeasureWords::hours(($line->periods[$period] ?? ComparisonRow::empty())->actual) }}</td>
                    @endforeach
                </tr>
            @endforeach
            <tr class="total">
                <td>{{ __('compare.total') }}</td>
                @foreach ($measures as $measure)
                    <td>{{ MeasureWords::text($measure, $comparison->total()) }}</td>
                @endforeach
                @foreach ($comparison->periods as $period)
                    <td>{{ MeasureWords::hours(($comparison->totals()[$period] ?? ComparisonRow::empty())->actual) }}</td>
                @endforeach
            </tr>
        </tbody>
    </table>
    @if ($all > count($lines))
        <p class="quiet">{{ __('compare.first_lines', ['shown' => LocalFormat::decimal((string) count($lines)), 'all' => LocalFormat::decimal((string) $all)]) }}</p>
    @endif
</x-printed-page>
