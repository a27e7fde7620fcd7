<?php

declare(strict_types=1);

namespace Simulated\Receiver;

/** What was received, the newest first. */
final class ReceivedPage
{
    private const SHOWN = 200;

    /** @param  list<array<array-key, mixed>>  $events */
    public static function of(array $events, bool $isAway): string
    {
        $rows = '';
        foreach (array_slice(array_reverse($events), 0, self::SHOWN) as $event) {
            $rows .= '<tr>';
            foreach (['id', 'at', 'type', 'subject', 'actor', 'task', 'date', 'after'] as $field) {
                $value = $event[$field] ?? '';
                $rows .= '<td>'.htmlspecialchars(is_scalar($value) ? (string) $value : json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)).'</td>';
            }
            $rows .= '</tr>';
        }
        [$state, $turn] = $isAway ? ['It is away: every message is answered with 503.', 'Come back'] : ['It answers.', 'Go away'];
        $count = count($events);

        return <<<HTML
            <!DOCTYPE html>
            <html lang="en">
                <head>
                    <meta charset="utf-8">
                    <meta name="viewport" content="width=device-width, initial-scale=1">
                    <title>Simulated receiver</title>
                    <style>
                        body { margin: 2rem auto; max-width: 72rem; padding: 0 1rem; font: 16px/1.5 Georgia, serif; background: #f6f3ea; color: #1d3127; }
                        td { border-bottom: 1px solid #cfc9b5; padding: 4px 12px 4px 0; vertical-align: top; overflow-wrap: anywhere; font-size: 0.85em; }
                        button { font: inherit; background: none; border: 0; border-bottom: 1px solid; padding: 6px 0; color: inherit; cursor: pointer; }
                    </style>
                </head>
                <body>
                    <main>
                        <h1>Simulated receiver</h1>
                        <p>{$state} Events received: {$count}.</p>
                        <form method="post" action="/away"><button>{$turn}</button></form>
                        <table>{$rows}</table>
                    </main>
                </body>
            </html>
            HTML;
    }
}
