<?php

declare(strict_types=1);

namespace Simulated\Tracker;

use Simulated\Reply;

/** The tracker's own pages: its tasks, and the time on each, which can be logged, changed and deleted. */
final readonly class Pages
{
    public function __construct(private Store $store)
    {
    }

    public function answer(string $method, string $path, string $body): Reply
    {
        parse_str($body, $form);
        $said = static fn (string $name): string => is_string($form[$name] ?? null) ? trim($form[$name]) : '';
        if ($method === 'GET') {
            return $path === '/' ? Reply::page($this->page()) : Reply::page('<p>There is nothing here.</p>', 404);
        }
        if ($path === '/away') {
            $this->store->turn();

            return Reply::redirect('/');
        }
        $this->store->change(static function (Data $data) use ($path, $said): void {
            $task = $data->tasks[$said('task')] ?? null;
            $minutes = max(0, min(1440, (int) $said('minutes')));
            match (true) {
                $path === '/times' && $task !== null && $data->person($said('person')) !== null && $minutes > 0 => $data->addTime($task['key'], $said('person'), $said('day'), $minutes, $said('text')),
                $path === '/changed-times' && isset($data->times[(int) $said('time')]) => $data->changeTime((int) $said('time'), $minutes, $said('text')),
                $path === '/states' && $task !== null && in_array($said('state'), Tracker::STATES, true) => $data->saveTask($task['project'], $task['key'], $task['title'], $said('state'), $task['people'], $task['minutes']),
                $path === '/comments' && $task !== null => $data->comment($task['key'], $said('person'), $said('day'), $said('text')),
                default => null,
            };
        });

        return Reply::redirect('/');
    }

    private function page(): string
    {
        $data = $this->store->read();
        $people = implode('', array_map(static fn (Member $member): string => '<option value="'.htmlspecialchars($member->login).'">'.htmlspecialchars($member->name).'</option>', $data->people));
        $today = htmlspecialchars((string) (getenv('SIMULATED_TODAY') ?: gmdate('Y-m-d')));
        $tasks = implode('', array_map(fn (array $task): string => $this->task($task, $data, $people, $today), $data->tasks));
        [$state, $turn] = $this->store->isAway() ? ['It is away: programs are answered with 503.', 'Come back'] : ['It answers.', 'Go away'];

        return <<<HTML
            <!DOCTYPE html>
            <html lang="en">
                <head>
                    <meta charset="utf-8">
                    <meta name="viewport" content="width=device-width, initial-scale=1">
                    <title>Simulated task tracker</title>
                    <style>
                        body { margin: 2rem auto; max-width: 60rem; padding: 0 1rem; font: 16px/1.5 Georgia, serif; background: #f6f3ea; color: #1d3127; }
                        section { border-top: 1px solid #cfc9b5; padding: 8px 0; } form { display: inline-block; margin: 2px 14px 2px 0; } ul { padding-left: 1rem; }
                        button { font: inherit; background: none; border: 0; border-bottom: 1px solid; color: inherit; cursor: pointer; } input, select { font: inherit; }
                    </style>
                </head>
                <body>
                    <main>
                        <h1>Simulated task tracker</h1>
                        <p>{$state}</p>
                        <form method="post" action="/away"><button>{$turn}</button></form>
                        {$tasks}
                    </main>
                </body>
            </html>
            HTML;
    }

    /** @param  array{key: string, title: string, state: string, comment: string, commentBy: string, ...}  $task */
    private function task(array $task, Data $data, string $people, string $today): string
    {
        [$key, $title, $state] = array_map(htmlspecialchars(...), [$task['key'], $task['title'], $task['state']]);
        $comment = $task['comment'] === '' ? '' : '<p>'.htmlspecialchars($task['commentBy'].': '.$task['comment']).'</p>';
        $states = implode('', array_map(static fn (string $one): string => "<option>$one</option>", Tracker::STATES));
        $times = '';
        foreach ($data->times as $time) {
            if ($time['task'] === $task['key'] && $time['minutes'] > 0) {
                $text = htmlspecialchars($time['text']);
                $times .= '<li>'.htmlspecialchars($time['day'].' '.$time['person']).' <form method="post" action="/changed-times"><input type="hidden" name="time" value="'.$time['id'].'">'
                    .'<input name="minutes" size="4" aria-label="Minutes" value="'.$time['minutes'].'"> <input name="text" aria-label="Text" value="'.$text.'"> <button>Change</button></form></li>';
            }
        }

        return <<<HTML
            <section aria-label="{$key}">
                <h2>{$key} {$title} ({$state})</h2>
                {$comment}
                <ul>{$times}</ul>
                <form method="post" action="/times"><input type="hidden" name="task" value="{$key}"><select name="person" aria-label="Person">{$people}</select>
                    <input name="day" size="10" aria-label="Day" value="{$today}"> <input name="minutes" size="4" aria-label="Minutes"> <input name="text" aria-label="Text"> <button>Log time</button></form>
                <form method="post" action="/states"><input type="hidden" name="task" value="{$key}"><select name="state" aria-label="State">{$states}</select> <button>Set state</button></form>
                <form method="post" action="/comments"><input type="hidden" name="task" value="{$key}"><input type="hidden" name="day" value="{$today}"><select name="person" aria-label="Person">{$people}</select> <input name="text" aria-label="Comment"> <button>Comment</button></form>
            </section>
            HTML;
    }
}
