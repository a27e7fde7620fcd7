{{-- Rows under headings; `numbers` are the places of columns that stand to the right. --}}
@props(['headings', 'rows', 'numbers' => []])
<table>
    <thead>
        <tr>
            @foreach ($headings as $place => $heading)
                <th @class(['number' => in_array($place, $numbers, true)])>{{ $heading }}</th>
            @endforeach
        </tr>
    </thead>
    <tbody>
        @foreach ($rows as $row)
            <tr>
                @foreach ($row as $place => $cell)
                    <td @class(['number' => in_array($place, $numbers, true)])>{{ $cell }}</td>
                @endforeach
            </tr>
        @endforeach
    </tbody>
</table>
