<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8">
        <title>{{ $title }}</title>
        <style>
            @page { margin: 42pt 34pt; }
            body { color: #1d3127; font: 8pt/1.35 'DejaVu Serif', serif; }
            h1 { font-size: 13pt; margin: 0 0 4pt; }
            p { margin: 0 0 2pt; }
            table { border-collapse: collapse; margin-top: 10pt; width: 100%; }
            thead { display: table-header-group; }
            th { color: #4c5c52; font-weight: normal; text-align: left; vertical-align: bottom; border-bottom: 0.7pt solid #1d3127; padding: 2pt 7pt 2pt 0; }
            td { border-bottom: 0.4pt solid #d9d3c1; padding: 2pt 7pt 2pt 0; vertical-align: top; }
            .sums { width: 60%; }
            .amount { text-align: right; }
        </style>
    </head>
    <body>
        <h1>{{ $title }}</h1>
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
        <table>
            <thead>
                <tr>
                    @foreach (['number', 'day', 'person', 'task', 'category', 'amount', 'rate', 'own'] as $heading)
                        <th>{{ __('expense_statements.heading.'.$heading, ['currency' => $currency]) }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        @foreach ($row as $cell)
                            <td>{{ $cell }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </body>
</html>
