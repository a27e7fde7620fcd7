{{-- A page that is printed as PDF: its title, and styles that all of them share; more of them in the slot "styles". --}}
@props(['title'])
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
            .quiet { color: #4c5c52; }
            th.number, td.number { text-align: right; }
            table { border-collapse: collapse; margin-top: 10pt; width: 100%; }
            thead { display: table-header-group; }
            th { color: #4c5c52; font-weight: normal; text-align: left; vertical-align: bottom; border-bottom: 0.7pt solid #1d3127; padding: 2pt 7pt 2pt 0; }
            td { border-bottom: 0.4pt solid #d9d3c1; padding: 2pt 7pt 2pt 0; vertical-align: top; }
            {{ $styles ?? '' }}
        </style>
    </head>
    <body>
        <h1>{{ $title }}</h1>
        {{ $slot }}
    </body>
</html>
